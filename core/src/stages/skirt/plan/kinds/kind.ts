import type * as z from 'zod/mini';
import type { Reader } from '../../../../saying/reader';
import type { Look } from './look';

/** A skirt seen from its end: how far it goes up, down and out, and what it is made of. All m. */
export interface SkirtShape {
  /** Mesh of its strip; null for stones and concrete. */
  readonly mesh: string | null;
  /** Up the wall. */
  readonly up: number;
  /** Below the ground. */
  readonly depth: number;
  /** Away from the fence: on the ground, or at its depth for a toe. */
  readonly out: number;
  /** The way of its mesh from the foot of the fence on: `[out, down]` corner by corner, the first at `[0, 0]`. */
  readonly path: readonly (readonly [out: number, down: number])[];
  /** Where its outer part lies. */
  readonly laid: 'flat' | 'buried' | 'filled';
  /** Width with which it turns corners like an apron; 0 where it goes round them. */
  readonly turns: number;
  /** What is dug: as wide on average, and by how much its bottom lies further out than its top. */
  readonly trench: { readonly width: number; readonly depth: number; readonly lean: number } | null;
  readonly fill: {
    readonly pack: 'stone' | 'concrete';
    readonly width: number;
    readonly height: number;
    /** Above the ground. */
    readonly above: number;
  } | null;
  /** Stapled to every timber post as far up as it goes; otherwise ringed to the wall alone. */
  readonly stapled: boolean;
  readonly round: 'fence' | 'house';
}

/** What stops every digger present, m: so wide flat on the ground, so deep, or so deep and so far out. */
export interface Wanted {
  readonly flat: number;
  readonly deep: number;
  readonly toe: { readonly depth: number; readonly out: number };
}

/** What another kind keeps of the skirt that is there: its mesh, its lap up the wall, its width on the ground. */
export interface Kept {
  readonly mesh: string;
  readonly lapUp: number;
  readonly width: number | null;
}

/** What stops an animal that digs: so wide flat on the ground, or so deep. */
export type Stops = 'flat' | 'deep';

/** A measure that the keeper sets, m. */
export interface Measure {
  readonly field: 'width' | 'height' | 'depth' | 'out' | 'up' | 'lapUp';
  readonly name: string;
  /** By which figure it stops what is about; none where that is not its work. */
  readonly stops?: Stops;
}

/** Stones or pavers along the fence, m. */
export interface Stones {
  readonly width: number;
  readonly height: number;
}

/** One kind of skirt: everything that tells it from the others. */
export interface KindOf<C> {
  readonly title: string;
  readonly note: string;
  /** What choosing it does; its mesh by name. */
  readonly say: (skirt: C, reader: Reader, mesh: string) => string;
  readonly measures: readonly Measure[];
  /** How it is drawn where it lies. */
  readonly look: Look;
  /** Of loose pieces: what is small goes between them. */
  readonly loose: boolean;
  /** With stones on it along the fence, or without; null where none can lie on it. */
  readonly withStones: ((skirt: C, stones: Stones | null) => C) | null;
  /** Null where nothing is laid. */
  readonly shape: (skirt: C) => SkirtShape | null;
  /** One that stops what is about, instead of another kind. */
  readonly instead: (kept: Kept, wanted: Wanted) => C;
  /** The same made large enough for what digs; null where no size of it would do. */
  readonly enough: (skirt: C, wanted: Wanted) => C | null;
  /** The same from a strip so much narrower, m: all of it out or down is given up first. Null where it has no strip. */
  readonly narrower: (skirt: C, less: number) => C | null;
}

/** A row: the type of its choice comes from its schema, everything else is checked against it. */
export const kind = <S extends z.ZodMiniObject>(schema: S, row: KindOf<z.infer<S>>) => ({ schema, ...row });

/** Narrower than this is no skirt, m. */
const LEAST = 0.1;

/** What is left of a measure; null where it is no skirt any more. */
export const less = (measure: number, by: number): number | null => {
  const left = Math.round((measure - by) * 1e9) / 1e9;
  return left < LEAST ? null : left;
};

/** Trench for a straight skirt, m wide. */
export const STRAIGHT_TRENCH = 0.15;

export const NO_SHAPE = {
  up: 0,
  depth: 0,
  out: 0,
  path: [],
  turns: 0,
  trench: null,
  fill: null,
  stapled: false,
  round: 'fence',
} as const;
