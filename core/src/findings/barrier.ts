import type { Layer } from '../catalogue/layer';
import type { PartRef } from '../plan/partRef';
import type { StageId } from '../stages/facts';
import type { ThreatId } from '../stages/threats/plan/kinds';
import type { Mends } from './types';

/** Where a barrier stands, and in what. */
interface Standing {
  readonly stage: StageId;
  readonly part: PartRef;
  /** The run that it closes; null for what closes none. */
  readonly enclosure: string | null;
  /** The side that it stands on, or is nearest to; null where it is on none. */
  readonly side: string | null;
}

/** What a mesh would have to be: its opening smaller than this, its wire at least so thick, m. */
export interface Finer {
  readonly smaller: number;
  readonly wire: number;
}

/** What closes an opening, or does not: a band, a gap under mesh, what is round a leaf, a vent, the skin of an arch. */
export interface Pane extends Standing {
  readonly of: 'pane';
  readonly what: 'band' | 'standing' | 'gap' | 'hollow' | 'leaf' | 'side' | 'skin' | 'vent' | 'tunnel';
  readonly layers: readonly Layer[];
  /** What is open by itself, behind mesh or without any, m; Infinity for a way as wide as an animal. */
  readonly hole: number;
  /** A bird stands at it. */
  readonly near: boolean;
  /** From this height above the ground up, m. */
  readonly from: number;
  readonly finer: (than: Finer) => Mends;
}

/** What is laid at the foot against what digs. All m. */
export interface FootLaid {
  readonly depth: number;
  readonly out: number;
  /** Of loose pieces: what is small goes between them. */
  readonly loose: boolean;
  /** Null for stones and concrete, and for what was found and nobody dug up. */
  readonly layer: Layer | null;
}

/** The foot of a side, a house or an end of what is laid: how what digs is stopped there. */
export interface Footing extends Standing {
  readonly of: 'foot';
  /** `open`: nothing closes it however wide it is laid; `solid`: a floor that nothing digs through. */
  readonly closed: 'as laid' | 'open' | 'solid';
  /** Any of them stops what it stops. */
  readonly laid: readonly FootLaid[];
  readonly better: (threats: readonly ThreatId[]) => Mends;
}

/** The top of a wall. All m. */
export interface WallHead extends Standing {
  readonly of: 'top';
  /** Null where nobody measured it. */
  readonly height: number | null;
  readonly overhang: number;
  /** Open between it and what lies over the run; 0 where it is closed. */
  readonly gap: number;
}

/** What lies over a run. */
export interface Lid extends Standing {
  readonly of: 'lid';
  readonly layers: readonly Layer[];
  /** Of the run that it lies over, 0 to 1. */
  readonly share: number;
  readonly finer: (than: Finer) => Mends;
}

/** What a way in is shut by. */
export interface Door extends Standing {
  readonly of: 'door';
  readonly catches: 'one-step' | 'two-step' | null;
  readonly locked: boolean;
  /** A sill or what lies in the ground closes its foot. */
  readonly sill: boolean;
  readonly mends: {
    readonly catches: Mends;
    readonly lock: Mends;
    readonly sill: Mends;
  };
}

/** A live net or a hot wire. */
export interface LiveLine extends Standing {
  readonly of: 'line';
  /** What it goes round: a run, a paddock that nothing else closes, or nothing. */
  readonly round: 'run' | 'paddock' | 'nothing';
  readonly when: 'always' | 'day' | 'night';
  /** Why it is no line to anybody; null for one that is closed and live. */
  readonly fails: 'short' | 'open' | 'dead' | 'weak' | 'snow' | null;
  /** The widest gap under it, m; 0 for none that counts. */
  readonly hole: number;
  /** Something stands near from which it can be jumped. */
  readonly near: boolean;
}

/** One part of a plan as it stands in the way of what comes: openings, wires, heights and depths. Whether it holds is judged elsewhere. */
export type Barrier = Pane | Footing | WallHead | Lid | Door | LiveLine;
