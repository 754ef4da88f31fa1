import { listed } from '../../../saying/phrases';
import type { Reader } from '../../../saying/reader';
import { printNumber } from '../../../units/printLength';
import { nameOf, type KindId as OpeningId } from '../../ways/plan/kinds';
import { MEMBER_NAMES } from '../../../strength/words';
import type { MemberKind, StrengthVerdict } from '../../../strength/words/row';
import { KINDS, type KindId } from '../plan/kinds';
import { LIMITS } from '../plan/limits';
import type { NoArch } from '../verbs/square';

export { SCHOOLS, cautions } from './advice';

export interface ArchNamed {
  readonly name: string;
}
export interface ArchBent extends ArchNamed {
  readonly kind: KindId;
}
export interface ArchStanding extends ArchBent {
  readonly ratio: number;
  readonly rise: number;
}

const one = (kind: KindId): string => KINDS[kind].bends[0];
const kn = (force: number) => `${printNumber(force, force < 10 ? 1 : 0)} kN`;
const degrees = (angle: number) => `${printNumber(angle, 1)}°`;
const share = (ratio: number) => printNumber(ratio, 2);

const WHEN: Readonly<Record<StrengthVerdict, string>> = {
  holds: 'holds',
  'holds dry snow': 'holds dry snow only: clear it before wet snow',
  fails: 'fails under snow',
};

/** What is found about arches. Lengths m, forces kN. */
export const FINDINGS = {
  'arch.not-square': ({ name, why }: ArchNamed & { readonly why: NoArch }) =>
    why === 'no-feet'
      ? `${name} has no two feet opposite each other: an arch needs four sides, two of them feet. Nothing of it is reckoned.`
      : `${name} is not square. Square its corners: until then nothing of it is reckoned.`,
  'arch.too-short': (
    { name, kind, bent, base }: ArchBent & { readonly bent: number; readonly base: number },
    r: Reader,
  ) =>
    `A ${one(kind)} of ${r.length(bent)} does not reach over the base of ${name}, ${r.length(base)}: it cannot be bent into an arch.`,
  'arch.flat': ({ name, ratio, base }: ArchStanding & { readonly base: number }, r: Reader) =>
    `${name} is flat: its base is ${share(ratio)} of what is bent. Over ${share(LIMITS.most)} it is weak under snow; ${r.about(base)} is the widest.`,
  'arch.steep': ({ name, ratio, base }: ArchStanding & { readonly base: number }, r: Reader) =>
    `${name} is too narrow to stand: its base is ${share(ratio)} of what is bent. Under ${share(LIMITS.least)} it bulges and folds; ${r.about(base)} is the narrowest.`,
  'arch.leans': ({ name, angle }: ArchStanding & { readonly angle: number }) =>
    `The feet of ${name} lean out by ${degrees(angle)}: hold each foot against its board on both sides, or widen the base.`,
  'arch.tilted': (
    { name, by, base }: ArchNamed & { readonly by: number; readonly base: number },
    r: Reader,
  ) =>
    `One foot of ${name} stands ${r.length(by)} higher than the other over ${r.length(base)}: the curve is tilted as much. Level the higher side, or raise the lower board.`,
  'arch.longer': (
    {
      name,
      kind,
      count,
      built,
      wanted,
    }: ArchBent & { readonly count: number; readonly built: number; readonly wanted: number },
    r: Reader,
  ) =>
    `${count} ${count === 1 ? one(kind) : KINDS[kind].bends[1]} make ${r.length(built)}; ${name} is laid out ${r.length(wanted)} long.`,
  'arch.through-house': ({ name, building }: ArchNamed & { readonly building: string }) =>
    `${name} stands in ${building}. Move it clear.`,
  'arch.through-tree': ({ name, tree }: ArchNamed & { readonly tree: string }) =>
    `The trunk of the ${tree} stands under ${name}: a bent arch cannot be cut round it. Move one.`,
  'arch.limbs': ({ name, tree }: ArchNamed & { readonly tree: string }) =>
    `Limbs of the ${tree} hang over ${name}: dead ones come down before it goes up.`,
  'arch.door-high': (
    {
      way,
      height,
      there,
      by,
    }: {
      readonly way: OpeningId;
      readonly height: number;
      readonly there: number;
      readonly by: number | null;
    },
    r: Reader,
  ) =>
    `The ${nameOf(way)} is ${r.length(height)} high where the arch is ${r.length(there)}: lower it${by === null ? '' : `, or move it ${r.length(by)} to the middle`}.`,
  'arch.stoop': (
    { name, top, stature }: ArchNamed & { readonly top: number; readonly stature: number },
    r: Reader,
  ) => `${name} is ${r.length(top)} high at its crown: nobody of ${r.length(stature)} stands in it.`,
  'arch.bare': ({ name }: ArchNamed) => `${name} has hoops and nothing over them.`,
  'arch.no-width': ({ name, lap }: ArchNamed & { readonly lap: number }, r: Reader) =>
    `No roll is wider than the lap of ${r.length(lap)}: nothing covers ${name}.`,
  'arch.long-hoop': (
    { bent, longest }: ArchNamed & { readonly bent: number; readonly longest: number },
    r: Reader,
  ) =>
    `A hoop of ${r.length(bent)} is longer than any pipe, ${r.length(longest)}: a joint in a bent pipe kinks.`,
  'arch.long-panel': (
    { bent, longest }: ArchNamed & { readonly bent: number; readonly longest: number },
    r: Reader,
  ) => `A panel of ${r.length(bent)} is longer than any sold, ${r.length(longest)}.`,
  'arch.film-small': (
    {
      name,
      across,
      along,
      width,
      length,
    }: ArchNamed & {
      readonly across: number;
      readonly along: number;
      readonly width: number;
      readonly length: number;
    },
    r: Reader,
  ) => {
    const short = [
      ...(across > 0 ? [`${r.length(across)} across`] : []),
      ...(along > 0 ? [`${r.length(along)} along`] : []),
    ];
    return `The largest film that fits ${name}, ${r.about(width)} × ${r.about(length)}, is short by ${listed(short)}.`;
  },
  'arch.open-end': ({ name, side }: ArchNamed & { readonly side: number }) =>
    `The end of ${name} at side ${side} is open.`,
  'arch.round-house': ({ name, building }: ArchNamed & { readonly building: string }) =>
    `The wall of ${building} is narrower or lower than ${name}: that end is hung as well, with the house cut out of it.`,
  'arch.heavy': ({
    name,
    weight,
    pull,
    most,
  }: ArchNamed & { readonly weight: number; readonly pull: number; readonly most: number }) =>
    `${name} weighs ${printNumber(weight, 0)} kg and takes ${printNumber(pull, 0)} N to draw; one person draws about ${printNumber(most, 0)} N.`,
  'arch.no-board': ({ name }: ArchNamed) =>
    `${name} stands on bare ground: boards hold its feet apart, and give the mesh something to fix to.`,
  'arch.no-roof': ({ name, kind }: ArchBent) =>
    KINDS[kind].springs
      ? `A bent panel is a spring, not a roof: ${name} gives under wet snow. Knock it off, or put a ridge with props under the crown.`
      : `Hoops bear no snow: knock it off ${name}, or put a ridge with props under the crown.`,
  'arch.weak': (
    {
      name,
      member,
      verdict,
      span,
    }: ArchNamed & { readonly member: MemberKind; readonly verdict: StrengthVerdict; readonly span: number },
    r: Reader,
  ) => `${name}: the ${MEMBER_NAMES[member]}, ${r.about(span)}, ${WHEN[verdict]}.`,
  'arch.lifts': ({
    name,
    wind,
    held,
    missing,
  }: ArchNamed & { readonly wind: number; readonly held: number; readonly missing: number }) =>
    `A gust lifts ${name} with ${kn(wind)}; weight, stakes and straps hold ${kn(held)}: ${kn(missing)} is missing.`,
  'arch.pushed': ({
    name,
    wind,
    held,
    missing,
  }: ArchNamed & { readonly wind: number; readonly held: number; readonly missing: number }) =>
    `A gust pushes ${name} along with ${kn(wind)}; stakes and weight hold ${kn(held)}: ${kn(missing)} is missing.`,
} as const;
