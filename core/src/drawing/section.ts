import { sectionShapes } from '../stages/opened';
import { boxRound } from '../stages/cover/over/strips';
import { surveyRings } from '../ground/survey';
import { terrainOf } from '../ground/terrain';
import type { Vector } from '../ground/vector';
import { formatPart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';
import { type Cut, cutAlong, upright } from './scene/cut';
import { sideFrames } from './scene/frames';
import type { InkKind } from './scene/inks';
import { type Extent, type Primitive, extentOf, placesOf } from './scene/scene';

/** A section along a line across the sheet, to scale: x along the line, y a height, the lowest ground at 0. All m. */
export interface SectionScene {
  readonly line: { readonly from: Vector; readonly to: Vector };
  readonly shapes: readonly Primitive<InkKind>[];
  readonly extent: Extent;
  /** Heights and widths that are written on it. */
  readonly measures: readonly { readonly from: Vector; readonly to: Vector }[];
  /** The keeper, where there is most room: foot and height. */
  readonly keeper: { readonly x: number; readonly foot: number; readonly height: number };
}

/** The clear height is written so far beside the keeper, m. */
const ASIDE = 0.8;
const BESIDE = 0.55;
/** Ground shown below the lowest, and past the ends of a line that goes across the middle. */
const BELOW = 1;
const PAST = 1.2;

/** Across the middle of the first run, the shorter way. */
function acrossMiddle(plan: Plan): { readonly from: Vector; readonly to: Vector } {
  const [ring] = surveyRings(plan);
  if (!ring) return { from: { x: -PAST, y: 0 }, to: { x: PAST, y: 0 } };
  const { axes, left, right, low, high } = boxRound(ring.sides.map((s) => s.start));
  const along = right - left <= high - low;
  const [u, v] = along ? [axes.u, axes.v] : [axes.v, axes.u];
  // Off the middle, where lengths are written.
  const mid = along ? low + (high - low) * 0.37 : left + (right - left) * 0.37;
  const [a, b] = along ? [left, right] : [low, high];
  const at = (s: number): Vector => ({ x: u.x * s + v.x * mid, y: u.y * s + v.y * mid });
  return { from: at(a - PAST), to: at(b + PAST) };
}

export const sectionLine = (plan: Plan): { readonly from: Vector; readonly to: Vector } =>
  plan.section ?? acrossMiddle(plan);

/** How far the ground is drawn past both ends and down: beyond any window, m. */
const FAR = 60;

/** What is under the surface, beyond the picture on every side; and the surface itself. */
function earth(plan: Plan, cut: Cut, floor: number): readonly Primitive<InkKind>[] {
  const terrain = terrainOf(plan.ground.spotHeights);
  const stops = [0, ...terrain.breaksAlong(cut.from, cut.to).map((s) => s * cut.length), cut.length];
  const top = stops.map((x) => ({ x, y: cut.ground(cut.at(x)) }));
  const [first, last] = [top[0]?.y ?? 0, top[top.length - 1]?.y ?? 0];
  const surface = [{ x: -FAR, y: first }, ...top, { x: cut.length + FAR, y: last }];
  const under = [...surface, { x: cut.length + FAR, y: floor - FAR }, { x: -FAR, y: floor - FAR }];
  const part = formatPart({ on: 'plan' });
  return [
    { shape: 'polygon', kind: 'earth', part, points: under },
    { shape: 'line', kind: 'surface', part, points: surface },
  ];
}

/** Garden and house walls are shown at least so high, m. */
const WALL = { high: 2, thick: 0.12 } as const;

/** Walls that it passes through: as high as what lies on them. */
function standingWalls(plan: Plan, cut: Cut, parts: readonly Part[]): readonly Primitive<InkKind>[] {
  return surveyRings(plan).flatMap((ring) =>
    ring.sides.flatMap(({ side, start, end }): Primitive<InkKind>[] => {
      const crossed = side.kind === 'wall' ? cut.crossing(start, end) : null;
      if (!crossed) return [];
      const over = parts.flatMap((p) =>
        p.kind === 'cover-edge' && p.side === side.id ? [p.fromHeight, p.toHeight] : [],
      );
      const foot = cut.ground(cut.at(crossed.along));
      const high = Math.max(WALL.high, ...over.map((h) => h + 0.3));
      const outside = crossed.along > cut.length / 2 ? WALL.thick : -WALL.thick;
      return [
        {
          shape: 'polygon',
          kind: 'building',
          part: formatPart({ on: 'side', side: side.id }),
          points: upright(crossed.along + outside, WALL.thick, foot - 0.3, foot + high),
          label: 'wall',
        },
      ];
    }),
  );
}

/** Houses that it passes through, as high as their eaves. */
function houses(plan: Plan, cut: Cut): readonly Primitive<InkKind>[] {
  return plan.ground.buildings.flatMap((b): Primitive<InkKind>[] => {
    const crossed = b.outline.flatMap((p, i) => {
      const q = b.outline[(i + 1) % b.outline.length] ?? p;
      return cut.crossing(p, q)?.along ?? [];
    });
    if (crossed.length < 2) return [];
    const [a, c] = [Math.min(...crossed), Math.max(...crossed)];
    const foot = cut.ground(cut.at((a + c) / 2));
    return [
      {
        shape: 'polygon',
        kind: b.stands === 'posts' ? 'roof' : 'building',
        part: formatPart({ on: 'building', building: b.id }),
        points: [
          ...upright((a + c) / 2, (c - a) / 2, foot, foot + b.eaves).slice(0, 3),
          { x: (a + c) / 2, y: foot + b.height },
          { x: a, y: foot + b.eaves },
        ],
        label: b.name,
      },
    ];
  });
}

/** A person standing, from head to foot. */
function figure(x: number, foot: number, height: number): readonly Primitive<InkKind>[] {
  const part = formatPart({ on: 'plan' });
  const at = (dx: number, share: number): Vector => ({ x: x + dx * height, y: foot + share * height });
  const line = (...points: readonly Vector[]): Primitive<InkKind> => ({
    shape: 'line',
    kind: 'limb',
    part,
    points,
  });
  return [
    { shape: 'circle', kind: 'keeper', part, at: at(0, 0.935), radius: 0.05 * height },
    line(at(0, 0.85), at(0, 0.47)),
    line(at(-0.13, 0.55), at(0, 0.83), at(0.13, 0.55)),
    line(at(-0.07, 0.02), at(0, 0.48), at(0.07, 0.02)),
  ];
}

/** The lowest of what covers the run at a place; null where it is open. */
function lowestOver(shapes: readonly Primitive<InkKind>[], x: number): number | null {
  let low: number | null = null;
  for (const s of shapes) {
    if (s.shape !== 'line' || s.kind !== 'cut-cover') continue;
    s.points.forEach((b, i) => {
      const a = s.points[i - 1];
      if (!a || x < Math.min(a.x, b.x) || x > Math.max(a.x, b.x) || a.x === b.x) return;
      const y = a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
      low = low === null ? y : Math.min(low, y);
    });
  }
  return low;
}

/** The longest stretch of the line inside a run; all of it where it passes through none. */
function insideOf(plan: Plan, cut: Cut): { readonly from: number; readonly to: number } {
  const stretches = surveyRings(plan).flatMap((ring) => {
    const crossed = ring.sides
      .flatMap((s) => cut.crossing(s.start, s.end)?.along ?? [])
      .sort((a, b) => a - b);
    return crossed.slice(1).map((to, i) => ({ from: crossed[i] ?? 0, to }));
  });
  const [first] = stretches;
  if (!first) return { from: 0, to: cut.length };
  return stretches.reduce((a, b) => (b.to - b.from > a.to - a.from ? b : a), first);
}

/** Under the crown of an arch, where nothing stands there; otherwise beside the middle, where props stand. */
function placeOfKeeper(
  { from, to }: { readonly from: number; readonly to: number },
  shapes: readonly Primitive<InkKind>[],
): number {
  const middle = (from + to) / 2;
  const over = shapes.some((s) => s.kind === 'cut-curve');
  const stands = shapes.some(
    (s) =>
      s.shape === 'polygon' && s.kind === 'cut-post' && s.points.some((p) => Math.abs(p.x - middle) < 0.2),
  );
  return over && !stands ? middle : from + (to - from) * 0.4;
}

/** Everything that stands, lies and hangs along a line, with the keeper in it. */
export function sectionScene(plan: Plan, parts: readonly Part[], line = sectionLine(plan)): SectionScene {
  const terrain = terrainOf(plan.ground.spotHeights);
  const cut = cutAlong(line, (p) => terrain.heightAt(p), sideFrames(plan));
  const surface = Array.from({ length: 25 }, (_, i) => cut.ground(cut.at((cut.length * i) / 24)));
  const floor = Math.min(...surface) - BELOW;
  const inside = insideOf(plan, cut);
  const cutOpen = parts.flatMap((part) => sectionShapes(part, cut));
  const x = placeOfKeeper(inside, cutOpen);
  const foot = cut.ground(cut.at(x));
  const shapes = [
    ...earth(plan, cut, floor),
    ...houses(plan, cut),
    ...standingWalls(plan, cut, parts),
    ...figure(x, foot, plan.stature),
    ...cutOpen,
  ];
  const drawn = shapes.filter((s) => s.kind !== 'earth' && s.kind !== 'surface');
  const points = [{ x: 0, y: floor }, { x: cut.length, y: floor }, ...drawn.flatMap(placesOf)];
  const { from, to } = inside;
  const curves = shapes.flatMap((s) => (s.shape === 'line' && s.kind === 'cut-curve' ? [s.points] : []));
  const over = curves.length > 0 ? null : lowestOver(shapes, x);
  const measures = [
    ...(over === null ? [] : [{ from: { x: x + ASIDE, y: foot }, to: { x: x + ASIDE, y: over } }]),
    // An arch is measured to its crown, beside it.
    ...curves.flatMap((points) => {
      const left = points.reduce((a, p) => (p.x < a.x ? p : a), { x: Infinity, y: 0 });
      const top = points.reduce((high, p) => Math.max(high, p.y), -Infinity);
      const beside = left.x - BESIDE;
      return [{ from: { x: beside, y: cut.ground(cut.at(left.x)) }, to: { x: beside, y: top } }];
    }),
    ...(to - from > 0.1 ? [{ from: { x: from, y: floor + 0.3 }, to: { x: to, y: floor + 0.3 } }] : []),
  ];
  return { line, shapes, extent: extentOf(points), measures, keeper: { x, foot, height: plan.stature } };
}
