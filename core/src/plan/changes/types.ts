import type { Buying, ExtraPiece, OwnedPiece } from '../schema';
import type { StageChange } from '../../stages/verbs';
import { type Scope, WHOLE_PLAN } from '../scope';

/** Everything that can be done to a plan, as values: the editor's actions, a finding's mend, an option shown with its effect. */
export type Change =
  | StageChange
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
