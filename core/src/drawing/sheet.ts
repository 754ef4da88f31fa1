import { swings } from '../stages/ways/plan/kinds';
import { footReach, houseReach } from '../stages/draw';
import { footShapes, markShapes, overShapes, spreadOf } from '../stages/draw';
import type { InkKind } from './scene/inks';
import { formatPart } from '../plan/partRef';
import { standingOn, standsOf } from '../ground/fenceLines';
import { type Ring, surveyRings } from '../ground/survey';
import { placesNear } from '../ground/boxes';
import { type Vector, plus, times } from '../ground/vector';
import { canMove } from '../stages/outline/verbs/sides';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';
import { type SideFrame, sideFrames } from './scene/frames';
import { swingOf } from '../stages/ways/swing';
import {
  type GroundScene,
  type PostKind,
  type Primitive,
  type SheetCorner,
  type SheetScene,
  type SheetSide,
  extentOf,
} from './scene/scene';

/** What lies within this of a corner is in the picture from the start, m. */
const NEAR = 2.4;

type PartOf<K extends Part['kind']> = Extract<Part, { kind: K }>;
const of = <K extends Part['kind']>(parts: readonly Part[], kind: K) =>
  parts.filter((p): p is PartOf<K> => p.kind === kind);

/** Houses, trees, buried services and boundary lines. */
export function groundScene(ground: Plan['ground']): GroundScene {
  const { buildings, trees, services, boundaries, obstacles } = ground;
  return {
    building: buildings.map((b): Primitive<InkKind> => ({
      shape: 'polygon',
      kind: b.stands === 'posts' ? 'roof' : 'building',
      part: formatPart({ on: 'building', building: b.id }),
      points: b.outline,
      label: b.name,
    })),
    obstacle: obstacles.map((o): Primitive<InkKind> => ({
      shape: 'circle',
      kind: 'obstacle',
      part: formatPart({ on: 'obstacle', obstacle: o.id }),
      at: o.at,
      radius: Math.max(0.08, o.across / 2),
      label: o.name,
    })),
    tree: trees.flatMap((t): Primitive<InkKind>[] => [
      {
        shape: 'circle',
        kind: 'crown',
        part: formatPart({ on: 'tree', tree: t.id }),
        at: t.at,
        radius: t.crown,
      },
      {
        shape: 'circle',
        kind: 'roots',
        part: formatPart({ on: 'tree', tree: t.id }),
        at: t.at,
        radius: t.roots,
      },
      {
        shape: 'circle',
        kind: 'trunk',
        part: formatPart({ on: 'tree', tree: t.id }),
        at: t.at,
        radius: Math.max(0.1, t.trunk / 2),
        label: t.name,
      },
    ]),
    service: services.map((s): Primitive<typeof s.kind> => ({
      shape: 'line',
      kind: s.kind,
      part: formatPart({ on: 'service', service: s.id }),
      points: s.line,
      label: s.name,
    })),
    boundary: boundaries.map((b): Primitive<InkKind> => ({
      shape: 'line',
      kind: b.kind === 'boundary' ? 'boundary' : `line-${b.kind}`,
      part: formatPart({ on: 'boundary', boundary: b.id }),
      points: b.line,
      label: b.name,
    })),
  };
}

/** Gates with their leaves standing open, and pop doors as short bars in the fence. */
function openingShapes(
  plan: Plan,
  rings: readonly Ring[],
  frames: ReadonlyMap<string, SideFrame>,
): Primitive<InkKind>[] {
  const sides = new Map(rings.flatMap((r) => r.sides.map((s) => [s.side.id, s] as const)).reverse());
  return plan.openings.flatMap((o): Primitive<InkKind>[] => {
    const side = sides.get(o.side);
    const frame = frames.get(o.side);
    const part = formatPart({ on: 'opening', opening: o.id });
    if (!side || !frame) return [];
    if (!swings(o)) {
      const points = [frame.at(o.along, 0), frame.at(o.along + o.width, 0)];
      return [{ shape: 'line', kind: o.kind, part, points }];
    }
    const { hinge, latch, open } = swingOf(side, o);
    return [{ shape: 'swing', kind: o.kind, part, hinge, latch, tip: open }];
  });
}

function sheetCorners(rings: readonly Ring[]): SheetCorner[] {
  const seen = new Set<string>();
  return rings.flatMap((ring) =>
    ring.sides.flatMap((s, i): SheetCorner[] => {
      const before = ring.sides[(i + ring.sides.length - 1) % ring.sides.length];
      if (!before || seen.has(s.startCorner)) return [];
      seen.add(s.startCorner);
      const out = plus(before.outward, s.outward);
      const size = Math.hypot(out.x, out.y);
      return [
        {
          id: s.startCorner,
          number: s.startNumber,
          at: s.start,
          angle: Math.PI - before.turn,
          inward: size > 1e-6 ? times(out, -1 / size) : s.direction,
          reach: Math.min(before.length, s.length),
        },
      ];
    }),
  );
}

/** The outline with what lies outside it: aprons, and gates standing open. */
function reach(plan: Plan, rings: readonly Ring[], frames: ReadonlyMap<string, SideFrame>): Vector[] {
  const outline = rings.flatMap((ring) =>
    ring.sides.flatMap((s) => {
      const out = standsOf(s.side) !== null ? footReach(plan, s.side.id) : 0;
      return [plus(s.start, times(s.outward, out)), plus(s.end, times(s.outward, out))];
    }),
  );
  const gates = plan.openings.flatMap((o) =>
    swings(o) && o.swing === 'out' ? (frames.get(o.side)?.at(o.along, o.width) ?? []) : [],
  );
  return [...outline, ...gates];
}

/**
 * The plan to scale, from above.
 *
 * @param parts  the reckoning's parts; none while a draft cannot be set out
 */
export function sheetScene(plan: Plan, parts: readonly Part[]): SheetScene {
  const rings = surveyRings(plan);
  const frames = sideFrames(plan);
  const seen = new Set<string>();
  const sides = rings.flatMap((ring) =>
    ring.sides.flatMap((s, i): SheetSide[] => {
      if (seen.has(s.side.id)) return [];
      seen.add(s.side.id);
      const before = ring.sides[(i + ring.sides.length - 1) % ring.sides.length];
      const after = ring.sides[(i + 1) % ring.sides.length];
      return [
        {
          id: s.side.id,
          number: s.number,
          kind: s.side.kind,
          start: s.start,
          end: s.end,
          outward: s.outward,
          length: s.length,
          reach: standsOf(s.side) !== null ? footReach(plan, s.side.id) : 0,
          movable: before !== undefined && after !== undefined && movable(plan, s, before, after),
        },
      ];
    }),
  );
  const stand = new Set(plan.sides.filter((s) => standingOn(s) !== null).map((s) => s.id));
  const posts = of(parts, 'post').flatMap((p): Primitive<PostKind>[] => {
    const frame = frames.get(p.side);
    return frame
      ? [
          {
            shape: 'square',
            kind: p.origin === 'standing' ? 'post-standing' : p.role,
            part: formatPart(p.part),
            at: frame.at(p.along, 0),
            size: p.size,
            along: frame.direction,
          },
        ]
      : [];
  });
  const spread = spreadOf(plan);
  const outline = [...rings.flatMap((r) => r.sides.map((s) => s.start)), ...spread];
  const nearest = placesNear(outline);
  const near = (p: Vector) => nearest(p, NEAR) !== undefined;
  // Houses and trees close by belong to the picture; what is further off comes with looking further.
  const around = plan.ground.buildings.filter((b) => outline.length === 0 || b.outline.some(near));
  const trees = plan.ground.trees.map((t) => t.at).filter((p) => outline.length === 0 || near(p));
  return {
    layers: {
      run: rings.map((r): Primitive<InkKind> => ({
        shape: 'polygon',
        kind: 'run',
        part: formatPart({ on: 'enclosure', enclosure: r.enclosure }),
        points: r.sides.map((s) => s.start),
      })),
      foot: footShapes(parts, { rings, frames }),
      side: sides.map((s): Primitive<InkKind> => ({
        shape: 'line',
        kind: stand.has(s.id) ? 'standing' : s.kind,
        part: formatPart({ on: 'side', side: s.id }),
        points: [s.start, s.end],
      })),
      gate: openingShapes(plan, rings, frames),
      over: overShapes(parts, { rings, frames }),
      post: posts,
      marks: markShapes(parts, { rings, frames }),
    },
    sides,
    corners: sheetCorners(rings),
    extent: extentOf([...reach(plan, rings, frames), ...spread, ...around.flatMap(houseReach), ...trees]),
  };
}

type Walked = Ring['sides'][number];

/** Sides of a rectangle beside its house move too: the wall behind gives way. */
function movable(plan: Plan, s: Walked, before: Walked, after: Walked): boolean {
  if (canMove(s, before, after)) return true;
  const besideHouse = /^s[123]$/.test(s.side.id) && plan.sides.some((side) => side.kind === 'building');
  return besideHouse && plan.corners.every((c) => /^(c[1-4]|h[12])$/.test(c.id));
}
