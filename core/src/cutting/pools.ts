import type { Market, SoldUnit } from '../catalogue/market';
import { type Finding, finding } from '../findings/types';
import type { Assumptions } from '../plan/assumptions';
import type { SkirtStage } from '../skirt/stage';
import { EPSILON } from '../units/round';
import { isRigid } from '../walls/rigid';
import type { WallStage } from '../walls/stage';
import { type Term, product, sum, value } from '../working';
import { cutRunsOnce } from './known';
import { cutLength } from './pack';
import type { CutRoll, CuttingPool, Piece, Run, Span } from './types';

/** A pool before it is cut: what it is for, and how its length comes about. */
interface Wanted {
  readonly id: string;
  readonly kind: CuttingPool['kind'];
  readonly product: string;
  readonly width: number;
  readonly units: readonly SoldUnit[];
  /** Paid at a joint, m: panels butt. */
  readonly lap: number;
  readonly runs: Run[];
  readonly terms: Term[];
}

export interface CuttingStage {
  readonly pools: readonly CuttingPool[];
  /** By pool: the need in words and figures, joints included. */
  readonly workings: ReadonlyMap<string, Term>;
  readonly findings: readonly Finding[];
}

/** Pieces of the same length in one term. */
function pieces(code: 'mesh.above' | 'mesh.patch' | 'timber.piece', runs: readonly Run[]): readonly Term[] {
  const lengths = new Map<string, { length: number; count: number }>();
  for (const run of runs) {
    const length = cutLength(run, 0, run.length, 0);
    const known = lengths.get(length.toFixed(6)) ?? { length, count: 0 };
    lengths.set(length.toFixed(6), { length, count: known.count + 1 });
  }
  return [...lengths.values()].map(({ length, count }) =>
    product(code, 'm', {}, [
      value('cut.pieces', count, 'piece', {}),
      value('cut.piece-length', length, 'm', {}),
    ]),
  );
}

function gather(
  market: Market,
  walls: WallStage,
  skirts: SkirtStage,
  sticks: readonly Stick[],
  jointLap: number,
): readonly Wanted[] {
  const pools = new Map<string, Wanted>();
  const mesh = (id: string, width: number): Wanted => {
    const key = poolId(id, width);
    const known = pools.get(key) ?? {
      id: key,
      kind: 'mesh',
      product: id,
      width,
      units: market.rolls(id, width),
      lap: isRigid(market.mesh(id).type) ? 0 : jointLap,
      runs: [],
      terms: [],
    };
    pools.set(key, known);
    return known;
  };
  const timber = (id: string): Wanted => {
    const key = `timber:${id}`;
    const known = pools.get(key) ?? {
      id: key,
      kind: 'timber',
      product: id,
      width: market.timber(id).width,
      units: market.timbers(id),
      lap: 0,
      runs: [],
      terms: [],
    };
    pools.set(key, known);
    return known;
  };
  for (const course of walls.courses) {
    const into = mesh(course.band.band.mesh, course.row.width);
    into.runs.push(...course.runs, ...course.leaves, ...course.above, ...course.patches);
    into.terms.push(
      course.working,
      ...course.leaves.map((leaf) => value('mesh.leaf', leaf.length, 'm', { width: leaf.length })),
      ...pieces('mesh.above', course.above),
      ...pieces('mesh.patch', course.patches),
    );
  }
  for (const course of skirts.courses) {
    if (course.shape.mesh === null) continue;
    const into = mesh(course.shape.mesh, course.rollWidth ?? course.widest);
    into.runs.push(...course.runs);
    into.terms.push(
      sum(
        'mesh.skirt',
        'm',
        {},
        course.strips.flatMap((s) => s.working.terms),
      ),
    );
  }
  for (const course of walls.boards) timber(course.timber).runs.push(...course.runs);
  for (const stick of sticks) timber(stick.timber).runs.push(stick);
  for (const pool of pools.values()) {
    if (pool.kind === 'timber') pool.terms.push(...pieces('timber.piece', pool.runs));
  }
  return [...pools.values()];
}

export const poolId = (mesh: string, width: number): string => `${mesh}@${Math.round(width * 1e4) / 1e4}`;

/** A, B, … Z, AA, AB: the nth letter, from 0. */
export function letter(n: number): string {
  const last = String.fromCharCode(65 + (n % 26));
  return n < 26 ? last : letter(Math.floor(n / 26) - 1) + last;
}

const byPlace = (a: { place: number; from: number; part: string }, b: typeof a) =>
  a.place - b.place || a.from - b.from || (a.part < b.part ? -1 : 1);

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
    return finding(code, 'mend', 'docket', run.part, { bay, roll: longest });
  });
}

/** A roll that is short by no more is worth knowing of, m. */
const JUST_SHORT = 0.2;

/** What is needed for walls and skirts alone, where a roll length falls just short of it (domain.md 14). */
function justShort(pool: CuttingPool): Finding[] {
  if (pool.kind === 'timber') return [];
  const pieces = pool.rolls.flatMap((r) => r.pieces).filter((p) => p.use === 'band' || p.use === 'skirt');
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
        finding('roll.just-short', 'know', 'docket', `pool:${pool.id}`, {
          product: pool.product,
          need,
          roll: size,
          by,
        }),
      ];
    }
  }
  return [];
}

/** A piece of timber with what it is sawn from. */
export type Stick = Run & { readonly timber: string };

/** All mesh cut from whole rolls and timber from lengths sold, one pool a product and width; letters follow the place along the fence. */
export function cuttingStage(
  market: Market,
  walls: WallStage,
  skirts: SkirtStage,
  sticks: readonly Stick[],
  figures: Assumptions,
): CuttingStage {
  const workings = new Map<string, Term>();
  const findings: Finding[] = [];
  let lettered = 0;
  const pools = gather(market, walls, skirts, sticks, figures.jointLap).map((wanted): CuttingPool => {
    const { id, units, lap } = wanted;
    const priced = units.every((u) => u.price !== null);
    const plan = cutRunsOnce(units, wanted.runs, lap);
    const cuts = plan.bins
      .flatMap((bin) => bin.cuts)
      .map((cut) => ({ cut, place: cut.run.place, from: cut.from, part: cut.run.part }));
    const letters = new Map(cuts.sort(byPlace).map(({ cut }) => [cut, letter(lettered++)]));
    const rolls = plan.bins.map((bin): CutRoll => {
      const pieces = bin.cuts.map((cut): Piece => ({
        part: cut.run.part,
        use: cut.run.use,
        from: cut.from,
        to: cut.to,
        length: cut.length,
        jointed: cut.from > EPSILON,
        letter: letters.get(cut) ?? '?',
        place: cut.run.place,
        spans: pieceSpans(cut.run, cut.from, cut.to),
      }));
      return { length: bin.size, owned: false, pieces: pieces.sort(byPlace), left: Math.max(0, bin.free) };
    });
    const joints = product('mesh.joints', 'm', {}, [
      value('mesh.joint-count', plan.joints, 'piece', {}),
      value('mesh.joint-each', lap, 'm', {}),
    ]);
    workings.set(id, sum('mesh.need', 'm', {}, plan.joints > 0 ? [...wanted.terms, joints] : wanted.terms));
    const missing = plan.unplaced.reduce((total, run) => total + cutLength(run, 0, run.length, lap), 0);
    const pool: CuttingPool = {
      id,
      kind: wanted.kind,
      product: wanted.product,
      width: wanted.width,
      need: rolls.flatMap((r) => r.pieces).reduce((total, p) => total + p.length, 0) + missing,
      rolls: rolls.sort(
        (a, b) => b.length - a.length || (a.pieces[0] && b.pieces[0] ? byPlace(a.pieces[0], b.pieces[0]) : 0),
      ),
      joints: plan.joints,
      cost: priced && plan.unplaced.length === 0 ? plan.cost : null,
      bound: priced && plan.unplaced.length === 0 ? plan.bound : null,
      proved: plan.cost <= plan.bound + EPSILON,
      unplaced: plan.unplaced,
      units,
    };
    findings.push(...tooLong(pool, Math.max(...units.map((u) => u.size))), ...justShort(pool));
    return pool;
  });
  return { pools, workings, findings };
}
