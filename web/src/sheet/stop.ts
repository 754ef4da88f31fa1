import { type Change, type Part, type Plan, type Reader, type SheetScene, type Vector } from '@aviarum/core';

/** Something on the sheet that can be chosen, and mostly moved: by pointer, by keys, or by a number in the panel. */
export interface Stop {
  /** Its part, as `stopId` writes it. */
  readonly id: string;
  /** What it is called aloud. */
  readonly name: string;
  readonly value: string;
  readonly at: Vector;
  readonly look: 'corner' | 'side' | 'post' | 'gate' | 'thing' | 'point' | 'height';
  /** How much room it has before it meets the next, m. */
  readonly room: number;
  /** The line that it moves along, as a unit vector; null where it moves freely. */
  readonly axis: Vector | null;
  /** Null where it can be chosen but not moved. */
  readonly move: ((to: Vector) => Change) | null;
  /** Places beside corners and house walls on which it falls. */
  readonly snaps?: readonly Vector[];
  /** Said beside it while it is moved: what is left of a net. */
  readonly says?: (plan: Plan) => string;
  /** What else goes with the hand, drawn anew each frame; nothing unless said. */
  readonly with?: (plan: Plan) => readonly Part[];
}

export interface Sight {
  readonly plan: Plan;
  readonly scene: SheetScene;
  readonly parts: readonly Part[];
  readonly reader: Reader;
  /** The thing that is open: a house shows its corners only then. */
  readonly open: string | null;
}

export const dot = (a: Vector, b: Vector) => a.x * b.x + a.y * b.y;
export const tidy = (n: number) => Math.round(n * 1e4) / 1e4;
export const degrees = (radians: number) => `${Math.round((radians * 180) / Math.PI)}°`;

/** For who asks for stops that do not look at the scene. */
export const NO_SCENE: SheetScene = {
  layers: { run: [], foot: [], side: [], gate: [], over: [], post: [], marks: [] },
  sides: [],
  corners: [],
  extent: { left: 0, right: 1, low: 0, high: 1 },
};
