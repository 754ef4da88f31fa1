import type { Yard } from '../catalogue/types';
import type { Buying } from '../plan/schema';
import type { StageId } from '../plan/stages';
import { type Term, sum, value } from '../working';
import type { PackLines } from './packs';
import type { Docket, DocketLine, TaxShare, YardShare } from './types';

/** Goods and one delivery for each yard that anything is bought at. */
function sharesOf(
  yards: readonly Yard[],
  lines: readonly DocketLine[],
  fetched: readonly string[],
): readonly YardShare[] {
  return yards.flatMap((yard): YardShare[] => {
    const units = lines.flatMap((l) => l.units).filter((u) => u.yard === yard.id);
    if (units.length === 0) return [];
    const goods = units.reduce((total, u) => total + u.count * (u.price ?? 0), 0);
    return [{ yard: yard.id, goods, delivery: fetched.includes(yard.id) ? 0 : (yard.delivery ?? 0) }];
  });
}

/** Tax is rounded once a rate, over everything that is stated alike. */
function taxesOf(yards: readonly Yard[], shares: readonly YardShare[]): readonly TaxShare[] {
  const sums = new Map<string, { rate: number; stated: 'with' | 'without'; of: number }>();
  for (const { yard, goods, delivery } of shares) {
    const { rate, stated } = yards.find((y) => y.id === yard)?.tax ?? { rate: 0, stated: 'with' };
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
  /** Those bought at, the preferred first. */
  readonly yards: readonly Yard[];
  readonly buying: Pick<Buying, 'fetched' | 'pricesAsOf'>;
  readonly posts: readonly DocketLine[];
  readonly pools: readonly DocketLine[];
  readonly kits: readonly DocketLine[];
  readonly packs: PackLines;
}

/** Lines stage by stage, as they are bought: first what is cut or counted, then what it takes in packs. */
function inOrder({ posts, pools, kits, packs }: DocketBy): readonly DocketLine[] {
  const of = (stage: StageId) => pools.filter((line) => line.stage === stage);
  const pack = (stage: StageId) => packs.filter((line) => line.stage === stage);
  return [
    ...posts,
    ...pack('posts'),
    ...of('walls'),
    ...pack('walls'),
    ...of('skirt'),
    ...pack('skirt'),
    ...kits,
    ...of('ways'),
    ...pack('ways'),
  ];
}

/** Every stage's lines joined, with tax, deliveries and a total (domain.md 14). */
export function makeDocket(by: DocketBy): Docket {
  const lines = inOrder(by);
  const yards = sharesOf(by.yards, lines, by.buying.fetched);
  const taxes = taxesOf(by.yards, yards);
  const working = totalWorking(lines, yards, taxes);
  return {
    currency: by.yards[0]?.currency ?? 'XXX',
    pricesAsOf: by.buying.pricesAsOf,
    lines,
    yards,
    taxes,
    weight: lines.reduce((total, l) => total + l.weight, 0),
    total: working.value,
    complete: lines.every((l) => l.price !== null),
    working,
  };
}
