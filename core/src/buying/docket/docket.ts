import type { Yard } from '../../catalogue/types';
import type { Buying } from '../../plan/schema';
import { STAGE_IDS } from '../../stages/facts';
import { type Term, sum, value } from '../../working';
import type { Docket, DocketLine, LineDetail, TaxShare, YardShare } from './types';

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
  const sums = new Map<string, { rate: number; stated: Yard['tax']['stated']; of: number }>();
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
  readonly lines: readonly DocketLine[];
}

/** What is bought by the piece and what is cut before what it takes in packs. */
const KINDS = [
  'post',
  'kit',
  'piece',
  'roll',
  'timber',
  'pack',
] as const satisfies readonly LineDetail['kind'][];

/** Lines stage by stage, as they are bought. */
const inOrder = (lines: readonly DocketLine[]): readonly DocketLine[] =>
  [...lines].sort(
    (a, b) =>
      STAGE_IDS.indexOf(a.stage) - STAGE_IDS.indexOf(b.stage) ||
      KINDS.indexOf(a.detail.kind) - KINDS.indexOf(b.detail.kind),
  );

/** Every stage's lines joined, with tax, deliveries and a total (rules: Cutting and buying). */
export function makeDocket(by: DocketBy): Docket {
  const lines = inOrder(by.lines);
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
