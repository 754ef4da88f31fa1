import { straightsNear } from '../../../ground/boxes';
import { Near } from '../../../ground/near';
import { type Vector, lerp } from '../../../ground/vector';
import type { Support } from '../plan/kinds';
import { type CoverShape, type ShapeOf, fallOf } from '../over/shape';
import { halfTurn } from '../over/strips';
import type { CoverWay } from '../over/ways';
import {
  type Bar,
  type InAxes,
  MOST_BEAMS,
  ON_BAR,
  alongBar,
  barsAt,
  equally,
  heldAt,
  inAxes,
  railMarks,
  seamsOf,
  sharesOf,
  withEnds,
} from './lines';

/** What holds a cover up, in plan. */
export interface Supports {
  readonly rails: readonly Bar[];
  /** One a side of the outline that has no top rail, with the edge that it is on. */
  readonly edgeRails: readonly (Bar & { readonly edge: number })[];
  readonly beams: readonly Bar[];
  /** Under beams. */
  readonly posts: readonly Support[];
  /** Under a net. */
  readonly props: readonly Support[];
}

/** Nothing at all. */
export const NONE: Supports = { rails: [], edgeRails: [], beams: [], posts: [], props: [] };

/** What of the fence a cover stands on. */
export interface StandsOn {
  /** Whether a side of the plan has a rail at its top already, by its id. */
  readonly topRail: (side: string) => boolean;
  /** Posts of the fence. */
  readonly posts: readonly Vector[];
}

/** A ledger along a wall is in pieces of at most so much, m. */
const LEDGER = 2.4;

/** One rail along each edge of the outline that has none: on a fence in pieces from post to post, along a wall as a ledger. */
function edgeRailsOf(
  { edges }: CoverShape,
  { topRail, posts }: StandsOn,
  carries: (edge: { readonly along: boolean }) => number,
  direction: number,
): Supports['edgeRails'] {
  return edges.flatMap(({ from, to, length, side }, edge) => {
    if (length < 1e-6 || (side && topRail(side.side.id))) return [];
    const d = halfTurn(Math.atan2(to.y - from.y, to.x - from.x));
    const off = Math.min(Math.abs(d - direction), Math.PI - Math.abs(d - direction));
    const bar: Bar = { from, to, length, held: [0, length], carries: carries({ along: off < Math.PI / 4 }) };
    if (side === null) return [{ ...bar, edge }];
    const fenced = side.side.kind === 'fence';
    const places = fenced ? posts.flatMap((p) => alongBar(bar, p) ?? []) : equally(0, length, LEDGER);
    return [{ ...heldAt(bar, places), edge }];
  });
}

/** Posts nearer to each other than this are one, m. */
const ONE_PLACE = 0.3;

/** Posts under each beam: where the keeper set them, or at equal distances of 2.4 at most. Two in one place are one. */
function postsUnder(beams: readonly Bar[], own: readonly Support[] | null): readonly Support[] {
  if (own) return own;
  const made: Vector[] = [];
  const near = new Near(ONE_PLACE);
  for (const beam of beams)
    for (const s of equally(0, beam.length, MOST_BEAMS)) {
      const at = lerp(beam.from, beam.to, s / beam.length);
      if (near.has(at)) continue;
      near.add(at);
      made.push(at);
    }
  return made.map((at, i) => ({ id: `p${i + 1}`, at }));
}

/** Bars held at the posts that stand under them. */
function heldBy<B extends Bar>(bars: readonly B[], supports: readonly Support[]): readonly B[] {
  const near = straightsNear(bars, ON_BAR);
  const places = bars.map((): number[] => []);
  for (const { at } of supports)
    for (const k of near(at)) {
      const bar = bars[k];
      const along = bar ? alongBar(bar, at) : null;
      if (along !== null) places[k]?.push(along);
    }
  return bars.map((bar, k) => ({ ...bar, ...heldAt(bar, places[k] ?? []) }));
}

interface Lattice {
  readonly at: InAxes;
  /** Across: where rails run; along: where beams cross. */
  readonly marks: readonly number[];
  readonly crossings: readonly number[];
}

/** Rails along the axes and beams across them, each held where they cross. */
function lattice(shape: CoverShape, direction: number, { at, marks, crossings }: Lattice) {
  const shares = sharesOf(marks, at.low, at.high);
  const across = inAxes(shape, direction + Math.PI / 2);
  const beamShares = sharesOf(crossings, at.left, at.right);
  // Turned a quarter, what lay along lies across the other way round.
  const beams = crossings.flatMap((x, i) => barsAt(across, -x, beamShares[i] ?? 0));
  const rails = marks
    .flatMap((y, i) => barsAt(at, y, shares[i] ?? 0))
    .map((rail) =>
      heldAt(
        rail,
        beams.flatMap((beam) => crossing(rail, beam) ?? []),
      ),
    );
  return { rails, beams };
}

/** How far along one bar another crosses it. */
function crossing(rail: Bar, beam: Bar): number | null {
  const [ux, uy] = [(rail.to.x - rail.from.x) / rail.length, (rail.to.y - rail.from.y) / rail.length];
  const s = (beam.from.x - rail.from.x) * ux + (beam.from.y - rail.from.y) * uy;
  const p = { x: rail.from.x + ux * s, y: rail.from.y + uy * s };
  return alongBar(beam, p) === null ? null : s;
}

/** Of strips and panels: rails under seams, beams across them, posts under beams. */
export function carried(shape: ShapeOf<'strips'>, way: CoverWay, on: StandsOn): Supports {
  const { how, stands } = shape.made;
  const at = inAxes(shape, way.sheet);
  const flat = at.high - at.low;
  const laid = way.strips.length === 0 ? flat : laidAcross(way);
  // Seams are laid out in the plane; what carries them is looked at from above.
  const scale = laid > 0 ? flat / laid : 1;
  const seams = seamsOf({ low: 0, high: laid }, { width: way.width, lap: way.side.lap, edge: way.edge }).map(
    (s) => at.low + s * scale,
  );
  const crossings = how.beams
    ? how.beams.map((x) => at.left + x).filter((x) => x < at.right)
    : equally(at.left, at.right, MOST_BEAMS);
  const marks = railMarks(at, seams);
  const { rails, beams } = lattice(shape, way.sheet, { at, marks, crossings });
  const first = Math.min(...marks.map((m) => m - at.low), at.high - at.low);
  const bay = Math.min(...crossings.map((x) => x - at.left), at.right - at.left);
  const edges = edgeRailsOf(shape, on, ({ along }) => (along ? first : bay) / 2, way.sheet);
  // An edge across the run stands on posts of its own, like a beam.
  const across = edges.filter(({ edge }) => !shape.edges[edge]?.side);
  const posts = postsUnder([...beams, ...across], stands?.own ?? null);
  const acrossHeld = heldBy(across, posts);
  return {
    ...NONE,
    rails,
    beams: heldBy(beams, posts),
    posts,
    edgeRails: edges.map((rail) => acrossHeld[across.indexOf(rail)] ?? rail),
  };
}

/** The whole width across strips, as it is laid out. */
function laidAcross({ side, strips, direction }: CoverWay): number {
  const [c, s] = [Math.cos(direction), Math.sin(direction)];
  const ys = side.outline.map((p) => -p.x * s + p.y * c);
  return strips.length === 0 ? 0 : Math.max(...ys) - Math.min(...ys);
}

/** Of sheets: purlins across the fall, rafters down it. Of a tarp the same as rails and beams. */
export function onRafters(shape: CoverShape, most: number, apart: number): Supports {
  const { x, y } = shape.cover.rise === 0 ? shape.box.axes.v : fallOf(shape.cover);
  const fall = halfTurn(Math.atan2(y, x));
  const direction = halfTurn(fall + Math.PI / 2);
  const at = inAxes(shape, direction);
  const run = at.high - at.low;
  const stretch = run > 0 ? Math.hypot(run, shape.cover.rise) / run : 1;
  const marks = withEnds(at.low, at.high, most / stretch);
  const crossings = withEnds(at.left, at.right, apart);
  const { rails, beams } = lattice(shape, direction, { at, marks, crossings });
  return { ...NONE, rails, beams };
}

/** Timbers that a bar is made of: one from each place at which it is held to the next. */
export const piecesOf = ({ held }: Bar): readonly number[] =>
  held.slice(1).map((to, i) => to - (held[i] ?? 0));
