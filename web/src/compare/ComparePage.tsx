import {
  aboutLength,
  type ChoiceApart,
  STAGE_NAMES,
  type Plan,
  areaText,
  choicesApart,
  editionOf,
  lengthText,
  linesApart,
  makeReader,
  marketOf,
  printNumber,
  sayFinding,
  sayLine,
} from '@aviarum/core';
import { type ReactNode, useEffect, useMemo } from 'react';
import { useParams } from 'react-router';
import { Link } from '../pages/Link';
import { BarLinks } from '../pages/BarLinks';
import { Opening } from '../pages/Opening';
import { PageBar } from '../pages/PageBar';
import { Trouble } from '../pages/Trouble';
import { shortDay } from '../fields/dates';
import { type Reckoned, useTwo } from './useTwo';

type Two = readonly [Reckoned, Reckoned];

/** A length or an area as one text, with its unit. */
const said = ({ figure, unit }: { readonly figure: string; readonly unit: string }) =>
  `${figure} ${unit}`.trim();

/** What is set side by side, both in the units of the first. */
const FIGURES: readonly (readonly [name: string, of: (r: Reckoned, units: Plan['units']) => string])[] = [
  ['Run', ({ reckoning }, units) => said(areaText(reckoning.figures.area ?? 0, units))],
  [
    'Fence',
    ({ reckoning }, units) => said(lengthText(aboutLength(reckoning.figures.fenceLength ?? 0, units), units)),
  ],
  ['Birds', ({ reckoning }) => printNumber(reckoning.figures.birds ?? 0, 0)],
  ['Posts', ({ reckoning }) => printNumber(reckoning.figures['posts.total'] ?? 0, 0)],
  ['Rolls', ({ reckoning }) => printNumber(reckoning.figures.rolls ?? 0, 0)],
  ['Work', ({ reckoning }) => `${printNumber(reckoning.figures.elapsed ?? 0, 1)} h`],
  [
    'To buy',
    ({ plan, reckoning }) =>
      `${reckoning.docket.complete ? '' : 'at least '}${makeReader(plan.units, plan.currency).money(reckoning.docket.total)}`,
  ],
  ['Prices of', ({ reckoning }) => shortDay(reckoning.docket.pricesAsOf)],
];

function Table({ caption, two, children }: { caption: string; two: Two; children: ReactNode }) {
  return (
    <table className="comparetable">
      <caption>
        <h2>{caption}</h2>
      </caption>
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">what</span>
          </th>
          {two.map(({ plan }, i) => (
            <th key={i} scope="col">
              {plan.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

function Row({ name, a, b }: { name: ReactNode; a: string; b: string }) {
  return (
    <tr data-apart={a === b ? 'no' : 'yes'}>
      <th scope="row">{name}</th>
      <td className="figure">{a}</td>
      <td className="figure">{b}</td>
    </tr>
  );
}

function FigureRows({ two: [a, b] }: { two: Two }) {
  return FIGURES.map(([name, of]) => (
    <Row key={name} name={name} a={of(a, a.plan.units)} b={of(b, a.plan.units)} />
  ));
}

/** What each has to mend, at most so many named. */
const MATTERS = 3;
function mattersOf({ plan, reckoning }: Reckoned): string {
  const reader = makeReader(plan.units, plan.currency);
  const red = reckoning.findings.filter((f) => f.severity !== 'know');
  const named = red.slice(0, MATTERS).map((f) => sayFinding(f, reader));
  if (red.length > MATTERS) named.push(`and ${red.length - MATTERS} more`);
  return named.length === 0 ? 'nothing to mend' : named.join(' ');
}

const lookAt = (plan: Plan, units: Plan['units']) => ({
  reader: makeReader(units, plan.currency),
  market: marketOf(editionOf(plan), plan.buying),
});

function LineRows({ two: [a, b] }: { two: Two }) {
  const [byA, byB] = [lookAt(a.plan, a.plan.units), lookAt(b.plan, a.plan.units)];
  const lines = linesApart(a.reckoning.docket.lines, b.reckoning.docket.lines);
  type Line = (typeof lines)[number]['a'];
  const bought = (line: Line, { reader }: ReturnType<typeof lookAt>): string => {
    if (!line) return '–';
    const amount = line.unit === 'm' ? reader.length(line.buy) : printNumber(line.buy, 0);
    return `${amount} · ${line.price === null ? 'no price' : reader.money(line.price)}`;
  };
  if (lines.length === 0) return <Row name="The same is bought" a="" b="" />;
  return lines.map(({ a: one, b: other }) => {
    const line = one ?? other;
    const by = one ? byA : byB;
    if (!line) return null;
    return (
      <Row
        key={line.id}
        name={sayLine(line, by.reader, by.market).name}
        a={bought(one, byA)}
        b={bought(other, byB)}
      />
    );
  });
}

function ChoiceRows({ two: [a, b] }: { two: Two }) {
  const apart: readonly ChoiceApart[] = useMemo(() => choicesApart(a.plan, b.plan), [a.plan, b.plan]);
  if (apart.length === 0) return <Row name="The same is chosen for the whole plan" a="" b="" />;
  return apart.map((c) => (
    <Row
      key={`${c.stage} ${c.question}`}
      name={
        <>
          <span className="soft small">{STAGE_NAMES[c.stage]}</span> {c.question}
        </>
      }
      a={c.a ?? 'not asked'}
      b={c.b ?? 'not asked'}
    />
  ));
}

/** Two plans side by side: figures, docket lines and choices that differ. */
export default function ComparePage() {
  const { holding = '', one = '', other = '' } = useParams();
  const { two, failed } = useTwo(holding, one, other);
  useEffect(() => {
    document.title = 'Two plans compared · Aviarum';
  }, []);
  if (failed !== null) return <Trouble error={failed} back={`/h/${holding}`} />;
  return (
    <>
      <PageBar>
        <Link to={`/h/${holding}`}>All plans</Link>
        <BarLinks holding={holding} />
      </PageBar>
      <div className="pagebody">
        <main className="page widepage">
          <h1>Two plans compared</h1>
          {!two && <Opening what="the two plans" />}
          {two && (
            <>
              <div className="toolrow">
                {two.map(({ plan }) => (
                  <Link key={plan.id} className="btn" to={`/h/${holding}/p/${plan.id}`}>
                    Open {plan.name}
                  </Link>
                ))}
              </div>
              {two[0].plan.currency !== two[1].plan.currency && (
                <p className="wrong">Their prices are in two currencies and cannot be compared.</p>
              )}
              <Table caption="Figures" two={two}>
                <FigureRows two={two} />
                <Row name="To mend" a={mattersOf(two[0])} b={mattersOf(two[1])} />
              </Table>
              <Table caption="Chosen otherwise" two={two}>
                <ChoiceRows two={two} />
              </Table>
              <Table caption="Bought otherwise" two={two}>
                <LineRows two={two} />
              </Table>
            </>
          )}
        </main>
      </div>
    </>
  );
}
