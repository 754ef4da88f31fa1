import type { UnitSystem } from '../units/parseLength';
import type { MeshType } from './meshTypes';
import type { PackId } from './packs';
import type { PostKind, PostKindRow } from './postKinds';

export type { PackId } from './packs';
export type { MeshType };

/** A mesh as it is told apart in a yard. All lengths m. */
export interface MeshProduct {
  readonly id: string;
  readonly type: MeshType;
  /** Clear opening: `up` the wall by `along` it, m. A graded mesh has its largest opening here. */
  readonly opening: { readonly up: number; readonly along: number };
  /** What the trade calls its opening in feet countries, inches up and along; left out for a keeper's own. */
  readonly trade?: readonly [up: number, along: number] | undefined;
  /** Wire or cord diameter, m. */
  readonly wire: number;
  /** Widths and lengths in which it is commonly made, m; what a yard sells is in its offers. */
  readonly widths: readonly number[];
  readonly lengths: readonly number[];
}

export interface PostProduct {
  readonly id: string;
  readonly kind: PostKind;
  readonly material: PostKindRow['material'];
  readonly standing: PostKindRow['standing'];
  /** Diameter, side or face, m. */
  readonly size: number;
  readonly lengths: readonly number[];
  /** Mesh clips that come with each post. */
  readonly clipsIncluded: number;
}

/** A gate or pop door bought as a kit; to a gate's frame, hinges, catches, stop and sill the keeper adds mesh. */
export interface GateKit {
  readonly id: string;
  /** Clear widths made, m. */
  readonly widths: readonly number[];
}

/** Timber, tube and pipe by the length: boards and rails along the wall, frames of leaves, sills, what holds a cover up, hoops. Sizes m. */
export interface TimberProduct {
  readonly id: string;
  readonly kind: 'board' | 'rail' | 'frame' | 'sill' | 'joist' | 'tube' | 'batten' | 'pipe';
  readonly thickness: number;
  readonly width: number;
  readonly lengths: readonly number[];
}

/** One sold unit at a yard; price in integer minor units, as the yard states it. */
export type Offer = Priced & {
  /** How many it holds; left out or null where that is not said. */ readonly stock?: number | null;
};

type Priced =
  | {
      readonly kind: 'roll';
      readonly product: string;
      readonly width: number;
      readonly length: number;
      readonly price: number;
    }
  | { readonly kind: 'post'; readonly product: string; readonly length: number; readonly price: number }
  | { readonly kind: 'kit'; readonly product: string; readonly width: number; readonly price: number }
  | { readonly kind: 'timber'; readonly product: string; readonly length: number; readonly price: number }
  | { readonly kind: 'pack'; readonly product: PackId; readonly count: number; readonly price: number };

export interface Yard {
  readonly id: string;
  readonly name: string;
  readonly system: UnitSystem;
  readonly currency: string;
  /** Tax on goods and delivery, and whether the prices stated hold it already. */
  readonly tax: { readonly rate: number; readonly stated: 'with' | 'without' };
  /** Once for all that is bought there, minor units as stated; null where it does not deliver or nothing is said. */
  readonly delivery: number | null;
  readonly offers: readonly Offer[];
}

/** An immutable dated edition: a plan that names it gives the same docket for ever. */
export interface Catalogue {
  readonly edition: string;
  /** Date of the prices, ISO 8601. */
  readonly pricesAsOf: string;
  readonly meshes: readonly MeshProduct[];
  readonly posts: readonly PostProduct[];
  readonly kits: readonly GateKit[];
  readonly timbers: readonly TimberProduct[];
  readonly yards: readonly Yard[];
}
