import type * as z from 'zod/mini';
import type { PackId } from '../../../../catalogue/packs';
import type { LengthField } from '../../../../units/parseLength';
import type { Ink } from '../../../../scenes/ink';

/** What closes an opening, m: the clear width and the overlap at both edges, and how high it is. */
export interface Leaf {
  readonly width: number;
  readonly height: number;
}

/** Like timber pieces of something built, m. */
export interface Sticks {
  readonly timber: string;
  readonly use: 'frame' | 'sill' | 'board';
  readonly name: string;
  readonly count: number;
  readonly length: number;
}

/** What an opening is built from or completed with. */
export interface Joinery {
  readonly sticks: readonly Sticks[];
  readonly hardware: Readonly<Partial<Record<PackId, number>>>;
}

/**
 * Between two posts of its own through the whole wall, as high as that where `height` is null; or in the mesh between two
 * posts, `bottom` above the ground where that can be chosen.
 */
export type Hanging =
  | { readonly hangs: 'posts'; readonly height: number | null }
  | { readonly hangs: 'mesh'; readonly height: number; readonly bottom: number | null };

/** Where one lies: side, from its `from` corner to the near edge, clear width, m. */
export interface At {
  readonly id: string;
  readonly side: string;
  readonly along: number;
  readonly width: number;
}

/** One that can be added by one press; the kit's width nearest to `clear`, m, is taken. */
export interface Added<C> {
  readonly words: string;
  readonly clear: number;
  readonly make: (at: At) => C;
}

/** A measure that the keeper sets, m; one that need not be set is cleared to null. */
export interface OpeningMeasure {
  readonly field: 'gap' | 'height' | 'bottom';
  readonly name: string;
  readonly kind: LengthField;
  readonly needed: 'always' | 'if set';
}

/** Bought as a kit, or built. */
export type Make = 'kit' | 'built';

/** What the docket's line of a kit counts. */
export type KitLine = 'docket.kit' | 'docket.pop-door' | 'docket.hatch';

/** A line as points in a unit square. */
export type Stroked = readonly (readonly [across: number, up: number])[];

/** Under which working the hours of one are counted. */
export type OpeningHours = 'hours.gates' | 'hours.gates-built' | 'hours.pop-doors';

/**
 * One kind of gate or door: everything that tells it from the others. It is judged by the fields that it has: a `gap` by
 * what gets through, `catches` by what opens them, a `swing` by what it meets, a `sill` by what digs.
 */
export interface OpeningKind<C> {
  /** As a sentence calls it. */
  readonly name: string;
  /** As its heading and its buttons call it. */
  readonly called: (opening: C) => string;
  /** What its ids begin with. */
  readonly prefix: string;
  readonly hanging: (opening: C) => Hanging;
  /** What is bought instead of building it, and its line in the docket; null where none is sold. */
  readonly kit: {
    readonly product: (opening: C) => string;
    readonly line: KitLine;
    readonly note: string;
  } | null;
  /** What it is built of, beside the choice to build it. */
  readonly built: string;
  /** @param board  width of a board as it is sold, m */
  readonly joinery: (opening: C, leaf: Leaf, board: number) => Joinery;
  readonly hours: Readonly<Record<Make, OpeningHours>>;
  /** The tightest gap round it that can be built, m; null where none is judged. */
  readonly tightest: number | null;
  readonly measures: readonly OpeningMeasure[];
  readonly added: readonly Added<C>[];
  /** What its leaf is closed by: mesh from the wall's rolls, boards, or an off-cut of a rigid panel. */
  readonly leaf: 'mesh' | 'boards' | 'panel';
  /** Added where two runs meet before anywhere else; or in an end of an arch alone. */
  readonly between: 'runs' | 'anywhere' | 'arch';
  /** Where keepers disagree about having one. */
  readonly school: 'door' | null;
  /** How it lies on the sheet and in files. */
  readonly ink: Ink;
  /** Lines over it on the strip, as shares of its width and height from its foot. */
  readonly face: readonly Stroked[];
}

/** A row: the type of its choice comes from its schema, everything else is checked against it. */
export const kind = <S extends z.ZodMiniObject>(schema: S, row: OpeningKind<z.infer<S>>) => ({
  schema,
  ...row,
});
