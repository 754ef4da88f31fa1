import { type Reader } from '../../../saying/reader';
import { type KindId, nameOf } from '../plan/kinds';
import { type ThreatId } from '../../threats/plan/kinds';
import { capital } from '../../../saying/phrases';
import { who, verb } from '../../threats/words/whom';

export { SCHOOLS, cautions } from './advice';

/** Which kind of gate or door. */
export interface Way {
  readonly way: KindId;
}
export interface OnSide extends Way {
  readonly side: number;
}
export interface GateWiderThanSide extends Way {
  readonly side: number;
  readonly width: number;
  readonly length: number;
}
export interface WayNoKit extends Way {
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
export interface DoorAboveWall extends Way {
  readonly side: number;
  readonly top: number;
  readonly wall: number;
}

/** A vent or a door said to be larger than the wall that it is in. */
export interface HouseCut {
  readonly name: string;
  readonly house: string;
  readonly width: number;
  readonly height: number;
  readonly wall: number;
  readonly high: number;
}

/** What is found about ways in. Lengths m. */
export const FINDINGS = {
  'gate.wider-than-side': ({ way, side, width, length }: GateWiderThanSide, r: Reader) =>
    `The ${nameOf(way)} is ${r.length(width)} wide and side ${side} only ${r.length(length)} long. Choose a narrower one or a longer side.`,
  'gate.past-end': ({ way, side, past }: OnSide & { readonly past: number }, r: Reader) =>
    `The ${nameOf(way)} runs ${r.length(past)} past the end of side ${side}. Move it back.`,
  'gate.overlaps': ({ side }: { readonly side: number }) =>
    `Two gates or doors on side ${side} overlap. Move one.`,
  'gate.not-in-fence': ({ way, side }: OnSide) =>
    `Side ${side} has no fence to hang a ${nameOf(way)} in. Move it to a fenced side.`,
  'way.no-kit': ({ way, width, nearest }: WayNoKit, r: Reader) =>
    `This yard sells no ${nameOf(way)} kit ${r.length(width)} wide${nearest === null ? '' : `; the nearest is ${r.length(nearest)}`}.`,
  'house.cut-larger': ({ name, house, width, height, wall, high }: HouseCut, r: Reader) =>
    `The ${name} of ${house} is said to be ${r.length(width)} × ${r.length(height)}; its longest wall is ${r.length(wall)} long and its ridge ${r.length(high)} high. Measure it again.`,
  'house.low-floor': (
    { name, above, least }: { readonly name: string; readonly above: number; readonly least: number },
    r: Reader,
  ) =>
    `The floor of ${name} is ${r.length(above)} above the ground: rats live under it. Raise it ${r.length(least)}, or close it all round.`,
  'gate.catches': ({ threats }: { readonly threats: readonly ThreatId[] }) =>
    `${capital(who(threats))} ${verb(threats, 'opens', 'open')} a one-step catch: two-step catches at top and foot.`,
  'gate.lock': ({ way }: Way) => `People have been about, and nothing locks the ${nameOf(way)}.`,
  'gate.near-corner': ({ way, side, away }: OnSide & { readonly away: number }, r: Reader) =>
    `The ${nameOf(way)} on side ${side} stands ${r.about(away)} from a corner: the bay is too narrow to brace or mesh. Move it along, or right up to the corner post.`,
  'gate.on-corner': ({ way, side }: OnSide) =>
    `The ${nameOf(way)} on side ${side} hangs on a corner post, which already takes the pull of two walls. Brace the post well, or move the ${nameOf(way)} along.`,
  'gate.taller-than-wall': ({ side, height, wall }: GateTallerThanWall, r: Reader) =>
    `The leaf on side ${side} is ${r.length(height)} high and the wall ${r.length(wall)}: it is built as high as the wall.`,
  'gate.no-sill': ({ way, side }: OnSide) =>
    `Nothing closes the ground under the ${nameOf(way)} on side ${side}. Put a sill there, or lay mesh under it as along the fence.`,
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
  'flap.on-post': ({ side, way }: OnSide) =>
    `A post stands in the ${nameOf(way)} on side ${side}. Move it beside the post.`,
  'flap.above-wall': ({ side, way, top, wall }: DoorAboveWall, r: Reader) =>
    `The ${nameOf(way)} on side ${side} reaches ${r.length(top)} and the mesh ${r.length(wall)}: there is no mesh there to fix it to.`,
  'fence.no-gate': ({ name }: { readonly name: string }) => `${name} has no gate. Add one.`,
} as const;
