import type * as z from 'zod/mini';
import type { MeshTypeRow } from '../../../catalogue/meshTypes';
import type { Colour, Ink } from '../../../scenes/ink';

/** A measure of a cover that the keeper sets. */
export interface CoverMeasure {
  readonly field: string;
  readonly name: string;
  readonly kind: 'length' | 'angle';
}

/** How what a cover is made of is laid. */
export type LaidAs =
  /** Side by side across the run, on rails under their seams. */
  | 'strips'
  /** As one net over its bounding rectangle, held at its edges and on props. */
  | 'net'
  /** Down the fall, on purlins over rafters. */
  | 'sheets'
  /** In one piece that is sold whole. */
  | 'piece'
  /** Along the walls. */
  | 'walls';

/** One kind of cover: everything that tells it from the others. */
export interface CoverKind<C> {
  readonly title: string;
  readonly note: string;
  /** As a sentence calls it: `the net`. */
  readonly called: string;
  readonly laid: LaidAs;
  /** What of the catalogue it can be made of. */
  readonly of: readonly MeshTypeRow['covers'][];
  /** Rain runs off it; snow lies on it whatever its opening. */
  readonly sheds: boolean;
  /** What its posts carry; nothing of one that hangs on the walls. */
  readonly load: 'cover' | 'roof' | null;
  readonly measures: readonly CoverMeasure[];
  /** Timbers and tubes that it stands on, as fields of the choice. */
  readonly members: readonly MemberField[];
  readonly look: Ink;
  /** Pulls at the posts on its edge, unless they are stayed. */
  readonly pulls: boolean;
  readonly usual: (over: UsualOver) => C;
}

/** Where a timber or tube is chosen. */
export type MemberField = 'rail' | 'beam' | 'prop' | 'purlin' | 'rafter';

/** What every cover says, whatever it is. */
export interface UsualOver {
  readonly id: string;
  readonly name: string;
  readonly enclosure: string;
  readonly outline: { readonly x: number; readonly y: number }[] | null;
  readonly height: number;
}

/** A row: the type of its choice comes from its schema, everything else is checked against it. */
export const kind = <S extends z.ZodMiniObject>(schema: S, row: CoverKind<z.infer<S>>) => ({
  schema,
  ...row,
});

/** How a cover that lies flat or pitched over the run is drawn. */
export const look = (colour: Colour, dash: string, fillOpacity: number): Ink => ({
  screen: { fill: colour, fillOpacity, stroke: colour, width: 1.2, dash },
  paper: { fill: colour, fillOpacity, stroke: colour, width: 0.3, dash: '1.4 0.9' },
  file: ['COVER', 'CYAN', 'DASHED'],
});

/** A pitch of the three measures that every cover over a run has. */
export const PITCHED: readonly CoverMeasure[] = [
  { field: 'height', name: 'Least height', kind: 'length' },
  { field: 'rise', name: 'Higher edge by', kind: 'length' },
  { field: 'falls', name: 'Falls towards', kind: 'angle' },
];

export const RAIL = 'joist-75x47';
export const BEAM = 'joist-100x47';
export const PROP = 'joist-100x100';
