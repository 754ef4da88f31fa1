import type { Market, SoldUnit } from '../catalogue/market';
import type { PackId } from '../catalogue/types';
import { cheapestCover } from '../cutting/covers';
import { type CuttingStage, poolId } from '../cutting/pools';
import type { CuttingPool, Run } from '../cutting/types';
import type { FastenerNeeds } from '../fasteners/stage';
import type { StageId } from '../plan/stages';
import type { SkirtStage } from '../skirt/stage';
import { POST_ROLES, type PostStage, type StandingPost } from '../posts/stage';
import { EPSILON } from '../units/round';
import type { WallStage } from '../walls/stage';
import type { Way, WayStage } from '../ways/stage';
import { type Term, sum, value } from '../working';
import { bought, insteadOf, priceWorking, sizeOf } from './buy';
import type { Docket, DocketLine } from './types';

const priceOf = (term: Term | null): number | null => (term === null ? null : Math.round(term.value));

function postLines(market: Market, posts: PostStage): DocketLine[] {
  const groups = new Map<string, StandingPost[]>();
  for (const post of posts.posts) {
    if (post.standing !== null) continue;
    const key = `${post.product.id} ${post.buy.toFixed(4)}`;
    groups.set(key, [...(groups.get(key) ?? []), post]);
  }
  return [...groups.values()].flatMap((group): DocketLine[] => {
    const [first] = group;
    if (!first) return [];
    const roles = POST_ROLES.filter((role) => group.some((p) => p.role === role));
    const unit = market.posts(first.product.id).find((u) => Math.abs(u.size - first.buy) < EPSILON);
    const units = [{ size: first.buy, count: group.length, price: unit?.price ?? null }];
    const price = priceWorking(units, 'm');
    const need = sum(
      'posts.need',
      'piece',
      {},
      roles.map((role) =>
        value('posts.role', group.filter((p) => p.role === role).length, 'piece', { role }),
      ),
    );
    return [
      {
        id: `post:${first.product.id}@${Number(first.buy.toFixed(4))}`,
        stage: 'posts',
        product: first.product.id,
        detail: { kind: 'post', length: first.buy, cutOff: Math.min(...group.map((p) => p.cutOff)), roles },
        need: group.length,
        unit: 'piece',
        buy: group.length,
        left: 0,
        units,
        price: priceOf(price),
        instead: null,
        working: { need, price },
      },
    ];
  });
}

/** What a band's stack leaves to cut off at the top, or misses of what it should reach, in its topmost rolls. */
function trimming(walls: WallStage, pool: CuttingPool) {
  const topmost = walls.courses.filter(
    (c) => c.band.rows.length - 1 === c.rowIndex && poolId(c.band.band.mesh, c.row.width) === pool.id,
  );
  return {
    trimmed: topmost.reduce((most, c) => Math.max(most, c.band.trimmed), 0),
    short: topmost.reduce((most, c) => Math.max(most, c.band.shortBy), 0),
  };
}

function poolLine(pool: CuttingPool, need: Term, walls: WallStage): DocketLine {
  const counts = pool.units.map((u) => pool.rolls.filter((r) => r.length === u.size).length);
  const units = bought(pool.units, counts);
  const price = pool.unplaced.length > 0 ? null : priceWorking(units, 'm');
  const buy = sizeOf(units);
  const uses = new Set(pool.rolls.flatMap((r) => r.pieces.map((p) => p.use)));
  const only = (...these: readonly Use[]) => uses.size > 0 && [...uses].every((use) => these.includes(use));
  const timber = pool.kind === 'timber';
  return {
    id: timber ? pool.id : `roll:${pool.id}`,
    stage: only('skirt') ? 'skirt' : timber && !uses.has('board') ? 'ways' : 'walls',
    product: pool.product,
    detail: timber
      ? { kind: 'timber', pool: pool.id }
      : { kind: 'roll', width: pool.width, pool: pool.id, ...trimming(walls, pool) },
    need: need.value,
    unit: 'm',
    buy,
    left: Math.max(0, buy - need.value),
    units,
    price: priceOf(price),
    instead: insteadOf(pool.units, counts, need.value),
    working: { need, price },
  };
}

const KIT_CODES = { gate: 'docket.kit', 'pop-door': 'docket.pop-door', hatch: 'docket.hatch' } as const;

function kitLines(market: Market, ways: readonly Way[]): DocketLine[] {
  const hung = ways.filter((w) => w.opening.make === 'kit');
  const keys = [...new Set(hung.map((w) => w.product))];
  return keys.flatMap((product) => {
    const these = hung.filter((w) => w.product === product);
    const code = KIT_CODES[these[0]?.opening.kind ?? 'gate'];
    const widths = [...new Set(these.map((w) => w.kit ?? w.opening.width))].sort((a, b) => a - b);
    return widths.map((width): DocketLine => {
      const count = these.filter((w) => (w.kit ?? w.opening.width) === width).length;
      const unit = market.kits(product).find((u) => u.size === width);
      const units = [{ size: width, count, price: unit?.price ?? null }];
      const price = priceWorking(units, 'm');
      return {
        id: `kit:${product}@${Number(width.toFixed(4))}`,
        stage: 'ways',
        product,
        detail: { kind: 'kit', width },
        need: count,
        unit: 'piece',
        buy: count,
        left: 0,
        units,
        price: priceOf(price),
        instead: null,
        working: {
          need: sum('docket.price', 'piece', {}, [value(code, count, 'piece', { width })]),
          price,
        },
      };
    });
  });
}

function packLine(market: Market, product: PackId, stage: StageId, need: Term): DocketLine[] {
  if (need.value <= 0) return [];
  const packs: readonly SoldUnit[] = market.packs(product);
  const cover = cheapestCover(packs, need.value);
  const units = bought(packs, cover.counts);
  const price = priceWorking(units, 'piece');
  const buy = sizeOf(units);
  return [
    {
      id: `pack:${product}`,
      stage,
      product,
      detail: { kind: 'pack' },
      need: need.value,
      unit: 'piece',
      buy,
      left: buy - need.value,
      units,
      price: priceOf(price),
      instead: insteadOf(packs, cover.counts, need.value),
      working: { need, price },
    },
  ];
}

type Use = Run['use'];

/** Concrete of post holes and of a strip under the fence is bought together. */
function fills(posts: PostStage, skirts: SkirtStage, of: 'concrete' | 'stone'): Term {
  const skirt = skirts.courses.flatMap(({ shape, bags }) => (bags && shape.fill?.of === of ? [bags] : []));
  if (of === 'concrete' && skirt.length === 0) return posts.bags;
  return sum('fasten.need', 'piece', {}, of === 'concrete' ? [posts.bags, ...skirt] : skirt);
}

/** Every stage's quantities joined into lines with working, prices and a total (domain.md 14). */
export function makeDocket(
  market: Market,
  pricesAsOf: string,
  posts: PostStage,
  walls: WallStage,
  skirts: SkirtStage,
  ways: WayStage,
  cutting: CuttingStage,
  fasteners: FastenerNeeds,
): Docket {
  const pools = cutting.pools.flatMap((pool) => {
    const need = cutting.workings.get(pool.id);
    return need ? [poolLine(pool, need, walls)] : [];
  });
  const of = (stage: StageId) => pools.filter((line) => line.stage === stage);
  const pack = (stage: StageId, ...ids: readonly (keyof FastenerNeeds)[]) =>
    ids.flatMap((id) => packLine(market, id, stage, fasteners[id]));
  const lines = [
    ...postLines(market, posts),
    ...packLine(market, 'spike', 'posts', posts.spikes),
    ...packLine(market, 'brace', 'posts', posts.braces),
    ...packLine(market, 'concrete', 'posts', fills(posts, skirts, 'concrete')),
    ...of('walls'),
    ...pack('walls', 'staple', 'clip', 'ring', 'tie', 'arm'),
    ...of('skirt'),
    ...packLine(market, 'stone', 'skirt', fills(posts, skirts, 'stone')),
    ...pack('skirt', 'peg'),
    ...kitLines(market, ways.ways),
    ...of('ways'),
    ...pack('ways', 'hinge', 'catch', 'two-step-catch', 'stop', 'spring', 'padlock'),
  ];
  const priced = lines.flatMap((line) =>
    line.price === null ? [] : [value('docket.line', line.price, 'money', { line: line.id })],
  );
  const working = sum('docket.total', 'money', {}, priced);
  return {
    currency: market.currency,
    yard: market.yard.id,
    pricesAsOf,
    lines,
    total: working.value,
    complete: lines.every((line) => line.price !== null),
    working,
  };
}
