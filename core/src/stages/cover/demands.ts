import type { Ask, AtHand, Candidate, Demand, Reason } from '../../buying/demand';
import type { Run } from '../../buying/run';
import type { PackId } from '../../catalogue/packs';
import type { Products } from '../../catalogue/products';
import { PITCH, around, onePast, packed } from '../../fasteners/along';
import { cordAlong } from '../../fasteners/joints';
import { ringed } from '../../fasteners/seams';
import type { PartRef } from '../../plan/partRef';
import { roundUp } from '../../units/round';
import { type Term, product, sum, value } from '../../working';
import { SCREW_EACH, TIE_EACH } from './fastened';
import { barsAt, inAxes, seamsOf } from './held/lines';
import type { Holding } from './held/holding';
import { type Supports, piecesOf, supportsOf } from './held/supports';
import type { CoverOf, OverRun } from './kinds';
import { alikeOf, type OpenCover } from './laid';
import { fitOf } from './over/fitter';
import { type HeightAt, type CoverShape, overGround } from './over/shape';
import { type CoverWay, type Side, rowsOf, waysToLay } from './over/ways';
import { stripRuns, timberRun } from './runs';

const reasonOf = ({ cover }: Pick<CoverShape, 'cover'>): Reason => ({
  stage: 'cover',
  part: { on: 'cover', cover: cover.id },
});

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
  const { mesh } = shape.cover;
  const { jointLap } = way.side;
  const joints = way.lengths.reduce((n, length) => n + rowsOf(length, way.longest, jointLap).rows - 1, 0);
  const takes = { least: way.total, most: way.total + joints * jointLap };
  let asked: readonly Ask[] | undefined;
  return {
    id: way.id,
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
          runs: stripRuns(shape, way, nth),
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
  shortBy: Math.max(side.lap, 0.01),
  rolls: [{ mesh: shape.cover.mesh, width: Math.max(...hand.widths(shape.cover.mesh)), least: 0, most: 0 }],
  packs: [],
  asks: () => [],
});

function openCover(open: OpenCover, side: Side): Demand {
  const { shape } = open;
  const { mesh } = shape.cover;
  return {
    ...reasonOf(shape),
    buy: 'open',
    alike: alikeOf(shape),
    measure: side.lap,
    packs: 'lap' in shape.cover ? ['ring'] : [],
    candidates: (hand) => {
      const longest = (width: number) => hand.longest(mesh, width);
      const ways = waysToLay(side, hand.widths(mesh), longest);
      return ways.length > 0 ? ways.map((way) => candidateOf(open, way)) : [noWay(shape, side, hand)];
    },
  };
}

/** What members of a cover are made of, by where they are. */
const membersOf = (cover: OverRun) => ({
  rail: 'rail' in cover ? cover.rail : 'purlin' in cover ? cover.purlin : null,
  beam: 'beam' in cover ? cover.beam : 'rafter' in cover ? cover.rafter : null,
  prop: 'prop' in cover ? cover.prop : null,
});

/** Timbers and tubes under a cover. */
export function supportAsks(shape: CoverShape, held: Supports, ground: HeightAt): readonly Ask[] {
  const { cover } = shape;
  const of = membersOf(cover);
  const runs = new Map<string, Run[]>();
  const add = (timber: string | null, part: PartRef, length: number) => {
    if (timber === null || length < 0.05) return;
    const these = runs.get(timber) ?? [];
    runs.set(timber, these);
    these.push(timberRun(part, length, these.length));
  };
  const bars = (list: Supports['rails'], timber: string | null, kind: 'rail' | 'edge' | 'beam') =>
    list.forEach((bar, i) =>
      piecesOf(bar).forEach((length, bay) =>
        add(timber, { on: 'cover-bay', cover: cover.id, of: kind, nth: i + 1, bay: bay + 1 }, length),
      ),
    );
  bars(held.rails, of.rail, 'rail');
  bars(held.edgeRails, of.rail, 'edge');
  bars(held.beams, of.beam, 'beam');
  const tent = 'tent' in cover ? cover.tent : null;
  [...held.posts, ...held.props].forEach(({ at }, i) =>
    add(
      of.prop,
      { on: 'cover-prop', cover: cover.id, nth: i + 1 },
      tent ?? Math.max(0.1, overGround(shape, ground, at)),
    ),
  );
  return [...runs].map(([timber, these]) => ({ ...reasonOf(shape), buy: 'timber', timber, runs: these }));
}

const metres = (code: 'cover.wire' | 'cover.cord' | 'cover.gutter', length: number): Term =>
  value(code, roundUp(length), 'piece', {});

/** Stretches of the seams between strips that lie inside the outline, m. */
export function seamLengths(shape: CoverShape, way: CoverWay): readonly number[] {
  const at = inAxes(shape, way.sheet);
  return seamsOf(at, { width: way.width, lap: way.side.lap, edge: way.edge }).flatMap((y) =>
    barsAt(at, y, 0).map(({ length }) => length),
  );
}

const perimeterOf = ({ edges }: CoverShape): number => edges.reduce((t, { length }) => t + length, 0);

const isTube = (products: Pick<Products, 'timber'>, id: string | null): boolean =>
  id !== null && products.timber(id).kind === 'tube';

/** What fastens a cover of strips or panels: rings along its seams, staples or ties along its rails and edges. */
function stripFasteners(shape: CoverShape, way: CoverWay, held: Supports, products: Products): Ask[] {
  const reason = reasonOf(shape);
  const rail = membersOf(shape.cover).rail;
  const pack: PackId = isTube(products, rail) || way.side.lap === 0 ? 'tie' : 'staple';
  const along = (at: 'rail' | 'edge', lengths: readonly number[]) =>
    lengths.map((length) => onePast('fasten.board', length, PITCH.high, { at, length }));
  const seams = way.side.lap > 0 ? seamLengths(shape, way) : [];
  return [
    ringed(
      reason,
      seams.map((length) => ({ kind: 'cover', length })),
    ),
    packed(reason, pack, [
      ...along(
        'rail',
        held.rails.map((r) => r.length),
      ),
      ...along(
        'edge',
        shape.edges.map((e) => e.length),
      ),
    ]),
  ];
}

/** What ties a net: ties round its edge, cord along its seams, a wire round its top. */
function netFasteners(shape: CoverShape, way: CoverWay, cover: CoverOf<'net'>): Ask[] {
  const reason = reasonOf(shape);
  const round = perimeterOf(shape);
  const along = way.lengths.slice(1).reduce((t, length) => t + length, 0);
  const between = way.lengths.reduce(
    (t, length) => t + (rowsOf(length, way.longest, 0).rows - 1) * way.width,
    along,
  );
  return [
    packed(reason, 'tie', [around('cover.ties', round, TIE_EACH, { length: round })]),
    ...(between > 0 ? [packed(reason, 'cord', [value('cover.cord', cordAlong(between), 'piece', {})])] : []),
    ...(cover.edge === 'wire' ? [packed(reason, 'wire', [metres('cover.wire', round)])] : []),
  ];
}

/** A gutter along the low edge. */
function gutter(shape: CoverShape, cover: CoverOf<'sheet' | 'tarp'>, along: number): Ask[] {
  return cover.runOff === 'gutter'
    ? [packed(reasonOf(shape), 'gutter', [metres('cover.gutter', along)])]
    : [];
}

/** Straps are made so long, m. */
const STRAP = 5;

function pieceAsks(shape: CoverShape, cover: CoverOf<'tarp'>, products: Products): Ask[] {
  const fit = fitOf(shape, cover);
  const reason = reasonOf(shape);
  const straps = product('cover.straps', 'piece', { length: fit.strap }, [
    value('cover.straps-over', fit.straps, 'piece', {}),
    value('cover.straps-each', roundUp(fit.strap / STRAP), 'piece', {}),
  ]);
  const rails = supportsOf(shape, null, { topRail: () => false, posts: [] }).rails;
  const pack: PackId = isTube(products, cover.rail) ? 'tie' : 'staple';
  return [
    { ...reason, buy: 'piece', product: cover.mesh, width: fit.across, length: fit.along },
    packed(reason, 'strap', [straps]),
    ...(fit.clamps > 0 ? [packed(reason, 'clamp', [value('cover.clamps', fit.clamps, 'piece', {})])] : []),
    ...(rails.length > 0 && cover.hem === 'hem'
      ? [
          packed(
            reason,
            pack,
            rails
              .slice(0, 1)
              .map(({ length }) => onePast('fasten.board', length, PITCH.high, { at: 'edge', length })),
          ),
        ]
      : []),
    ...gutter(shape, cover, Math.max(...rails.map((r) => r.length), 0)),
  ];
}

function sheetFasteners(shape: CoverShape, cover: CoverOf<'sheet'>, held: Supports): Ask[] {
  const screws = held.rails.map(({ length }) => onePast('cover.screws', length, SCREW_EACH, { length }));
  return [
    packed(reasonOf(shape), 'screw', screws),
    ...gutter(shape, cover, Math.max(...held.rails.map((r) => r.length), 0)),
  ];
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
    const { cover } = shape;
    if (!side) {
      const { held } = holding(open, '');
      return [...pieceAsks(shape, cover as CoverOf<'tarp'>, products), ...supportAsks(shape, held, ground)];
    }
    return [
      openCover(open, side),
      {
        ...reasonOf(shape),
        buy: 'after',
        asks: (taken) => {
          const { way, held } = holding(open, taken(alikeOf(shape)).id);
          if (!way) return [];
          const fasten =
            'tent' in cover
              ? netFasteners(shape, way, cover)
              : 'purlin' in cover
                ? sheetFasteners(shape, cover, held)
                : stripFasteners(shape, way, held, products);
          return [...fasten, ...supportAsks(shape, held, ground)];
        },
      },
    ];
  });
}
