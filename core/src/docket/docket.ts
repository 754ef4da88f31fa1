import type { Market, SoldUnit } from '../catalogue/market';
import type { PackId } from '../catalogue/types';
import { cheapestCover } from '../cutting/covers';
import type { CuttingStage } from '../cutting/pools';
import type { CuttingPool } from '../cutting/types';
import type { FastenerNeeds } from '../fasteners/stage';
import type { StageId } from '../plan/stages';
import { POST_ROLES, type PostStage, type StandingPost } from '../posts/stage';
import { EPSILON } from '../units/round';
import { GATE_KIT, POP_DOOR_KIT, type WayStage } from '../ways/stage';
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

function rollLine(pool: CuttingPool, need: Term, stage: StageId): DocketLine {
  const counts = pool.units.map((u) => pool.rolls.filter((r) => r.length === u.size).length);
  const units = bought(pool.units, counts);
  const price = pool.unplaced.length > 0 ? null : priceWorking(units, 'm');
  const buy = sizeOf(units);
  return {
    id: `roll:${pool.id}`,
    stage,
    product: pool.product,
    detail: { kind: 'roll', width: pool.width, pool: pool.id },
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

function kitLines(
  market: Market,
  product: typeof GATE_KIT | typeof POP_DOOR_KIT,
  hung: WayStage['gates'],
): DocketLine[] {
  const code = product === GATE_KIT ? 'docket.kit' : 'docket.pop-door';
  const widths = [...new Set(hung.map((g) => g.kit ?? g.opening.width))].sort((a, b) => a - b);
  return widths.map((width): DocketLine => {
    const count = hung.filter((g) => (g.kit ?? g.opening.width) === width).length;
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

/** Every stage's quantities joined into lines with working, prices and a total (domain.md 14). */
export function makeDocket(
  market: Market,
  pricesAsOf: string,
  posts: PostStage,
  ways: WayStage,
  cutting: CuttingStage,
  fasteners: FastenerNeeds,
): Docket {
  const rolls = cutting.pools.flatMap((pool) => {
    const need = cutting.workings.get(pool.id);
    const onlySkirt = pool.rolls.every((r) => r.pieces.every((p) => p.use === 'skirt'));
    return need ? [rollLine(pool, need, onlySkirt ? 'skirt' : 'walls')] : [];
  });
  const lines = [
    ...postLines(market, posts),
    ...packLine(market, 'spike', 'posts', posts.spikes),
    ...packLine(market, 'brace', 'posts', posts.braces),
    ...packLine(market, 'concrete', 'posts', posts.bags),
    ...rolls.filter((line) => line.stage === 'walls'),
    ...packLine(market, 'staple', 'walls', fasteners.staple),
    ...packLine(market, 'clip', 'walls', fasteners.clip),
    ...packLine(market, 'ring', 'walls', fasteners.ring),
    ...rolls.filter((line) => line.stage === 'skirt'),
    ...packLine(market, 'peg', 'skirt', fasteners.peg),
    ...kitLines(market, GATE_KIT, ways.gates),
    ...kitLines(market, POP_DOOR_KIT, ways.popDoors),
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
