import { birdFindings, birdStage } from './birds/stage';
import { type Catalogue, editionOf, marketOf } from './catalogue';
import { cuttingStage } from './cutting/pools';
import { makeDocket } from './docket/docket';
import { docketFindings } from './docket/findings';
import { fastenerNeeds } from './fasteners/stage';
import { AS_CUT, type WidthsFor, buildFence } from './fence';
import { type FencePart, fenceFigures, headlines, leafFigures } from './figures';
import type { Finding, Severity } from './findings/types';
import { unfit } from './fit';
import { groundFindings } from './ground/findings';
import { groundProblems } from './ground/problems';
import { surveyRings } from './ground/survey';
import { type Remember, memory, within } from './memory';
import { makeParts } from './parts';
import type { Buying, Plan } from './plan/schema';
import { STAGE_IDS, type StageId } from './plan/stages';
import { placeFindings } from './posts/places';
import { spacingFindings } from './posts/spacing';
import type { Figures, Reckoning, StageResult } from './reckoning';
import { skirtFindings } from './skirt/findings';
import { openingLimits } from './threats';
import { type ChooseStacks, sameAs } from './walls/chooseStacks';
import { knownWidths } from './walls/knownWidths';
import { slopeFindings } from './walls/slopeFindings';
import { stackProof } from './walls/stackProof';
import type { Fasteners } from './walls/stacks';
import { stickRuns } from './ways/built';
import { flapFindings } from './ways/flaps';
import { swingFindings } from './ways/meets';
import { wayStage } from './ways/stage';

const ORDER: Readonly<Record<Severity, number>> = { blocks: 0, mend: 1, know: 2 };

function stageResults(plan: Plan, findings: readonly Finding[]): Reckoning['stages'] {
  const result = (stage: StageId): StageResult => {
    const matters = findings.filter((f) => f.stage === stage && f.severity !== 'know').length;
    return { state: matters > 0 ? 'look' : plan.settled[stage] ? 'settled' : 'open', matters };
  };
  return Object.fromEntries(STAGE_IDS.map((stage) => [stage, result(stage)])) as Record<StageId, StageResult>;
}

/** Buying at one yard, at the other, or at both: made once for each plan's buying. */
const waysToBuy = new WeakMap<Buying, readonly Buying[]>();

function yardWays(buying: Buying): readonly Buying[] {
  const before = waysToBuy.get(buying);
  if (before) return before;
  const pinned = Object.values(buying.from);
  const alone = buying.yards.length > 1 ? buying.yards.filter((yard) => pinned.every((p) => p === yard)) : [];
  const ways = [...alone.map((yard) => ({ ...buying, yards: [yard] })), buying];
  waysToBuy.set(buying, ways);
  return ways;
}

/** Of two yards, everything from the one, the other, or each line where it is cheapest: whichever costs least with its deliveries. */
function buildCheapest(
  remember: Remember,
  plan: Plan,
  catalogue: Catalogue,
  widths: WidthsFor,
): ReturnType<typeof buildAll> {
  const built = yardWays(plan.buying).map((buying, i) => {
    const at = buying === plan.buying ? plan : { ...plan, buying };
    return buildAll(i === 0 ? remember : within(remember, `way ${i}`), at, catalogue, widths);
  });
  // What can be built as meant, then what has a price, then what is cheap.
  return built.reduce((best, other) => {
    if (other.unfit !== best.unfit) return other.unfit < best.unfit ? other : best;
    const [a, b] = [best.docket, other.docket];
    if (a.complete !== b.complete) return a.complete ? best : other;
    return b.total < a.total ? other : best;
  });
}

/** Everything that a price or an hour follows from. */
function buildAll(remember: Remember, plan: Plan, catalogue: Catalogue, widths: WidthsFor) {
  const { corners, sides, enclosures, threats, flock, buying, extras, owned } = plan;
  const market = remember('market', [catalogue, buying], () => marketOf(catalogue, buying));
  const rings = remember('rings', [corners, sides, enclosures], () => surveyRings(plan));
  const limits = remember('limits', [threats, flock], () => openingLimits(plan));
  const fence = buildFence(remember, 'all', plan, market, rings, limits, widths);
  const { setting, lies, walls, skirts, posts, figures: assumed } = fence;
  const ways = remember('ways', [plan.openings, market, rings, setting, limits, threats, assumed], () =>
    wayStage(plan, market, rings, setting.lines, limits, assumed),
  );
  const cutting = remember('cutting', [market, walls, skirts, ways, assumed, extras, owned], () =>
    cuttingStage(
      market,
      { walls, skirts, sticks: ways.ways.flatMap((w) => stickRuns(w.built)), extras, owned },
      assumed,
    ),
  );
  const docket = remember(
    'docket',
    [market, buying, owned, posts, walls, ways, cutting, skirts, lies],
    () => {
      const fasteners = fastenerNeeds(market, posts, walls, skirts, ways.ways, lies, cutting.pools);
      return makeDocket(market, plan, posts, walls, skirts, ways, cutting, fasteners);
    },
  );
  const without = unfit({ posts, walls, skirts, ways, cutting, docket });
  return { market, rings, limits, fence, ways, cutting, docket, unfit: without };
}

function fastenersNeeded({ lines }: Reckoning['docket']): Fasteners {
  const needed = (id: string) => lines.find((line) => line.id === id)?.need ?? 0;
  return { rings: needed('pack:ring'), pegs: needed('pack:peg') };
}

/** What an option is weighed by. */
export interface Estimate {
  /** Minor units; of the lines that have a price. */
  readonly total: number;
  /** Every line has a price. */
  readonly complete: boolean;
  /** For the people who build. */
  readonly hours: number;
  /** The largest opening left, m; 0 for none. */
  readonly openingLeft: number;
}

/**
 * Prices and hours alone, without findings, parts and workings of the headlines: what options are previewed with.
 *
 * @returns a pure function of the plan, the same figures as a whole reckoning's; the memory only saves work
 */
export function makeEstimator(): (plan: Plan) => Estimate {
  const remember = memory();
  return (plan) => {
    const { fence, docket } = buildCheapest(remember, plan, editionOf(plan), AS_CUT);
    return {
      total: docket.total,
      complete: docket.complete,
      hours: fence.elapsed.value,
      openingLeft: fence.openingLeft,
    };
  };
}

/**
 * A reckoner that keeps what did not change between two plans: for an editor or a worker.
 *
 * @returns a pure function of plan and catalogue; the memory only saves work
 */
export function makeReckoner(): (plan: Plan, catalogue?: Catalogue, choose?: ChooseStacks) => Reckoning {
  const remember = memory();

  return (plan, catalogue = editionOf(plan), choose) => {
    const widths: WidthsFor = choose ? { choose, asCut: false } : AS_CUT;
    const { flock, space } = plan;
    const { market, rings, limits, fence, ways, cutting, docket } = buildCheapest(
      remember,
      plan,
      catalogue,
      widths,
    );
    const { setting, lies, walls, skirts, posts, figures: assumed } = fence;
    const birds = remember('birds', [flock, space], () => birdStage(plan));
    const swings = remember('swings', [plan.openings, plan.ground, rings, setting, assumed], () =>
      swingFindings(plan, rings, setting.lines, assumed),
    );
    const meshPools = cutting.pools.filter((pool) => pool.kind === 'mesh');
    const workings = headlines(fence, birds, docket.working);

    const tops = walls.groups.map((g) => g.top);
    const findings = [
      ...groundProblems(plan, rings),
      ...birdFindings(plan, birds, workings.area.value, tops.length > 0 ? Math.min(...tops) : null),
      ...groundFindings(plan, rings, assumed),
      ...spacingFindings(plan, market, setting),
      ...placeFindings(plan, setting, posts.posts),
      ...posts.findings(),
      ...walls.findings(),
      ...slopeFindings(plan, market, lies, limits),
      ...skirtFindings(plan, market, rings, fence.skirted, skirts, limits),
      ...ways.findings,
      ...flapFindings(setting),
      ...swings,
      ...cutting.findings,
      ...docketFindings(docket),
    ].sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);

    const total = fenceFigures(plan, fence);
    const sameWidths = remember('same widths', [walls], () => ({
      choose: sameAs(walls.choice),
      asCut: false,
    }));
    const perEnclosure = rings.map((ring): { id: string; name: string; figures: Figures } => {
      const alone: FencePart =
        rings.length === 1
          ? fence
          : buildFence(
              remember,
              `enclosure ${ring.enclosure}`,
              plan,
              market,
              remember(`ring ${ring.enclosure}`, [ring], () => [ring]),
              limits,
              sameWidths,
            );
      return {
        id: ring.enclosure,
        name: ring.name,
        figures: rings.length === 1 ? total : fenceFigures(plan, alone),
      };
    });

    return {
      stages: stageResults(plan, findings),
      enclosures: perEnclosure,
      figures: {
        ...total,
        ...leafFigures(ways.ways),
        rolls: meshPools.reduce((count, pool) => count + pool.rolls.length, 0),
        leftOver: meshPools.reduce(
          (area, pool) => area + pool.width * pool.rolls.reduce((t, r) => t + r.left, 0),
          0,
        ),
        birds: workings.birds.value,
        areaWanted: workings.areaWanted.value,
        ...(workings.areaPerBird ? { areaPerBird: workings.areaPerBird.value } : {}),
        ...(limits.largestOpening === null ? {} : { largestOpening: limits.largestOpening }),
      },
      workings,
      parts: remember('parts', [posts, setting, walls, skirts], () =>
        makeParts(market, posts.posts, setting.lines, walls, skirts, lies),
      ),
      findings,
      cutting: cutting.pools,
      docket,
      stacks: remember('stacks', [market, walls, cutting, docket, plan.owned], () =>
        stackProof(
          market,
          walls.choice,
          cutting.pools,
          fastenersNeeded(docket),
          plan.owned,
          knownWidths(plan),
        ),
      ),
      largestOpening: limits.largestOpening,
      tightestBird: limits.bird?.kind ?? null,
    };
  };
}

/**
 * The one door: everything that follows from a plan.
 *
 * Never throws on a plan that the schema has let through; what cannot be built comes back as findings.
 *
 * @param plan       a valid plan
 * @param catalogue  the edition it names, by default
 */
export function reckon(plan: Plan, catalogue: Catalogue = editionOf(plan)): Reckoning {
  return makeReckoner()(plan, catalogue);
}
