import {
  type Arch,
  type Change,
  type Plan,
  type Reader,
  type Strength,
  WHOLE_PLAN,
  archBent,
  archOptions,
  archPlace,
  archRow,
  asking,
  chordFor,
  onBases,
  printNumber,
  worse,
} from '@aviarum/core';
import { PlanCount } from '../../fields/PlanCount';
import { DayPick } from '../../fields/DayPick';
import { HeadingField } from '../../fields/HeadingField';
import { LengthField } from '../../fields/LengthField';
import { OptionGroups } from '../../fields/OptionGroups';
import { PlaceFields } from '../../fields/PlaceFields';
import { PlanLength } from '../../fields/PlanLength';
import { stopId } from '../../sheet/stopId';
import { usePlan } from '../../state/planStore';
import { useMarket, useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { Decision, Decisions } from '../Decision';
import { SchoolNote } from '../SchoolNote';
import { StrengthRows } from '../StrengthRows';
import { Bases } from './Bases';
import { toBase } from './pull';

interface Props {
  readonly arch: Arch;
  readonly plan: Plan;
  readonly strength: readonly Strength[];
  readonly alone: boolean;
  readonly fresh: boolean;
}

const set = (arch: Arch, to: object): Change => ({ verb: 'set-arch', id: arch.id, to });

/** A figure of one arch, or null where it has none. */
function useFigures(arch: Arch) {
  const figures = useReckoning((s) => s.reckoning?.figures);
  return (
    name:
      | 'rise'
      | 'ratio'
      | 'endAngle'
      | 'headroom'
      | 'standingWidth'
      | 'volume'
      | 'panels'
      | 'length'
      | 'skinStrips'
      | 'skinLength'
      | 'endStrips'
      | 'endStripLength'
      | 'stakes'
      | 'straps'
      | 'weight'
      | 'pull',
  ): number | null => figures?.[`arch.${arch.id}.${name}`] ?? null;
}

/** What is decided of an arch, in a few words. */
function useAnswer(arch: Arch, strength: readonly Strength[], reader: Reader): string {
  const of = useFigures(arch);
  const [count, top] = [of('panels'), of('headroom')];
  const [one, more] = archRow(arch).bends;
  const verdict = strength.reduce<Strength['verdict']>((v, s) => worse(v, s.verdict), 'holds');
  return [
    ...(count === null ? [] : [`${count} ${count === 1 ? one : more}`]),
    ...(top === null ? [] : [`${reader.about(top)} high`]),
    ...(strength.length === 0 ? [] : [verdict]),
  ].join(', ');
}

/** Base and height, of which one follows from the other; length, board, and which way it runs. */
function Size({ arch, plan }: { arch: Arch; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const place = archPlace(plan, arch.id);
  const top = useFigures(arch)('headroom');
  const bent = archBent(plan, arch);
  if (!place) return null;
  const lay = (to: object) => take({ verb: 'place-arch', id: arch.id, to });
  const most = arch.board + bent / 2;
  return (
    <div className="fields">
      <LengthField name="Base" value={place.base} least={0.3} most={20} onCommit={(base) => lay({ base })} />
      <LengthField
        name="Height"
        value={top === null ? null : Math.round(top * 100) / 100}
        least={arch.board + 0.05}
        most={most}
        onCommit={(high) => {
          const base = chordFor(bent, high - arch.board);
          // Higher than it can be: as high as it is at its narrowest.
          take(toBase(arch.id, Math.round((base ?? bent * 0.35) * 1000) / 1000));
        }}
      />
      <LengthField
        name="Length"
        value={place.length}
        least={0.3}
        most={60}
        onCommit={(length) => lay({ length })}
      />
      <PlanLength
        of={`arches.${arch.kind}.board`}
        name="Board"
        value={arch.board}
        onCommit={(board) => take(set(arch, { board }))}
      />
      {archRow(arch).measures.map(({ field, name, set: when }) => (
        <PlanLength
          key={field}
          of={`arches.${arch.kind}.${field}`}
          name={name}
          value={(arch as unknown as Readonly<Record<string, number | null>>)[field] ?? null}
          placeholder="as sold"
          onCommit={(length) => take(set(arch, { [field]: length }))}
          {...(when === 'or none' && { onClear: () => take(set(arch, { [field]: null })) })}
        />
      ))}
    </div>
  );
}

/** What the curve comes to, in a sentence or two. */
function Stands({ arch }: { arch: Arch }) {
  const of = useFigures(arch);
  const reader = useReader();
  const [rise, ratio, angle, wide, volume] = [
    of('rise'),
    of('ratio'),
    of('endAngle'),
    of('standingWidth'),
    of('volume'),
  ];
  if (rise === null || ratio === null || angle === null) return null;
  const leans = angle > 90;
  return (
    <p className="archtold">
      The curve rises {reader.about(rise)} between its feet: the base is {printNumber(ratio, 2)} of what is
      bent.{' '}
      {leans
        ? `Its feet lean out by ${printNumber(angle - 90, 1)}°: hold them on both sides of the board.`
        : `Its feet lean in by ${printNumber(90 - angle, 1)}° and press against the boards from inside.`}{' '}
      {wide !== null && wide > 0
        ? `At your height it is ${reader.about(wide)} wide.`
        : 'Nobody of your height stands in it.'}
      {volume !== null && ` It holds ${printNumber(volume, 1)} m³ of air.`}
    </p>
  );
}

/** What it takes, as it is measured and bought. */
function Takes({ arch }: { arch: Arch }) {
  const of = useFigures(arch);
  const reader = useReader();
  const [strips, length, ends, endLength] = [
    of('skinStrips'),
    of('skinLength'),
    of('endStrips'),
    of('endStripLength'),
  ];
  const [stakes, straps, weight, pull] = [of('stakes'), of('straps'), of('weight'), of('pull')];
  const told = [
    ...(strips !== null && length !== null
      ? [`${strips} strips over it, ${reader.about(length)} in all`]
      : []),
    ...(ends !== null && ends > 0 && endLength !== null
      ? [`${ends} on its ends, ${reader.about(endLength)}`]
      : []),
    ...(stakes !== null && stakes > 0 ? [`${stakes} stakes`] : []),
    ...(straps !== null && straps > 0 ? [`${straps} straps`] : []),
    ...(weight !== null && pull !== null
      ? [`weighs ${printNumber(weight, 0)} kg, draws with ${printNumber(pull, 0)} N`]
      : []),
  ];
  return told.length === 0 ? null : <p className="small">{told.join('; ')}.</p>;
}

/** Measures of skin, low band, film, stakes and props, of what there is. */
function More({ arch }: { arch: Arch }) {
  const take = usePlan((s) => s.take);
  const field = (name: string, of: 'lap' | 'turnDown' | 'lowHeight') => (
    <PlanLength
      of={`arches.${arch.kind}.${of}`}
      name={name}
      value={arch[of]}
      onCommit={(length) => take(set(arch, { [of]: length }))}
    />
  );
  const count = (name: string, of: 'stakes' | 'straps' | 'props', placeholder: string) => (
    <PlanCount
      of={`arches.${arch.kind}.${of}`}
      name={name}
      value={arch[of]}
      placeholder={placeholder}
      onCommit={(n) => take(set(arch, { [of]: n }))}
      onClear={() => take(set(arch, { [of]: null }))}
    />
  );
  return (
    <div className="fields">
      {arch.skin !== null && (
        <>
          {field('Lap of strips', 'lap')}
          {field('Turned down', 'turnDown')}
          <PlanLength
            of={`arches.${arch.kind}.roll`}
            name="Roll width"
            value={arch.roll}
            placeholder="the cheapest"
            onCommit={(roll) => take(set(arch, { roll }))}
            onClear={() => take(set(arch, { roll: null }))}
          />
        </>
      )}
      {arch.low !== null && field('Low band, height', 'lowHeight')}
      {arch.foot === 'stakes' && count('Stakes along a foot', 'stakes', 'one each 1.2 m')}
      {arch.ridge !== null && count('Props', 'props', 'one each 2.4 m')}
      {arch.film !== null && (
        <>
          {count('Straps', 'straps', 'one each 2.4 m')}
          <DayPick name="Film goes on" value={arch.on} onChoose={(on) => take(set(arch, { on }))} />
          <DayPick name="Film comes off" value={arch.off} onChoose={(off) => take(set(arch, { off }))} />
        </>
      )}
    </div>
  );
}

/** Where it stands, and taking it away. */
function Where({ arch, plan }: { arch: Arch; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const place = archPlace(plan, arch.id);
  if (!place) return null;
  const lay = (to: object) => take({ verb: 'place-arch', id: arch.id, to });
  return (
    <>
      <div className="fields">
        <HeadingField
          name="Runs towards"
          value={place.direction}
          onCommit={(direction) => lay({ direction })}
        />
        <PlaceFields at={{ x: place.at.x, y: place.at.y }} onPut={(at) => lay({ at })} />
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={() => take({ verb: 'remove-arch', id: arch.id })}>
          Remove the arch, keep its run
        </button>
        {plan.enclosures.length > 1 && (
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'remove-enclosure', enclosure: arch.enclosure })}
          >
            Remove it with its run
          </button>
        )}
      </div>
    </>
  );
}

/** What its floor would be worth on other bases. */
function useRows(arch: Arch, plan: Plan) {
  const figures = useReckoning((s) => s.reckoning?.figures);
  const place = archPlace(plan, arch.id);
  const [birds, wanted] = [figures?.birds ?? 0, figures?.areaWanted ?? 0];
  if (!place) return { rows: [], base: 0 };
  const each = birds > 0 ? wanted / birds : null;
  const { board } = arch;
  const of = { bent: archBent(plan, arch), board, length: place.length, stature: plan.stature, each };
  return { rows: onBases(of, place.base), base: place.base };
}

/** One arch: what it is in its heading; its curve, its measures, how it holds and its questions below. */
export function OneArch({ arch, plan, strength, alone, fresh }: Props) {
  const market = useMarket();
  const reader = useReader();
  const take = usePlan((s) => s.take);
  const { openThing } = useSelection();
  const answer = useAnswer(arch, strength, reader);
  const { rows, base } = useRows(arch, plan);
  const name = plan.enclosures.find((e) => e.id === arch.enclosure)?.name ?? 'Arch';
  if (!market) return null;
  return (
    <Decision name={name} answer={answer} begins={alone} fresh={fresh}>
      <div onFocus={() => openThing(stopId({ on: 'arch', arch: arch.id }))}>
        <Size arch={arch} plan={plan} />
        <Bases rows={rows} base={base} onTake={(to) => take(toBase(arch.id, to))} />
        <Stands arch={arch} />
        <Takes arch={arch} />
        <StrengthRows strength={strength} />
        <Decisions>
          <OptionGroups
            groups={archOptions(asking(plan, market, reader, WHOLE_PLAN), arch)}
            above={{
              [`${arch.id}-kind`]: <SchoolNote id="arch" />,
              [`${arch.id}-lines`]: <SchoolNote id="lines" />,
            }}
          />
          <Decision name="Measures" answer="laps, stakes, straps">
            <More arch={arch} />
          </Decision>
          <Decision name="Place" answer="where it stands, which way it runs">
            <Where arch={arch} plan={plan} />
          </Decision>
        </Decisions>
      </div>
    </Decision>
  );
}
