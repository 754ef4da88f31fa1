import { type Cautions } from '../../plan/cautions';
import type { VERBS } from './verbs';
import { type Reader } from '../../saying/reader';
import { type SideParam } from '../../saying/sentences';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

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
export interface LaneNarrow {
  readonly side: number;
  readonly building: string;
  readonly width: number;
  readonly lane: number;
}
export interface OutlineAlongGround {
  readonly side: number;
  readonly level: number;
  readonly rise: number;
}

/** What is found about outline. Lengths m. */
export const FINDINGS = {
  'outline.crosses': ({ side, other }: { readonly side: number; readonly other: number }) =>
    `Side ${side} crosses side ${other}. Move one of them until they part.`,
  'outline.touches': ({ side, other }: { readonly side: number; readonly other: number }) =>
    `Side ${side} touches side ${other}. Leave room between them.`,
  'outline.too-long': ({ length, most }: { readonly length: number; readonly most: number }, r: Reader) =>
    `${r.length(length)} of fence takes more than ${most} posts, the most that one plan can have. Draw it smaller, or space the posts wider.`,
  'outline.collapsed': ({ side }: { readonly side: number }) =>
    `Side ${side} has no length left. Pull its ends apart.`,
  'outline.folds-back': ({ corner }: { readonly corner: number }) =>
    `The fence folds back on itself at corner ${corner}. Open the corner.`,
  'side.off-wall': ({ side, building, by }: SideOffWall, r: Reader) =>
    `Side ${side} is to be a wall of ${building} and lies ${r.about(by)} off it: nothing closes the run there. Fence it, or pull its corners back to the wall.`,
  'side.through-building': ({ side, building }: { readonly side: number; readonly building: string }) =>
    `Side ${side} runs through ${building}. Move a corner, or put one where the fence meets the wall.`,
  'side.over-boundary': ({ side, boundary, by }: SideOverBoundary, r: Reader) =>
    `Side ${side} reaches ${r.about(by)} over the boundary (${boundary}). Move it back, or ask first.`,
  'lane.narrow': ({ side, building, width, lane }: LaneNarrow, r: Reader) =>
    `The way between side ${side} and ${building} is ${r.about(width)}: a barrow wants ${r.length(lane)}.`,
} as const;

/** What the outline takes to stake out, and where its hours are told. */
export const HOURS = {
  'hours.stake-out': () => 'stake out',
} as const;
export const HOURS_FIGURES = { 'hours.stake-out': 'stakeOut' } as const;

/** What a working of outline is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
  'outline.area': () => 'area of the run',
  'outline.enclosure-area': ({ name }: { readonly name: string }) => name,
  'outline.triangle': ({
    first,
    from,
    to,
  }: {
    readonly first: number;
    readonly from: number;
    readonly to: number;
  }) => `triangle of corners ${first}, ${from} and ${to}`,
  'outline.width': () => 'width',
  'outline.depth': () => 'depth',
  'outline.perimeter': () => 'all round',
  'outline.fence': () => 'fence',
  'outline.side': ({ side }: SideParam) => `side ${side}`,
  'outline.ground': () => 'fence, along the ground',
  'outline.along-ground': ({ side, level, rise }: OutlineAlongGround, r: Reader) =>
    `side ${side}, ${r.length(level)} on the level, ${rise < 0 ? 'falling' : 'rising'} ${r.length(Math.abs(rise))}`,
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'lay-out': ({ run }: Of<'lay-out'>, r: Reader) =>
    `Make the run ${r.length(run.right - run.left)} by ${r.length(run.high - run.low)}`,
  'move-side': ({ by }: Of<'move-side'>, r: Reader) =>
    `Move the side ${r.length(Math.abs(by))} ${by > 0 ? 'out' : 'in'}`,
  'set-side-length': ({ length }: Of<'set-side-length'>, r: Reader) => `Make the side ${r.length(length)}`,
  'set-side-kind': ({ kind }: Of<'set-side-kind'>) =>
    ({ fence: 'Fence this side', wall: 'An existing wall stands here', open: 'Leave this side open' })[kind],
  'set-side-building': () => 'The wall of a building stands here',
  'move-corner': () => 'Move the corner',
  'set-turn': ({ turn }: Of<'set-turn'>) => `Turn the corner by ${((turn * 180) / Math.PI).toFixed(1)}°`,
  'split-side': () => 'Put a corner on the side',
  'remove-corner': () => 'Take the corner out',
  'walk-outline': () => 'Lay the outline out as walked',
  'trace-outline': () => 'Take this outline',
  divide: () => 'Divide the run',
  'add-beside': () => 'Add a run beside this side',
  'rename-enclosure': ({ name }: Of<'rename-enclosure'>) => `Call the run ${name}`,
  'remove-enclosure': () => 'Take the run out',
} as const;

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Check the boundary and the planning rules where you live: the old fence is often not on the line.',
  'Have buried services located before anything is dug.',
];
