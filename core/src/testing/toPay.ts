import type { Docket } from '../buying/docket/types';

/** What a docket comes to when it is added up anew: lines, deliveries, and the tax that the prices do not hold. */
export function toPay({ lines, yards, taxes }: Docket): number {
  const goods = lines.reduce((total, l) => total + (l.price ?? 0), 0);
  const deliveries = yards.reduce((total, y) => total + y.delivery, 0);
  const added = taxes.reduce((total, t) => total + (t.stated === 'without' ? t.tax : 0), 0);
  return goods + deliveries + added;
}
