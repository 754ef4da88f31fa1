import type { Market, SoldUnit } from '../catalogue/market';
import type { PackId } from '../catalogue/types';
import { cheapestCover } from '../cutting/covers';
import { poolId } from '../cutting/gather';
import type { CuttingStage } from '../cutting/pools';
import type { CuttingPool, Run } from '../cutting/types';
import type { OwnedPiece } from '../plan/schema';
import type { StageId } from '../plan/stages';
import { POST_ROLES, type PostStage, type StandingPost } from '../posts/stage';
import { EPSILON } from '../units/round';
import type { HungWalls } from '../walls/stage';
import type { Way } from '../ways/stage';
import { type Term, sum, value } from '../working';
import { bought, insteadOf, notHeld, piecesOf, priceWorking, sizeOf } from './buy';
import type { BoughtUnits, DocketLine } from './types';
import { PIECE_WEIGHTS, kitWeight, meshWeight, postWeight, timberWeight } from './weights';

type Yards = Pick<Market, 'yard'>;

const priceOf = (term: Term | null): number | null => (term === null ? null : Math.round(term.value));

/** Tax in or on the units' prices, minor units; null without a price. */
function taxOf(market: Yards, units: readonly BoughtUnits[]): number | null {
  let total = 0;
  for (const { count, price, yard } of units) {
    if (price === null) return null;
    const { rate, stated } = market.yard(yard).tax;
    total += count * price * (stated === 'with' ? rate / (1 + rate) : rate);
  }
  return total;
}

type Bare = Omit<DocketLine, 'tax' | 'price' | 'working'> & { readonly need: number };

function line(market: Yards, bare: Bare, need: Term, price: Term | null): DocketLine {
  const tax = price === null ? null : taxOf(market, bare.units);
  // Written out: spreading lines costs as much as working them out.
  return {
    id: bare.id,
    stage: bare.stage,
    product: bare.product,
    detail: bare.detail,
    need: bare.need,
    unit: bare.unit,
    owned: bare.owned,
    buy: bare.buy,
    left: bare.left,
    weight: bare.weight,
    units: bare.units,
    notHeld: bare.notHeld,
    instead: bare.instead,
    price: priceOf(price),
    tax,
    working: { need, price },
  };
}

/** Units of one size, m. */
const ofSize = (units: readonly SoldUnit[], size: number): readonly SoldUnit[] =>
  units.filter((u) => Math.abs(u.size - size) < EPSILON);

/** Pieces of one size that a yard sells; without a price where none does. */
function unitsOf(units: readonly SoldUnit[], size: number, count: number): readonly BoughtUnits[] {
  if (count === 0) return [];
  const these = ofSize(units, size);
  return these.length > 0 ? piecesOf(these, count) : [{ size, count, price: null, yard: '' }];
}

/** Usable pieces of what is owned, one by one. */
function single<K extends OwnedPiece['kind']>(owned: readonly OwnedPiece[], kind: K, product: string) {
  return owned
    .filter((p): p is Extract<OwnedPiece, { kind: K }> => p.kind === kind && p.product === product)
    .filter((p) => p.condition !== 'poor')
    .flatMap((p) => Array<typeof p>(p.count).fill(p));
}

/**
 * Posts that need not be bought: the longest needed first, each the shortest owned that is long enough, which serves as many as can
 * be and the dearest of them.
 */
function servedByOwned(
  posts: readonly StandingPost[],
  owned: readonly OwnedPiece[],
): ReadonlySet<StandingPost> {
  const served = new Set<StandingPost>();
  for (const product of new Set(posts.map((p) => p.product.id))) {
    const lengths = single(owned, 'post', product)
      .map((p) => p.length)
      .sort((a, b) => a - b);
    const wanted = posts
      .filter((p) => p.product.id === product)
      .map((post) => ({ post, need: post.buy - post.cutOff }));
    for (const { post, need } of wanted.sort((a, b) => b.need - a.need)) {
      const at = lengths.findIndex((length) => length >= need - EPSILON);
      if (at < 0) continue;
      lengths.splice(at, 1);
      served.add(post);
    }
  }
  return served;
}

export function postLines(
  market: Pick<Market, 'posts' | 'yard'>,
  posts: PostStage,
  owned: readonly OwnedPiece[],
): DocketLine[] {
  const groups = new Map<string, StandingPost[]>();
  const wanted = posts.posts.filter((post) => post.standing === null);
  const served = servedByOwned(wanted, owned);
  for (const post of wanted) {
    const key = `${post.product.id} ${post.buy.toFixed(4)}`;
    groups.set(key, [...(groups.get(key) ?? []), post]);
  }
  return [...groups.values()].flatMap((group): DocketLine[] => {
    const [first] = group;
    if (!first) return [];
    const roles = POST_ROLES.filter((role) => group.some((p) => p.role === role));
    const fromShed = group.filter((p) => served.has(p)).length;
    const count = group.length - fromShed;
    const sold = market.posts(first.product.id);
    const units = unitsOf(sold, first.buy, count);
    const need = sum(
      'posts.need',
      'piece',
      {},
      roles.map((role) =>
        value('posts.role', group.filter((p) => p.role === role).length, 'piece', { role }),
      ),
    );
    const bare: Bare = {
      id: `post:${first.product.id}@${Number(first.buy.toFixed(4))}`,
      stage: 'posts',
      product: first.product.id,
      detail: { kind: 'post', length: first.buy, cutOff: Math.min(...group.map((p) => p.cutOff)), roles },
      need: group.length,
      unit: 'piece',
      owned: fromShed,
      buy: count,
      left: 0,
      weight: count * first.buy * postWeight(first.product),
      units,
      notHeld: notHeld(sold, units),
      instead: null,
    };
    return [line(market, bare, need, priceWorking(units, 'm'))];
  });
}

/** What a band's stack leaves to cut off at the top, or misses of what it should reach, in its topmost rolls. */
function trimming(walls: HungWalls, pool: CuttingPool) {
  const topmost = walls.courses.filter(
    (c) => c.band.rows.length - 1 === c.rowIndex && poolId(c.band.band.mesh, c.row.width) === pool.id,
  );
  return {
    trimmed: topmost.reduce((most, c) => Math.max(most, c.band.trimmed), 0),
    short: topmost.reduce((most, c) => Math.max(most, c.band.shortBy), 0),
  };
}

type Use = Run['use'];

export function poolLine(
  market: Pick<Market, 'mesh' | 'timber' | 'yard'>,
  pool: CuttingPool,
  need: Term,
  walls: HungWalls,
): DocketLine {
  const counts = pool.units.map(
    (u) => pool.rolls.filter((r) => r.bought?.yard === u.yard && r.length === u.size).length,
  );
  const units = bought(pool.units, counts);
  const price = pool.unplaced.length > 0 ? null : priceWorking(units, 'm');
  const owned = pool.rolls.reduce((total, r) => total + (r.owned === null ? 0 : r.length - r.left), 0);
  const buy = sizeOf(units);
  const uses = new Set(pool.rolls.flatMap((r) => r.pieces.map((p) => p.use)));
  const only = (...these: readonly Use[]) => uses.size > 0 && [...uses].every((use) => these.includes(use));
  const timber = pool.kind === 'timber';
  const metre = timber
    ? timberWeight(market, pool.product)
    : pool.width * meshWeight(market.mesh(pool.product));
  const bare: Bare = {
    id: timber ? pool.id : `roll:${pool.id}`,
    stage: only('skirt') ? 'skirt' : (timber && !uses.has('board')) || only('extra') ? 'ways' : 'walls',
    product: pool.product,
    detail: timber
      ? { kind: 'timber', pool: pool.id }
      : { kind: 'roll', width: pool.width, pool: pool.id, ...trimming(walls, pool) },
    need: need.value,
    unit: 'm',
    owned,
    buy,
    left: Math.max(0, buy + owned - need.value),
    weight: buy * metre,
    units,
    notHeld: notHeld(pool.units, units),
    instead: insteadOf(pool.units, counts, need.value - owned),
  };
  return line(market, bare, need, price);
}

/** Everything cut from rolls and lengths, pool by pool. */
export const poolLines = (
  market: Parameters<typeof poolLine>[0],
  { pools, workings }: CuttingStage,
  walls: HungWalls,
): readonly DocketLine[] =>
  pools.flatMap((pool) => {
    const need = workings.get(pool.id);
    return need ? [poolLine(market, pool, need, walls)] : [];
  });

const KIT_CODES = { gate: 'docket.kit', 'pop-door': 'docket.pop-door', hatch: 'docket.hatch' } as const;

export function kitLines(
  market: Pick<Market, 'kits' | 'yard'>,
  ways: readonly Way[],
  owned: readonly OwnedPiece[],
): DocketLine[] {
  const hung = ways.filter((w) => w.opening.make === 'kit');
  const keys = [...new Set(hung.map((w) => w.product))];
  return keys.flatMap((product) => {
    const these = hung.filter((w) => w.product === product);
    const code = KIT_CODES[these[0]?.opening.kind ?? 'gate'];
    const widths = [...new Set(these.map((w) => w.kit ?? w.opening.width))].sort((a, b) => a - b);
    return widths.map((width): DocketLine => {
      const need = these.filter((w) => (w.kit ?? w.opening.width) === width).length;
      const there = single(owned, 'kit', product).filter((p) => Math.abs(p.width - width) < 0.005).length;
      const count = Math.max(0, need - there);
      const sold = market.kits(product);
      const units = unitsOf(sold, width, count);
      const bare: Bare = {
        id: `kit:${product}@${Number(width.toFixed(4))}`,
        stage: 'ways',
        product,
        detail: { kind: 'kit', width },
        need,
        unit: 'piece',
        owned: need - count,
        buy: count,
        left: 0,
        weight: count * kitWeight(product, width),
        units,
        notHeld: notHeld(sold, units),
        instead: null,
      };
      const working = sum('docket.price', 'piece', {}, [value(code, need, 'piece', { width })]);
      return line(market, bare, working, priceWorking(units, 'm'));
    });
  });
}

export function packLine(
  market: Pick<Market, 'packs' | 'yard'>,
  product: PackId,
  stage: StageId,
  need: Term,
  owned: readonly OwnedPiece[],
): DocketLine[] {
  if (need.value <= 0) return [];
  const there = Math.min(need.value, single(owned, 'pack', product).length);
  const packs = market.packs(product);
  const cover = cheapestCover(packs, need.value - there);
  const units = bought(packs, cover.counts);
  const buy = sizeOf(units);
  const bare: Bare = {
    id: `pack:${product}`,
    stage,
    product,
    detail: { kind: 'pack' },
    need: need.value,
    unit: 'piece',
    owned: there,
    buy,
    left: buy + there - need.value,
    weight: buy * PIECE_WEIGHTS[product],
    units,
    notHeld: notHeld(packs, units),
    instead: insteadOf(packs, cover.counts, need.value - there),
  };
  return [line(market, bare, need, priceWorking(units, 'piece'))];
}
