import type { Ask } from '../../../buying/demand';
import type { PackId } from '../../../catalogue/packs';
import type { Products } from '../../../catalogue/products';
import { PITCH, onePast, packed } from '../../../fasteners/along';
import { ringed } from '../../../fasteners/seams';
import { EPSILON } from '../../../units/round';
import { barsAt, inAxes, seamsOf } from '../held/lines';
import { NONE, carried } from '../held/supports';
import type { CoverShape, ShapeOf } from '../over/shape';
import { directionsOf, halfTurn } from '../over/strips';
import type { CoverWay, Side } from '../over/ways';
import { reasonOf } from '../reason';
import { stripRuns } from '../runs';
import { carriedRows } from '../strength/carried';
import { inThePlane, laidOutAt } from './flat';
import type { LaidCover, Laying } from './laying';

const BOTH = ['low', 'high'] as const;
/** Narrower strips take more rails than they save, where wider ones are sold, m. */
const NARROW = 0.9;
const FEET = 0.02;

/** The width nearest to one that is wanted; otherwise all but narrow ones. */
function widthsFrom(roll: number | null): Side['widths'] {
  if (roll === null)
    return (all) => {
      const wide = all.filter((w) => w >= NARROW - FEET);
      return wide.length > 0 ? wide : all;
    };
  return (all) => {
    const least = Math.min(...all.map((w) => Math.abs(w - roll)));
    return all.filter((w) => Math.abs(w - roll) <= least + EPSILON).slice(0, 1);
  };
}

function sideOf(shape: ShapeOf<'strips'>): Side {
  const { lap, turnDown, jointLap, way, roll } = shape.made.how;
  const sheet = way ? [halfTurn(way.direction)] : directionsOf(shape.outline);
  return {
    lap,
    turnDown,
    jointLap,
    outline: shape.laidOut,
    ways: sheet.map((d) => ({ laid: laidOutAt(shape, d), sheet: d })),
    edges: way ? [way.edge] : BOTH,
    widths: widthsFrom(roll),
    fewest: false,
  };
}

/** Stretches of the seams between strips that lie inside the outline, m. */
export function seamLengths(shape: CoverShape, way: CoverWay): readonly number[] {
  const at = inAxes(shape, way.sheet);
  return seamsOf(at, { width: way.width, lap: way.side.lap, edge: way.edge }).flatMap((y) =>
    barsAt(at, y, 0).map(({ length }) => length),
  );
}

const isTube = (products: Pick<Products, 'timber'>, id: string | null): boolean =>
  id !== null && products.timber(id).kind === 'tube';

/** What fastens along a timber, or round a tube. */
export const alongTimber = (products: Pick<Products, 'timber'>, id: string | null): PackId =>
  isTube(products, id) ? 'tie' : 'staple';

/** Rings along its seams, staples or ties along its rails and edges. */
function fasteners({ shape, way, held }: LaidCover<'strips'>, products: Products): readonly Ask[] {
  if (!way) return [];
  const reason = reasonOf(shape);
  const { rail } = shape.made.carriers;
  const pack = way.side.lap === 0 ? 'tie' : alongTimber(products, rail?.timber ?? null);
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

/** Side by side across the run, lapped or butted, on rails under their seams over beams on posts. */
export const strips: Laying<'strips'> = {
  side: sideOf,
  runs: stripRuns,
  standing: ({ made }) => ({ ...NONE, posts: made.stands?.own ?? [] }),
  supports: (shape, way, on) => (way ? carried(shape, way, on) : NONE),
  asks: fasteners,
  strength: carriedRows,
  pulledAt: () => 0,
  holdsDown: () => 0,
  corners: inThePlane,
  fit: () => null,
  figures: () => ({}),
  hours: 'pieces',
};
