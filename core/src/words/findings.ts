import type { FindingCode, FindingParams, ToldFinding } from '../findings/types';
import { WAY_NAMES } from '../stages/ways/names';
import { type Reader } from './reader';
import { capital, counted } from '../saying/phrases';
import { verb, who } from '../stages/threats/whom';
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
  'gate.wider-than-side': ({ side, width, length }, r) =>
    `The gate is ${r.length(width)} wide and side ${side} only ${r.length(length)} long. Choose a narrower gate or a longer side.`,
  'gate.past-end': ({ side, past }, r) =>
    `The gate runs ${r.length(past)} past the end of side ${side}. Move it back.`,
  'gate.overlaps': ({ side }) => `Two ways in on side ${side} stand in the same place. Move one.`,
  'gate.not-in-fence': ({ side }) =>
    `Side ${side} has no fence to hang a gate in. Move the gate to a fenced side.`,
  'way.no-kit': ({ way, width, nearest }, r) =>
    `This yard sells no ${WAY_NAMES[way]} kit ${r.length(width)} wide${nearest === null ? '' : `; the nearest is ${r.length(nearest)}`}.`,
  'gate.catches': ({ threats }) =>
    `${capital(who(threats))} ${verb(threats, 'opens', 'open')} a one-step catch: two-step catches at top and foot.`,
  'gate.lock': () => 'People have been about, and nothing locks the gate.',
  'gate.near-corner': ({ side, away }, r) =>
    `The gate on side ${side} stands ${r.about(away)} from a corner: too narrow a bay to brace and to hang mesh in. Move it along, or right to the corner post.`,
  'gate.on-corner': ({ side }) =>
    `The gate on side ${side} hangs on a corner post, which is pulled two ways: brace it well, or move the gate along.`,
  'gate.taller-than-wall': ({ side, height, wall }, r) =>
    `The leaf on side ${side} is ${r.length(height)} high and the wall ${r.length(wall)}: it is built as high as the wall.`,
  'gate.no-sill': ({ side }) =>
    `Nothing closes the ground under the gate on side ${side}: no skirt passes there and there is no sill.`,
  'gate.under-eave': ({ side, name, eaves }, r) =>
    `The gate on side ${side} opens under the eave of ${name}, ${r.length(eaves)} high: the leaf strikes it.`,
  'gate.into-fence': ({ side, other }) => `The gate on side ${side} swings into the fence of side ${other}.`,
  'gate.over-stones': ({ side, height }, r) =>
    `The gate on side ${side} swings out over stones ${r.length(height)} high: it would not open.`,
  'gate.into': ({ side, name }) => `The gate on side ${side} opens into ${name}.`,
  'gate.uphill': ({ side, rise }, r) =>
    `The ground rises ${r.about(rise)} under the gate on side ${side} as it opens: it would drag.`,
  'flap.on-post': ({ side, way }) =>
    `A post stands in the ${WAY_NAMES[way]} on side ${side}. Move it beside the post.`,
  'flap.above-wall': ({ side, way, top, wall }, r) =>
    `The ${WAY_NAMES[way]} on side ${side} reaches ${r.length(top)} and the mesh only ${r.length(wall)}: it has nothing to hang in.`,
  'goods.not-held': ({ of, size, count, held }, r) =>
    `${capital(GOODS[of](count, of === 'pack' ? String(size) : r.length(size)))} are needed and the yard holds ${held}. Buy at the other yard as well, or ask when more come.`,
  'roll.just-short': ({ need, roll, by }, r) =>
    `${r.length(need)} of mesh is ${r.length(by)} more than a roll of ${r.length(roll)}. A little less fence would save a roll.`,
  'bay.longer-than-roll': ({ bay, roll }, r) =>
    `A bay of ${r.length(bay)} is longer than the longest roll, ${r.length(roll)}. Set the posts closer.`,
  'piece.longer-than-timber': ({ bay, roll }, r) =>
    `A piece of ${r.length(bay)} is longer than the longest timber sold, ${r.length(roll)}. Set the posts closer, or leave it off.`,
  'fence.no-gate': ({ name }) => `There is no way into ${name}. Add a gate.`,
  'docket.no-price': ({ count }) =>
    `${counted(count, 'line has', 'lines have')} no price at this yard: the total is at least what it says.`,
};

/** One sentence: what is wrong and how to mend it. */
export function sayFinding(finding: ToldFinding, reader: Reader): string {
  const sentence = SENTENCES[finding.code] as (params: object, reader: Reader) => string;
  return sentence(finding.params, reader);
}
