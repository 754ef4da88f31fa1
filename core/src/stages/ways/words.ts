import { type School } from '../../saying/school';
import { type Cautions } from '../../plan/cautions';
import type { VERBS } from './verbs';
import { type Reader } from '../../saying/reader';
import { WAY_NAMES } from './names';
import { type Opening, type Gate, type Hatch } from '../../plan/schema';
import { type ThreatId } from '../threats/kinds';
import { capital } from '../../saying/phrases';
import { who, verb } from '../threats/whom';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];
/** What ways in take to hang and build, and where their hours are told. */
export const HOURS = {
  'hours.gates': () => 'hang gates from kits',
  'hours.gates-built': () => 'build and hang gates',
  'hours.pop-doors': () => 'hang pop doors and hatches',
} as const;
export const HOURS_FIGURES = {
  'hours.gates': 'gates',
  'hours.gates-built': 'gates',
  'hours.pop-doors': 'flaps',
} as const;

/** What a working of ways in is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
  'mesh.leaf': () => 'gate leaf, from the same rolls',
  'ways.hardware': ({ way, width }: WaysHardware, r: Reader) =>
    `for the ${WAY_NAMES[way]} ${r.length(width)} clear`,
} as const;

export interface GateWiderThanSide {
  readonly side: number;
  readonly width: number;
  readonly length: number;
}
export interface WayNoKit {
  readonly way: Opening['kind'];
  readonly width: number;
  readonly nearest: number | null;
}
export interface GateTallerThanWall {
  readonly side: number;
  readonly height: number;
  readonly wall: number;
}
export interface GateUnderEave {
  readonly side: number;
  readonly name: string;
  readonly eaves: number;
}
export interface FlapAboveWall {
  readonly side: number;
  readonly way: Opening['kind'];
  readonly top: number;
  readonly wall: number;
}
export interface WaysHardware {
  readonly way: 'gate' | 'pop-door' | 'hatch';
  readonly width: number;
}

/** What is found about ways in. Lengths m. */
export const FINDINGS = {
  'gate.wider-than-side': ({ side, width, length }: GateWiderThanSide, r: Reader) =>
    `The gate is ${r.length(width)} wide and side ${side} only ${r.length(length)} long. Choose a narrower gate or a longer side.`,
  'gate.past-end': ({ side, past }: { readonly side: number; readonly past: number }, r: Reader) =>
    `The gate runs ${r.length(past)} past the end of side ${side}. Move it back.`,
  'gate.overlaps': ({ side }: { readonly side: number }) =>
    `Two ways in on side ${side} stand in the same place. Move one.`,
  'gate.not-in-fence': ({ side }: { readonly side: number }) =>
    `Side ${side} has no fence to hang a gate in. Move the gate to a fenced side.`,
  'way.no-kit': ({ way, width, nearest }: WayNoKit, r: Reader) =>
    `This yard sells no ${WAY_NAMES[way]} kit ${r.length(width)} wide${nearest === null ? '' : `; the nearest is ${r.length(nearest)}`}.`,
  'gate.catches': ({ threats }: { readonly threats: readonly ThreatId[] }) =>
    `${capital(who(threats))} ${verb(threats, 'opens', 'open')} a one-step catch: two-step catches at top and foot.`,
  'gate.lock': () => 'People have been about, and nothing locks the gate.',
  'gate.near-corner': ({ side, away }: { readonly side: number; readonly away: number }, r: Reader) =>
    `The gate on side ${side} stands ${r.about(away)} from a corner: too narrow a bay to brace and to hang mesh in. Move it along, or right to the corner post.`,
  'gate.on-corner': ({ side }: { readonly side: number }) =>
    `The gate on side ${side} hangs on a corner post, which is pulled two ways: brace it well, or move the gate along.`,
  'gate.taller-than-wall': ({ side, height, wall }: GateTallerThanWall, r: Reader) =>
    `The leaf on side ${side} is ${r.length(height)} high and the wall ${r.length(wall)}: it is built as high as the wall.`,
  'gate.no-sill': ({ side }: { readonly side: number }) =>
    `Nothing closes the ground under the gate on side ${side}: no skirt passes there and there is no sill.`,
  'gate.under-eave': ({ side, name, eaves }: GateUnderEave, r: Reader) =>
    `The gate on side ${side} opens under the eave of ${name}, ${r.length(eaves)} high: the leaf strikes it.`,
  'gate.into-fence': ({ side, other }: { readonly side: number; readonly other: number }) =>
    `The gate on side ${side} swings into the fence of side ${other}.`,
  'gate.over-stones': ({ side, height }: { readonly side: number; readonly height: number }, r: Reader) =>
    `The gate on side ${side} swings out over stones ${r.length(height)} high: it would not open.`,
  'gate.into': ({ side, name }: { readonly side: number; readonly name: string }) =>
    `The gate on side ${side} opens into ${name}.`,
  'gate.uphill': ({ side, rise }: { readonly side: number; readonly rise: number }, r: Reader) =>
    `The ground rises ${r.about(rise)} under the gate on side ${side} as it opens: it would drag.`,
  'flap.on-post': ({ side, way }: { readonly side: number; readonly way: Opening['kind'] }) =>
    `A post stands in the ${WAY_NAMES[way]} on side ${side}. Move it beside the post.`,
  'flap.above-wall': ({ side, way, top, wall }: FlapAboveWall, r: Reader) =>
    `The ${WAY_NAMES[way]} on side ${side} reaches ${r.length(top)} and the mesh only ${r.length(wall)}: it has nothing to hang in.`,
  'fence.no-gate': ({ name }: { readonly name: string }) => `There is no way into ${name}. Add a gate.`,
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-lobby': () => 'Add a lobby with a second gate',
  'add-opening': ({ opening }: Of<'add-opening'>, r: Reader) =>
    `Add a ${WAY_NAMES[opening.kind]} ${r.length(opening.width)} clear`,
  'set-opening': ({ to }: Of<'set-opening'>, r: Reader) => {
    if (to.width !== undefined) return `Make it ${r.length(to.width)} clear`;
    const { gap, hinge, swing, make, catches, closer, lock, sill, height }: Partial<Gate> =
      to as Partial<Gate>;
    if (make !== undefined) return make === 'kit' ? 'Hang a kit' : 'Build it of frame timber and mesh';
    if (catches !== undefined)
      return catches === 'two-step' ? 'Two-step catches at top and foot' : 'One-step catches';
    if (closer !== undefined) return closer === 'spring' ? 'Let a spring close it' : 'Close it by hand';
    if (lock !== undefined) return lock === 'padlock' ? 'Put a lock on it' : 'Leave the lock off';
    if (sill !== undefined) return sill === 'board' ? 'Put a sill under it' : 'Leave the sill out';
    if (height === null) return 'Make the leaf as high as the wall';
    if (height !== undefined) return `Make it ${r.length(height)} high`;
    const { bottom }: Partial<Hatch> = to as Partial<Hatch>;
    if (bottom !== undefined) return `Set it ${r.length(bottom)} above the ground`;
    if (gap !== undefined) return `Leave a gap of ${r.opening(gap)} at most`;
    if (hinge !== undefined && swing !== undefined) return `Hang it on the other post, swinging ${swing}`;
    if (hinge !== undefined) return 'Hang it on the other post';
    if (swing !== undefined) return swing === 'in' ? 'Let it swing in' : 'Let it swing out';
    return to.along === undefined ? 'Change the way in' : `Move it to ${r.length(to.along)} from the corner`;
  },
  'remove-opening': () => 'Take the way in out',
} as const;

/** What can hurt, or is asked by law. */
export const cautions: Cautions = ({ openings }) => [
  'Hinges that cannot be lifted off, a catch that works from inside as well.',
  'Leaves are measured after the mesh is on.',
  openings.some((o) => o.make === 'built') &&
    'Dust of treated timber is harmful: cut outdoors, with a mask. Eye protection with saws and drivers.',
];

/** Where keepers disagree about ways in. */
export const SCHOOLS = {
  door: {
    question: 'An automatic pop door?',
    schools: ['Trusted', 'Never'],
    ours: 'Allowed, with a look every day and a check that it fails shut.',
  },
} as const satisfies Readonly<Record<string, School>>;
