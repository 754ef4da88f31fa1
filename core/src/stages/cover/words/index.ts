import type { Reader } from '../../../saying/reader';
import { capital } from '../../../saying/phrases';
import { printNumber } from '../../../units/printLength';
import type { ThreatId } from '../../threats/plan/kinds';
import { verb, who } from '../../threats/words/whom';
import type { MemberKind, StrengthVerdict } from '../../../strength/words/row';
import { MEMBER_NAMES } from '../../../strength/words';

export { SCHOOLS, cautions } from './advice';

export interface Named {
  readonly name: string;
}

export interface Weak extends Named {
  readonly member: MemberKind;
  readonly verdict: StrengthVerdict;
  readonly count: number;
  readonly span: number;
  readonly fits: number | null;
}

/** kN to two figures that matter. */
const kn = (force: number) => `${printNumber(force, force < 10 ? 1 : 0)} kN`;

const WHEN: Readonly<Record<StrengthVerdict, string>> = {
  holds: 'holds',
  'holds dry snow': 'holds dry snow only: clear it, or drop the cover, before wet snow',
  fails: 'fails under snow',
};

/** What is found about covers. Lengths m, forces kN. */
export const FINDINGS = {
  'cover.weak': ({ name, member, verdict, count, span, fits }: Weak, r: Reader) => {
    const one = count === 1 ? `a ${MEMBER_NAMES[member]}` : `${count} × ${MEMBER_NAMES[member]}`;
    if (member === 'post' || member === 'wrapped-post')
      return `${capital(name)}: ${one} ${verdict === 'fails' ? 'is bent over' : 'stands under dry snow only'} ${member === 'post' ? 'by the pull of the net' : 'by the wind on it'}. Stay the posts.`;
    if (member === 'wire')
      return `${capital(name)}: the top wire ${verdict === 'fails' ? 'breaks' : 'holds under dry snow only'} when snow lies on the net; a wire with little sag mostly does. Drop the net before snow.`;
    if (member === 'net')
      return `${capital(name)}, ${r.about(span)} from support to support, ${verdict === 'fails' ? 'tears under snow' : 'holds dry snow only'}${fits === null ? '' : `; ${r.about(fits)} would hold`}.`;
    if (member === 'prop') return `${capital(name)}: ${one}, ${r.about(span)} high, ${WHEN[verdict]}.`;
    const reach =
      fits !== null && Number.isFinite(fits) ? ` It would bear wet snow over ${r.about(fits)}.` : '';
    return `${capital(name)}: ${one} over ${r.about(span)} ${WHEN[verdict]}.${reach}`;
  },
  'cover.found': ({ name }: Named) =>
    `${capital(name)} is here already: nothing of it is bought, and what holds it up was not reckoned. Have it looked at before snow lies on it.`,
  'cover.lifts': ({
    name,
    lift,
    held,
    straps,
  }: Named & { readonly lift: number; readonly held: number; readonly straps: number }) =>
    `A gust lifts ${name} with ${kn(lift)}; what holds it down holds ${kn(held)}${straps > 0 ? ` (${straps} straps)` : ''}.`,
  'cover.slides': ({ name, building }: Named & { readonly building: string }) =>
    `Snow can slide from ${building} on to ${name}: have it checked before anyone stands under it.`,
  'cover.low': (
    { name, least, stature }: Named & { readonly least: number; readonly stature: number },
    r: Reader,
  ) =>
    `${capital(name)} is ${r.length(least)} over the ground at its lowest: nobody of ${r.length(stature)} stands under it.`,
  'cover.gate': (
    {
      name,
      opening,
      top,
      under,
    }: Named & { readonly opening: string; readonly top: number; readonly under: number },
    r: Reader,
  ) => `The ${opening} is ${r.length(top)} high where ${name} is ${r.length(under)}.`,
  'cover.gap': (
    { name, side, wall, at }: Named & { readonly side: number; readonly wall: number; readonly at: number },
    r: Reader,
  ) =>
    `On side ${side} the wall ends at ${r.length(wall)} and ${name} is ${r.length(at)} up: a gap of ${r.length(at - wall)}.`,
  'cover.sunk': (
    { name, side, wall, at }: Named & { readonly side: number; readonly wall: number; readonly at: number },
    r: Reader,
  ) => `On side ${side} the wall is ${r.length(wall)} high and ${name} only ${r.length(at)} up.`,
  'cover.eave': (
    {
      name,
      building,
      eave,
      at,
      out,
    }: Named & {
      readonly building: string;
      readonly eave: number;
      readonly at: number;
      readonly out: number;
    },
    r: Reader,
  ) =>
    at > eave
      ? `${capital(name)} meets ${building} ${r.length(at - eave)} above its eave of ${r.length(eave)}. Lower it to run under the eave, or close it to the roof.`
      : `The eave of ${building} stands out ${r.length(out)} over ${name}: close the wall to it with a frame packed out as far.`,
  'cover.outside': ({ name }: Named) => `Part of ${name} lies outside its run.`,
  'cover.tangled': ({ name }: Named) => `The outline of ${name} crosses itself.`,
  'cover.over-another': ({ name, other }: Named & { readonly other: string }) =>
    `${capital(name)} lies over ${other}.`,
  'cover.falls-back': ({ name }: Named) =>
    `${capital(name)} is lower at the edge it should fall from: it falls the other way.`,
  'cover.flat': ({ name, fall }: Named & { readonly fall: number }, r: Reader) =>
    `${capital(name)} falls ${r.grade(fall)}; under 9 % water stands in the laps.`,
  'cover.prop-outside': ({ name, nth }: Named & { readonly nth: number }) =>
    `Prop ${nth} of ${name} stands outside it.`,
  'cover.tree': ({ name, tree }: Named & { readonly tree: string }) =>
    `The ${tree} goes through ${name}: leave a collar round its trunk, loose enough to sway and grow.`,
  'cover.tree-larger': ({ name, tree }: Named & { readonly tree: string }) =>
    `The trunk of the ${tree} is larger than ${name}.`,
  'cover.leaves': ({ name, tree }: Named & { readonly tree: string }) =>
    `The crown of the ${tree} is over ${name}: clear its leaves in autumn, and dead limbs before it goes up.`,
  'cover.no-width': ({ name, lap }: Named & { readonly lap: number }, r: Reader) =>
    `No roll is wider than the lap of ${r.length(lap)}: nothing is covered by ${name}.`,
  'cover.too-small': (
    {
      name,
      across,
      along,
      width,
      length,
    }: Named & {
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
    return `The largest that fits ${name}, ${r.about(width)} × ${r.about(length)}, is short by ${short.join(' and ')}.`;
  },
  'cover.run-off': ({ name, area }: Named & { readonly area: number }, r: Reader) =>
    `Rain from ${r.area(area)} of ${name} runs into the run or against it. Lead it into a gutter, a swale or away.`,
  'cover.bare': ({ threats, of }: { readonly threats: readonly ThreatId[]; readonly of: 'all' | 'part' }) =>
    `Nothing lies over ${of === 'all' ? 'the run' : 'a part of what is fenced'}: ${who(threats)} ${verb(threats, 'comes', 'come')} in over the wall or from above. Shut the birds in at night, or cover the run.`,
} as const;
