import { capital, counted, listed } from '../../../saying/phrases';
import type { Reader } from '../../../saying/reader';
import { printNumber } from '../../../units/printLength';
import { LINE_KINDS, type LineKindId } from '../../ground/plan/kinds';

export { SCHOOLS, cautions } from './advice';

export interface LiveNamed {
  readonly name: string;
}
export interface Beside extends LiveNamed {
  readonly thing: string;
  readonly gap: number;
  readonly wanted: number;
}
export interface BesideLine extends LiveNamed {
  readonly line: string;
  readonly kind: LineKindId;
  readonly gap: number;
  readonly wanted: number;
}

/** To a millimetre: no fist tells more. */
const whole = (gap: number): number => Math.round(gap * 1000) / 1000;

export const joules = (energy: number): string => `${printNumber(energy, energy < 1 ? 2 : 1)} J`;
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
/** `14 October` for `10-14`. */
export const dayName = (day: string): string => {
  const [month, date] = day.split('-').map(Number);
  return `${date ?? 1} ${MONTHS[(month ?? 1) - 1] ?? ''}`;
};
export const monthName = (month: number): string => MONTHS[month] ?? '';

/** What is found about live nets, hot wires and what makes them live. Lengths m, energies J. */
export const FINDINGS = {
  'live.crosses': ({ name }: LiveNamed) =>
    `${name} crosses itself or encloses nothing: nothing of it is reckoned. Move a corner back, or draw it round.`,
  'live.nothing-inside': ({ name }: LiveNamed) =>
    `${name} is drawn tight round what is inside it, and nothing is. Say what goes in, or draw its corners.`,
  'live.short': (
    {
      nets,
      total,
      by,
      inside,
    }: LiveNamed & {
      readonly nets: number;
      readonly total: number;
      readonly length: number;
      readonly by: number;
      readonly inside: readonly string[];
    },
    r: Reader,
  ) =>
    `${counted(nets, 'net')}, ${r.about(total)} in all, ${nets === 1 ? 'does' : 'do'} not go round${inside.length === 0 ? '' : ` ${listed(inside)}`}: ${r.length(by)} short. ${inside.length > 1 ? 'Leave one out, or add a net' : 'Draw it in, or add a net'}.`,
  'live.no-such-net': ({ name, piece }: LiveNamed & { readonly piece: number }, r: Reader) =>
    `${name} names a net of ${r.about(piece)}, which nobody makes of this kind: a net cannot be cut.`,
  'live.through': ({ name, thing }: Beside) =>
    `${name} goes through ${thing}. Lead it round, or keep it off.`,
  'live.left-out': ({ name, thing }: Beside) =>
    `${capital(thing)} stands outside ${name}, and has to be inside.`,
  'live.near-outside': ({ name, thing, gap, wanted }: Beside, r: Reader) =>
    `${capital(thing)} stands ${r.length(gap)} outside ${name}: what climbs it jumps in. Move the net in to ${r.about(wanted)}, or take it inside whole.`,
  'live.near-inside': ({ name, thing, gap, wanted }: Beside, r: Reader) =>
    `${capital(thing)} stands inside ${name}, ${r.length(gap)} from it: it wants ${r.about(wanted)}, or a push puts it on the net.`,
  'live.near-line': ({ name, line, kind, gap, wanted }: BesideLine, r: Reader) =>
    `${name} is ${r.length(gap)} from the ${LINE_KINDS[kind].name} ${line}: keep ${r.about(wanted)} off.`,
  'live.over-line': ({ name, line, kind }: BesideLine) =>
    `${name} crosses the ${LINE_KINDS[kind].name} ${line}. No live net crosses ${kind === 'path' ? 'a path' : kind === 'water' ? 'water' : kind === 'boundary' ? 'a boundary' : kind === 'tunnel' ? 'a tunnel' : 'another live fence'}.`,
  'live.nets-cross': ({ name, other }: LiveNamed & { readonly other: string }) =>
    `${name} and ${other} cross each other and are up at the same time. Draw one in, or use them by turns.`,
  'live.open-end': (
    { name, end, gap }: LiveNamed & { readonly end: number; readonly gap: number | null },
    r: Reader,
  ) =>
    gap === null
      ? `End ${end} of ${name} stands in the open: whatever comes walks round it.`
      : `End ${end} of ${name} stands ${r.length(gap)} off what it closes to.`,
  'live.gap': (
    { name, gap, along }: LiveNamed & { readonly gap: number; readonly along: number },
    r: Reader,
  ) =>
    `The foot of ${name} hangs ${r.opening(whole(gap))} over the ground ${r.about(along)} along it: over ${r.opening(0.05)} is a hole. Set a strut, peg it down, or fill the hollow.`,
  'live.snowed-under': (
    { name, snow, over }: LiveNamed & { readonly snow: number; readonly over: number },
    r: Reader,
  ) =>
    `With ${r.about(snow)} of snow ${name} stands ${r.about(over)} over it and is stepped over. Shut birds in their house until it is dug out.`,
  'live.foot-in-snow': ({ name, snow }: LiveNamed & { readonly snow: number }, r: Reader) =>
    `The lowest live strand of ${name} lies in ${r.about(snow)} of snow, which drains it: disconnect it for the winter.`,
  'power.none': ({ output, length }: { readonly output: number; readonly length: number }, r: Reader) =>
    `${r.about(length)} of net and wire want ${joules(output)}, and nothing makes them live: a dead net keeps nothing out.`,
  'power.weak': (
    { made, output, length }: { readonly made: number; readonly output: number; readonly length: number },
    r: Reader,
  ) => `The energiser makes ${joules(made)}; ${r.about(length)} of net and wire want ${joules(output)}.`,
  'power.too-strong': ({ made, most }: { readonly made: number; readonly most: number }) =>
    `${joules(made)} is more than any fence energiser may make, ${joules(most)}. Take one that is made for fences.`,
  'power.no-battery': ({ use }: { readonly use: number }) =>
    `The energiser runs on a battery and there is none; it draws ${printNumber(use, 1)} Ah a day.`,
  'power.soon-flat': ({ days, day }: { readonly days: number; readonly day: string }) =>
    `The battery is flat after ${printNumber(days, 1)} days, on ${dayName(day)}. Take a larger one, or a second to change.`,
  'power.flat': ({ days, day }: { readonly days: number; readonly day: string }) =>
    `The sun does not keep up: the battery is flat after ${printNumber(days, 0)} days, on ${dayName(day)}. A larger panel, or a charged battery in its place then.`,
  'power.outage': () =>
    'A power cut leaves the net dead. Shut birds in each night all the same, or keep a battery energiser by.',
  'power.dry': () =>
    'Very dry ground does not lead back to the rods: every other strand as earth (pos/neg) works without it.',
  'power.snow': ({ snow }: { readonly snow: number }, r: Reader) =>
    `On ${r.about(snow)} of snow nothing leads back to the rods: every other strand as earth (pos/neg) works on it.`,
  'power.rods-near': (
    { thing, gap, wanted }: { readonly thing: string; readonly gap: number; readonly wanted: number },
    r: Reader,
  ) =>
    `The earth rods stand ${r.about(gap)} from ${thing}: keep ${r.about(wanted)} from mains earths, buried metal and buildings with mains.`,
  'wire.bare': ({ name, count }: LiveNamed & { readonly count: number }) =>
    `${name} runs along ${counted(count, 'side')} on which no fence stands.`,
  'wire.no-nose': (
    { name, least, most }: LiveNamed & { readonly least: number; readonly most: number },
    r: Reader,
  ) => `${name} has no strand where a nose meets it, between ${r.length(least)} and ${r.length(most)}.`,
  'wire.no-climb': ({ name }: LiveNamed) => `${name} has no strand against what climbs.`,
  'wire.over-top': (
    { name, height, top }: LiveNamed & { readonly height: number; readonly top: number },
    r: Reader,
  ) => `A strand of ${name} at ${r.length(height)} is higher than the wall, ${r.length(top)}.`,
} as const;
