import { listed } from '../../../saying/phrases';
import { type Reader } from '../../../saying/reader';
import type { ThreatId } from '../../threats/plan/kinds';
import { verb, who } from '../../threats/words/whom';

export { cautions } from './advice';

export interface SideOffWall {
  readonly side: number;
  readonly building: string;
  readonly by: number;
}
export interface SideOverBoundary {
  readonly side: number;
  readonly boundary: string;
  readonly by: number;
}
export interface SideOpen {
  readonly side: number;
  readonly threats: readonly ThreatId[];
  readonly birds: 'kept' | 'none';
}
export interface SideUnseen {
  readonly name: string;
  readonly sides: readonly number[];
  readonly threats: readonly ThreatId[];
}
export interface LaneNarrow {
  readonly side: number;
  readonly building: string;
  readonly width: number;
  readonly lane: number;
}

/** What is found about outline. Lengths m. */
export const FINDINGS = {
  'outline.crosses': ({ side, other }: { readonly side: number; readonly other: number }) =>
    `Side ${side} crosses side ${other}. Move one of them until they part.`,
  'outline.touches': ({ side, other }: { readonly side: number; readonly other: number }) =>
    `Side ${side} touches side ${other}. Leave room between them.`,
  'outline.too-long': ({ length, most }: { readonly length: number; readonly most: number }, r: Reader) =>
    `${r.length(length)} of fence takes more than ${most} posts, the most that one plan can have. Draw it smaller, or space the posts wider.`,
  'outline.collapsed': ({ side, least }: { readonly side: number; readonly least: number }, r: Reader) =>
    `Side ${side} would be under ${r.length(least)}, too short to build. Pull its ends apart.`,
  'outline.folds-back': ({ corner }: { readonly corner: number }) =>
    `The fence folds back on itself at corner ${corner}. Open the corner.`,
  'side.off-wall': ({ side, building, by }: SideOffWall, r: Reader) =>
    `Side ${side} is marked as a wall of ${building} but stands ${r.about(by)} away from it, so the run is open there. Fence it, or pull its corners back to the wall.`,
  'side.through-building': ({ side, building }: { readonly side: number; readonly building: string }) =>
    `Side ${side} runs through ${building}. Move a corner, or put one where the fence meets the wall.`,
  'side.over-boundary': ({ side, boundary, by }: SideOverBoundary, r: Reader) =>
    `Side ${side} reaches ${r.about(by)} over the boundary (${boundary}). Move it back, or ask first.`,
  'side.open': ({ side, threats, birds }: SideOpen) =>
    threats.length > 0
      ? `Side ${side} is open: ${who(threats)} ${verb(threats, 'walks', 'walk')} in there. Fence it.`
      : birds === 'kept'
        ? `Side ${side} is open: the birds walk out there. Fence it.`
        : `Side ${side} is open.`,
  'side.unseen': ({ name, sides, threats }: SideUnseen) =>
    sides.length === 1
      ? `Side ${sides[0] ?? ''} of ${name} stands already, and nothing here says what it is made of. Look at its foot, its holes and its height against ${who(threats)}.`
      : `Sides ${listed(sides.map(String))} of ${name} stand already, and nothing here says what they are made of. Look at their feet, their holes and their height against ${who(threats)}.`,
  'lane.narrow': ({ side, building, width, lane }: LaneNarrow, r: Reader) =>
    `The way between side ${side} and ${building} is ${r.about(width)}: a barrow wants ${r.length(lane)}.`,
} as const;
