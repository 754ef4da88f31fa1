import { type Plan, type Spare, spares } from '@aviarum/core';
import type { ReckoningView } from '../workers/view';

type Line = ReckoningView['docket']['lines'][number];
type Units = Line['units'];

/** What of a line is bought at one yard, ticked off by itself. */
export interface ToBuy {
  readonly line: Line;
  readonly units: Units;
  /** Under which it is ticked. */
  readonly tick: string;
  /** Minor units as the yard states them; null where it names no price. */
  readonly price: number | null;
}

export interface AtYard {
  /** Empty where no yard has it. */
  readonly yard: string;
  readonly list: readonly ToBuy[];
}

const priceOf = (units: Units): number | null =>
  units.some((u) => u.price === null) ? null : units.reduce((sum, u) => sum + u.count * (u.price ?? 0), 0);

/** The docket yard by yard, in its own order; what is all in the shed is not bought. */
export function atYards(lines: readonly Line[]): readonly AtYard[] {
  const yards = [...new Set(lines.flatMap((l) => l.units.map((u) => u.yard)))];
  return yards.map((yard) => ({
    yard,
    list: lines.flatMap((line): ToBuy[] => {
      const units = line.units.filter((u) => u.yard === yard);
      if (units.length === 0) return [];
      return [{ line, units, tick: `${line.id} ${yard}`, price: priceOf(units) }];
    }),
  }));
}

/** Ticked once what is left was put in the shed, so that it is not put there twice. */
export const SHELVED = 'left over is in the shed';

/** What is left over of all that was ticked as bought, as it can go to the shed. */
export function leftOf(plan: Plan, { docket, cutting }: ReckoningView): readonly Spare[] {
  const open = new Set(
    atYards(docket.lines)
      .flatMap((y) => y.list)
      .filter((b) => !plan.bought.includes(b.tick))
      .map((b) => b.line.id),
  );
  const had = docket.lines.filter((l) => l.buy > 0 && !open.has(l.id));
  const pools = new Set(
    had.flatMap(({ detail }) => (detail.kind === 'roll' || detail.kind === 'timber' ? [detail.pool] : [])),
  );
  return spares(
    cutting.filter((p) => pools.has(p.id)),
    had,
    `left from ${plan.name}`,
  );
}
