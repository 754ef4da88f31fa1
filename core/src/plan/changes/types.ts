import type { Soil } from '../assumptions';
import type {
  Band,
  Boundary,
  Building,
  Buying,
  Choices,
  ExtraPiece,
  Gate,
  Hatch,
  Opening,
  OwnedPiece,
  Plan,
  Point,
  PopDoor,
  PostPin,
  Service,
  Side,
  SpotHeight,
  Tree,
} from '../schema';
import type { StageChange } from '../../stages/verbs';
import { type Scope, WHOLE_PLAN } from '../scope';

/** A rectangle square to the axes, m. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** What stands, lies or was measured on the ground, by the list that holds it. */
export interface GroundThings {
  readonly buildings: Building;
  readonly trees: Tree;
  readonly services: Service;
  readonly boundaries: Boundary;
  readonly spotHeights: SpotHeight;
}
export type GroundList = keyof GroundThings;

type AddToGround = {
  [L in GroundList]: { readonly verb: 'add-to-ground'; readonly list: L; readonly thing: GroundThings[L] };
}[GroundList];
type SetOnGround = {
  [L in GroundList]: {
    readonly verb: 'set-on-ground';
    readonly list: L;
    readonly id: string;
    readonly to: Partial<Omit<GroundThings[L], 'id'>>;
  };
}[GroundList];

/** One leg of a walk round the run: how far, and the turn at its end towards the next, radians, positive to the left. */
export interface Leg {
  readonly length: number;
  readonly turn: number;
}

/** Names for what a lobby adds. */
export interface LobbyIds {
  readonly enclosure: string;
  readonly opening: string;
  /** Where the gate's side is parted, then the two outer corners. */
  readonly corners: readonly [string, string, string, string];
  /** The parts of the gate's side after the first, then the three sides of the lobby. */
  readonly sides: readonly [string, string, string, string, string];
}

/** A height of the ground at a place; `id` for a spot that has none yet. */
export interface HeightAt {
  readonly id: string;
  readonly at: Point;
  readonly height: number;
}

/** Everything that can be done to a plan, as values: the editor's actions, a finding's mend, an option shown with its effect. */
export type Change =
  | { readonly verb: 'set-soil'; readonly soil: Soil }
  | { readonly verb: 'set-ground'; readonly to: Partial<Pick<Plan['ground'], 'frost' | 'north'>> }
  | AddToGround
  | SetOnGround
  | { readonly verb: 'remove-from-ground'; readonly list: GroundList; readonly id: string }
  | { readonly verb: 'bring-ground'; readonly ground: Plan['ground'] }
  | { readonly verb: 'set-heights'; readonly heights: readonly HeightAt[] }
  | { readonly verb: 'lay-out'; readonly run: Box; readonly house: Box | null }
  | { readonly verb: 'move-side'; readonly side: string; readonly by: number }
  | { readonly verb: 'set-side-length'; readonly side: string; readonly length: number }
  | {
      readonly verb: 'set-side-kind';
      readonly side: string;
      readonly kind: Exclude<Side['kind'], 'building'>;
    }
  | { readonly verb: 'set-side-building'; readonly side: string; readonly building: string }
  | { readonly verb: 'move-corner'; readonly corner: string; readonly to: Point }
  | {
      /** Swings the next side about the corner until the ring turns there by `turn`, radians, positive where convex. */
      readonly verb: 'set-turn';
      readonly enclosure: string;
      readonly corner: string;
      readonly turn: number;
    }
  | {
      /** Puts a corner on a side; its first half keeps the id. */
      readonly verb: 'split-side';
      readonly side: string;
      readonly along: number;
      readonly corner: string;
      readonly second: string;
    }
  | { readonly verb: 'remove-corner'; readonly corner: string }
  | {
      /** Lays an enclosure out anew as walked from `start`, the first leg on `bearing`, radians from the x axis. */
      readonly verb: 'walk-outline';
      readonly enclosure: string;
      readonly start: Point;
      readonly bearing: number;
      readonly legs: readonly Leg[];
      /** Ids for its corners and sides, as many as legs. */
      readonly corners: readonly string[];
      readonly sides: readonly string[];
    }
  | {
      /** Lays an enclosure out anew through points, as surveyed or from a file; `place` where the file says where it is. */
      readonly verb: 'trace-outline';
      readonly enclosure: string;
      readonly points: readonly Point[];
      readonly corners: readonly string[];
      readonly sides: readonly string[];
      readonly place: Pick<Plan['place'], 'latitude' | 'longitude'> | null;
    }
  | { readonly verb: 'set-tape'; readonly tape: Plan['ground']['tape'] }
  | {
      /** A fence from corner to corner across an enclosure makes two of it. */
      readonly verb: 'divide';
      readonly enclosure: string;
      readonly from: string;
      readonly to: string;
      readonly side: string;
      readonly second: { readonly id: string; readonly name: string };
    }
  | {
      /** A new enclosure outside a side, which the two share. */
      readonly verb: 'add-beside';
      readonly side: string;
      readonly depth: number;
      readonly enclosure: { readonly id: string; readonly name: string };
      readonly corners: readonly [string, string];
      readonly sides: readonly [string, string, string];
    }
  | { readonly verb: 'rename-enclosure'; readonly enclosure: string; readonly name: string }
  | { readonly verb: 'remove-enclosure'; readonly enclosure: string }
  | { readonly verb: 'set-pin'; readonly pin: PostPin }
  | { readonly verb: 'remove-pin'; readonly id: string }
  | { readonly verb: 'set-slope'; readonly scope: Scope; readonly slope: Partial<Choices['slope']> }
  | { readonly verb: 'set-load'; readonly scope: Scope; readonly load: Choices['load'] }
  | { readonly verb: 'set-bays'; readonly scope: Scope; readonly bays: Choices['bays'] }
  | { readonly verb: 'set-shallower'; readonly scope: Scope; readonly shallower: Choices['shallower'] }
  | { readonly verb: 'set-posts'; readonly scope: Scope; readonly posts: Partial<Choices['posts']> }
  | { readonly verb: 'set-setting'; readonly scope: Scope; readonly setting: Partial<Choices['setting']> }
  | { readonly verb: 'set-spacing'; readonly scope: Scope; readonly spacing: number }
  | {
      readonly verb: 'set-band';
      readonly scope: Scope;
      readonly id: string;
      readonly to: Partial<Omit<Band, 'id'>>;
    }
  | { readonly verb: 'add-band'; readonly scope: Scope; readonly band: Band }
  | { readonly verb: 'remove-band'; readonly scope: Scope; readonly id: string }
  | { readonly verb: 'set-hanging'; readonly scope: Scope; readonly hanging: Choices['hanging'] }
  | { readonly verb: 'set-boards'; readonly scope: Scope; readonly boards: Partial<Choices['boards']> }
  | { readonly verb: 'set-overhang'; readonly scope: Scope; readonly overhang: number }
  | {
      /** A small run outside a gate, with a second gate: birds that slip through one meet the other. */
      readonly verb: 'add-lobby';
      readonly opening: string;
      readonly depth: number;
      readonly ids: LobbyIds;
    }
  | StageChange
  | { readonly verb: 'add-opening'; readonly opening: Opening }
  | {
      readonly verb: 'set-opening';
      readonly id: string;
      readonly to:
        | Partial<Omit<Gate, 'id' | 'kind'>>
        | Partial<Omit<PopDoor, 'id' | 'kind'>>
        | Partial<Omit<Hatch, 'id' | 'kind'>>;
    }
  | { readonly verb: 'remove-opening'; readonly id: string }
  | { readonly verb: 'set-yards'; readonly yards: readonly string[] }
  | {
      /** Buys all of one product at one yard; null where it is cheapest. */
      readonly verb: 'buy-from';
      readonly goods: string;
      readonly yard: string | null;
    }
  | { readonly verb: 'set-fetching'; readonly yard: string; readonly goods: 'delivered' | 'fetched' }
  | {
      /** Newer prices of the edition and of the keeper's own, for those that the plan carries. */
      readonly verb: 'take-prices';
      readonly prices: Pick<Buying, 'edition' | 'pricesAsOf' | 'ownPrices' | 'ownProducts'>;
    }
  | { readonly verb: 'set-owned'; readonly piece: OwnedPiece }
  | { readonly verb: 'remove-owned'; readonly id: string }
  | { readonly verb: 'set-extra'; readonly extra: ExtraPiece }
  | { readonly verb: 'remove-extra'; readonly id: string };

export type Verb = Change['verb'];
export type ChangeOf<V extends Verb> = Extract<Change, { verb: V }>;

export { type Scope, WHOLE_PLAN };
