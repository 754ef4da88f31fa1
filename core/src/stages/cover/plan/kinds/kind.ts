import type * as z from 'zod/mini';
import type { MeshTypeRow } from '../../../../catalogue/meshTypes';
import type { Colour, Ink } from '../../../../scenes/ink';
import type { LaidAs, Makeup, MemberField, TimberField } from './makeup';

/** A measure of a cover that the keeper sets. */
export interface CoverMeasure {
  readonly field: string;
  readonly name: string;
  readonly kind: 'length' | 'angle';
}

/** One kind of cover: everything that tells it from the others. */
export interface CoverKind<C> {
  readonly title: string;
  readonly note: string;
  /** As a sentence calls it: `the net`. */
  readonly called: string;
  /** What a new one is called. */
  readonly named: string;
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
  /** Every timber or tube that its choice names. */
  readonly timbers: readonly TimberField[];
  /** What else is decided of it by choosing. */
  readonly asks: readonly QuestionField[];
  readonly look: Ink;
  /** Pulls at the posts on its edge, unless they are stayed. */
  readonly pulls: boolean;
  /** Keeps out what comes from above, over as much as it covers. */
  readonly closes: boolean;
  /** Birds are caught in it: it is looked at every day. */
  readonly catches: boolean;
  usual(over: UsualOver): C;
  /** As it is where birds are kept in all winter by order. */
  housed(cover: C): C;
  /** What it comes to: all that others ask of it. */
  made(cover: C): Makeup;
}

/** Other fields that are decided by choosing. */
export type QuestionField =
  'stays' | 'edge' | 'hung' | 'lies' | 'runOff' | 'beneath' | 'shape' | 'hem' | 'rolls';

/** What a housing order changes nothing of. */
export const asItIs = <C>(cover: C): C => cover;

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
