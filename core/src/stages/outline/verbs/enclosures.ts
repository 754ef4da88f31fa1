import { withSides } from '../../cover/plan/kinds';
import { type Leg } from '../../../ground/walk';
import { type Vector, plus, times } from '../../../ground/vector';
import { replacedOn, standingOn } from '../../../ground/fenceLines';
import { surveyRings } from '../../../ground/survey';
import { type Enclosure, type Plan, type Side, type Point } from '../../../plan/schema';
import { walkedCorners } from './corners';
import { namedStill } from '../../live/verbs/kept';
import { keepOnSides, place } from '../../../ground/onSides';

const forward = (side: string) => ({ side, forward: true });

/** Lays an enclosure out anew as walked from `start`, the first leg on `bearing`, radians from the x axis. */
export interface WalkOutline {
  readonly enclosure: string;
  readonly start: Point;
  readonly bearing: number;
  readonly legs: readonly Leg[]; /** Ids for its corners and sides, as many as legs. */
  readonly corners: readonly string[];
  readonly sides: readonly string[];
}

/** Lays an enclosure out anew through points, as surveyed or from a file; `place` where the file says where it is. */
export interface TraceOutline {
  readonly enclosure: string;
  readonly points: readonly Point[];
  readonly corners: readonly string[];
  readonly sides: readonly string[];
  readonly place: Pick<Plan['place'], 'latitude' | 'longitude'> | null;
}

/** A fence from corner to corner across an enclosure makes two of it. */
export interface Divide {
  readonly enclosure: string;
  readonly from: string;
  readonly to: string;
  readonly side: string;
  readonly second: { readonly id: string; readonly name: string };
}

/** A new enclosure outside a side, which the two share. */
export interface AddBeside {
  readonly side: string;
  readonly depth: number;
  readonly enclosure: { readonly id: string; readonly name: string };
  readonly corners: readonly [string, string];
  readonly sides: readonly [string, string, string];
}

export interface RenameEnclosure {
  readonly enclosure: string;
  readonly name: string;
}

export interface RemoveEnclosure {
  readonly enclosure: string;
}

/** Covers of runs that are left; a wrap forgets sides that are gone. */
const coversLeft = (
  covers: Plan['covers'],
  enclosures: Plan['enclosures'],
  passed: ReadonlySet<string>,
): Plan['covers'] =>
  covers
    .filter((c) => enclosures.some((e) => e.id === c.enclosure))
    .map((c) => withSides(c, (s) => passed.has(s)));

/** Drops what no ring passes any more, and choices made for it. */
export function dropUnused(plan: Plan): Plan {
  const passed = new Set(plan.enclosures.flatMap((e) => e.ring.map((step) => step.side)));
  const sides = plan.sides.filter((s) => passed.has(s.id));
  const used = new Set(sides.flatMap((s) => [s.from, s.to]));
  const only = <T>(choices: Readonly<Record<string, T>>, ids: ReadonlySet<string>) =>
    Object.fromEntries(Object.entries(choices).filter(([id]) => ids.has(id)));
  return namedStill({
    ...plan,
    sides,
    corners: plan.corners.filter((c) => used.has(c.id)),
    openings: plan.openings.filter((o) => passed.has(o.side)),
    postPins: plan.postPins.filter((pin) => passed.has(pin.side)),
    arches: plan.arches.filter((a) => plan.enclosures.some((e) => e.id === a.enclosure)),
    covers: coversLeft(plan.covers, plan.enclosures, passed),
    choices: {
      ...plan.choices,
      enclosure: only(plan.choices.enclosure, new Set(plan.enclosures.map((e) => e.id))),
      side: only(plan.choices.side, passed),
    },
  });
}

/** The sides of an enclosure anew, as walked. */
export function walkOutline(plan: Plan, change: WalkOutline): Plan {
  const points = walkedCorners(change.start, change.bearing, change.legs);
  return traceOutline(plan, { ...change, points, place: null });
}

/** The sides of an enclosure anew, through points; sides that it shared stay with the others. */
export function traceOutline(plan: Plan, change: Omit<TraceOutline, 'points'> & Traced): Plan {
  const { points, corners: ids, sides: sideIds, place: where } = change;
  if (points.length < 3 || ids.length !== points.length || sideIds.length !== points.length) return plan;
  const corners = points.map((at, i) => place(ids[i] ?? '', at));
  const sides = sideIds.map((id, i): Side => ({
    id,
    from: ids[i] ?? '',
    to: ids[(i + 1) % ids.length] ?? '',
    kind: 'fence',
  }));
  const known = plan.enclosures.find((e) => e.id === change.enclosure);
  const ring = sideIds.map(forward);
  const enclosures: Enclosure[] = known
    ? plan.enclosures.map((e) => (e.id === known.id ? { ...e, ring } : e))
    : [...plan.enclosures, { id: change.enclosure, name: 'Run', ring }];
  const traced = dropUnused({
    ...plan,
    place: where ? { ...plan.place, ...where } : plan.place,
    corners: [...plan.corners, ...corners],
    sides: [...plan.sides, ...sides],
    enclosures,
  });
  return keepOnSides(plan, traced);
}

interface Traced {
  readonly points: readonly Vector[];
}

/** A fence across an enclosure from corner to corner; what lies on the far side of it is the second enclosure. */
export function divide(plan: Plan, { enclosure: id, from, to, side, second }: Divide): Plan {
  const enclosure = plan.enclosures.find((e) => e.id === id);
  const ring = surveyRings(plan).find((r) => r.enclosure === id);
  const a = ring?.sides.findIndex((s) => s.startCorner === from) ?? -1;
  const b = ring?.sides.findIndex((s) => s.startCorner === to) ?? -1;
  if (!enclosure || !ring || a < 0 || b < 0 || a === b) return plan;
  const n = enclosure.ring.length;
  const steps = (begin: number, end: number) =>
    Array.from({ length: (end - begin + n) % n }, (_, i) => enclosure.ring[(begin + i) % n]).flatMap(
      (step) => step ?? [],
    );
  const [near, far] = [steps(a, b), steps(b, a)];
  if (near.length < 2 || far.length < 2) return plan; // neighbours: there is nothing between them
  return {
    ...plan,
    sides: [...plan.sides, { id: side, from, to, kind: 'fence' }],
    enclosures: plan.enclosures.flatMap((e) =>
      e.id === id
        ? [
            { ...e, ring: [...near, { side, forward: false }] },
            { ...second, ring: [...far, { side, forward: true }] },
          ]
        : [e],
    ),
  };
}

/** A rectangle outside a side, sharing it. */
export function addBeside(plan: Plan, change: AddBeside): Plan {
  for (const ring of surveyRings(plan)) {
    const shared = ring.sides.find((s) => s.side.id === change.side);
    if (!shared) continue;
    const away = times(shared.outward, change.depth);
    const [far, near] = change.corners;
    const [out, along, back] = change.sides;
    return {
      ...plan,
      corners: [...plan.corners, place(far, plus(shared.start, away)), place(near, plus(shared.end, away))],
      sides: [
        ...plan.sides,
        { id: out, from: shared.startCorner, to: far, kind: 'fence' },
        { id: along, from: far, to: near, kind: 'fence' },
        { id: back, from: near, to: shared.endCorner, kind: 'fence' },
      ],
      enclosures: [
        ...plan.enclosures,
        {
          ...change.enclosure,
          ring: [
            forward(out),
            forward(along),
            forward(back),
            { side: change.side, forward: !shared.forward },
          ],
        },
      ],
    };
  }
  return plan;
}

export const renameEnclosure = (plan: Plan, { enclosure, name }: RenameEnclosure): Plan => ({
  ...plan,
  enclosures: plan.enclosures.map((e) => (e.id === enclosure ? { ...e, name } : e)),
});

/** Takes an enclosure out; the last one stays. */
export function removeEnclosure(plan: Plan, { enclosure }: RemoveEnclosure): Plan {
  if (plan.enclosures.length < 2) return plan;
  return dropUnused({ ...plan, enclosures: plan.enclosures.filter((e) => e.id !== enclosure) });
}

/** Two enclosures made one: the fence between them comes down, and what stood of it is kept for the shed. */
export function joinEnclosures(plan: Plan, { side: id }: { readonly side: string }): Plan {
  const [one, other] = plan.enclosures.filter((e) => e.ring.some((step) => step.side === id));
  const side = plan.sides.find((s) => s.id === id);
  if (!one || !other || !side) return plan;
  if (plan.arches.some((a) => a.enclosure === one.id || a.enclosure === other.id)) return plan;
  const after = ({ ring }: Enclosure) => {
    const at = ring.findIndex((step) => step.side === id);
    return [...ring.slice(at + 1), ...ring.slice(0, at)];
  };
  const corner = new Map(plan.corners.map(({ id: own, x, y }) => [own, { x, y }]));
  const [from, to] = [corner.get(side.from), corner.get(side.to)];
  const standing = standingOn(side) ?? replacedOn(side);
  const down = standing && from && to ? [{ id, from, to, standing }] : [];
  const takenDown = [...(plan.takenDown ?? []), ...down];
  return dropUnused({
    ...plan,
    ...(takenDown.length > 0 && { takenDown }),
    enclosures: plan.enclosures.flatMap((e) =>
      e.id === other.id ? [] : [e.id === one.id ? { ...e, ring: [...after(one), ...after(other)] } : e],
    ),
    // What lay over one of them lies over that part still.
    covers: plan.covers.flatMap((c) => {
      if (c.enclosure !== other.id) return [c];
      return 'outline' in c && c.outline === null ? [] : [{ ...c, enclosure: one.id }];
    }),
  });
}
