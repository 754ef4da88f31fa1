import { USES } from '../stages/facts';
import type { Bin, Cut, Cutting, Spot } from './cutting';
import type { ShownPool } from './types';
import { type Finding, finding } from '../findings/types';
import type { PartRef } from '../plan/partRef';
import { type Place, byPlace } from '../plan/place';
import { EPSILON } from '../units/round';
import { type Term, product, sum, value } from '../working';
import { isPriced } from './cut';
import type { Memo } from './memo';
import type { Cutter, Wanted } from './wanted';
import { leansOn, wholeLength } from './stretch';
import type { Lean, Run, Span } from '../buying/run';
import type { CutRoll, CuttingPool, Piece, WorkedPool } from './types';

export interface CuttingStage {
  readonly pools: readonly WorkedPool[];
  /** What each was cut for. */
  readonly wanted: readonly Wanted[];
  /** By pool: the need in words and figures, joints included. */
  readonly workings: ReadonlyMap<string, Term>;
  readonly findings: readonly Finding[];
}

/** A, B, … Z, AA, AB: the nth letter, from 0. */
export function letter(n: number): string {
  const last = String.fromCharCode(65 + (n % 26));
  return n < 26 ? last : letter(Math.floor(n / 26) - 1) + last;
}

interface Placed {
  readonly place: Place;
  readonly from: number;
  readonly part: PartRef;
}

/** Along the fence; at one place in the order in which the runs were asked for. */
type Order = (a: Placed, b: Placed) => number;

function orderOf(runs: readonly Run[]): Order {
  const asked = new Map(runs.map((run, i) => [run.part, i]));
  return (a, b) =>
    byPlace(a.place, b.place) || a.from - b.from || (asked.get(a.part) ?? 0) - (asked.get(b.part) ?? 0);
}

/** Which spans of its run a piece covers; runs that reach past their sides (apron corners) keep the whole. */
function pieceSpans(run: Run, from: number, to: number): readonly Span[] {
  if (from <= EPSILON && to >= run.length - EPSILON)
    return run.spans.map((span) => ({ side: span.side, from: span.from, to: span.to }));
  const covered: Span[] = [];
  let begins = 0;
  for (const span of run.spans) {
    if (begins >= to) break;
    const a = Math.max(from, begins);
    const b = Math.min(to, begins + span.cut);
    const level = (span.to - span.from) / span.cut;
    const [near, far] = [(a - begins) * level, (b - begins) * level];
    if (b - a > EPSILON) {
      covered.push(
        span.way === 'along'
          ? { side: span.side, from: span.from + near, to: span.from + far }
          : { side: span.side, from: span.to - far, to: span.to - near },
      );
    }
    begins += span.cut;
  }
  return covered;
}

/** A run longer than any roll between two posts cannot be cut; say which. */
function tooLong(pool: CuttingPool, longest: number): Finding[] {
  return pool.unplaced.map((run) => {
    const stops = [0, ...(run.joints === 'anywhere' ? [] : run.joints), run.length];
    const bay = Math.max(...stops.slice(1).map((to, i) => to - (stops[i] ?? 0)));
    const code = pool.kind === 'timber' ? 'piece.longer-than-timber' : 'bay.longer-than-roll';
    return finding(code, { severity: 'mend', stage: 'docket', part: run.part }, { bay, roll: longest });
  });
}

/** A roll that is short by no more is worth knowing of, m. */
const JUST_SHORT = 0.2;

/** What is needed along the fence alone, where a roll length falls just short of it (rules: Cutting and buying). */
function justShort(pool: CuttingPool): Finding[] {
  if (pool.kind === 'timber' || pool.rolls.some((r) => r.owned !== null)) return [];
  const pieces = pool.rolls.flatMap((r) => r.pieces).filter((p) => USES[p.use].along === 'fence');
  const need = pieces.reduce((total, p) => total + p.length, 0);
  const longest = Math.max(...pool.units.map((u) => u.size));
  for (const { size } of pool.units) {
    const by = need - size;
    if (
      by > EPSILON &&
      by <= JUST_SHORT + EPSILON &&
      (pool.cost === null || size < longest || pool.rolls.length > 1)
    ) {
      return [
        finding(
          'roll.just-short',
          { severity: 'know', stage: 'docket', part: { on: 'pool', pool: pool.id } },
          {
            product: pool.product,
            need,
            roll: size,
            by,
          },
        ),
      ];
    }
  }
  return [];
}

type Named = ReadonlyMap<Cut | Spot, string>;

const placeOf = (run: Run, from: number) => ({ place: run.place, from, part: run.part });

function pieceOf(cut: Cut, letters: Named): Piece {
  return {
    part: cut.run.part,
    use: cut.run.use,
    from: cut.from,
    to: cut.to,
    length: cut.length,
    jointed: cut.from > EPSILON,
    letter: letters.get(cut) ?? '?',
    place: cut.run.place,
    spans: pieceSpans(cut.run, cut.from, cut.to),
    lies: null,
  };
}

function smallPiece(spot: Spot, begins: number, letters: Named): Piece {
  const { run, x, y, along, across } = spot;
  return {
    part: run.part,
    use: run.use,
    from: 0,
    to: run.length,
    length: wholeLength(run, 0),
    jointed: false,
    letter: letters.get(spot) ?? '?',
    place: run.place,
    spans: pieceSpans(run, 0, run.length),
    lies: { x: begins + x, y, along, across },
  };
}

function rollOf(bin: Bin, letters: Named, order: Order): CutRoll {
  const strips = bin.cuts.map((cut) => pieceOf(cut, letters)).sort(order);
  const begins = strips.reduce((total, p) => total + p.length, 0);
  const small = bin.block.spots.map((spot) => smallPiece(spot, begins, letters));
  const { unit, owned } = bin.slot;
  return {
    length: bin.slot.size,
    owned: owned?.id ?? null,
    bought: unit && { yard: unit.yard, price: unit.price },
    pieces: [...strips, ...small.sort((a, b) => (a.lies?.x ?? 0) - (b.lies?.x ?? 0) || order(a, b))],
    left: Math.max(0, bin.free),
  };
}

/** What small pieces take less, or more, than their lengths one after the other, m. */
function sideBySide(cutting: Cutting): number {
  return cutting.bins.reduce(
    (total, { block }) => total + block.length - block.spots.reduce((t, s) => t + wholeLength(s.run, 0), 0),
    0,
  );
}

/** A straight grade that is jointed leans once more in each further piece: how many, by what each pays, m. */
function leansAgain(cutting: Cutting): ReadonlyMap<number, number> {
  const pieces = new Map<number, number>();
  const met = new Set<Lean>();
  for (const { run, from, to } of cutting.bins.flatMap((bin) => bin.cuts)) {
    for (const lean of run.leans) {
      if (!leansOn(lean, from, to)) continue;
      if (met.has(lean)) pieces.set(lean.extra, (pieces.get(lean.extra) ?? 0) + 1);
      met.add(lean);
    }
  }
  return pieces;
}

function needWorking(wanted: Wanted, cutting: Cutting): Term {
  const joints = product('mesh.joints', 'm', {}, [
    value('mesh.joint-count', cutting.joints, 'piece', {}),
    value('mesh.joint-each', wanted.lap, 'm', {}),
  ]);
  const beside = sideBySide(cutting);
  const again = [...leansAgain(cutting)].map(([extra, pieces]) =>
    product('mesh.lean-again', 'm', {}, [
      value('mesh.lean-pieces', pieces, 'piece', {}),
      value('mesh.lean-each', extra, 'm', {}),
    ]),
  );
  return sum('mesh.need', 'm', {}, [
    ...wanted.terms.flatMap((terms) => terms()),
    ...(cutting.joints > 0 ? [joints] : []),
    ...again,
    ...(Math.abs(beside) > EPSILON ? [value('mesh.beside', beside, 'm', {})] : []),
  ]);
}

const longestFirst = (order: Order) => (a: CutRoll, b: CutRoll) =>
  Number(b.owned !== null) - Number(a.owned !== null) ||
  b.length - a.length ||
  (a.pieces[0] && b.pieces[0] ? order(a.pieces[0], b.pieces[0]) : 0);

/** A pool as it is shown: rolls with their pieces, lettered from the nth letter on. */
function poolOf(wanted: Wanted, cutting: Cutting, lettered: number): WorkedPool {
  const { units, owned, runs, lap, width } = wanted;
  const priced = isPriced(cutting);
  const order = orderOf(runs);
  const named = cutting.bins
    .flatMap((bin): { of: Cut | Spot; at: ReturnType<typeof placeOf> }[] => [
      ...bin.cuts.map((of) => ({ of, at: placeOf(of.run, of.from) })),
      ...bin.block.spots.map((of) => ({ of, at: placeOf(of.run, 0) })),
    ])
    .sort((a, b) => order(a.at, b.at));
  const letters = new Map(named.map(({ of }, i) => [of, letter(lettered + i)]));
  const rolls = cutting.bins.map((bin) => rollOf(bin, letters, order)).sort(longestFirst(order));
  const missing = cutting.unplaced.reduce((total, run) => total + wholeLength(run, lap), 0);
  return {
    id: wanted.id,
    kind: wanted.kind,
    product: wanted.product,
    width,
    need: rolls.reduce((total, r) => total + r.length - r.left, 0) + missing,
    rolls,
    joints: cutting.joints,
    cost: priced ? cutting.cost : null,
    bound: priced ? cutting.bound : null,
    proved: cutting.cost <= cutting.bound + EPSILON || cutting.traded === true,
    unplaced: cutting.unplaced,
    units,
    overStock: cutting.overStock,
    task: { units, owned, runs, lap, width },
    cutting,
  };
}

function shownPool(wanted: Wanted, cutting: Cutting, lettered: number): ShownPool {
  const pool = poolOf(wanted, cutting, lettered);
  const longest = Math.max(...wanted.units.map((u) => u.size));
  return {
    id: wanted.id,
    lettered,
    pool,
    working: needWorking(wanted, cutting),
    findings: [...tooLong(pool, longest), ...justShort(pool)],
  };
}

/**
 * Pools cut from whole rolls and from lengths sold, one a product and width; letters follow the place along the fence.
 *
 * @param shown  pools by how they were cut: what is cut just so from the same runs is shown so again
 */
export function cuttingStage(
  wanted: readonly Wanted[],
  cut: Cutter,
  shown: Memo['shown'] = new WeakMap(),
): CuttingStage {
  const workings = new Map<string, Term>();
  const findings: Finding[] = [];
  let lettered = 0;
  const pools = wanted.map((want): WorkedPool => {
    const cutting = cut(want);
    const before = shown.get(cutting);
    const nextPiece =
      before?.id === want.id && before.lettered === lettered ? before : shownPool(want, cutting, lettered);
    shown.set(cutting, nextPiece);
    lettered += nextPiece.pool.rolls.reduce((n, roll) => n + roll.pieces.length, 0);
    workings.set(want.id, nextPiece.working);
    findings.push(...nextPiece.findings);
    return nextPiece.pool;
  });
  return { pools, wanted, workings, findings };
}
