import {
  type Change,
  type Cover,
  type Plan,
  type Reader,
  type Strength,
  WHOLE_PLAN,
  asking,
  coverIsOver,
  coverMakeup,
  coverOptions,
  coverRow,
  meshName,
  surveyRings,
  worse,
  inUnits,
} from '@aviarum/core';
import { PlanCount } from '../../fields/PlanCount';
import { DayPick } from '../../fields/DayPick';
import { HeadingField } from '../../fields/HeadingField';
import { NameField } from '../../fields/NameField';
import { OptionGroups } from '../../fields/OptionGroups';
import { Pick } from '../../fields/Choice';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Decision, Decisions } from '../Decision';
import { SchoolNote } from '../SchoolNote';
import { StrengthRows } from '../StrengthRows';

interface Props {
  readonly cover: Cover;
  readonly plan: Plan;
  readonly strength: readonly Strength[];
  readonly alone: boolean;
  readonly fresh: boolean;
}

const set = (cover: Cover, to: object): Change => ({ verb: 'set-cover', id: cover.id, to });

/** What is decided of a cover, in a few words. */
function useAnswer(cover: Cover, strength: readonly Strength[], reader: Reader): string {
  const market = useMarket();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!market) return '';
  const strips = figures?.[`cover.${cover.id}.strips`];
  const area = figures?.[`cover.${cover.id}.area`];
  const verdict = strength.reduce<Strength['verdict']>((v, s) => worse(v, s.verdict), 'holds');
  return [
    meshName(market.mesh(cover.mesh), reader),
    ...(area === undefined ? [] : [reader.area(area)]),
    ...(strips === undefined ? [] : [`${strips} ${strips === 1 ? 'piece' : 'pieces'}`]),
    ...(strength.length === 0 ? [] : [verdict]),
  ].join(', ');
}

/** How many straps lie over it. */
function Straps({
  cover,
  field,
  value,
}: {
  readonly cover: Cover;
  readonly field: string;
  readonly value: number | null;
}) {
  const reader = useReader();
  const take = usePlan((s) => s.take);
  return (
    <PlanCount
      of={`covers.${cover.kind}.${field}`}
      name="Straps"
      value={value}
      placeholder={inUnits('one each 2.4 m', reader.system)}
      onCommit={(straps) => take(set(cover, { [field]: straps }))}
      onClear={() => take(set(cover, { [field]: null }))}
    />
  );
}

/** The measures of its kind, each a number. */
function Measures({ cover }: { cover: Cover }) {
  const take = usePlan((s) => s.take);
  const values = cover as unknown as Readonly<Record<string, number | null>>;
  const made = coverMakeup(cover);
  return (
    <div className="fields">
      <NameField name="Called" value={cover.name} onCommit={(name) => take(set(cover, { name }))} />
      {coverRow(cover).measures.map(({ field, name, kind }) =>
        kind === 'angle' ? (
          <HeadingField
            key={field}
            name={name}
            value={values[field] ?? 0}
            onCommit={(radians) => take(set(cover, { [field]: radians }))}
          />
        ) : (
          <PlanLength
            key={field}
            of={`covers.${cover.kind}.${field}`}
            name={name}
            value={values[field] ?? null}
            onCommit={(length) => take(set(cover, { [field]: length }))}
            {...(field === 'tent' && { onClear: () => take(set(cover, { tent: null })) })}
          />
        ),
      )}
      {made.laid === 'strips' && (
        <PlanLength
          of={`covers.${cover.kind}.roll`}
          name="Roll width"
          value={made.how.roll}
          placeholder="the cheapest"
          onCommit={(roll) => take(set(cover, { roll }))}
          onClear={() => take(set(cover, { roll: null }))}
        />
      )}
      {made.laid === 'walls' && (
        <>
          <DayPick name="Put up" value={made.how.on} onChoose={(on) => take(set(cover, { on }))} />
          <DayPick name="Taken off" value={made.how.off} onChoose={(off) => take(set(cover, { off }))} />
        </>
      )}
      {made.laid === 'piece' && made.tiedBy !== null && (
        <Straps cover={cover} field={made.tiedBy} value={made.how.straps} />
      )}
    </div>
  );
}

/** What it takes, as it is measured and bought. */
function Takes({ cover }: { cover: Cover }) {
  const figures = useReckoning((s) => s.reckoning?.figures);
  const lines = useReckoning((s) => s.reckoning?.docket.lines);
  const reader = useReader();
  const of = (
    name:
      'across' | 'along' | 'strips' | 'stripLength' | 'direction' | 'rails' | 'beams' | 'props' | 'netArea',
  ) => figures?.[`cover.${cover.id}.${name}`] ?? null;
  const [across, along, strips, length, direction] = [
    of('across'),
    of('along'),
    of('strips'),
    of('stripLength'),
    of('direction'),
  ];
  const piece = lines?.find((l) => l.detail.kind === 'piece' && l.product === cover.mesh)?.detail;
  const held = (['rails', 'beams', 'props'] as const).flatMap((name) => {
    const count = of(name) ?? 0;
    return count > 0 ? [`${count} ${count === 1 ? name.slice(0, -1) : name}`] : [];
  });
  return (
    <p className="small">
      {across !== null && along !== null && (
        <>
          It takes {reader.about(across)} × {reader.about(along)}, hems and overhangs in it
          {piece?.kind === 'piece'
            ? `; bought as ${reader.about(piece.width)} × ${reader.about(piece.length)}. `
            : '. '}
        </>
      )}
      {strips !== null && length !== null && direction !== null && (
        <>
          {strips} {strips === 1 ? 'piece' : 'pieces'} at {Math.round(direction)}°, {reader.about(length)} in
          all.{' '}
        </>
      )}
      {held.length > 0 && <>Held by {held.join(', ')}.</>}
    </p>
  );
}

/** Over which run it lies, and over all of it or a part. */
function Where({ cover, plan }: { cover: Cover; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const ring = surveyRings(plan).find((r) => r.enclosure === cover.enclosure);
  const part = () =>
    take(set(cover, { outline: ring?.sides.map(({ start }) => ({ x: start.x, y: start.y })) ?? null }));
  return (
    <>
      {plan.enclosures.length > 1 && (
        <Pick
          name="Over"
          value={cover.enclosure}
          options={plan.enclosures.map((e) => ({ value: e.id, label: e.name }))}
          onChoose={(enclosure) =>
            take(set(cover, { enclosure, ...(coverIsOver(cover) && { outline: null }) }))
          }
        />
      )}
      <div className="mends">
        {coverIsOver(cover) &&
          (cover.outline === null ? (
            <button type="button" className="btn" onClick={part}>
              Cover a part: draw its corners
            </button>
          ) : (
            <button type="button" className="btn" onClick={() => take(set(cover, { outline: null }))}>
              Cover the whole run
            </button>
          ))}
        {coverIsOver(cover) && (
          <button
            type="button"
            className="btn"
            onClick={() => take(set(cover, { found: cover.found ? undefined : true }))}
          >
            {cover.found ? 'Build it new' : 'It is here already'}
          </button>
        )}
        <button type="button" className="btn" onClick={() => take({ verb: 'remove-cover', id: cover.id })}>
          Remove it
        </button>
      </div>
    </>
  );
}

/** One cover: what it is in its heading, its measures, how it holds and its questions below. */
export function OneCover({ cover, plan, strength, alone, fresh }: Props) {
  const market = useMarket();
  const reader = useReader();
  const answer = useAnswer(cover, strength, reader);
  if (!market) return null;
  return (
    <Decision
      name={cover.name.charAt(0).toUpperCase() + cover.name.slice(1)}
      answer={answer}
      begins={alone}
      fresh={fresh}
    >
      <Measures cover={cover} />
      <Takes cover={cover} />
      <Where cover={cover} plan={plan} />
      <StrengthRows strength={strength} />
      <Decisions>
        <OptionGroups
          groups={coverOptions(asking(plan, market, reader, WHOLE_PLAN), cover)}
          above={{
            [`${cover.id}-hung`]: <SchoolNote id="winter" />,
            [`${cover.id}-way`]: <SchoolNote id="lap" />,
          }}
        />
      </Decisions>
    </Decision>
  );
}
