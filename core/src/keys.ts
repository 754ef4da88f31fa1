import { type Foot } from './ground/foot';
import { type OpeningLimits } from './stages/threats/shown/openings';
import type { Chosen } from './buying/chosen';
import type { Ask, AtHand, Demand } from './buying/demand';
import type { PostLengths } from './buying/lengths';
import type { Apart, Opened } from './buying/opened';
import type { PriceProof } from './buying/proof';
import type { Quote } from './buying/quote';
import type { Settled, Settling } from './buying/settle';
import type { Unmet } from './buying/unmet';
import type { Lined } from './buying/ways/way';
import type { CutMarket, RollMarket } from './catalogue/market';
import type { Products } from './catalogue/products';
import type { BoughtPost } from './stages/posts/bought';
import type { Gathered, WallGroup } from './stages/walls/shown/groups';
import type { HungWalls } from './stages/walls/stage';
import type { BirdStage } from './stages/birds/stage';
import type { Goods } from './catalogue/goods';
import type { Sold } from './catalogue/sold';
import type { Catalogue, Yard } from './catalogue/types';
import type { Memo } from './cutting/memo';
import type { CuttingStage } from './cutting/pools';
import type { Wanted } from './cutting/wanted';
import type { Docket, DocketLine } from './buying/docket/types';
import { key, slot } from './engine/step';
import type { Entry } from './findings/entry';
import type { Guarded } from './findings/guarded';
import type { Finding } from './findings/types';
import type { FenceLine, FenceWalk } from './ground/fenceLines';
import type { OutlineWorkings } from './stages/outline/figures';
import type { Partings } from './ground/partings';
import type { Profile } from './ground/profile';
import type { Ring } from './ground/survey';
import type { Terrain } from './ground/level';
import type { Assumptions } from './plan/assumptions';
import type { Chosen as ChosenBy, Facet } from './plan/effective';
import type { Plan } from './plan/schema';
import type { OpeningPlace } from './plan/openingPlace';
import type { SetOut } from './stages/posts/shown/setOut';
import type { PostStage } from './stages/posts/shown/stage';
import type { PostAsk } from './stages/posts/shown/asks';
import type { Strength } from './strength/row';
import type { Vector } from './ground/vector';
import type { WallTop } from './stages/walls/shown/wallTop';
import type { ProofBook, WayProof } from './buying/proofBook';
import type { Estimate, Part, Reckoning, Workings } from './reckoning';
import type { Figures } from './stages/told';
import type { BoardCourse } from './stages/walls/shown/boards';
import type { Falls } from './stages/walls/slope';
import type { HungOpening } from './stages/ways/stage';
import type { Term } from './working';

/* Given by whoever runs the steps. */
export const PLAN = key<Plan>('plan');
export const CATALOGUE = key<Catalogue>('catalogue');
/** What was cut before, and what looking further found: held by whoever reckons. */
export const MEMO = key<Memo>('memo');
export const PROOFS = key<ProofBook>('proofs');

/* Slices of the plan. */
export const CORNERS = key<Plan['corners']>('plan.corners');
export const SIDES = key<Plan['sides']>('plan.sides');
export const ENCLOSURES = key<Plan['enclosures']>('plan.enclosures');
export const OPENINGS = key<Plan['openings']>('plan.openings');
export const OPENING_PLACES = key<readonly OpeningPlace[]>('plan.openings.places');
export const PINS = key<Plan['postPins']>('plan.pins');
export const FLOCK = key<Plan['flock']>('plan.flock');
export const SPACE = key<Plan['space']>('plan.space');
export const THREATS = key<Plan['threats']>('plan.threats');
export const THREAT_FIGURES = key<Plan['threatFigures']>('plan.threatFigures');
export const SPOT_HEIGHTS = key<Plan['ground']['spotHeights']>('plan.spot-heights');
export const BUILDINGS = key<Plan['ground']['buildings']>('plan.buildings');
export const TREES = key<Plan['ground']['trees']>('plan.trees');
export const SERVICES = key<Plan['ground']['services']>('plan.services');
export const BOUNDARIES = key<Plan['ground']['boundaries']>('plan.boundaries');
export const SOIL = key<Plan['ground']['soil']>('plan.soil');
export const FROST = key<number>('plan.frost');
export const CHOICES = key<Plan['choices']>('plan.choices');
export const SPACING_CHOICE = key<ChosenBy<Facet<'spacing'>>>('choice.spacing');
export const BAND_CHOICE = key<ChosenBy<Facet<'bands'>>>('choice.bands');
export const BOARD_CHOICE = key<ChosenBy<Facet<'boards'>>>('choice.boards');
export const SLOPE_CHOICE = key<ChosenBy<Facet<'slope'>>>('choice.slope');
export const POST_CHOICE = key<ChosenBy<Facet<'posts'>>>('choice.posts');
export const BUYING = key<Plan['buying']>('plan.buying');
export const OWN_PRODUCTS = key<Plan['buying']['ownProducts']>('plan.own-products');
export const OWNED = key<Plan['owned']>('plan.owned');
export const EXTRAS = key<Plan['extras']>('plan.extras');
export const ASSUMPTIONS = key<Plan['assumptions']>('plan.assumptions');
export const ASSUMED = key<Assumptions>('plan.assumed');
export const CREW = key<Plan['crew']>('plan.crew');
export const SETTLED = key<Plan['settled']>('plan.settled');

/** What is made, wherever it is bought. */
export const PRODUCTS = key<Products>('products');

/** What the stages of the work ask for: no size sold and no price is in it. */
export const DEMANDS = slot<Demand>('demands');
export const DEMANDS_APART = key<Apart>('demands.apart');
/** Of these, what is settled and cut from rolls together: all mesh, and the packs that follow from it. */
export const ROLL_DEMANDS = key<readonly Demand[]>('demands.rolls');
/** All others, which ask for the same whatever is chosen. */
export const OTHER_ASKS = key<readonly Ask[]>('demands.others');

/* One way to buy: at one yard, the other, or both. Each is worked out beside the others, from the same demands. */
export const BUYING_AT = key<Plan['buying']>('quote.buying');
export const ROLLS_SOLD = key<Sold>('sold.rolls');
export const TIMBERS_SOLD = key<Sold>('sold.timbers');
export const POSTS_SOLD = key<Sold>('sold.posts');
export const KITS_SOLD = key<Sold>('sold.kits');
export const PACKS_SOLD = key<Sold>('sold.packs');
export const GOODS_AT = key<Goods>('quote.goods');
export const ROLL_MARKET_AT = key<RollMarket>('quote.rolls');
export const CUT_MARKET = key<CutMarket>('quote.lengths');
/** Those bought at, the preferred first. */
export const YARDS_AT = key<readonly Yard[]>('quote.yards');
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
export const LINED = slot<Lined>('quote.lined');
export const POOL_LINES = key<readonly DocketLine[]>('quote.pools');
export const DOCKET_AT = key<Docket>('quote.docket');
export const QUOTE = key<Quote>('quote');
export const QUOTES = key<readonly Quote[]>('quotes');

/* As bought: the quote that is taken. */
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

/* Ground and outline. */
export const LIMITS = key<OpeningLimits>('limits');
export const TERRAIN = key<Terrain>('terrain');
export const RINGS = key<readonly Ring[]>('rings');
export const PARTINGS = key<Partings>('partings');
/** Of all that is closed along the ground: fences and arches. */
export const WALKS = key<readonly FenceWalk[]>('walks');
export const FOOT_LINES = key<readonly FenceLine[]>('lines.foot');
/** Of these, what stands on posts. */
export const FENCED = key<readonly FenceWalk[]>('walks.fenced');
export const LINES = key<readonly FenceLine[]>('lines');
export const PROFILES = key<ReadonlyMap<FenceLine, Profile>>('profiles');
export const OUTLINE_WORKINGS = key<OutlineWorkings>('outline.workings');
export const GROUND_LENGTH = key<Term>('ground.length');
/** Ways in on the sides of these runs. */
export const OWN_OPENINGS = key<Plan['openings']>('openings.own');

/* What is chosen along each line. */
/** As chosen, and as what lies on the posts lets them stand. */
export const SPACINGS_CHOSEN = key<ReadonlyMap<FenceLine, Facet<'spacing'>>>('lines.spacing.chosen');
export const SPACINGS = key<ReadonlyMap<FenceLine, Facet<'spacing'>>>('lines.spacing');
export const BANDS = key<ReadonlyMap<FenceLine, Facet<'bands'>>>('lines.bands');
export const BOARDS = key<ReadonlyMap<FenceLine, Facet<'boards'>>>('lines.boards');
export const SLOPES = key<ReadonlyMap<FenceLine, Facet<'slope'>>>('lines.slope');

/** Height of the ground at a place, m. */
export const GROUND_AT = key<(p: Vector) => number>('ground.at');
/** How tall the keeper is, m. */
export const STATURE = key<number>('plan.stature');
/** What lies on posts asks of them. */
export const POST_ASKS = slot<PostAsk>('posts.asks');
/** Of what lies over the runs, m² in plan. */
export const OVERHEAD = slot<number>('overhead');
/** What birds roam in beside their runs: m², Infinity where nobody knows, and how high it stands round them, m. */
export const ROAMED = slot<{ readonly area: number; readonly height: number }>('roamed');
/** Enclosures round which a live net stands, closed and strong enough, and whom it holds. */
export const GUARDED = slot<Guarded>('guarded');
/** How what is held up bears snow and wind. */
export const STRENGTH = slot<Strength>('strength');

/* The stages of the work. */
export const BIRDS = key<BirdStage>('birds');
export const SET_OUT = key<SetOut>('posts.setting');
export const TOPS = key<ReadonlyMap<FenceLine, WallTop>>('walls.tops');
/** How high the curve is over each opening in an end of an arch, by its id, m. */
export const HEADROOMS = key<ReadonlyMap<string, number>>('arch.headrooms');
/** How high what an opening is in stands over it, by its id, m: a wall or a curve. */
export const WALLS_OVER = key<ReadonlyMap<string, number>>('ways.walls');
export const FALLS = key<Falls>('walls.falls');
/** What lies at the foot of each side, by its id. */
export const FEET = key<ReadonlyMap<string, Foot>>('feet');
/** Lines by what hangs on them, with what their bands may hang from. */
export const GATHERED = key<readonly Gathered[]>('walls.gathered');
export const MEANT_WALLS = key<readonly WallGroup[]>('walls.meant');
export const WALLS = key<HungWalls>('walls');
export const BOARD_COURSES = key<readonly BoardCourse[]>('walls.boards');
export const POSTS = key<PostStage>('posts');
export const BOUGHT_POSTS = key<readonly BoughtPost[]>('posts.bought');
export const HUNG_OPENINGS = key<readonly HungOpening[]>('ways');
/** What the stages take to build. */
export const STAGE_HOURS = slot<Term>('hours.stages');
export const HOURS = key<Term>('hours');
export const ELAPSED = key<Term>('hours.elapsed');
/** Openings that the stages leave, by their shorter sides, m. */
export const OPENINGS_LEFT = slot<number>('openings-left');
/** The largest opening left, m; 0 for none. */
export const OPENING_LEFT = key<number>('opening-left');

/* What every stage adds to. */
export const FOUND = slot<Finding>('found');
export const PARTS = slot<Part>('parts');
/** Of the fence round these runs, and of the whole plan beside it. */
export const FENCE_FIGURES = slot<Figures>('figures.fence');
export const PLAN_FIGURES = slot<Figures>('figures.plan');
/** Headline numbers of the stages as workings. */
export const HEADLINES = slot<Partial<Workings>>('headlines');

/** How what is planned meets each threat: what verdicts are made of. */
export const ENTRIES = slot<Entry>('entries');

/* What is told. */
export const FINDINGS = key<readonly Finding[]>('findings');
export const FENCE_TOTALS = key<Figures>('totals.fence');
export const TOTALS = key<Figures>('totals');
export const WORKINGS = key<Workings>('workings');
export const STAGES = key<Reckoning['stages']>('stages');
/** Each run of several as if it stood alone, hung from the widths chosen for all. */
export const ALONE = key<readonly Figures[]>('enclosures.alone');
export const RUNS = key<Reckoning['enclosures']>('enclosures');
export const ESTIMATE = key<Estimate>('estimate');
