import type { FindingCode, FindingParams, ToldFinding } from '../findings/types';
import { type Reader } from './reader';
import { capital, counted } from '../saying/phrases';
import { FINDINGS } from '../stages/words';

type Sentences = { readonly [C in FindingCode]: (params: FindingParams[C], reader: Reader) => string };

const GOODS: Readonly<
  Record<FindingParams['goods.not-held']['of'], (count: number, size: string) => string>
> = {
  roll: (count, size) => `${count} rolls of ${size}`,
  timber: (count, size) => `${count} lengths of ${size}`,
  post: (count, size) => `${count} posts of ${size}`,
  kit: (count, size) => `${count} kits ${size} wide`,
  piece: (count, size) => `${counted(count, 'piece')} ${size} long`,
  pack: (count, size) => `${count} packs of ${size}`,
};

const SENTENCES: Sentences = {
  ...FINDINGS,
  'goods.not-held': ({ of, size, count, held }, r) =>
    `${capital(GOODS[of](count, of === 'pack' ? String(size) : r.length(size)))} are needed and the yard holds ${held}. Buy at the other yard as well, or ask when more come.`,
  'roll.just-short': ({ need, roll, by }, r) =>
    `${r.length(need)} of mesh is ${r.length(by)} more than a roll of ${r.length(roll)}. A little less fence would save a roll.`,
  'bay.longer-than-roll': ({ bay, roll }, r) =>
    `A bay of ${r.length(bay)} is longer than the longest roll, ${r.length(roll)}. Set the posts closer.`,
  'piece.longer-than-timber': ({ bay, roll }, r) =>
    `A piece of ${r.length(bay)} is longer than the longest timber sold, ${r.length(roll)}. Set the posts closer, or leave it off.`,
  'docket.no-price': ({ count }) =>
    `${counted(count, 'line has', 'lines have')} no price at this yard: the total is at least what it says.`,
};

/** One sentence: what is wrong and how to mend it. */
export function sayFinding(finding: ToldFinding, reader: Reader): string {
  const sentence = SENTENCES[finding.code] as (params: object, reader: Reader) => string;
  return sentence(finding.params, reader);
}
