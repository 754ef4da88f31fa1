import { counted, capital } from '../../../saying/phrases';
import { type Reader } from '../../../saying/reader';

export { cautions } from './advice';

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
    `${counted(count, 'line has', 'lines have')} no price at this yard: the real total will be higher.`,
} as const;
