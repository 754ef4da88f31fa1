import { type Vector, dot, lerp, minus, plus, times } from '../../../ground/vector';
import { type Ring, type RingSide, surveyRings } from '../../../ground/survey';
import { without } from '../../../plan/lists';
import { keepOnSides, place } from '../../../ground/onSides';
import type { Plan, Side } from '../../../plan/schema';
import type { Arch, ArchOf, KindId } from '../plan/kinds';
import { squareOf } from './square';

/** Where an arch lies on the sheet: the middle of its near end, which way it runs from there, radians, and how large it is, m. */
export interface ArchPlace {
  readonly at: Vector;
  readonly direction: number;
  readonly base: number;
  readonly length: number;
}

/** A new arch with a run of its own; its near end on a house where `building` names one. */
export interface AddArch {
  readonly arch: Arch;
  readonly enclosure: { readonly id: string; readonly name: string };
  readonly place: ArchPlace;
  readonly building: string | null;
  readonly corners: readonly [string, string, string, string];
  readonly sides: readonly [string, string, string, string];
}

/** Near and far corners of an arch, the first of both on its first foot. */
interface Framed {
  readonly near: readonly [string, string];
  readonly far: readonly [string, string];
  readonly place: ArchPlace;
  /** From the first foot to the second. */
  readonly over: Vector;
}

const turned = (direction: number): readonly [along: Vector, over: Vector] => [
  { x: Math.cos(direction), y: Math.sin(direction) },
  { x: -Math.sin(direction), y: Math.cos(direction) },
];

/** Its corners on the sheet: near and far on the first foot, near and far on the second. */
function cornersAt(
  { at, base, length }: ArchPlace,
  along: Vector,
  over: Vector,
): readonly [Vector, Vector, Vector, Vector] {
  const near = plus(at, times(over, -base / 2));
  const other = plus(at, times(over, base / 2));
  return [near, plus(near, times(along, length)), other, plus(other, times(along, length))];
}

export function addArch(plan: Plan, change: AddArch): Plan {
  const { arch, enclosure, building, corners: c, sides: s } = change;
  const [along, over] = turned(change.place.direction);
  const [near, far, near2, far2] = cornersAt(change.place, along, over);
  const end: Side =
    building === null
      ? { id: s[3], from: c[3], to: c[0], kind: 'arch-end' }
      : { id: s[3], from: c[3], to: c[0], kind: 'building', building };
  return {
    ...plan,
    corners: [...plan.corners, place(c[0], near), place(c[1], far), place(c[2], far2), place(c[3], near2)],
    sides: [
      ...plan.sides,
      { id: s[0], from: c[0], to: c[1], kind: 'arch-foot' },
      { id: s[1], from: c[1], to: c[2], kind: 'arch-end' },
      { id: s[2], from: c[2], to: c[3], kind: 'arch-foot' },
      end,
    ],
    enclosures: [...plan.enclosures, { ...enclosure, ring: s.map((side) => ({ side, forward: true })) }],
    arches: [...plan.arches, { ...arch, enclosure: enclosure.id }],
  };
}

/** How an arch lies now: its near end is the one on a house, otherwise the one before its first foot. */
function framed(ring: Ring): Framed | null {
  const square = squareOf(ring);
  if (typeof square === 'string') return null;
  const [a, end, b, other] = square;
  const onHouse = end.side.kind === 'building' && other.side.kind !== 'building';
  const nearEnd = onHouse ? end : other;
  const length = (a.length + b.length) / 2;
  const along = onHouse ? times(a.direction, -1) : a.direction;
  const [near, far] = onHouse
    ? ([
        [a.endCorner, b.startCorner],
        [a.startCorner, b.endCorner],
      ] as const)
    : ([
        [a.startCorner, b.endCorner],
        [a.endCorner, b.startCorner],
      ] as const);
  return {
    near,
    far,
    over: times(onHouse ? nearEnd.direction : times(nearEnd.direction, -1), 1),
    place: {
      at: lerp(nearEnd.start, nearEnd.end, 0.5),
      direction: Math.atan2(along.y, along.x),
      base: (end.length + other.length) / 2,
      length,
    },
  };
}

/** Where the arch over a run lies; null where that run is no rectangle between two feet. */
export function archPlace(plan: Plan, id: string): ArchPlace | null {
  const ring = ringOf(plan, id);
  return ring ? (framed(ring)?.place ?? null) : null;
}

const ringOf = (plan: Plan, id: string): Ring | undefined => {
  const arch = plan.arches.find((a) => a.id === id);
  return surveyRings(plan).find((r) => r.enclosure === arch?.enclosure);
};

export interface PlaceArch {
  readonly id: string;
  readonly to: Partial<ArchPlace>;
}

/** Lays it out anew from its near end, which stays where it is unless it is moved. */
export function placeArch(plan: Plan, { id, to }: PlaceArch): Plan {
  const ring = ringOf(plan, id);
  const frameNow = ring && framed(ring);
  if (!frameNow) return plan;
  const laid = { ...frameNow.place, ...to };
  const [along, left] = turned(laid.direction);
  // The second foot stays on the side that it was on.
  const [, was] = turned(frameNow.place.direction);
  const over = dot(was, frameNow.over) < 0 ? times(left, -1) : left;
  const [near, far, near2, far2] = cornersAt(laid, along, over);
  const moved = new Map([
    [frameNow.near[0], near],
    [frameNow.far[0], far],
    [frameNow.near[1], near2],
    [frameNow.far[1], far2],
  ]);
  const corners = plan.corners.map((corner) => {
    const at = moved.get(corner.id);
    return at ? place(corner.id, at) : corner;
  });
  return keepOnSides(plan, { ...plan, corners });
}

/** A run of four sides under an arch: its longer sides are the feet, unless they are feet already. */
function footed(plan: Plan, ring: Ring): Plan['sides'] {
  const [a, b, c, d] = ring.sides;
  if (ring.sides.length !== 4 || !a || !b || !c || !d) return plan.sides;
  const known = [a, b].find((s) => s.side.kind === 'arch-foot');
  const first =
    known ?? (a.side.kind === 'building' || (b.side.kind !== 'building' && b.length > a.length) ? b : a);
  const feet: ReadonlySet<string> = new Set(
    [first, ring.sides[(ring.sides.indexOf(first) + 2) % 4]].map((s) => s?.side.id ?? ''),
  );
  const own = new Set(ring.sides.map((s) => s.side.id));
  return plan.sides.map((side): Side => {
    if (!own.has(side.id)) return side;
    const { id, from, to } = side;
    if (feet.has(id)) return { id, from, to, kind: 'arch-foot' };
    return side.kind === 'fence' || side.kind === 'arch-foot' ? { id, from, to, kind: 'arch-end' } : side;
  });
}

/** Square on its first foot: the other as far as the ends are on average. */
function squared(plan: Plan, ring: Ring): Plan {
  const i = ring.sides.findIndex((s) => s.side.kind === 'arch-foot');
  const [foot, end, , other] = [0, 1, 2, 3].map((k): RingSide | undefined => ring.sides[(i + k) % 4]);
  if (i < 0 || ring.sides.length !== 4 || !foot || !end || !other) return plan;
  const in_ = times(foot.outward, -1);
  const base =
    (Math.abs(dot(minus(end.end, end.start), in_)) + Math.abs(dot(minus(other.start, other.end), in_))) / 2;
  const moved = new Map([
    [end.endCorner, plus(foot.end, times(in_, base))],
    [other.startCorner, plus(foot.start, times(in_, base))],
  ]);
  const corners = plan.corners.map((c) => {
    const at = moved.get(c.id);
    return at ? place(c.id, at) : c;
  });
  return keepOnSides(plan, { ...plan, corners });
}

/** Its run made a rectangle between two feet, as an arch needs it; one of more or fewer than four sides is left as it is. */
export function squareArch(plan: Plan, { id }: { readonly id: string }): Plan {
  const ring = ringOf(plan, id);
  if (ring?.sides.length !== 4) return plan;
  const sides = footed(plan, ring);
  const feet = new Set(sides.flatMap((s) => (s.kind === 'arch-foot' ? [s.id] : [])));
  // Nobody walks in through a foot.
  const fed = { ...plan, sides, openings: plan.openings.filter((o) => !feet.has(o.side)) };
  const again = ringOf(fed, id);
  return again ? squared(fed, again) : fed;
}

/** A run that stands on posts goes under an arch. */
export function archOver(plan: Plan, { arch }: { readonly arch: Arch }): Plan {
  return squareArch({ ...plan, arches: [...plan.arches, arch] }, { id: arch.id });
}

/** The arch is gone; its run stands on posts. */
export function removeArch(plan: Plan, { id }: { readonly id: string }): Plan {
  const ring = ringOf(plan, id);
  const own = new Set(ring?.sides.map((s) => s.side.id));
  return {
    ...plan,
    arches: without(plan.arches, id),
    sides: plan.sides.map((side): Side =>
      own.has(side.id) && (side.kind === 'arch-foot' || side.kind === 'arch-end')
        ? { id: side.id, from: side.from, to: side.to, kind: 'fence' }
        : side,
    ),
  };
}

/** What can be done to the arches of a plan. */
export const VERBS = {
  'add-arch': addArch,
  'arch-over': archOver,
  'place-arch': placeArch,
  'square-arch': squareArch,
  'set-arch': (
    plan: Plan,
    {
      id,
      to,
    }: {
      readonly id: string;
      readonly to: { [K in KindId]: Partial<Omit<ArchOf<K>, 'id' | 'kind' | 'enclosure'>> }[KindId];
    },
  ): Plan => ({
    ...plan,
    // A hoop is given a hoop's fields: whoever makes the change has the arch before them.
    arches: plan.arches.map((a) => (a.id === id ? ({ ...a, ...to } as Arch) : a)),
  }),
  /** Bent of something else: where it stands is kept. */
  'make-arch': (plan: Plan, { arch }: { readonly arch: Arch }): Plan => ({
    ...plan,
    arches: plan.arches.map((a) => (a.id === arch.id ? { ...arch, enclosure: a.enclosure } : a)),
  }),
  'remove-arch': removeArch,
} as const;
