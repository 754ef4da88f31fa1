import { type Effect, type OptionGroup, type Reader, inUnits, printNumber } from '@aviarum/core';
import type { ReactNode } from 'react';
import { Decision } from '../stages/Decision';
import { useMarket } from '../state/market';
import { useEffects, useReader } from '../state/reckoningStore';
import { MeshSwatch } from '../strip/meshPattern';
import { EffectOptions } from './EffectOptions';
import { signed } from './effectWords';

interface Props {
  readonly groups: readonly OptionGroup[];
  /** Groups that stand open from the start, by id. */
  readonly open?: readonly string[];
  /** What is said above the options of a group, by its id. */
  readonly above?: Readonly<Record<string, ReactNode>>;
}

/** Prices from the least to the most that other answers would change, and the most hours that one would save or cost. */
function range(effects: readonly Effect[], reader: Reader): string {
  const prices = effects.flatMap((e) => (e.price === null ? [] : [e.price]));
  const hours = effects.map((e) => e.hours).filter((h) => Math.abs(h) >= 0.05);
  const [low, high] = [Math.min(...prices), Math.max(...prices)];
  const money = (m: number) => (m === 0 ? '0' : signed(reader.money(m), m));
  const most = hours.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a), 0);
  const parts = [
    prices.length === 0 || (low === 0 && high === 0)
      ? ''
      : low === high
        ? money(low)
        : `${money(low)} to ${money(high)}`,
    most === 0 ? '' : `${signed(printNumber(most, 1), most)} h`,
  ].filter((part) => part !== '');
  return parts.length === 0 ? 'others: no change' : `others: ${parts.join(', ')}`;
}

/** The questions of a stage, each with its answer and what the others would do; opened, the others themselves. */
export function OptionGroups({ groups, open = [], above = {} }: Props) {
  return groups.map((group) => (
    <Group key={group.id} group={group} begins={open.includes(group.id)} above={above[group.id]} />
  ));
}

function Group({ group, begins, above }: { group: OptionGroup; begins: boolean; above: ReactNode }) {
  const market = useMarket();
  const reader = useReader();
  // What is chosen has no effect to be worked out.
  const others = group.options.filter((o) => !o.chosen);
  const effects = useEffects(others.map((o) => o.change));
  const chosen = group.options.find((o) => o.chosen);
  if (!market) return null;
  const known = effects.length === others.length && others.length > 0;
  return (
    <Decision
      name={group.name}
      answer={chosen ? inUnits(chosen.title, reader.system) : 'not among these'}
      effect={known ? range(effects, reader) : undefined}
      begins={begins}
    >
      {above}
      <EffectOptions
        name={group.name}
        hideName
        effects={effects}
        options={group.options.map(({ mesh, ...option }) =>
          mesh === undefined ? option : { ...option, picture: <MeshSwatch mesh={market.mesh(mesh)} /> },
        )}
      />
    </Decision>
  );
}
