import type { Support } from './fields';

/** Where a timber or tube is chosen that a cover stands on, or at all. */
export type MemberField = 'rail' | 'beam' | 'prop' | 'purlin' | 'rafter';
export type TimberField = MemberField | 'batten';

/** A timber or tube under a cover, and in which field of its choice it is. */
export interface Carrier {
  readonly field: TimberField;
  readonly timber: string;
}

/** What holds a cover up: along and across it, along its edges, and upright. */
export interface Carriers {
  readonly rail: Carrier | null;
  readonly edge: Carrier | null;
  readonly beam: Carrier | null;
  readonly prop: Carrier | null;
}

/** Laid side by side across the run, on rails under their seams. All m. */
export interface StripsMakeup {
  readonly lap: number;
  readonly turnDown: number;
  /** Paid at a joint along a strip. */
  readonly jointLap: number;
  /** Ringed where strip laps on strip, and where one is jointed. */
  readonly ringed: boolean;
  /** The direction that was chosen, radians, and from which edge; null for the cheapest. */
  readonly way: { readonly direction: number; readonly edge: 'low' | 'high' } | null;
  /** The width that was chosen; null for the cheapest from 0.9 on. */
  readonly roll: number | null;
  /** Where beams cross; null for equal distances. */
  readonly beams: readonly number[] | null;
}

/** As one net over its bounding rectangle, held at its edges and on props. All m. */
export interface NetMakeup {
  /** How high its props are; null for none. */
  readonly tent: number | null;
  readonly sag: number;
  readonly prop: string;
}

/** In one piece that is sold whole. All m. */
export interface PieceMakeup {
  /** How much higher its ridge is than its edges; null for none. */
  readonly ridge: number | null;
  /** Added at each edge, and past each end along the ridge. */
  readonly hem: number;
  readonly overhang: number;
  /** Straps over it; null for one each 2.4 m. */
  readonly straps: number | null;
  /** One side is made to roll up, on clamps. */
  readonly rolls: boolean;
  /** Fastened along a rail at its edge, besides its straps. */
  readonly tacked: boolean;
}

/** Hung by its corners between anchors, each so far from its own, m. */
export interface CornersMakeup {
  readonly anchor: number;
}

/** Along the walls, below a gap under their top, m. */
export interface WallsMakeup {
  readonly gap: number;
  /** Those that are wrapped; null for every fenced one. */
  readonly sides: readonly string[] | null;
  readonly batten: string;
  /** When it is put up and taken off, month and day. */
  readonly on: string;
  readonly off: string;
}

/** What each manner of laying has to know. */
interface Manners {
  readonly strips: StripsMakeup;
  readonly net: NetMakeup;
  /** Down the fall, on purlins over rafters. */
  readonly sheets: null;
  readonly piece: PieceMakeup;
  readonly corners: CornersMakeup;
  readonly walls: WallsMakeup;
}

/** How what a cover is made of is laid. */
export type LaidAs = keyof Manners;
/** Over a run, in whatever manner. */
export type OverLaid = Exclude<LaidAs, 'walls'>;

/** What a cover comes to whatever its kind, besides the manner in which it is laid. */
export interface Common {
  readonly mesh: string;
  readonly carriers: Carriers;
  /** How high its props are, m; null where what is under it reaches up to it. */
  readonly propHeight: number | null;
  /** Where its props or posts stand as the keeper set them, and in which field; null for one that has none. */
  readonly stands: { readonly field: 'props' | 'posts'; readonly own: readonly Support[] | null } | null;
  /** Taken down before the first snow: it never bears any. */
  readonly dropped: boolean;
  /** What is set of its choice so that it is; null for one that stays up. */
  readonly drop: Readonly<Record<string, unknown>> | null;
  /** The posts that it pulls at are stayed. */
  readonly stayed: boolean;
  /** A straining wire runs round its edge. */
  readonly wired: boolean;
  /** How far it hangs through between supports, m. */
  readonly sag: number;
  /** Where the rain goes that it sheds, and what the wind does beneath; null for what both go through. */
  readonly closed: {
    readonly runOff: 'gutter' | 'swale' | 'away' | 'nowhere';
    readonly beneath: 'open' | 'closed';
  } | null;
  /** It falls to both sides of a ridge, whatever its plane does. */
  readonly ridged: boolean;
  /** In which field more of what holds it down is set; null where nothing is laid over it. */
  readonly tiedBy: 'straps' | null;
}

export const NO_CARRIERS: Carriers = { rail: null, edge: null, beam: null, prop: null };

/** What has none of it. */
export const PLAIN = {
  carriers: NO_CARRIERS,
  propHeight: null,
  stands: null,
  dropped: false,
  drop: null,
  stayed: false,
  wired: false,
  sag: 0,
  closed: null,
  ridged: false,
  tiedBy: null,
} as const satisfies Omit<Common, 'mesh'>;

export type MakeupOf<L extends LaidAs> = {
  readonly [K in L]: Common & { readonly laid: K; readonly how: Manners[K] };
}[L];
/** What a cover comes to: all that others ask of it. */
export type Makeup = MakeupOf<LaidAs>;
