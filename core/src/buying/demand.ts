import type { KitLine } from '../stages/ways/plan/kinds/kind';
import type { PackId } from '../catalogue/packs';
import type { PartRef } from '../plan/partRef';
import type { PostRole } from '../plan/schema';
import type { StageId } from '../stages/facts';
import type { Term } from '../working';
import type { Run } from './run';

/** Whose line it is on the docket, and for which part. */
export interface Reason {
  readonly stage: StageId;
  readonly part: PartRef;
}

/** What is taken of something: at least, and as it is estimated before anything is cut. */
export interface Takes {
  readonly least: number;
  readonly most: number;
}

/** Lengths of mesh, of which each roll of their width may give some. */
interface MeshLengths {
  readonly mesh: string;
  /** Of the roll, m: as the keeper or a candidate has it. Of a strip, the least that will do. */
  readonly width: number;
  /** Paid at a joint, m; 0 where pieces butt. */
  readonly lap: number;
  readonly runs: readonly Run[];
  /** m of roll. */
  readonly takes: Takes;
  /** How the length comes about; worked out when it is asked for, since what is weighed is not told. */
  readonly need: () => readonly Term[];
}

/** What can be asked for: no size sold and no price is in it, so that every yard is asked for the same. */
interface Kinds {
  /** Lengths from rolls of one width, with what is cut off along their top, and what they miss of the height meant, m. */
  readonly mesh: MeshLengths & { readonly trimmed: number; readonly short: number };
  /** Lengths from rolls at least so wide: which, is settled by price. */
  readonly strip: MeshLengths;
  /** Small pieces of mesh, m, from whatever roll they cost least. */
  readonly sheet: {
    readonly mesh: string;
    readonly width: number;
    readonly height: number;
    /** Its runs, lying so in a roll of some width. */
    readonly runsIn: (rollWidth: number) => readonly Run[];
    readonly count: number;
    readonly lap: number;
  };
  /** Pieces of sawn timber, which are not jointed. */
  readonly timber: { readonly timber: string; readonly runs: readonly Run[] };
  /** So many posts at least so long, m. */
  readonly post: {
    readonly product: string;
    readonly length: number;
    readonly role: PostRole;
    readonly count: number;
  };
  /** A kit that closes so clear a width, m. */
  readonly kit: {
    readonly product: string;
    readonly width: number;
    /** What its line in the docket counts. */
    readonly line: KitLine;
  };
  /** A piece at least so large, m, of what is sold whole in fixed sizes. */
  readonly piece: { readonly product: string; readonly width: number; readonly length: number };
  readonly pack: { readonly pack: PackId; readonly count: number; readonly need: () => readonly Term[] };
}
export type AskKind = keyof Kinds;
export type AskOf<K extends AskKind> = Reason & { readonly buy: K } & Kinds[K];
export type Ask = { [K in AskKind]: AskOf<K> }[AskKind];

/** A roll that a candidate takes of, m. */
export interface RollTaken extends Takes {
  readonly mesh: string;
  readonly width: number;
}
export interface PackTaken extends Takes {
  readonly pack: PackId;
}

/** One way to meet an open demand, such as a stack of roll widths. */
export interface Candidate {
  /** What it is, whoever asks: demands that are alike take candidates of one id. */
  readonly id: string;
  /** By how much it falls short of what was meant, m: what fits goes first, then the price. */
  readonly shortBy: number;
  /** Rolls side by side, from the ground up or from edge to edge: one of them may come more than once. */
  readonly rolls: readonly RollTaken[];
  /** What its seams take. */
  readonly packs: readonly PackTaken[];
  /** As its stage laid it out, which alone reads it; null where nothing was. */
  readonly made: unknown;
  /** What is then asked for; made once, when it is first weighed. */
  asks(): readonly Ask[];
}

/** A height or a width that rolls side by side are to reach, m. */
export interface Reaching {
  readonly mesh: string;
  readonly height: number;
  /** Lap of roll over roll. */
  readonly lap: number;
  /** So many rolls at most. */
  readonly rows: 1 | 3;
}

/** What candidates are made from: what is at hand at some yards and in the shed, whatever it costs. */
export interface AtHand {
  /** Widths of rolls of a mesh that can be had, m, rising. */
  readonly widths: (mesh: string) => readonly number[];
  /** Sets of widths that reach, without those from which one could be left out. */
  readonly reaching: (want: Reaching) => readonly (readonly number[])[];
  /** The longest roll of a mesh in one width, m, sold or in the shed. */
  readonly longest: (mesh: string, width: number) => number;
}

/** What is settled by price beside everything else that is bought, in one place. */
export interface Open extends Reason {
  readonly buy: 'open';
  /** Demands of one such name are alike: they take the same candidate. */
  readonly alike: string;
  /** What has to be reached, m: of those alike the greatest decides which candidates there are. */
  readonly measure: number;
  /** Those that reach; where none does, the nearest alone, which says by how much it is short. */
  readonly candidates: (hand: AtHand, measure: number) => readonly Candidate[];
  /** Packs whose count follows from what is taken, or from how it is jointed. */
  readonly packs: readonly PackId[];
}

/** What follows from several open demands together, once they are settled. */
export interface Following extends Reason {
  readonly buy: 'following';
  /** How many pieces of which packs it takes at least, whatever is chosen. */
  readonly least: ReadonlyMap<PackId, number>;
  readonly asks: (taken: Taken) => readonly Ask[];
}

/** What is only known once open demands are settled, and settles none of them: what holds up the strips that were taken. */
export interface After extends Reason {
  readonly buy: 'after';
  readonly asks: (taken: Taken) => readonly Ask[];
}

/** The candidate that open demands of one name take. */
export type Taken = (alike: string) => Candidate;

export type Demand = Ask | Open | Following | After;
