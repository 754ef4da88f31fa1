import type { OwnedLength } from '../cutting/cutting';
import type { CutMarket } from '../catalogue/market';
import { isPriced } from '../cutting/cut';
import { leastRoll } from '../cutting/sheets';
import { type Cutter, type Wanted, poolId } from '../cutting/wanted';
import type { OwnedPiece } from '../plan/schema';
import { STAGE_IDS, type StageId } from '../stages/facts';
import type { Ask, AskOf } from './demand';
import { widthsAtHand } from './hand';
import { pieceTerms } from './pieceTerms';
import type { Run } from './run';

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
  const ownedOfWidth = owned.filter(
    (piece): piece is OwnedStock =>
      piece.kind === kind &&
      piece.product === id &&
      piece.condition !== 'poor' &&
      (piece.kind !== 'roll' || Math.abs(piece.width - width) <= 1e-4),
  );
  const counts = lookedAt(ownedOfWidth);
  return ownedOfWidth.flatMap((piece) =>
    Array.from({ length: counts.get(piece) ?? 0 }, (_, i) => ({
      id: i === 0 ? piece.id : `${piece.id}#${i + 1}`,
      size: piece.length,
    })),
  );
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

/** Whether there are so many small pieces wanted that their widths are chosen by the metre, and nothing about them is proved. */
export const sheetsByTheMetre = (asks: readonly Ask[]): boolean =>
  asks.reduce((total, ask) => total + (ask.buy === 'sheet' ? ask.count : 0), 0) > MOST_PLACED;

/** What the roll that pieces take at least costs by the metre; metres of roll where there is no price. */
const metresCost = ({ units, width }: Wanted, runs: readonly Run[]): number => {
  const metre = Math.min(...units.map((u) => (u.cost ?? width) / (u.cost === null ? 1 : u.size)));
  return runs.reduce((total, run) => total + leastRoll(run, width), 0) * metre;
};

/** What pools are gathered by. */
export interface GatheredBy {
  readonly market: CutMarket;
  readonly owned: readonly OwnedPiece[];
  readonly cut: Cutter;
}

/** Pools by their ids, in the order in which they are first asked for. */
class Pools {
  readonly all = new Map<string, Wanted>();

  constructor(private readonly by: Omit<GatheredBy, 'cut'>) {}

  private known(id: string, make: () => Omit<Wanted, 'id' | 'runs' | 'terms' | 'trimmed' | 'short'>): Wanted {
    const before = this.all.get(id);
    if (before) return before;
    const made: Wanted = { id, runs: [], terms: [], trimmed: 0, short: 0, ...make() };
    this.all.set(id, made);
    return made;
  }

  mesh(product: string, width: number, lap: number, stage: StageId): Wanted {
    const { market, owned } = this.by;
    return this.known(poolId(product, width), () => ({
      kind: 'mesh',
      product,
      width,
      units: market.rolls(product, width),
      owned: ownedLengths(owned, 'roll', product, width),
      lap,
      stage,
    }));
  }

  timber(product: string, stage: StageId): Wanted {
    const { market, owned } = this.by;
    return this.known(`timber:${product}`, () => ({
      kind: 'timber',
      product,
      width: market.timber(product).width,
      units: market.timbers(product),
      owned: ownedLengths(owned, 'timber', product, 0),
      lap: 0,
      stage,
    }));
  }
}

function addTo(pool: Wanted, { stage }: Ask, runs: readonly Run[]): void {
  pool.runs.push(...runs);
  if (STAGE_IDS.indexOf(stage) < STAGE_IDS.indexOf(pool.stage)) pool.stage = stage;
}

/** A small piece goes to the width of roll where it costs least more, beside what is cut from it anyway: one after the other. */
function placeSheet(
  ask: AskOf<'sheet'>,
  pools: Pools,
  { market, owned, cut }: GatheredBy,
  byTheMetre: boolean,
) {
  const across = Math.min(ask.width, ask.height);
  const sold = market.widths(ask.mesh);
  const widths = widthsAtHand(market, ask.mesh, owned).filter((w) => w >= across - 1e-9);
  let best: { into: Wanted; runs: readonly Run[]; more: number } | undefined;
  for (const width of widths.length > 0 ? widths : sold.slice(-1)) {
    const into = pools.mesh(ask.mesh, width, ask.lap, ask.stage);
    const runs = ask.runsIn(width);
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
  const { into, runs } = best;
  addTo(into, ask, runs);
  into.terms.push(() => pieceTerms('mesh.extra', runs));
}

const ofKind = <K extends Ask['buy']>(asks: readonly Ask[], kind: K) =>
  asks.filter((ask): ask is AskOf<K> & Ask => ask.buy === kind);

/** What is wanted of each mesh and width: one pool a roll. */
export function gatherMesh(asks: readonly Ask[], by: GatheredBy): readonly Wanted[] {
  const pools = new Pools(by);
  for (const ask of ofKind(asks, 'mesh')) {
    const into = pools.mesh(ask.mesh, ask.width, ask.lap, ask.stage);
    addTo(into, ask, ask.runs);
    into.terms.push(ask.need);
    into.trimmed = Math.max(into.trimmed, ask.trimmed);
    into.short = Math.max(into.short, ask.short);
  }
  const sheets = ofKind(asks, 'sheet');
  const byTheMetre = sheetsByTheMetre(sheets);
  for (const sheet of sheets) placeSheet(sheet, pools, by, byTheMetre);
  return [...pools.all.values()].filter((pool) => pool.runs.length > 0);
}

/** The same of timber. */
export function gatherTimber(asks: readonly Ask[], by: Omit<GatheredBy, 'cut'>): readonly Wanted[] {
  const pools = new Pools(by);
  for (const ask of ofKind(asks, 'timber')) addTo(pools.timber(ask.timber, ask.stage), ask, ask.runs);
  for (const pool of pools.all.values()) pool.terms.push(() => pieceTerms('timber.piece', pool.runs));
  return [...pools.all.values()].filter((pool) => pool.runs.length > 0);
}
