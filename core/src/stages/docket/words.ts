import { type Cautions } from '../../plan/cautions';
import type { VERBS } from './verbs';
import { counted, capital } from '../../saying/phrases';
import { type Reader } from '../../saying/reader';
import { printNumber } from '../../units/printLength';
import { type Market } from '../../catalogue/market';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

export interface GoodsNotHeld {
  readonly product: string;
  readonly of: 'roll' | 'timber' | 'post' | 'kit' | 'piece' | 'pack';
  /** Of a roll, length, post or kit, m; pieces in a pack. */
  readonly size: number;
  readonly count: number;
  readonly held: number;
}
export interface RollJustShort {
  readonly product: string;
  readonly need: number;
  readonly roll: number;
  readonly by: number;
}

const GOODS: Readonly<Record<GoodsNotHeld['of'], (count: number, size: string) => string>> = {
  roll: (count, size) => `${count} rolls of ${size}`,
  timber: (count, size) => `${count} lengths of ${size}`,
  post: (count, size) => `${count} posts of ${size}`,
  kit: (count, size) => `${count} kits ${size} wide`,
  piece: (count, size) => `${counted(count, 'piece')} ${size} long`,
  pack: (count, size) => `${count} packs of ${size}`,
};

/** What is found about what is bought. Lengths m. */
export const FINDINGS = {
  'goods.not-held': ({ of, size, count, held }: GoodsNotHeld, r: Reader) =>
    `${capital(GOODS[of](count, of === 'pack' ? String(size) : r.length(size)))} are needed and the yard holds ${held}. Buy at the other yard as well, or ask when more come.`,
  'roll.just-short': ({ need, roll, by }: RollJustShort, r: Reader) =>
    `${r.length(need)} of mesh is ${r.length(by)} more than a roll of ${r.length(roll)}. A little less fence would save a roll.`,
  'bay.longer-than-roll': ({ bay, roll }: { readonly bay: number; readonly roll: number }, r: Reader) =>
    `A bay of ${r.length(bay)} is longer than the longest roll, ${r.length(roll)}. Set the posts closer.`,
  'piece.longer-than-timber': ({ bay, roll }: { readonly bay: number; readonly roll: number }, r: Reader) =>
    `A piece of ${r.length(bay)} is longer than the longest timber sold, ${r.length(roll)}. Set the posts closer, or leave it off.`,
  'docket.no-price': ({ count }: { readonly count: number }) =>
    `${counted(count, 'line has', 'lines have')} no price at this yard: the total is at least what it says.`,
} as const;

/** What a working of the docket is made of. Lengths m, money minor units. */
export const TERMS = {
  'docket.price': () => 'price',
  'docket.units': ({ size, unit }: { readonly size: number; readonly unit: 'm' | 'piece' }, r: Reader) =>
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

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-yards': ({ yards }: Of<'set-yards'>, _: Reader, market: Market) =>
    yards.length > 1
      ? 'Buy at both yards, each line where the whole is cheapest'
      : `Buy everything at ${market.yard(yards[0] ?? '').name}`,
  'buy-from': ({ yard }: Of<'buy-from'>, _: Reader, market: Market) =>
    yard === null ? 'Buy it where the whole is cheapest' : `Buy it at ${market.yard(yard).name}`,
  'set-fetching': ({ yard, goods }: Of<'set-fetching'>, _: Reader, market: Market) =>
    goods === 'fetched'
      ? `Fetch from ${market.yard(yard).name}`
      : `Have it delivered by ${market.yard(yard).name}`,
  'take-prices': () => 'Take today’s prices',
  'set-owned': () => 'Use a piece from the shed',
  'remove-owned': () => 'Leave a piece in the shed',
  'set-extra': ({ extra }: Of<'set-extra'>, r: Reader) =>
    `Cut ${counted(extra.count, 'piece')} of ${r.length(extra.width)} by ${r.length(extra.height)}`,
  'remove-extra': () => 'Take the piece out',
} as const;

/** What is to be known before anything is bought. */
export const cautions: Cautions = () => ['Prices are made up and dated; your yard’s own prices decide.'];
