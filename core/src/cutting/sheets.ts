import { type Block, type Layout, NO_BLOCK, type Spot } from './cutting';
import { EPSILON } from '../units/round';
import type { Run } from '../buying/run';

/* Named here: the inner loops of cutting ask for them millions of times. */
const EPS = EPSILON;
const { abs, max, min } = Math;

/** For up to so many small pieces in one roll every way to cut them apart is tried; more are laid row by row. */
export const MOST_TRIED = 6;
/** The same where the pool has more of them: so many blocks are then looked at that each must be quick. */
const MOST_TRIED_OF_MANY = 4;

export const triedOf = (sheets: number): number => (sheets > MOST_TRIED ? MOST_TRIED_OF_MANY : MOST_TRIED);

/** Beyond so many small pieces in a pool the rows are made once, not anew for every roll that could take one more. */
export const MANY_SHEETS = 12;

/** How small pieces are laid: leaves and patches as they hang, taking the roll's whole width; or any way, several side by side. */
export type Lying = 'as-hung' | 'any';

/**
 * A leaf, vent or patch that leaves roll beside it may lie either way and beside others (rules: Cutting and buying). What is wanted beside the fence always
 * does, and so does what is taller than the roll is wide.
 */
export function isSheet({ across, use }: Run, width: number, lying: Lying): boolean {
  if (across === null || abs(across - width) <= EPS) return false;
  return lying === 'any' || use === 'extra' || across > width;
}

const sizeOf = (run: Run) => run.length + run.startAllowance + run.endAllowance;

/** The least roll that a small piece takes, when all that lies beside it is used, m. */
export const leastRoll = (run: Run, width: number): number => (sizeOf(run) * (run.across ?? width)) / width;

/** Both sizes of one small piece, m, and which it is. */
interface Sheet {
  readonly index: number;
  /** Of pieces of one size the first: what is laid of them is as good whichever it is of. */
  readonly alike: number;
  readonly a: number;
  readonly b: number;
}

/** A way to lay pieces by how much it takes, m; where each lies is worked out of the one that is taken. */
interface Way {
  readonly length: number;
  readonly across: number;
  readonly spots: () => Layout['spots'];
}

const EMPTY: Way = { length: 0, across: 0, spots: () => [] };

function alone({ index, a, b }: Sheet, width: number): Way | undefined {
  const [short, long] = a <= b ? [a, b] : [b, a];
  if (short > width + EPS) return undefined;
  const [along, across] = long <= width + EPS ? [short, long] : [long, short];
  return { length: along, across, spots: () => [{ index, x: 0, y: 0, along, across }] };
}

const shifted = (way: Way, x: number, y: number) =>
  way.spots().map((s) => ({ ...s, x: s.x + x, y: s.y + y }));

const after = (a: Way, b: Way): Way => ({
  length: a.length + b.length,
  across: max(a.across, b.across),
  spots: () => [...a.spots(), ...shifted(b, a.length, 0)],
});

const beside = (a: Way, b: Way, taken: number): Way => ({
  length: max(a.length, b.length),
  across: max(a.across, taken + b.across),
  spots: () => [...a.spots(), ...shifted(b, 0, taken)],
});

const laidOutAs = ({ length, spots }: Way): Layout => ({ length, spots: spots() });
const sizeText = ({ a, b }: Pick<Sheet, 'a' | 'b'>) => `${a.toFixed(7)} ${b.toFixed(7)}`;
const sizesOf = (sheets: readonly Sheet[]) => sheets.map(sizeText).join();

/** Every width that sheets side by side can need, m. */
function widthsOf(sheets: readonly Sheet[], most: number): ReadonlySet<number> {
  let sums = new Set([0]);
  for (const { a, b } of sheets) {
    const more = new Set(sums);
    for (const sum of sums) {
      if (sum + a <= most + EPS) more.add(sum + a);
      if (sum + b <= most + EPS) more.add(sum + b);
    }
    sums = more;
  }
  sums.delete(0);
  return sums;
}

/** What no way of laying does with less: the area, or the piece that is longest when it lies as short as it can. */
function leastLength(sheets: readonly Sheet[], width: number): number {
  let area = 0;
  let longest = 0;
  for (const { a, b } of sheets) {
    area += a * b;
    const along = max(a, b) <= width + EPS ? min(a, b) : max(a, b);
    if (along > longest) longest = along;
  }
  return max(area / width, longest);
}

/** Which of at most `MOST_TRIED` pieces, and the width of their roll to the tenth of a micrometre. */
const keyOf = (sheets: readonly Sheet[], width: number): number =>
  sheets.reduce((mask, { index }) => mask | (1 << index), 0) + Math.round(width * 1e7) * 2 ** MOST_TRIED;

/** How many of each size, as a number: of the first so many ones, of the second so many sevens, and so on. */
const alikeIn = (sheets: readonly Sheet[]): number =>
  sheets.reduce((sum, { alike }) => sum + (MOST_TRIED + 1) ** alike, 0);

/** Every way of cutting in two, over and over: across the roll, or along it at a width that the first part needs. */
function shortest(sheets: readonly Sheet[], width: number, known: Map<number, Way | null>): Way | undefined {
  const [first] = sheets;
  if (!first) return EMPTY;
  if (sheets.length === 1) return alone(first, width);
  const key = keyOf(sheets, width);
  const before = known.get(key);
  if (before !== undefined) return before ?? undefined;
  let best: Way | undefined;
  const offer = (way: Way | undefined) => {
    if (way && (!best || way.length < best.length - EPS)) best = way;
  };
  /** Ways that are no shorter than one found are not followed. */
  const worth = (least: number) => !best || least < best.length - EPS;
  const floor = leastLength(sheets, width);
  const seen = new Set<number>();
  for (let mask = 1; mask < 2 ** sheets.length - 1 && worth(floor); mask++) {
    const part = sheets.filter((_, i) => mask & (1 << i));
    // Sheets of the same size are as good as each other.
    const sizes = alikeIn(part);
    if (seen.has(sizes)) continue;
    seen.add(sizes);
    const others = sheets.filter((_, i) => !(mask & (1 << i)));
    if (worth(leastLength(part, width) + leastLength(others, width))) {
      const one = shortest(part, width, known);
      const two = one && shortest(others, width, known);
      if (one && two) offer(after(one, two));
    }
    for (const w of widthsOf(part, width)) {
      if (!worth(leastLength(part, w))) continue;
      const left = shortest(part, w, known);
      if (!left || !worth(left.length)) continue;
      const { across } = left;
      if (!worth(leastLength(others, width - across))) continue;
      const right = shortest(others, width - across, known);
      if (right) offer(beside(left, right, across));
    }
  }
  known.set(key, best ?? null);
  return best;
}

/** Row by row, longest first: each row as long as its first piece. */
function inRows(sheets: readonly Sheet[], width: number): readonly Way[] {
  const rows: { way: Way; taken: number }[] = [];
  for (const one of sheets.flatMap((s) => alone(s, width) ?? []).sort((p, q) => q.length - p.length)) {
    const { across } = one;
    const row = rows.find((r) => r.taken + across <= width + EPS);
    if (row) {
      row.way = beside(row.way, one, row.taken);
      row.taken += across;
    } else rows.push({ way: one, taken: across });
  }
  return rows.map((row) => row.way);
}

const oneAfterAnother = (rows: readonly Way[]): Way => rows.reduce(after, EMPTY);

/** Pieces in the order in which they are laid, whichever order they came in. */
function inOrder(runs: readonly Run[], width: number) {
  const ordered = runs
    .map((run) => ({ run, a: sizeOf(run), b: run.across ?? width }))
    .sort((p, q) => p.a - q.a || p.b - q.b);
  const sizes = ordered.map(sizeText);
  return {
    ordered,
    sheets: ordered.map(({ a, b }, index): Sheet => ({
      index,
      alike: sizes.indexOf(sizes[index] ?? ''),
      a,
      b,
    })),
  };
}

const blockFrom = (layout: Layout, ordered: readonly { readonly run: Run }[]): Block => ({
  length: layout.length,
  spots: layout.spots.flatMap(({ index, x, y, along, across }): Spot[] => {
    const run = ordered[index]?.run;
    return run ? [{ run, x, y, along, across }] : [];
  }),
});

/** Layouts remembered. */
const MOST_REMEMBERED = 2000;

/**
 * The shortest stretch of roll from which small pieces can be cut, each lying either way, side by side where they fit, by cuts
 * from edge to edge. The shortest there is for a few; row by row beyond.
 *
 * @param width    of the roll, m; every piece fits it one way at least
 * @param tried    for how many every way is tried
 * @param layouts  those found before, by sizes
 */
export function blockOf(
  runs: readonly Run[],
  width: number,
  tried = MOST_TRIED,
  layouts = new Map<string, Layout>(),
): Block {
  if (runs.length === 0) return NO_BLOCK;
  const { ordered, sheets } = inOrder(runs, width);
  const key = `${width} ${tried} ${sizesOf(sheets)}`;
  let layout = layouts.get(key);
  if (!layout) {
    const best = sheets.length <= tried ? shortest(sheets, width, new Map()) : undefined;
    layout = laidOutAs(best ?? oneAfterAnother(inRows(sheets, width)));
    if (layouts.size >= MOST_REMEMBERED) layouts.clear();
    layouts.set(key, layout);
  }
  return blockFrom(layout, ordered);
}

/** Many small pieces laid side by side in rows across the roll, once for all: each row is a block of its own, longest first. */
export function rowsOf(runs: readonly Run[], width: number): readonly Block[] {
  const { ordered, sheets } = inOrder(runs, width);
  return inRows(sheets, width).map((row) => blockFrom(laidOutAs(row), ordered));
}

/** One block after another in the same roll. */
export const blockAfter = (a: Block, b: Block): Block => ({
  length: a.length + b.length,
  spots: [...a.spots, ...b.spots.map((s) => ({ ...s, x: s.x + a.length }))],
});
