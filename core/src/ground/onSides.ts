import { type Vector, distance } from './vector';
import { TOUCH, tidy } from '../units/round';
import type { Corner, Opening, Plan, PostPin } from '../plan/schema';

export const place = (id: string, at: Vector): Corner => ({ id, x: tidy(at.x), y: tidy(at.y) });

function lengthsOf(plan: Plan): ReadonlyMap<string, number> {
  const corners = new Map(plan.corners.map((c) => [c.id, c]));
  return new Map(
    plan.sides.map((s) => {
      const from = corners.get(s.from);
      const to = corners.get(s.to);
      return [s.id, from && to ? distance(from, to) : 0];
    }),
  );
}

/**
 * Openings and pins keep their place along a side whose length changed, and never hang over its end where they can fit;
 * those of sides that are gone go with them.
 *
 * @param given  lengths before, m, of sides that the plan before does not tell
 */
export function keepOnSides(before: Plan, after: Plan, given: ReadonlyMap<string, number> = new Map()): Plan {
  if (after.openings.length === 0 && after.postPins.length === 0) return after;
  const old = lengthsOf(before);
  const lengthsAfter = lengthsOf(after);
  const along = (thing: { readonly side: string; readonly along: number }, width: number) => {
    const length = lengthsAfter.get(thing.side);
    if (length === undefined) return undefined;
    const was = given.get(thing.side) ?? old.get(thing.side) ?? length;
    if (Math.abs(was - length) < TOUCH || was === 0) return thing.along;
    const middle = ((thing.along + width / 2) * length) / was;
    return tidy(Math.max(0, Math.min(length - width, middle - width / 2)));
  };
  const openings = after.openings.flatMap((opening): Opening[] => {
    const at = along(opening, opening.width);
    return at === undefined ? [] : [at === opening.along ? opening : { ...opening, along: at }];
  });
  const postPins = after.postPins.flatMap((pin): PostPin[] => {
    const at = along(pin, 0);
    return at === undefined ? [] : [at === pin.along ? pin : { ...pin, along: at }];
  });
  return { ...after, openings, postPins };
}
