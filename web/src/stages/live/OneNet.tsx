import { Fragment } from 'react';
import { type LiveNet, type Plan, WHOLE_PLAN, asking, counted, netOptions, thingsIn } from '@aviarum/core';
import { NameField } from '../../fields/NameField';
import { OptionGroups } from '../../fields/OptionGroups';
import { PlanLength } from '../../fields/PlanLength';
import { Ticks } from '../../fields/Ticks';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Decision, Decisions } from '../Decision';
import { Dips } from './Dips';
import { LargestLoop } from './LargestLoop';
import { Pieces, set } from './Pieces';

/** Of one net, a figure by its name. */
export function useNetFigures(net: LiveNet) {
  const figures = useReckoning((s) => s.reckoning?.figures);
  return (name: 'length' | 'area' | 'nets' | 'surplus' | 'gapWorst' | 'struts' | 'tightest') =>
    figures?.[`liveNet.${net.id}.${name}`] ?? null;
}

/** What is decided of a net, in a few words. */
function useAnswer(net: LiveNet): string {
  const of = useNetFigures(net);
  const reader = useReader();
  const [length, nets, surplus] = [of('length'), of('nets'), of('surplus')];
  if (length === null || nets === null || surplus === null) return 'has no shape yet';
  const left =
    surplus < -1e-4
      ? `${reader.about(-surplus)} short`
      : surplus < 0.005
        ? 'none over'
        : `${reader.about(surplus)} over`;
  return `${counted(nets, 'net')}, ${reader.about(length)} ${net.form === 'loop' ? 'round' : 'long'}, ${left}`;
}

/** What it encloses and takes, as figures. */
function Tally({ net }: { net: LiveNet }) {
  const of = useNetFigures(net);
  const reader = useReader();
  const rows: readonly (readonly [name: string, figure: string | null])[] = [
    [
      net.form === 'loop' ? 'Way round' : 'Length',
      of('length') === null ? null : reader.length(of('length') ?? 0),
    ],
    ['Encloses', net.form === 'line' ? null : reader.area(of('area') ?? 0)],
    ['Shortest way round', of('tightest') === null ? null : reader.length(of('tightest') ?? 0)],
    ['Strip to keep mown', of('length') === null ? null : reader.about(of('length') ?? 0)],
    ['Over, doubled back', (of('surplus') ?? 0) < 0.1 ? null : reader.length(of('surplus') ?? 0)],
    ['Struts', String(of('struts') ?? 0)],
    ['Widest gap under it', reader.opening(Math.round((of('gapWorst') ?? 0) * 1000) / 1000)],
  ];
  return (
    <dl className="tally">
      {rows.map(([name, figure]) =>
        figure === null ? null : (
          <Fragment key={name}>
            <dt>{name}</dt>
            <dd className="figure">{figure}</dd>
          </Fragment>
        ),
      )}
    </dl>
  );
}

/** What has to be inside, to be ticked. */
function Inside({ net, plan }: { net: LiveNet; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const things = thingsIn(plan);
  if (things.length === 0 || net.form === 'line') return null;
  return (
    <Ticks
      name="Has to be inside"
      options={things}
      ticked={net.inside}
      onTick={(inside) => take(set(net, { inside }))}
    />
  );
}

/** One net: what it is in its heading, its way and what goes in, then its questions. */
export function OneNet({
  net,
  plan,
  alone,
  fresh,
}: {
  net: LiveNet;
  plan: Plan;
  alone: boolean;
  fresh: boolean;
}) {
  const market = useMarket();
  const reader = useReader();
  const take = usePlan((s) => s.take);
  const answer = useAnswer(net);
  if (!market) return null;
  return (
    <Decision name={net.name} answer={answer} begins={alone} fresh={fresh}>
      <Tally net={net} />
      <Inside net={net} plan={plan} />
      {net.form === 'loop' && (
        <div className="mends">
          {net.points !== null && net.inside.length > 0 && (
            <button type="button" className="btn" onClick={() => take(set(net, { points: null }))}>
              Draw it tight round them
            </button>
          )}
        </div>
      )}
      <Pieces net={net} />
      {net.form === 'loop' && <LargestLoop net={net} plan={plan} />}
      <Decisions>
        <OptionGroups groups={netOptions(asking(plan, market, reader, WHOLE_PLAN), net)} />
        <Decision
          name="Gate and name"
          answer={net.gate === null ? 'where its ends meet' : reader.about(net.gate)}
        >
          <div className="fields">
            <NameField name="Called" value={net.name} onCommit={(name) => take(set(net, { name }))} />
            <PlanLength
              of="nets.gate"
              name="Walked in, along it"
              value={net.gate}
              placeholder="where its ends meet"
              onCommit={(gate) => take(set(net, { gate }))}
              onClear={() => take(set(net, { gate: null }))}
            />
          </div>
        </Decision>
        <Dips net={net} />
      </Decisions>
      <div className="mends">
        <button type="button" className="btn" onClick={() => take({ verb: 'remove-net', id: net.id })}>
          Take it away
        </button>
      </div>
    </Decision>
  );
}
