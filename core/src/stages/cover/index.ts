import { type AnyStep, adds, step } from '../../engine/step';
import { layOver } from '../../engine/layOver';
import * as K from '../../keys';
import { value } from '../../working';
import { packed } from '../../fasteners/along';
import type { Chosen } from '../../buying/chosen';
import { choicesFor } from '../../plan/effective';
import { finding } from '../../findings/types';
import type { Stage } from '../stage';
import { bareFindings } from './bare';
import { coverBarriers } from './barriers';
import { coverDemands } from './demands';
import { coverFigures, wrapFigures } from './figures';
import { coverFindings } from './findings';
import { holdingOn } from './held/holding';
import { coverHours, hoursOfWrap } from './hours';
import { postAsks } from './asks';
import { type OpenCover, alikeOf, builtOf, coveredBy, isFound, lyingOver } from './laid';
import type { CoverWay } from './over/ways';
import { coverParts, wrapParts } from './part';
import { soldFindings } from './sold';
import { rowOf } from './plan/kinds';
import { layingOf } from './layings';
import { BARE } from './unused';
import { coverStrength, wrapStrength } from './strength/check';
import { strengthFindings } from './strength/findings';
import { wrapDemands, wrappedBy } from './wraps';
import * as C from './keys';

const NOTHING_HELD = { rails: [], edgeRails: [], beams: [], posts: [], props: [] } as const;

/** Where they lie, whatever they are cut from; what they ask of posts. */
const laying: readonly AnyStep[] = [
  step(C.COVERS, { plan: K.PLAN }, ({ plan }) => plan.covers, layOver),
  step(C.COVERED, { covers: C.COVERS, rings: K.RINGS, ground: K.GROUND_AT }, ({ covers, rings, ground }) =>
    coveredBy(covers, rings, ground),
  ),
  step(C.BUILT, { covered: C.COVERED }, ({ covered }) => builtOf(covered)),
  adds(K.OVERHEAD, { covered: C.COVERED }, ({ covered: { over } }) =>
    over.flatMap(({ shape }) => (rowOf(shape.cover).closes ? [shape.area] : [])),
  ),
  adds(K.POST_ASKS, { covered: C.BUILT }, ({ covered }) => postAsks(covered)),
  step(
    C.STANDS_ON,
    { setOut: K.SET_OUT, boards: K.BOARD_CHOICE, enclosures: K.ENCLOSURES },
    ({ setOut, boards, enclosures }) => ({
      posts: setOut.posts.map((p) => p.at),
      topRail: (side) => choicesFor({ choices: boards, enclosures }, side).boards.top !== null,
    }),
  ),
  step(C.HOLDING, { on: C.STANDS_ON, covered: C.COVERED }, ({ on }) => holdingOn(on)),
  step(
    C.WRAPPED,
    { covered: C.COVERED, lines: K.LINES, tops: K.TOPS, setOut: K.SET_OUT, enclosures: K.ENCLOSURES },
    ({ covered: { wraps }, ...by }) => wraps.map((wrap) => ({ wrap, wrapped: wrappedBy(wrap, by) })),
  ),
];

/** The way in which a cover is laid; none of what comes in one piece. */
const wayOf = (chosen: Chosen, { shape }: OpenCover): CoverWay | null =>
  (chosen.get(alikeOf(shape))?.made ?? null) as CoverWay | null;

/** What is bought for them. */
const asking: readonly AnyStep[] = [
  adds(
    K.DEMANDS,
    { products: K.PRODUCTS, covered: C.BUILT, holding: C.HOLDING, ground: K.GROUND_AT },
    ({ covered: { over }, ...by }) => coverDemands({ ...by, over }),
  ),
  adds(K.DEMANDS, { wraps: C.WRAPPED }, ({ wraps }) =>
    wraps.flatMap(({ wrap, wrapped }) => wrapDemands(wrap, wrapped)),
  ),
  adds(K.DEMANDS, { covered: C.BUILT, posts: K.POSTS, wraps: C.WRAPPED }, ({ covered, posts, wraps }) => {
    const nets = covered.over.flatMap(({ shape }) => {
      const count = shape.made.stayed ? layingOf(shape).pulledAt(shape, posts.posts) : 0;
      return count > 0 ? [{ cover: shape.cover, count }] : [];
    });
    const walls = wraps.flatMap(({ wrap: { cover, made }, wrapped }) =>
      made.stayed ? [{ cover, count: wrapped.reduce((n, w) => n + w.posts, 0) }] : [],
    );
    return [...nets, ...walls].map(({ cover, count }) =>
      packed({ stage: 'cover', part: { on: 'cover', cover: cover.id } }, 'stay', [
        value('cover.stays', count, 'piece', {}),
      ]),
    );
  }),
];

/** How they are laid and held up, once their rolls are bought. */
const laid: readonly AnyStep[] = [
  step(
    C.LAID_COVERS,
    { covered: C.BUILT, chosen: K.CHOSEN },
    ({ covered, chosen }) =>
      new Map(
        covered.over.flatMap((open) =>
          open.side ? [[open.shape.cover.id, wayOf(chosen, open)] as const] : [],
        ),
      ),
  ),
  step(
    C.HELD,
    { covered: C.BUILT, chosen: K.CHOSEN, holding: C.HOLDING },
    ({ covered: { over }, chosen, holding }) =>
      new Map(over.map((open) => [open.shape.cover.id, holding(open, wayOf(chosen, open))])),
  ),
  adds(
    K.STRENGTH,
    {
      products: K.PRODUCTS,
      covered: C.BUILT,
      laid: C.LAID_COVERS,
      held: C.HELD,
      posts: K.POSTS,
      buildings: K.BUILDINGS,
      assumed: K.ASSUMED,
      ground: K.GROUND_AT,
      wraps: C.WRAPPED,
    },
    ({ covered: { over }, posts: { posts }, wraps, ...by }) => [
      ...coverStrength({ ...by, over, posts }),
      ...wraps.flatMap(({ wrap, wrapped }) => wrapStrength(wrap, wrapped, { posts, assumed: by.assumed })),
    ],
  ),
];

/** What is found, told and drawn of them. */
const telling: readonly AnyStep[] = [
  adds(K.FOUND, { covered: C.COVERED, ...BARE }, ({ covered, ...by }) =>
    bareFindings({ ...by, lying: lyingOver(covered) }),
  ),
  adds(
    K.FOUND,
    {
      covered: C.COVERED,
      ground: K.GROUND_AT,
      stature: K.STATURE,
      lines: K.LINES,
      tops: K.TOPS,
      bands: K.BANDS,
      openings: K.OPENING_PLACES,
      buildings: K.BUILDINGS,
      trees: K.TREES,
      assumed: K.ASSUMED,
    },
    ({ assumed: { eaveOverhang }, ...by }) => coverFindings({ ...by, eaveOverhang }),
  ),
  adds(
    K.BARRIERS,
    {
      market: K.ROLL_MARKET,
      covered: C.COVERED,
      rings: K.RINGS,
      lines: K.LINES,
      tops: K.TOPS,
      buildings: K.BUILDINGS,
      ground: K.GROUND_AT,
    },
    coverBarriers,
  ),
  adds(
    K.FOUND,
    { covers: C.COVERS, strength: K.STRENGTH, held: C.HELD, products: K.PRODUCTS, assumed: K.ASSUMED },
    ({ assumed: { strapHolds }, ...by }) => strengthFindings({ ...by, strapHolds }),
  ),
  adds(
    K.FOUND,
    { covered: C.BUILT, laid: C.LAID_COVERS, goods: K.GOODS, unmet: K.UNMET },
    ({ covered, laid: ways, goods, unmet }) => soldFindings(covered, ways, goods, unmet),
  ),
  adds(K.FOUND, { covered: C.COVERED }, ({ covered: { over } }) =>
    over
      .filter(isFound)
      .map(({ shape: { cover: there } }) =>
        finding(
          'cover.found',
          { severity: 'know', stage: 'cover', part: { on: 'cover', cover: there.id } },
          { name: there.name },
        ),
      ),
  ),
  adds(
    K.STAGE_HOURS,
    { covered: C.BUILT, wraps: C.WRAPPED, assumed: K.ASSUMED },
    ({ covered, wraps, assumed }) => [
      ...covered.over.map((open) => coverHours(open, assumed)),
      ...wraps.map(({ wrap, wrapped }) => hoursOfWrap(wrap, wrapped, assumed)),
    ],
  ),
  adds(
    K.FENCE_FIGURES,
    { covered: C.COVERED, laid: C.LAID_COVERS, held: C.HELD, strength: K.STRENGTH, wraps: C.WRAPPED },
    ({ covered, laid: ways, held, strength, wraps }) => [
      ...covered.over.map((open) => {
        const { id } = open.shape.cover;
        return coverFigures(open, ways.get(id) ?? null, held.get(id) ?? NOTHING_HELD, strength);
      }),
      ...wraps.map(({ wrap, wrapped }) => wrapFigures(wrap.cover, wrapped)),
    ],
  ),
];

/** Covers lie over everything else. */
const parts: readonly AnyStep[] = [
  adds(
    K.PARTS,
    {
      covered: C.COVERED,
      laid: C.LAID_COVERS,
      held: C.HELD,
      ground: K.GROUND_AT,
      wraps: C.WRAPPED,
      products: K.PRODUCTS,
      assumed: K.ASSUMED,
    },
    ({ covered, laid: ways, held, ground, wraps, products, assumed }) => [
      ...covered.over.flatMap((open) => {
        const { id } = open.shape.cover;
        return coverParts(open, ways.get(id) ?? null, held.get(id) ?? NOTHING_HELD, {
          ground,
          products,
          snow: assumed.groundSnow,
        });
      }),
      ...wraps.flatMap(({ wrap, wrapped }) => wrapParts(wrap, wrapped)),
    ],
  ),
];

/** What lies over the run and round its walls: laid as its rolls are bought, held up, and trusted or not. */
export const cover: Stage = { steps: [...laying, ...asking, ...laid, ...telling], parts };
