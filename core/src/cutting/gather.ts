import type { CutMarket, SoldUnit } from '../catalogue/market';
import type { ExtraPiece, OwnedPiece } from '../plan/schema';
import type { SkirtStage } from '../skirt/stage';
import { placeAt } from '../plan/place';
import { isRigid } from '../walls/rigid';
import { widthsAtHand } from '../walls/stacks';
import type { BoardCourse } from '../walls/boards';
import type { MeshCourse } from '../walls/courses';
import { type Term, product, sum, value } from '../working';
import type { OwnedLength } from './bins';
import { type CutPlan, isPriced } from './cut';
import type { Task } from './prepare';
import { leastRoll } from './sheets';
import { wholeLength } from './stretch';
import type { CuttingPool, Run } from './types';

/** Cuts a pool: as it was cut before, or as it was proved. */
export type Cutter = (task: Task) => CutPlan;

/** A pool before it is cut: what it is for, and how its length comes about. */
export interface Wanted {
  readonly id: string;
  readonly kind: CuttingPool['kind'];
  readonly product: string;
  readonly width: number;
  readonly units: readonly SoldUnit[];
  readonly owned: readonly OwnedLength[];
  /** Paid at a joint, m: panels butt. */
  readonly lap: number;
  readonly runs: Run[];
  /** Worked out when asked for: what is weighed is not told. */
  readonly terms: (() => readonly Term[])[];
}

/** A piece of timber with what it is sawn from. */
export type Stick = Run & { readonly timber: string };

/** Everything that is cut from lengths. */
export interface CutOrder {
  readonly courses: readonly MeshCourse[];
  readonly boards: readonly BoardCourse[];
  readonly skirts: Pick<SkirtStage, 'courses'>;
  readonly sticks: readonly Stick[];
  readonly extras: readonly ExtraPiece[];
  readonly owned: readonly OwnedPiece[];
}

export const poolId = (mesh: string, width: number): string => `${mesh}@${Math.round(width * 1e4) / 1e4}`;

/** Pieces of the same length in one term. */
function pieces(
  code: 'mesh.above' | 'mesh.patch' | 'mesh.extra' | 'timber.piece',
  runs: readonly Run[],
): readonly Term[] {
  const lengths = new Map<string, { length: number; count: number }>();
  for (const run of runs) {
    const length = wholeLength(run, 0);
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

/** Of more lengths alike in the shed the longest are looked at. */
const MOST_OWNED = 200;

type OwnedStock = Extract<OwnedPiece, { kind: 'roll' | 'timber' }>;

/** How many of each entry are looked at: all, or the longest where there are very many. */
function lookedAt(pieces: readonly OwnedStock[]): ReadonlyMap<OwnedStock, number> {
  let left = MOST_OWNED;
  const counts = new Map<OwnedStock, number>();
  for (const piece of [...pieces].sort((a, b) => b.length - a.length)) {
    const count = Math.min(piece.count, left);
    counts.set(piece, count);
    left -= count;
  }
  return counts;
}

/** Sound or worn pieces of one product, one by one; poor ones are not used. */
function ownedLengths(
  owned: readonly OwnedPiece[],
  kind: OwnedStock['kind'],
  id: string,
  width: number,
): readonly OwnedLength[] {
  const these = owned.filter(
    (piece): piece is OwnedStock =>
      piece.kind === kind &&
      piece.product === id &&
      piece.condition !== 'poor' &&
      (piece.kind !== 'roll' || Math.abs(piece.width - width) <= 1e-4),
  );
  const counts = lookedAt(these);
  return these.flatMap((piece) =>
    Array.from({ length: counts.get(piece) ?? 0 }, (_, i) => ({
      id: i === 0 ? piece.id : `${piece.id}#${i + 1}`,
      size: piece.length,
    })),
  );
}

function extraRuns(extra: ExtraPiece, index: number, rollWidth: number): readonly Run[] {
  // Its shorter size along the roll where both would fit across.
  const [length, across] =
    Math.max(extra.width, extra.height) <= rollWidth + 1e-9
      ? [Math.min(extra.width, extra.height), Math.max(extra.width, extra.height)]
      : [Math.max(extra.width, extra.height), Math.min(extra.width, extra.height)];
  return Array.from({ length: extra.count }, (_, i) => ({
    part: { on: 'extra' as const, extra: extra.id, nth: i + 1 },
    use: 'extra' as const,
    length,
    startAllowance: 0,
    endAllowance: 0,
    across,
    joints: [],
    place: placeAt('extra', index, i),
    spans: [],
    leans: [],
  }));
}

/** What a pool costs, as far as it is priced; metres of roll otherwise. What is only in the shed cannot be bought. */
const costWith = (
  { units, owned, lap, width }: Wanted,
  runs: readonly Run[],
  sold: boolean,
  cut: Cutter,
): number => {
  if (runs.length === 0) return 0;
  const plan = cut({ units, owned, lap, width, runs });
  return plan.unplaced.length > 0 || (!sold && !isPriced(plan)) ? Infinity : plan.cost;
};

/** Beyond so many small pieces each goes to the width where its metres alone cost least: to cut the rolls anew for each would never end. */
const MOST_PLACED = 40;

/** Whether there are so many pieces wanted that their widths are chosen by the metre, and nothing about them is proved. */
export const extrasByTheMetre = (extras: readonly ExtraPiece[]): boolean =>
  extras.reduce((total, extra) => total + extra.count, 0) > MOST_PLACED;

/** What the roll that pieces take at least costs by the metre; metres of roll where there is no price. */
const metresCost = ({ units, width }: Wanted, runs: readonly Run[]): number => {
  const metre = Math.min(...units.map((u) => (u.cost ?? width) / (u.cost === null ? 1 : u.size)));
  return runs.reduce((total, run) => total + leastRoll(run, width), 0) * metre;
};

/** Each wanted piece goes to the width of roll where it costs least more, beside what is cut from it anyway: one after the other. */
function placeExtras(
  market: CutMarket,
  { extras, owned }: Pick<CutOrder, 'extras' | 'owned'>,
  pool: (id: string, width: number) => Wanted,
  cut: Cutter,
) {
  const byTheMetre = extrasByTheMetre(extras);
  extras.forEach((extra, index) => {
    const across = Math.min(extra.width, extra.height);
    const sold = market.widths(extra.mesh);
    const widths = widthsAtHand(market, extra.mesh, owned).filter((w) => w >= across - 1e-9);
    let best: { into: Wanted; runs: readonly Run[]; more: number } | undefined;
    for (const width of widths.length > 0 ? widths : sold.slice(-1)) {
      const into = pool(extra.mesh, width);
      const runs = extraRuns(extra, index, width);
      const cost = (these: readonly Run[]) => costWith(into, these, sold.includes(width), cut);
      const beside = () => {
        const before = cost(into.runs);
        return before === Infinity ? Infinity : cost([...into.runs, ...runs]) - before;
      };
      const byMetre = () => (sold.includes(width) ? metresCost(into, runs) : Infinity);
      const more = byTheMetre ? byMetre() : beside();
      if (!best || more < best.more - 1e-9) best = { into, runs, more };
    }
    if (!best) return;
    best.into.runs.push(...best.runs);
    const { into, runs } = best;
    into.terms.push(() => pieces('mesh.extra', runs));
  });
}

/** What is wanted, one pool a product and width. */
export function gather(market: CutMarket, order: CutOrder, jointLap: number, cut: Cutter): readonly Wanted[] {
  const { courses, boards, skirts, sticks, extras, owned } = order;
  const pools = new Map<string, Wanted>();
  const mesh = (id: string, width: number): Wanted => {
    const key = poolId(id, width);
    const known = pools.get(key) ?? {
      id: key,
      kind: 'mesh',
      product: id,
      width,
      units: market.rolls(id, width),
      owned: ownedLengths(owned, 'roll', id, width),
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
      owned: ownedLengths(owned, 'timber', id, 0),
      lap: 0,
      runs: [],
      terms: [],
    };
    pools.set(key, known);
    return known;
  };
  for (const course of courses) {
    const into = mesh(course.band.band.mesh, course.row.width);
    into.runs.push(...course.runs, ...course.leaves, ...course.above, ...course.patches);
    into.terms.push(() => [
      course.working(),
      ...course.leaves.map((leaf) => value('mesh.leaf', leaf.length, 'm', { width: leaf.length })),
      ...pieces('mesh.above', course.above),
      ...pieces('mesh.patch', course.patches),
    ]);
  }
  for (const course of skirts.courses) {
    if (course.shape.mesh === null) continue;
    const into = mesh(course.shape.mesh, course.rollWidth ?? course.widest);
    into.runs.push(...course.runs);
    into.terms.push(() => [
      sum(
        'mesh.skirt',
        'm',
        {},
        course.strips.flatMap((s) => s.working.terms),
      ),
    ]);
  }
  placeExtras(market, { extras, owned }, mesh, cut);
  for (const course of boards) timber(course.timber).runs.push(...course.runs);
  for (const stick of sticks) timber(stick.timber).runs.push(stick);
  for (const pool of pools.values()) {
    if (pool.kind === 'timber') pool.terms.push(() => pieces('timber.piece', pool.runs));
  }
  return [...pools.values()].filter((pool) => pool.runs.length > 0);
}
