import type { Market } from '../catalogue/market';
import type { CuttingStage } from '../cutting/pools';
import type { FastenerNeeds } from '../fasteners/stage';
import type { Buying, OwnedPiece } from '../plan/schema';
import type { StageId } from '../plan/stages';
import type { PostStage } from '../posts/stage';
import type { SkirtStage } from '../skirt/stage';
import type { HungWalls } from '../walls/stage';
import type { Way } from '../ways/stage';
import { type Term, sum, value } from '../working';
import { kitLines, packLine, poolLine, postLines } from './lines';
import type { Docket, DocketLine, TaxShare, YardShare } from './types';

/** Concrete of post holes and of a strip under the fence is bought together. */
function fills(posts: PostStage, skirts: SkirtStage, of: 'concrete' | 'stone'): Term {
  const skirt = skirts.courses.flatMap(({ shape, bags }) => (bags && shape.fill?.of === of ? [bags] : []));
  if (of === 'concrete' && skirt.length === 0) return posts.bags;
  return sum('fasten.need', 'piece', {}, of === 'concrete' ? [posts.bags, ...skirt] : skirt);
}

/** Goods and one delivery for each yard that anything is bought at. */
function sharesOf(
  market: Market,
  lines: readonly DocketLine[],
  fetched: readonly string[],
): readonly YardShare[] {
  return market.yards.flatMap((yard): YardShare[] => {
    const units = lines.flatMap((l) => l.units).filter((u) => u.yard === yard.id);
    if (units.length === 0) return [];
    const goods = units.reduce((total, u) => total + u.count * (u.price ?? 0), 0);
    return [{ yard: yard.id, goods, delivery: fetched.includes(yard.id) ? 0 : (yard.delivery ?? 0) }];
  });
}

/** Tax is rounded once a rate, over everything that is stated alike. */
function taxesOf(market: Market, shares: readonly YardShare[]): readonly TaxShare[] {
  const sums = new Map<string, { rate: number; stated: 'with' | 'without'; of: number }>();
  for (const { yard, goods, delivery } of shares) {
    const { rate, stated } = market.yard(yard).tax;
    if (rate === 0) continue;
    const key = `${stated} ${rate}`;
    sums.set(key, { rate, stated, of: (sums.get(key)?.of ?? 0) + goods + delivery });
  }
  return [...sums.values()].map(({ rate, stated, of }) => ({
    rate,
    stated,
    tax: Math.round(stated === 'with' ? (of * rate) / (1 + rate) : of * rate),
  }));
}

function totalWorking(
  lines: readonly DocketLine[],
  shares: readonly YardShare[],
  taxes: readonly TaxShare[],
): Term {
  return sum('docket.total', 'money', {}, [
    ...lines.flatMap((l) =>
      l.price === null ? [] : [value('docket.line', l.price, 'money', { line: l.id })],
    ),
    ...shares.flatMap(({ yard, delivery }) =>
      delivery > 0 ? [value('docket.delivery', delivery, 'money', { yard })] : [],
    ),
    ...taxes.flatMap(({ rate, stated, tax }) =>
      stated === 'without' ? [value('docket.tax', tax, 'money', { rate })] : [],
    ),
  ]);
}

/** Everything that is bought, and where. */
export interface DocketBy {
  readonly market: Market;
  readonly buying: Buying;
  readonly owned: readonly OwnedPiece[];
  readonly posts: PostStage;
  readonly walls: HungWalls;
  readonly skirts: SkirtStage;
  readonly ways: readonly Way[];
  readonly cutting: CuttingStage;
  readonly fasteners: FastenerNeeds;
}

/** Every stage's quantities joined into lines with working, prices, tax, deliveries and a total (domain.md 14). */
export function makeDocket({
  market,
  buying,
  owned,
  posts,
  walls,
  skirts,
  ways,
  cutting,
  fasteners,
}: DocketBy): Docket {
  const pools = cutting.pools.flatMap((pool) => {
    const need = cutting.workings.get(pool.id);
    return need ? [poolLine(market, pool, need, walls)] : [];
  });
  const of = (stage: StageId) => pools.filter((l) => l.stage === stage);
  const pack = (stage: StageId, ...ids: readonly (keyof FastenerNeeds)[]) =>
    ids.flatMap((id) => packLine(market, id, stage, fasteners[id], owned));
  const lines = [
    ...postLines(market, posts, owned),
    ...packLine(market, 'spike', 'posts', posts.spikes, owned),
    ...packLine(market, 'brace', 'posts', posts.braces, owned),
    ...packLine(market, 'concrete', 'posts', fills(posts, skirts, 'concrete'), owned),
    ...of('walls'),
    ...pack('walls', 'staple', 'clip', 'ring', 'tie', 'arm'),
    ...of('skirt'),
    ...packLine(market, 'stone', 'skirt', fills(posts, skirts, 'stone'), owned),
    ...pack('skirt', 'peg'),
    ...kitLines(market, ways, owned),
    ...of('ways'),
    ...pack('ways', 'hinge', 'catch', 'two-step-catch', 'stop', 'spring', 'padlock'),
  ];
  const yards = sharesOf(market, lines, buying.fetched);
  const taxes = taxesOf(market, yards);
  const working = totalWorking(lines, yards, taxes);
  return {
    currency: market.currency,
    pricesAsOf: buying.pricesAsOf,
    lines,
    yards,
    taxes,
    weight: lines.reduce((total, l) => total + l.weight, 0),
    total: working.value,
    complete: lines.every((l) => l.price !== null),
    working,
  };
}
