import { type Finding, type Mends, finding } from '../../findings/types';
import type { FenceLine } from '../../ground/fenceLines';
import { tangled } from '../../ground/polyline';
import { type Vector, insideOrOn, lerp } from '../../ground/vector';
import { slopeOf } from '../../ground/plane';
import type { PartRef } from '../../plan/partRef';
import { WHOLE_PLAN } from '../../plan/changes/types';
import type { Facet } from '../../plan/effective';
import type { OpeningPlace } from '../../plan/openingPlace';
import type { Plan } from '../../plan/schema';
import { EPSILON, tidy } from '../../units/round';
import { nameOf } from '../ways/plan/kinds';
import { STRONG } from '../outline/plan/standing';
import { reachOf } from '../ways/shown/leaf';
import type { WallTop } from '../walls/shown/wallTop';
import { type OverRun, rowOf } from './plan/kinds';
import type { Covered, OpenCover } from './laid';
import { insideAt } from './over/bands';
import { type CoverShape, type HeightAt, overGround } from './over/shape';

/** What covers are looked at by, beside what holds them up. */
export interface CoversSeenBy {
  readonly covered: Covered;
  readonly ground: HeightAt;
  readonly stature: number;
  readonly lines: readonly FenceLine[];
  readonly tops: ReadonlyMap<FenceLine, WallTop>;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly openings: readonly OpeningPlace[];
  readonly buildings: Plan['ground']['buildings'];
  readonly trees: Plan['ground']['trees'];
  readonly eaveOverhang: number;
}

const partOf = (cover: OverRun): PartRef => ({ on: 'cover', cover: cover.id });
const set = (cover: OverRun, to: object): Mends => [{ verb: 'set-cover', id: cover.id, to } as const];

/** Wider gaps than this are seen, m. */
export const GAP = 0.05;
/** Nobody crawls through a lower one, m. */
const LEAST_LEAF = 0.6;
/** Water stands in laps that fall less (rules: Cover). */
const LEAST_FALL = 0.09;

/** Its outline: crossing itself, outside its run, over another. */
function outlines({ shape }: OpenCover, all: readonly OpenCover[]): Finding[] {
  const { cover, outline, ring } = shape;
  const part = partOf(cover);
  const { name } = cover;
  if (cover.outline && tangled(outline))
    return [
      finding(
        'cover.tangled',
        { severity: 'mend', stage: 'cover', part },
        { name },
        set(cover, { outline: null }),
      ),
    ];
  const run = ring.sides.map((s) => s.start);
  const found: Finding[] = [];
  const looked = outline.flatMap((p, i) => [p, lerp(p, outline[(i + 1) % outline.length] ?? p, 0.5)]);
  if (cover.outline && looked.some((p) => !insideOrOn(p, run, GAP)))
    found.push(
      finding(
        'cover.outside',
        { severity: 'mend', stage: 'cover', part },
        { name },
        set(cover, { outline: null }),
      ),
    );
  for (const other of all) {
    if (other.nth >= (all.find((o) => o.shape === shape)?.nth ?? 0)) continue;
    if (overlap(shape, other.shape))
      found.push(
        finding(
          'cover.over-another',
          { severity: 'mend', stage: 'cover', part },
          { name, other: other.shape.cover.name },
          [{ verb: 'remove-cover', id: cover.id }],
        ),
      );
  }
  return found;
}

/** Whether two outlines share more than an edge: looked at along levels half way between all their corners. */
function overlap(a: CoverShape, b: CoverShape): boolean {
  const levels = [...new Set([...a.outline, ...b.outline].map((p) => p.y))].sort((p, q) => p - q);
  return levels.slice(1).some((high, i) => {
    const low = levels[i] ?? high;
    if (high - low < GAP) return false;
    const [one, other] = [a, b].map(({ outline }) => insideAt(outline, (low + high) / 2));
    return (one ?? []).some((p) =>
      (other ?? []).some((q) => Math.min(p.to, q.to) - Math.max(p.from, q.from) > GAP),
    );
  });
}

/** How it lies: its pitch, and whether a person stands under it. */
function lies({ shape }: OpenCover, { stature }: CoversSeenBy): Finding[] {
  const { cover, made, plane } = shape;
  const part = partOf(cover);
  const { name } = cover;
  const found: Finding[] = [];
  if (cover.rise < -EPSILON)
    found.push(
      finding(
        'cover.falls-back',
        { severity: 'mend', stage: 'cover', part },
        { name },
        set(cover, { rise: -cover.rise, falls: turned(cover.falls) }),
      ),
    );
  const fall = slopeOf(plane);
  if (rowOf(cover).sheds && !made.ridged && fall < LEAST_FALL - EPSILON)
    found.push(
      finding(
        'cover.flat',
        { severity: 'mend', stage: 'cover', part },
        { name, fall },
        set(cover, { rise: tidy(Math.ceil(LEAST_FALL * runOf(shape) * 20) / 20) }),
      ),
    );
  if (cover.height < stature - EPSILON && (made.propHeight ?? 0) <= stature)
    found.push(
      finding(
        'cover.low',
        { severity: 'know', stage: 'cover', part },
        { name, least: cover.height, stature },
        set(cover, { height: tidy(Math.ceil((stature + 0.05) * 20) / 20) }),
      ),
    );
  return found;
}

/** The other way about, within one turn. */
const turned = (radians: number): number => (radians > 0 ? radians - Math.PI : radians + Math.PI);

const runOf = ({ cover, outline }: CoverShape): number => {
  const along = outline.map((p) => p.x * Math.cos(cover.falls) + p.y * Math.sin(cover.falls));
  return Math.max(...along) - Math.min(...along);
};

/** Where it meets the walls, gates and eaves. */
function meets({ shape }: OpenCover, by: CoversSeenBy): Finding[] {
  const { cover, edges } = shape;
  const part = partOf(cover);
  const { name } = cover;
  return edges.flatMap(({ from, to, side }): Finding[] => {
    if (!side) return [];
    const ends = [from, to].map((p) => overGround(shape, by.ground, p));
    const [at, low] = [Math.max(...ends), Math.min(...ends)];
    if (side.side.kind === 'building') {
      const { building: id } = side.side;
      const building = by.buildings.find((b) => b.id === id);
      if (!building || building.stands === 'posts') return [];
      const under = at <= building.eaves;
      if (under && building.eaves - low > by.eaveOverhang) return [];
      const params = { name, building: building.name, eave: building.eaves, at, out: by.eaveOverhang };
      return [
        finding(
          'cover.eave',
          { severity: under ? 'know' : 'mend', stage: 'cover', part },
          params,
          under ? [] : set(cover, { height: tidy(cover.height - (at - (building.eaves - 0.1))) }),
        ),
      ];
    }
    // Where it closes nothing, no gap lets anybody in.
    if (!rowOf(cover).closes) return [];
    const line = by.lines.find((l) => l.members.some((m) => m.ringSide.side.id === side.side.id));
    const wall = line && by.tops.get(line)?.top;
    if (wall === undefined) return [];
    const params = { name, side: side.number, wall, at };
    const height = tidy(cover.height + wall - at);
    const level = { verb: 'set-cover', id: cover.id, to: { height } } as const;
    if (at - wall > GAP + EPSILON) {
      // A fence that stands is carried higher on timbers.
      const carried = line?.standing && {
        verb: 'set-higher' as const,
        sides: line.members.map((m) => m.ringSide.side.id),
        higher: { mesh: line.standing.higher?.mesh ?? STRONG, top: tidy(at) },
      };
      const top = line && !line.standing ? by.bands.get(line)?.bands.at(-1) : undefined;
      const raise = top && {
        verb: 'set-band' as const,
        scope: { scope: 'side' as const, of: side.side.id },
        id: top.id,
        to: { top: tidy(at) },
      };
      const flat = at - low < GAP && cover.rise === 0 && height > 0.2;
      const all = top && {
        verb: 'set-band' as const,
        scope: WHOLE_PLAN,
        id: top.id,
        to: { top: tidy(at) },
      };
      const mends = [
        ...(flat ? [level] : []),
        ...(carried ? [carried] : []),
        ...(raise ? [raise] : []),
        ...(all ? [all] : []),
        ...(!flat && height > 0.8 ? [level] : []),
      ];
      return [finding('cover.gap', { severity: 'mend', stage: 'cover', part }, params, mends)];
    }
    return wall - at > GAP + EPSILON
      ? [finding('cover.sunk', { severity: 'know', stage: 'cover', part }, params, [level])]
      : [];
  });
}

/** Gates under its edge that are higher than it is. */
function gates({ shape }: OpenCover, by: CoversSeenBy): Finding[] {
  const { cover, edges } = shape;
  return by.openings.flatMap((opening): Finding[] => {
    const edge = edges.find((e) => e.side?.side.id === opening.side);
    const side = edge?.side;
    const line = by.lines.find((l) => l.members.some((m) => m.ringSide.side.id === opening.side));
    if (!side || !line) return [];
    const along = opening.along + opening.width / 2;
    const s = side.forward ? along : side.length - along;
    const at: Vector = { x: side.start.x + side.direction.x * s, y: side.start.y + side.direction.y * s };
    const { top } = reachOf(opening, by.tops.get(line)?.top ?? 0);
    const under = overGround(shape, by.ground, at);
    if (top <= under + GAP) return [];
    const params = { name: cover.name, opening: nameOf(opening.kind), top, under };
    return [
      finding(
        'cover.gate',
        { severity: 'mend', stage: 'cover', part: { on: 'opening', opening: opening.id } },
        params,
        [
          { verb: 'set-cover', id: cover.id, to: { height: tidy(cover.height + top - under) } },
          ...(under > LEAST_LEAF
            ? [{ verb: 'set-opening', id: opening.id, to: { height: tidy(under) } } as const]
            : []),
        ],
      ),
    ];
  });
}

/** Trees through it and over it, and props that stand outside it. */
function through({ shape }: OpenCover, { trees }: CoversSeenBy): Finding[] {
  const { cover, made, outline, box } = shape;
  const { name } = cover;
  const found = trees.flatMap((tree): Finding[] => {
    const part: PartRef = { on: 'tree', tree: tree.id };
    const smaller = Math.min(box.right - box.left, box.high - box.low);
    if (insideOrOn(tree.at, outline, 0))
      return [
        tree.trunk >= smaller
          ? finding(
              'cover.tree-larger',
              { severity: 'mend', stage: 'cover', part },
              { name, tree: tree.name },
              [{ verb: 'remove-cover', id: cover.id }],
            )
          : finding('cover.tree', { severity: 'know', stage: 'cover', part }, { name, tree: tree.name }),
      ];
    return insideOrOn(tree.at, outline, tree.crown)
      ? [finding('cover.leaves', { severity: 'know', stage: 'cover', part }, { name, tree: tree.name })]
      : [];
  });
  const { field, own } = made.stands ?? { field: null, own: null };
  const outside = (own ?? []).findIndex(({ at }) => !insideOrOn(at, outline, GAP));
  if (field !== null && outside >= 0)
    found.push(
      finding(
        'cover.prop-outside',
        { severity: 'mend', stage: 'cover', part: { on: 'cover-prop', cover: cover.id, nth: outside + 1 } },
        { name, nth: outside + 1 },
        [
          {
            verb: 'set-cover',
            id: cover.id,
            to: { [field]: (own ?? []).filter((_, i) => i !== outside) },
          },
        ],
      ),
    );
  return found;
}

/** Where the rain goes. */
function runsOff({ shape }: OpenCover): Finding[] {
  const { cover, made, area } = shape;
  if (made.closed?.runOff !== 'nowhere') return [];
  return [
    finding(
      'cover.run-off',
      { severity: 'mend', stage: 'cover', part: partOf(cover) },
      { name: cover.name, area },
      set(cover, { runOff: 'gutter' }),
    ),
  ];
}

/** What is wrong with covers by where they lie, whatever holds them up. */
export const coverFindings = (by: CoversSeenBy): readonly Finding[] =>
  by.covered.over.flatMap((open) => [
    ...outlines(open, by.covered.over),
    ...lies(open, by),
    ...meets(open, by),
    ...gates(open, by),
    ...through(open, by),
    ...runsOff(open),
  ]);
