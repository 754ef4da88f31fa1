import { key, slot } from '../engine/step';
import type { Memo } from '../cutting/memo';
import type { ProofBook, WayProof } from './proofBook';
import type { Demand, Ask, AtHand } from './demand';
import type { Apart, Opened } from './opened';
import type { Plan } from '../plan/schema';
import type { Sold } from '../catalogue/sold';
import type { Settling, Settled } from './settle';
import type { Wanted } from '../cutting/wanted';
import type { CuttingStage } from '../cutting/pools';
import type { DocketLine, Docket } from './docket/types';
import type { Quote } from './quote';
import type { Goods } from '../catalogue/goods';
import type { RollMarket } from '../catalogue/market';
import type { Chosen } from './chosen';
import type { PostLengths } from './lengths';
import type { Unmet } from './unmet';
import type { PriceProof } from './proof';

/** What was cut before, and what looking further found: held by whoever reckons. */
export const MEMO = key<Memo>('memo');
export const PROOFS = key<ProofBook>('proofs');
/** What the stages of the work ask for: no size sold and no price is in it. */
export const DEMANDS = slot<Demand>('demands');
export const DEMANDS_APART = key<Apart>('demands.apart');
/** Of these, what is settled and cut from rolls together: all mesh, and the packs that follow from it. */
export const ROLL_DEMANDS = key<readonly Demand[]>('demands.rolls');
/** All others, which ask for the same whatever is chosen. */
export const OTHER_ASKS = key<readonly Ask[]>('demands.others');
export const BUYING_AT = key<Plan['buying']>('quote.buying');
export const HAND = key<AtHand>('quote.hand');
/** All of it, and what is left once that is settled which has nothing to do with anything else. */
export const ALL_OPENED = key<Opened>('quote.opened.all');
export const OPENED = key<Opened>('quote.opened');
/** Packs whose count follows from what is chosen. */
export const CHOICE_PACKS = key<Sold>('quote.choice-packs');
/** What looking further found about this way to buy; null where nobody looked. */
export const WAY_PROOF = key<WayProof | null>('quote.found');
export const SETTLING = key<Settling>('quote.settling');
export const SETTLED_AT = key<Settled>('quote.settled');
/** What follows from what was taken, and had no say in it. */
export const AFTER_ASKS = key<readonly Ask[]>('quote.after');
export const ROLL_ASKS = key<readonly Ask[]>('quote.asks');
export const TIMBER_ASKS = key<readonly Ask[]>('demands.timber');
export const MESH_WANTED = key<readonly Wanted[]>('quote.mesh');
export const TIMBER_WANTED = key<readonly Wanted[]>('quote.timber');
export const CUTTING_AT = key<CuttingStage>('quote.cutting');
export const POOL_LINES = key<readonly DocketLine[]>('quote.pools');
export const DOCKET_AT = key<Docket>('quote.docket');
export const QUOTE = key<Quote>('quote');
export const QUOTES = key<readonly Quote[]>('quotes');
export const BOUGHT = key<Quote>('bought');
export const GOODS = key<Goods>('goods');
export const ROLL_MARKET = key<RollMarket>('market.rolls');
/** Widths of the rolls that open demands take, by their names. */
export const CHOSEN = key<Chosen>('chosen');
/** What each length of posts asked for is cut from. */
export const POST_SIZES = key<ReadonlyMap<string, readonly number[]>>('post-sizes');
export const POST_LENGTHS = key<PostLengths>('post-lengths');
/** What nothing sold meets. */
export const UNMET = key<readonly Unmet[]>('unmet');
export const CUTTING = key<CuttingStage>('cutting');
export const DOCKET = key<Docket>('docket');
export const STACKS = key<PriceProof | null>('stacks');
/** Of all that is bought, at whichever yards. */
export const PRICE_PROOF = key<PriceProof | null>('price-proof');
