import type { FenceLine, FenceWalk } from '../ground/fenceLines';
import { STRAIGHT } from '../ground/survey';
import { type Term, product, sum, value } from '../working';

/** One strip of skirt as it is cut, before joints. */
export interface SkirtStrip {
  readonly line: FenceLine;
  /** All lines that it lies along: one for an apron, a whole walk for a buried skirt. */
  readonly lines: readonly FenceLine[];
  readonly length: number;
  readonly working: Term;
}

/**
 * What an apron of width 1 runs on past a convex corner.
 *
 * @param turn  φ, radians, positive where convex
 * @returns ahead: of the earlier side's strip; back: of the later side's, both as multiples of the width
 * @see domain.md 7: W·sin φ up to 90°; beyond, W and −W·cos φ
 */
export function apronCorner(turn: number): { readonly ahead: number; readonly back: number } {
  if (turn < STRAIGHT) return { ahead: 0, back: 0 };
  if (turn <= Math.PI / 2 + STRAIGHT) return { ahead: Math.sin(turn), back: 0 };
  return { ahead: 1, back: -Math.cos(turn) };
}

/** Length of a line along the ground, m: what a skirt is bought by (domain.md 13). */
export type GroundLength = (line: FenceLine) => number;

const sideTerm = (line: FenceLine, along: GroundLength) =>
  value('skirt.side', along(line), 'm', { side: line.number });

/** One strip a fence line, running on round convex corners where fence meets fence. */
export function apronStrips(
  walk: FenceWalk,
  width: (line: FenceLine) => number | undefined,
  along: GroundLength,
): readonly SkirtStrip[] {
  const n = walk.lines.length;
  return walk.lines.flatMap((line, i) => {
    const w = width(line);
    if (w === undefined) return [];
    const previous = i > 0 ? walk.lines[i - 1] : walk.cyclic ? walk.lines[n - 1] : undefined;
    const next = i < n - 1 ? walk.lines[i + 1] : walk.cyclic ? walk.lines[0] : undefined;
    const terms: Term[] = [sideTerm(line, along)];
    const corner = (multiple: number, turn: number) => {
      if (multiple > 0) terms.push(value('skirt.corner', multiple * w, 'm', { side: line.number, turn }));
    };
    if (next && width(next) !== undefined) corner(apronCorner(line.turn).ahead, line.turn);
    if (previous && width(previous) !== undefined) corner(apronCorner(previous.turn).back, previous.turn);
    const working = sum('skirt.length', 'm', {}, terms);
    return [{ line, lines: [line], length: working.value, working }];
  });
}

/** A straight buried skirt goes round corners with nothing added: one strip for each unbroken length. */
export function buriedStrips(
  walk: FenceWalk,
  buried: (line: FenceLine) => boolean,
  along: GroundLength,
): readonly SkirtStrip[] {
  const groups: FenceLine[][] = [];
  walk.lines.forEach((line, i) => {
    if (!buried(line)) return;
    const group = groups[groups.length - 1];
    const before = walk.lines[i - 1];
    if (group && before && group[group.length - 1] === before) group.push(line);
    else groups.push([line]);
  });
  return groups.flatMap((lines) => {
    const line = lines[0];
    if (!line) return [];
    const working = sum(
      'skirt.length',
      'm',
      {},
      lines.map((l) => sideTerm(l, along)),
    );
    return [{ line, lines, length: working.value, working }];
  });
}

/** Outer edge of an apron: what its pegs are counted along, m (domain.md 6). */
export function outerEdge(
  walk: FenceWalk,
  width: (line: FenceLine) => number | undefined,
  along: GroundLength,
): number {
  const n = walk.lines.length;
  return walk.lines.reduce((total, line, i) => {
    const w = width(line);
    if (w === undefined) return total;
    const next = i < n - 1 ? walk.lines[i + 1] : walk.cyclic ? walk.lines[0] : undefined;
    const turned =
      next && width(next) !== undefined && line.turn > STRAIGHT ? 2 * w * Math.tan(line.turn / 2) : 0;
    return total + along(line) + turned;
  }, 0);
}

/** Volume of a trench along fenced lines, corners not added, m³ (domain.md 7: 0.15 wide for a straight skirt). */
export function trenchVolume(length: number, depth: number): Term {
  return product('hours.volume', 'm³', {}, [
    value('hours.metres', length, 'm', {}),
    value('skirt.trench-width', TRENCH_WIDTH, 'm', {}),
    value('skirt.trench-depth', depth, 'm', {}),
  ]);
}
export const TRENCH_WIDTH = 0.15;
