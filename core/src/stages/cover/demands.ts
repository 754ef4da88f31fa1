import type { Ask, AtHand, Candidate, Demand } from '../../buying/demand';
import type { Run } from '../../buying/run';
import type { Products } from '../../catalogue/products';
import type { PartRef } from '../../plan/partRef';
import { type Term, product, sum, value } from '../../working';
import type { Holding } from './held/holding';
import { type Supports, piecesOf } from './held/supports';
import type { Carrier } from './plan/kinds';
import { alikeOf, type OpenCover } from './laid';
import { layingOf } from './layings';
import { type HeightAt, type CoverShape, overGround } from './over/shape';
import { type CoverWay, type Side, rowsOf, waysToLay } from './over/ways';
import { reasonOf } from './reason';
import { timberRun } from './runs';

/** Pieces of the same length in one term. */
function lengthTerms(lengths: readonly number[]): readonly Term[] {
  const alike = new Map<string, { readonly length: number; count: number }>();
  for (const length of lengths) {
    const known = alike.get(length.toFixed(6)) ?? { length, count: 0 };
    known.count += 1;
    alike.set(length.toFixed(6), known);
  }
  return [...alike.values()].map(({ length, count }) =>
    product('cover.strip', 'm', {}, [
      value('cut.pieces', count, 'piece', {}),
      value('cut.piece-length', length, 'm', {}),
    ]),
  );
}

/** One way to lay a cover, as a candidate: how much roll it takes, and what is then asked for. */
function candidateOf(open: OpenCover, way: CoverWay): Candidate {
  const { shape, nth } = open;
  const { mesh } = shape.made;
  const { jointLap } = way.side;
  const joints = way.lengths.reduce((n, length) => n + rowsOf(length, way.longest, jointLap).rows - 1, 0);
  const takes = { least: way.total, most: way.total + joints * jointLap };
  let asked: readonly Ask[] | undefined;
  return {
    id: way.id,
    made: way,
    shortBy: 0,
    rolls: [{ mesh, width: way.width, ...takes }],
    packs: [],
    asks: () =>
      (asked ??= [
        {
          ...reasonOf(shape),
          buy: 'mesh',
          mesh,
          width: way.width,
          lap: jointLap,
          runs: layingOf(shape).runs(shape, way, nth),
          takes,
          trimmed: 0,
          short: 0,
          need: () => [sum('mesh.cover', 'm', { name: shape.cover.name }, lengthTerms(way.lengths))],
        },
      ]),
  };
}

/** Nothing that is sold can be laid: every width is no more than its lap. */
const noWay = (shape: CoverShape, side: Side, hand: AtHand): Candidate => ({
  id: '',
  made: null,
  shortBy: Math.max(side.lap, 0.01),
  rolls: [{ mesh: shape.made.mesh, width: Math.max(...hand.widths(shape.made.mesh)), least: 0, most: 0 }],
  packs: [],
  asks: () => [],
});

function openCover(open: OpenCover, side: Side): Demand {
  const { shape } = open;
  const { mesh } = shape.made;
  return {
    ...reasonOf(shape),
    buy: 'open',
    alike: alikeOf(shape),
    measure: side.lap,
    packs: shape.made.laid === 'strips' && shape.made.how.ringed ? ['ring'] : [],
    candidates: (hand) => {
      const longest = (width: number) => hand.longest(mesh, width);
      const ways = waysToLay(side, hand.widths(mesh), longest);
      return ways.length > 0 ? ways.map((way) => candidateOf(open, way)) : [noWay(shape, side, hand)];
    },
  };
}

/** Timbers and tubes under a cover. */
export function supportAsks(shape: CoverShape, held: Supports, ground: HeightAt): readonly Ask[] {
  const { cover, made } = shape;
  const { rail, beam, prop } = made.carriers;
  const runs = new Map<string, Run[]>();
  const add = (of: Carrier | null, part: PartRef, length: number) => {
    if (of === null || length < 0.05) return;
    const { timber } = of;
    const runsOfTimber = runs.get(timber) ?? [];
    runs.set(timber, runsOfTimber);
    runsOfTimber.push(timberRun(part, length, runsOfTimber.length));
  };
  const bars = (list: Supports['rails'], of: Carrier | null, kind: 'rail' | 'edge' | 'beam') =>
    list.forEach((bar, i) =>
      piecesOf(bar).forEach((length, bay) =>
        add(of, { on: 'cover-bay', cover: cover.id, of: kind, nth: i + 1, bay: bay + 1 }, length),
      ),
    );
  bars(held.rails, rail, 'rail');
  bars(held.edgeRails, rail, 'edge');
  bars(held.beams, beam, 'beam');
  [...held.posts, ...held.props].forEach(({ at }, i) =>
    add(
      prop,
      { on: 'cover-prop', cover: cover.id, nth: i + 1 },
      made.propHeight ?? Math.max(0.1, overGround(shape, ground, at)),
    ),
  );
  return [...runs].map(([timber, these]) => ({ ...reasonOf(shape), buy: 'timber', timber, runs: these }));
}

/** What covers are bought by, besides what is sold. */
export interface CoverDemandsBy {
  readonly products: Products;
  readonly over: readonly OpenCover[];
  readonly holding: Holding;
  readonly ground: HeightAt;
}

/** What is asked for over runs: what a cover is made of, what holds it up and what fastens it. */
export function coverDemands({ products, over, holding, ground }: CoverDemandsBy): readonly Demand[] {
  return over.flatMap((open): Demand[] => {
    const { shape, side } = open;
    const laying = layingOf(shape);
    const asked = (way: CoverWay | null, held: Supports) => [
      ...laying.asks({ shape, way, held }, products),
      ...supportAsks(shape, held, ground),
    ];
    if (!side) return [...asked(null, holding(open, null))];
    return [
      openCover(open, side),
      {
        ...reasonOf(shape),
        buy: 'after',
        asks: (taken) => {
          const way = taken(alikeOf(shape)).made as CoverWay | null;
          return way ? asked(way, holding(open, way)) : [];
        },
      },
    ];
  });
}
