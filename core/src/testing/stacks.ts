import { cheapest } from '../buying/cheapest';
import type { Demand, Reaching } from '../buying/demand';
import { handOf } from '../buying/hand';
import { openDemands } from '../buying/opened';
import type { PackUnits } from '../buying/prices';
import { takenAnyway } from '../buying/settle';
import { openStack, stackName } from '../buying/stack';
import type { RollMarket } from '../catalogue/market';
import { newMemo } from '../cutting/memo';

/** A height that a mesh is to reach in rows: how long each is, m, and how many rings a seam of row over row takes. */
export interface Want extends Reaching {
  readonly length: number;
  readonly seam: number;
}

/** What is bought whichever widths are taken: roll by `mesh width`, m, and rings. */
export interface Given {
  readonly rolls: ReadonlyMap<string, number>;
  readonly rings: number;
}
export const NOTHING: Given = { rolls: new Map(), rings: 0 };

const REASON = { stage: 'walls', part: { on: 'plan' } } as const;

const stackOf = ({ length, seam, ...reaching }: Want): Demand =>
  openStack({
    ...REASON,
    ...reaching,
    least: { length, seam },
    most: { length, seam },
    packs: ['ring'],
    asks: () => [],
  });

const givenAsks = ({ rolls, rings }: Given): readonly Demand[] => [
  ...[...rolls].map(([key, length]): Demand => {
    const [mesh = '', width] = key.split(' ');
    return {
      ...REASON,
      buy: 'mesh',
      mesh,
      width: Number(width),
      lap: 0,
      runs: [],
      takes: { least: length, most: length },
      trimmed: 0,
      short: 0,
      need: () => [],
    };
  }),
  { ...REASON, buy: 'pack', pack: 'ring', count: rings, need: () => [] },
];

/** The cheapest widths by length for each want, in their order; undefined where none reach. */
export function cheapestStacks(
  market: RollMarket & PackUnits,
  wants: readonly Want[],
  given: Given = NOTHING,
): readonly (readonly number[] | undefined)[] {
  const memo = newMemo();
  const demands = [...wants.map(stackOf), ...givenAsks(given)];
  const opened = openDemands(demands, handOf(market, [], memo), market);
  const by = { market, owned: [], memo, packs: opened.packs, by: 'most' } as const;
  const assigned = cheapest(by, { choices: opened.choices, anyway: takenAnyway(opened) });
  return wants.map((want) => assigned.get(stackName(want))?.rolls.map((r) => r.width));
}
