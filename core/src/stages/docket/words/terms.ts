import { type Reader } from '../../../saying/reader';
import { printNumber } from '../../../units/printLength';

/** What lines are counted in. */
export type CountedIn = 'm' | 'piece';

/** What a working of the docket is made of. Lengths m, money minor units. */
export const TERMS = {
  'docket.price': () => 'price',
  'docket.units': ({ size, unit }: { readonly size: number; readonly unit: CountedIn }, r: Reader) =>
    unit === 'm' ? `${r.length(size)} each` : size === 1 ? 'each' : `packs of ${size}`,
  'docket.unit-count': () => 'bought',
  'docket.unit-price': () => 'each',
  'docket.total': () => 'to buy',
  'docket.line': () => 'line',
  'docket.delivery': () => 'delivery',
  'docket.tax': ({ rate }: { readonly rate: number }) => `tax added, ${printNumber(rate * 100, 1)} %`,
  'docket.piece': ({ width, length }: { readonly width: number; readonly length: number }, r: Reader) =>
    `pieces ${r.length(width)} × ${r.length(length)}`,
  'docket.kit': ({ width }: { readonly width: number }, r: Reader) => `gates ${r.length(width)} clear`,
  'docket.hatch': ({ width }: { readonly width: number }, r: Reader) => `hatches ${r.length(width)} clear`,
  'docket.pop-door': ({ width }: { readonly width: number }, r: Reader) =>
    `pop doors ${r.length(width)} clear`,
  'docket.spikes': () => 'posts on spikes',
} as const;
