import type * as z from 'zod/mini';
import type { MeshProduct, TimberProduct } from '../../../../catalogue/types';

/** What is known of what is sold. */
export interface Made {
  readonly mesh: (id: string) => MeshProduct;
  readonly timber: (id: string) => TimberProduct;
}

/** What carries the skin: how many, what they are bent of, and how far they reach. All m. */
export interface Ribs {
  readonly count: number;
  /** What one takes of the length, from the start of one to the start of the next. */
  readonly module: number;
  /** From end to end as it is built. */
  readonly built: number;
}

/** A measure of an arch that the keeper sets. */
export interface ArchMeasure {
  readonly field: string;
  readonly name: string;
  readonly set: 'always' | 'or none';
}

/** What an arch is bent of, whatever its kind. */
export interface ArchMakeup {
  /** Rigid panels, knitted or lapped side by side; null for none. */
  readonly panels: {
    readonly mesh: string;
    /** Ends are of panels too, cut to the base. */
    readonly ends: boolean;
  } | null;
  /** Hoops of pipe, and lines of it along them; null for none. Lengths m. */
  readonly pipe: {
    readonly timber: string;
    /** Lines are pieces between tees, which take so much at each end of one. */
    readonly inPieces: boolean;
    readonly socket: number;
  } | null;
}

/** Questions that one kind is asked and another is not. */
export type ArchQuestion = 'join' | 'close' | 'lines' | 'endWalls';

/** One kind of frame: everything that tells it from the others. */
export interface ArchKind<C> {
  readonly title: string;
  readonly note: string;
  /** As a sentence calls what is bent, one and more. */
  readonly bends: readonly [one: string, more: string];
  /** How long what is bent is, m. */
  readonly bent: (arch: C, made: Made) => number;
  /** @param length  wanted, m */
  readonly ribs: (arch: C, made: Made, length: number) => Ribs;
  /** Springs back when it is let go. */
  readonly springs: boolean;
  /** What it is bent of: all that others ask of it. */
  readonly made: (arch: C) => ArchMakeup;
  /** What is decided of it by choosing besides what is of every arch. */
  readonly asks: readonly ArchQuestion[];
  /** Its off-cuts can close ends and make doors. */
  readonly offCuts: boolean;
  readonly measures: readonly ArchMeasure[];
  readonly hours: 'hoursArchPanel' | 'hoursArchHoop';
  /** Of what it usually has, m: how wide, and how long for so many ribs. */
  readonly usualBase: number;
  readonly usualLength: number;
  readonly usual: (over: { readonly id: string; readonly enclosure: string }) => C;
}

/** A row: the type of its choice comes from its schema, everything else is checked against it. */
export const kind = <S extends z.ZodMiniObject>(schema: S, row: ArchKind<z.infer<S>>) => ({
  schema,
  ...row,
});
