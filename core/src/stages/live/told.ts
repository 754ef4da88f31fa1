import type { Vector } from '../../ground/vector';
import type { PartOf } from '../../plan/partRef';
import type { LiveNet } from './plan/choice';

/** A post of a net, or a strut beside it. Along the net, m. */
export interface NetPost {
  readonly along: number;
  readonly at: Vector;
  readonly is: 'post' | 'strut';
}

/** A live net as it stands. Lengths m, area m². */
export interface NetPart {
  readonly kind: 'live-net';
  readonly part: PartOf<'net'>;
  readonly name: string;
  readonly form: LiveNet['form'];
  readonly when: LiveNet['when'];
  readonly points: readonly Vector[];
  readonly length: number;
  readonly area: number;
  readonly height: number;
  /** Heights of its strands, the lowest first. */
  readonly strands: readonly number[];
  readonly posts: readonly NetPost[];
  /** Whole nets in turn, and what of the last is over; negative where it is short. */
  readonly pieces: readonly number[];
  readonly surplus: number;
  /** Where what is over lies, doubled back beside it; empty where nothing is over. */
  readonly back: readonly Vector[];
  /** Where it is walked in. */
  readonly gate: Vector | null;
  /** Holes under it. */
  readonly holes: readonly { readonly along: number; readonly gap: number; readonly at: Vector }[];
}

/** A hot wire along a side. Side coordinates, m. */
export interface HotWirePart {
  readonly kind: 'hot-wire';
  readonly part: PartOf<'hot-wire'>;
  readonly side: string;
  readonly from: number;
  readonly to: number;
  readonly offset: number;
  readonly heights: readonly number[];
}

/** Energiser and rods, and the cables from it. */
export interface SourcePart {
  readonly kind: 'live-source';
  readonly part: PartOf<'energiser' | 'rods'>;
  readonly at: Vector;
  /** Where its cable goes; null where that is not known. */
  readonly to: Vector | null;
}

export type LiveParts = NetPart | HotWirePart | SourcePart;

/** Names of its figures. */
export type FigureName =
  | `liveNet.${string}.${'length' | 'area' | 'nets' | 'surplus' | 'gapWorst' | 'struts' | 'mown' | 'tightest'}`
  | `hotWire.${string}.${'strand' | 'insulators' | 'lead' | 'length' | 'joints'}`
  | `power.${'output' | 'rods' | 'draw' | 'batteryDays' | 'length' | 'made'}`;
