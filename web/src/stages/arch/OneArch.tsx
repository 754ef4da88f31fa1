import {
  type Arch,
  type Plan,
  type Reader,
  type Strength,
  WHOLE_PLAN,
  archBent,
  archOptions,
  archPlace,
  archRow,
  asking,
  onBases,
  worse,
} from '@aviarum/core';
import { OptionGroups } from '../../fields/OptionGroups';
import { stopId } from '../../sheet/stopId';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { Decision, Decisions } from '../Decision';
import { SchoolNote } from '../SchoolNote';
import { StrengthRows } from '../StrengthRows';
import { Bases } from './Bases';
import { More, Where } from './Measures';
import { Size } from './Size';
import { Stands, Takes } from './Told';
import { useFigures } from './archFigures';
import { toBase } from './pull';

interface Props {
  readonly arch: Arch;
  readonly plan: Plan;
  readonly strength: readonly Strength[];
  readonly alone: boolean;
  readonly fresh: boolean;
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
