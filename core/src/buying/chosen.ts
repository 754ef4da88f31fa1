import { cheapest } from './cheapest';
import type { AtHand, Demand } from './demand';
import { type Opened, type Taking, openDemands, openStrip } from './opened';
import type { Settled } from './settle';
import type { TriedBy } from './takenRolls';

/** The candidate that an open demand takes, with the widths of its rolls, m. */
interface ChosenOne {
  readonly id: string;
  readonly widths: readonly number[];
  /** As its stage laid it out. */
  readonly made: unknown;
}
/** What open demands take, by their names: what their stages hang, draw and letter. */
export type Chosen = ReadonlyMap<string, ChosenOne>;

const widthsOf = (of: ReadonlyMap<string, Taking>): Chosen =>
  new Map(
    [...of].map(
      ([
        alike,
        {
          id,
          rolls,
          each: [first],
        },
      ]) => [alike, { id, widths: rolls.map((r) => r.width), made: first?.made ?? null }],
    ),
  );

export const chosenWidths = (
  { fixed }: Pick<Opened, 'fixed'>,
  { assigned }: Pick<Settled, 'assigned'>,
): Chosen => new Map([...widthsOf(fixed), ...widthsOf(assigned)].sort(([a], [b]) => (a < b ? -1 : 1)));

/**
 * What was chosen, with what is asked for here alone: a run looked at by itself may lie a little differently.
 *
 * @param chosen for the whole plan
 */
export function chosenFor(
  demands: readonly Demand[],
  chosen: Chosen,
  hand: AtHand,
  by: Pick<TriedBy, 'market' | 'memo'>,
): Chosen {
  const missing = demands.filter((demand) => {
    if (demand.buy === 'strip') return !chosen.has(openStrip(demand).alike);
    return demand.buy === 'open' && !chosen.has(demand.alike);
  });
  if (missing.length === 0) return chosen;
  const { choices, fixed } = openDemands(missing, hand, by.market);
  const anyway = { rolls: [], packs: new Map() };
  const alone = choices.map((choice) =>
    cheapest({ ...by, owned: [], packs: [], by: 'most' }, { choices: [choice], anyway }),
  );
  return new Map([...widthsOf(fixed), ...alone.flatMap((a) => [...widthsOf(a)]), ...chosen]);
}

/** The widths taken for a demand. @throws RangeError where nobody asked for it, which is a bug */
export function widthsFor(chosen: Chosen, alike: string): readonly number[] {
  const one = chosen.get(alike);
  if (!one) throw new RangeError(`nothing was chosen for ${alike}`);
  return one.widths;
}
