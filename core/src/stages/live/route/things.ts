import type { Ring } from '../../../ground/survey';
import type { Vector } from '../../../ground/vector';
import { formatPart, type PartRef } from '../../../plan/partRef';
import type { Building, Obstacle, Tree } from '../../../plan/schema';

/** Round a thing inside the loop so much is left, m (rules: Live nets). */
export const ROOM_INSIDE = { house: 0.5, run: 0.5, tree: 0.5, pole: 1, stack: 1 } as const;
/** Off a thing that stays outside: nothing jumps in from it, m. */
export const ROOM_OUTSIDE = 1;

export type ThingKind = keyof typeof ROOM_INSIDE;

/** What stands about: an outline, widened all round by a radius. A tree is one point with the radius of its crown. Lengths m. */
export interface Thing {
  /** As the plan names it: `building:house`. */
  readonly id: string;
  readonly part: PartRef;
  readonly name: string;
  readonly kind: ThingKind;
  readonly points: readonly Vector[];
  readonly radius: number;
}

export interface ThingsBy {
  readonly buildings: readonly Building[];
  readonly trees: readonly Tree[];
  readonly obstacles: readonly Obstacle[];
  readonly rings: readonly Ring[];
}

const thing = (part: PartRef, of: Omit<Thing, 'id' | 'part'>): Thing => ({
  id: formatPart(part),
  part,
  ...of,
});

/** Everything that a live net goes round or keeps off. */
export const thingsOf = ({ buildings, trees, obstacles, rings }: ThingsBy): readonly Thing[] => [
  ...buildings.map((b) =>
    thing({ on: 'building', building: b.id }, { name: b.name, kind: 'house', points: b.outline, radius: 0 }),
  ),
  ...trees.map((t) =>
    thing(
      { on: 'tree', tree: t.id },
      { name: t.name, kind: 'tree', points: [t.at], radius: Math.max(t.crown, t.trunk / 2) },
    ),
  ),
  // What only puts an animal off changes nothing here.
  ...obstacles.flatMap((o) =>
    o.kind === 'pole' || o.kind === 'stack'
      ? [
          thing(
            { on: 'obstacle', obstacle: o.id },
            { name: o.name, kind: o.kind, points: [o.at], radius: o.across / 2 },
          ),
        ]
      : [],
  ),
  ...rings.map((r) =>
    thing(
      { on: 'enclosure', enclosure: r.enclosure },
      { name: r.name, kind: 'run', points: r.sides.map((s) => s.start), radius: 0 },
    ),
  ),
];

/** How far the middle of its outline is from the net where it stands inside, or outside: room and its own radius, m. */
export const insideBy = ({ kind, radius }: Thing): number => ROOM_INSIDE[kind] + radius;
export const outsideBy = ({ radius }: Thing): number => ROOM_OUTSIDE + radius;
