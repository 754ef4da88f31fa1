import type { BirdStage } from './birds/stage';
import type { Goods } from './catalogue/goods';
import type { CutMarket, Market, WallMarket } from './catalogue/market';
import type { Sold } from './catalogue/sold';
import type { Catalogue, Yard } from './catalogue/types';
import type { Memo } from './cutting/memo';
import type { CuttingStage } from './cutting/pools';
import type { PackLines } from './docket/packs';
import type { Docket, DocketLine } from './docket/types';
import { key, slot } from './engine/step';
import type { Hardware, PostNeeds, SeamNeeds } from './fasteners/stage';
import type { Finding } from './findings/types';
import type { FenceLine, FenceWalk } from './ground/fenceLines';
import type { OutlineWorkings } from './ground/figures';
import type { Partings } from './ground/partings';
import type { Profile } from './ground/profile';
import type { Ring } from './ground/survey';
import type { Terrain } from './ground/terrain';
import type { Assumptions } from './plan/assumptions';
import type { Chosen, Facet } from './plan/effective';
import type { Plan, Skirt } from './plan/schema';
import type { OpeningPlace } from './plan/openingPlace';
import type { SettingOut } from './posts/setOut';
import type { PostStage, WallTop } from './posts/stage';
import type { ProofBook } from './proofBook';
import type { Estimate, Figures, Part, Reckoning, Workings } from './reckoning';
import type { SkirtLayout } from './skirt/rolls';
import type { SkirtLines } from './skirt/skirtLines';
import type { SkirtStage } from './skirt/stage';
import type { OpeningLimits } from './threats';
import type { BoardCourse } from './walls/boards';
import type { WidthsFor } from './walls/chooseStacks';
import type { Lies } from './walls/slope';
import type { WallStage } from './walls/stage';
import type { WorkedStacks } from './walls/stackProof';
import type { Way } from './ways/stage';
import type { Term } from './working';

/* Given by whoever runs the steps. */
export const PLAN = key<Plan>('plan');
export const CATALOGUE = key<Catalogue>('catalogue');
/** What was cut before, and what looking further found: held by whoever reckons. */
export const MEMO = key<Memo>('memo');
export const PROOFS = key<ProofBook>('proofs');
export const WIDTHS = key<WidthsFor>('widths');

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
export const SPOT_HEIGHTS = key<Plan['ground']['spotHeights']>('plan.spot-heights');
export const BUILDINGS = key<Plan['ground']['buildings']>('plan.buildings');
export const TREES = key<Plan['ground']['trees']>('plan.trees');
export const SERVICES = key<Plan['ground']['services']>('plan.services');
export const BOUNDARIES = key<Plan['ground']['boundaries']>('plan.boundaries');
export const SOIL = key<Plan['ground']['soil']>('plan.soil');
export const FROST = key<number>('plan.frost');
export const CHOICES = key<Plan['choices']>('plan.choices');
export const SPACING_CHOICE = key<Chosen<Facet<'spacing'>>>('choice.spacing');
export const BAND_CHOICE = key<Chosen<Facet<'bands'>>>('choice.bands');
export const BOARD_CHOICE = key<Chosen<Facet<'boards'>>>('choice.boards');
export const SLOPE_CHOICE = key<Chosen<Facet<'slope'>>>('choice.slope');
export const SKIRT_CHOICE = key<Chosen<Facet<'skirt'>>>('choice.skirt');
export const POST_CHOICE = key<Chosen<Facet<'posts'>>>('choice.posts');
export const BUYING = key<Plan['buying']>('plan.buying');
export const OWNED = key<Plan['owned']>('plan.owned');
export const EXTRAS = key<Plan['extras']>('plan.extras');
export const ASSUMPTIONS = key<Plan['assumptions']>('plan.assumptions');
export const ASSUMED = key<Assumptions>('plan.assumed');
export const CREW = key<Plan['crew']>('plan.crew');
export const SETTLED = key<Plan['settled']>('plan.settled');
/** What every other choice of roll widths costs at least in this plan, where somebody looked; minor units. */
export const OTHER_WIDTHS = key<number | null>('plan.other-widths');

/* What is sold: goods whatever they cost, and prices kind by kind. */
export const ROLLS_SOLD = key<Sold>('sold.rolls');
export const TIMBERS_SOLD = key<Sold>('sold.timbers');
export const POSTS_SOLD = key<Sold>('sold.posts');
export const KITS_SOLD = key<Sold>('sold.kits');
export const PACKS_SOLD = key<Sold>('sold.packs');
/** Packs whose count follows from the rolls chosen. */
export const SEAM_PACKS = key<Sold>('sold.seam-packs');
export const GOODS = key<Goods>('goods');
export const WALL_MARKET = key<WallMarket>('market.walls');
export const CUT_MARKET = key<CutMarket>('market.cut');
export const POST_MARKET = key<Pick<Market, 'posts' | 'yard'>>('market.posts');
export const KIT_MARKET = key<Pick<Market, 'kits' | 'yard'>>('market.kits');
export const PACK_MARKET = key<Pick<Market, 'packs' | 'yard'>>('market.packs');
/** Those bought at, the preferred first. */
export const YARDS = key<readonly Yard[]>('market.yards');

/* Ground and outline. */
export const LIMITS = key<OpeningLimits>('limits');
export const TERRAIN = key<Terrain>('terrain');
export const RINGS = key<readonly Ring[]>('rings');
export const PARTINGS = key<Partings>('partings');
export const WALKS = key<readonly FenceWalk[]>('walks');
export const LINES = key<readonly FenceLine[]>('lines');
export const PROFILES = key<ReadonlyMap<FenceLine, Profile>>('profiles');
export const OUTLINE_WORKINGS = key<OutlineWorkings>('outline.workings');
export const GROUND_LENGTH = key<Term>('ground.length');
/** Ways in on the sides of these runs. */
export const OWN_OPENINGS = key<Plan['openings']>('openings.own');

/* What is chosen along each line. */
export const SPACINGS = key<ReadonlyMap<FenceLine, Facet<'spacing'>>>('lines.spacing');
export const BANDS = key<ReadonlyMap<FenceLine, Facet<'bands'>>>('lines.bands');
export const BOARDS = key<ReadonlyMap<FenceLine, Facet<'boards'>>>('lines.boards');
export const SLOPES = key<ReadonlyMap<FenceLine, Facet<'slope'>>>('lines.slope');

/* The stages of the work. */
export const BIRDS = key<BirdStage>('birds');
export const SETTING = key<SettingOut>('posts.setting');
export const TOPS = key<ReadonlyMap<FenceLine, WallTop>>('walls.tops');
export const LIES = key<Lies>('walls.lies');
export const SKIRTED = key<SkirtLines>('skirt.lines');
export const SKIRT_PROFILES = key<ReadonlyMap<FenceLine, Profile>>('skirt.profiles');
/** What each side wears. */
export const SIDE_SKIRTS = key<ReadonlyMap<string, Skirt>>('skirt.sides');
export const LAID = key<SkirtLayout>('skirt.laid');
export const WALLS = key<WallStage>('walls');
export const BOARD_COURSES = key<readonly BoardCourse[]>('walls.boards');
export const SKIRTS = key<SkirtStage>('skirt');
export const POSTS = key<PostStage>('posts');
export const WAYS = key<readonly Way[]>('ways');
export const CUTTING = key<CuttingStage>('cutting');
/** What is bought in packs: along seams, on posts, and for what is hung. */
export const SEAM_NEEDS = key<SeamNeeds>('fasteners.seams');
export const POST_NEEDS = key<PostNeeds>('fasteners.posts');
export const HARDWARE = key<Hardware>('fasteners.hardware');
/** Docket lines, by what is counted. */
export const POST_LINES = key<readonly DocketLine[]>('docket.posts');
export const POOL_LINES = key<readonly DocketLine[]>('docket.pools');
export const KIT_LINES = key<readonly DocketLine[]>('docket.kits');
export const PACK_LINES = key<PackLines>('docket.packs');
export const DOCKET = key<Docket>('docket');
export const HOURS = key<Term>('hours');
export const ELAPSED = key<Term>('hours.elapsed');
/** The largest opening left, m; 0 for none. */
export const OPENING_LEFT = key<number>('opening-left');
export const STACKS = key<WorkedStacks | null>('stacks');
/** How many things cannot be built as meant from what is sold. */
export const UNFIT = key<number>('unfit');

/* What every stage adds to. */
export const FOUND = slot<Finding>('found');
export const PARTS = slot<Part>('parts');
/** Of the fence round these runs, and of the whole plan beside it. */
export const FENCE_FIGURES = slot<Figures>('figures.fence');
export const PLAN_FIGURES = slot<Figures>('figures.plan');

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
