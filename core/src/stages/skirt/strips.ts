import { STRAIGHT } from '../../ground/survey';
import { EPSILON } from '../../units/round';
import { type Term, product, sum, value } from '../../working';
import type { SkirtChain, SkirtEdge } from './edges';

/** One strip of skirt as it is cut, before joints. */
export interface SkirtStrip {
  /** All edges that it lies along: one where it turns corners like an apron, a whole walk where it goes round them. */
  readonly edges: readonly SkirtEdge[];
  /** What it runs on past its start and its end, m. */
  readonly back: number;
  readonly ahead: number;
  readonly length: number;
  readonly working: Term;
}

/**
 * What an apron of width 1 runs on past a convex corner.
 *
 * @param turn  φ, radians, positive where convex
 * @returns ahead: of the earlier side's strip; back: of the later side's, both as multiples of the width
 * @see rules: Skirts. W·sin φ up to 90°; beyond, W and −W·cos φ
 */
export function apronCorner(turn: number): { readonly ahead: number; readonly back: number } {
  if (turn < STRAIGHT) return { ahead: 0, back: 0 };
  if (turn <= Math.PI / 2 + STRAIGHT) return { ahead: Math.sin(turn), back: 0 };
  return { ahead: 1, back: -Math.cos(turn) };
}

/**
 * What the strips of two edges run on past the corner between them, m: each by as much as the other is wide. Of two widths the wider runs on first, so
 * that it does not matter which way the fence is walked.
 */
function runsOn(
  turn: number,
  earlier: number,
  later: number,
): { readonly earlier: number; readonly later: number } {
  const { ahead, back } = apronCorner(turn);
  return later > earlier + EPSILON
    ? { earlier: back * later, later: ahead * earlier }
    : { earlier: ahead * later, later: back * earlier };
}

/** Whether an edge has the skirt in hand. */
export type HasSkirt = (edge: SkirtEdge) => boolean;
/** Width with which the skirt of an edge turns corners, whichever it has, m; 0 where it goes round them or there is none. */
export type Turning = (edge: SkirtEdge) => number;

export const edgeTerm = (edge: SkirtEdge): Term =>
  edge.of.on === 'line'
    ? value('skirt.side', edge.length, 'm', { side: edge.of.line.number })
    : value('skirt.house', edge.length, 'm', { name: edge.of.wall });

/** What a keeper calls an edge in a working: its side, or 0 for a wall of the house. */
const numberOf = (edge: SkirtEdge) => (edge.of.on === 'line' ? edge.of.line.number : 0);

const neighbours = ({ edges, cyclic }: SkirtChain, i: number) => ({
  previous: i > 0 ? edges[i - 1] : cyclic ? edges[edges.length - 1] : undefined,
  next: i < edges.length - 1 ? edges[i + 1] : cyclic ? edges[0] : undefined,
});

/**
 * One strip an edge, running on round convex corners where skirt meets skirt: by as much as the other is wide, which closes
 * the corner between two of different width as well.
 */
export function apronStrips(chain: SkirtChain, hasSkirt: HasSkirt, turning: Turning): readonly SkirtStrip[] {
  return chain.edges.flatMap((edge, i) => {
    if (!hasSkirt(edge)) return [];
    const { previous, next } = neighbours(chain, i);
    const ahead = next ? runsOn(edge.turn, turning(edge), turning(next)).earlier : 0;
    const back = previous ? runsOn(previous.turn, turning(previous), turning(edge)).later : 0;
    const corners = [
      [ahead, edge.turn],
      [back, previous?.turn ?? 0],
    ] as const;
    const terms = corners
      .filter(([by]) => by > 0)
      .map(([by, turn]) => value('skirt.corner', by, 'm', { side: numberOf(edge), turn }));
    const working = sum('skirt.length', 'm', {}, [edgeTerm(edge), ...terms]);
    return [{ edges: [edge], ahead, back, length: working.value, working }];
  });
}

/** A straight buried skirt goes round corners with nothing added: one strip for each unbroken length. */
export function roundStrips(chain: SkirtChain, hasSkirt: HasSkirt): readonly SkirtStrip[] {
  const groups: SkirtEdge[][] = [];
  const gap = chain.cyclic ? chain.edges.findIndex((e) => !hasSkirt(e)) : -1;
  const inOrder = gap < 0 ? chain.edges : [...chain.edges.slice(gap), ...chain.edges.slice(0, gap)];
  inOrder.forEach((edge, i) => {
    if (!hasSkirt(edge)) return;
    const group = groups[groups.length - 1];
    const before = inOrder[i - 1];
    if (group && before && group[group.length - 1] === before) group.push(edge);
    else groups.push([edge]);
  });
  return groups.map((edges) => {
    const working = sum('skirt.length', 'm', {}, edges.map(edgeTerm));
    return { edges, ahead: 0, back: 0, length: working.value, working };
  });
}

/** An unbroken length of apron. */
export interface Stretch {
  /** Outer edge, m. */
  readonly edge: number;
  /** It has two ends; otherwise it goes all round. */
  readonly open: boolean;
}

/**
 * The unbroken lengths of an apron with their outer edges: what its pegs are counted along (rules: Walls: W·tan(φ/2) at each end of a
 * convex corner where skirt meets skirt).
 */
export function apronStretches(
  chain: SkirtChain,
  width: number,
  hasSkirt: HasSkirt,
  turning: Turning,
): readonly Stretch[] {
  const turned = (turn: number, other: SkirtEdge | undefined) =>
    other && turning(other) > 0 && turn > STRAIGHT ? width * Math.tan(turn / 2) : 0;
  const edges = chain.edges.map((edge, i) => {
    const { previous, next } = neighbours(chain, i);
    return {
      skirted: hasSkirt(edge),
      length: edge.length + turned(edge.turn, next) + turned(previous?.turn ?? 0, previous),
    };
  });
  // A ring is begun after a gap, so that no stretch is cut where it happens to be written down first.
  const gap = chain.cyclic ? edges.findIndex((e) => !e.skirted) : -1;
  const inOrder = gap < 0 ? edges : [...edges.slice(gap), ...edges.slice(0, gap)];
  const stretches: { edge: number; open: boolean }[] = [];
  let last: { edge: number; open: boolean } | undefined;
  for (const { skirted, length } of inOrder) {
    if (!skirted) last = undefined;
    else if (last) last.edge += length;
    else {
      last = { edge: length, open: !chain.cyclic || gap >= 0 };
      stretches.push(last);
    }
  }
  return stretches;
}

/** Volume along what it lies at, corners not added, m³ (rules: Skirts). */
export function volumeAlong(
  code: 'skirt.trench' | 'skirt.fill',
  sides: readonly Term[],
  { width, depth }: { readonly width: number; readonly depth: number },
): Term {
  return product(code, 'm³', {}, [
    sum('skirt.fenced', 'm', {}, sides),
    value('skirt.trench-width', width, 'm', {}),
    value('skirt.trench-depth', depth, 'm', {}),
  ]);
}
