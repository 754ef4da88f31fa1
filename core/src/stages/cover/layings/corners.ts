import type { Ask } from '../../../buying/demand';
import { packed } from '../../../fasteners/along';
import { slopeOf } from '../../../ground/plane';
import { type Vector, distance } from '../../../ground/vector';
import { heldRow } from '../../../strength/held';
import type { Strength } from '../../../strength/words/row';
import { upliftOf } from '../../../strength/wind';
import type { StandingPost } from '../../posts/shown/stage';
import { value } from '../../../working';
import { NONE } from '../held/supports';
import { type ShapeOf, overGround } from '../over/shape';
import { reasonOf } from '../reason';
import type { Loads } from '../strength/members';
import { postRow } from '../strength/nets';
import { inThePlane } from './flat';
import type { BearingBy, LaidCover, Laying } from './laying';

/** A post so near to a corner is its anchor, m. */
const AT_CORNER = 0.15;

/**
 * The size of a cloth between its anchors: each corner lies on the way from its anchor to the middle.
 *
 * @returns across and along, m: of the rectangle of the anchors (1 − 2·a/diagonal)
 */
function sizeOf({ box, plane, made: { how } }: ShapeOf<'corners'>) {
  const [long, short] = [box.right - box.left, box.high - box.low].sort((a, b) => b - a) as [number, number];
  const share = Math.max(0, 1 - (2 * how.anchor) / Math.max(Math.hypot(long, short), how.anchor));
  const across = share * short * Math.hypot(1, slopeOf(plane));
  return { across, along: share * long };
}

function asks({ shape }: LaidCover<'corners'>): readonly Ask[] {
  const { across, along } = sizeOf(shape);
  const reason = reasonOf(shape);
  return [
    { ...reason, buy: 'piece', product: shape.made.mesh, width: across, length: along },
    packed(reason, 'strap', [value('cover.tensioners', shape.outline.length, 'piece', {})]),
  ];
}

/** Posts of the fence that it hangs from. */
const anchorsOf = (
  { outline }: ShapeOf<'corners'>,
  posts: readonly StandingPost[],
): readonly StandingPost[] =>
  posts.filter((post) => outline.some((corner) => distance(corner, post.at) < AT_CORNER));

/** Corners at which nothing of the plan stands to hang from: neither a post nor a wall. */
const looseOf = ({ outline, edges }: ShapeOf<'corners'>, posts: readonly StandingPost[]): readonly Vector[] =>
  outline.filter(
    (corner) =>
      !posts.some((post) => distance(corner, post.at) < AT_CORNER) &&
      !edges.some(
        ({ from, to, side }) =>
          side !== null &&
          side.side.kind !== 'fence' &&
          Math.min(distance(from, corner), distance(to, corner)) < AT_CORNER,
      ),
  );

/** A corner that hangs from nothing holds nothing, whatever is stayed: told as what a gust lifts. */
function looseRows(
  loads: Loads,
  shape: ShapeOf<'corners'>,
  { posts, assumed }: BearingBy,
): readonly Strength[] {
  const { outline, area, cover } = shape;
  const load = upliftOf(assumed.gust, area, 'open') / outline.length;
  return looseOf(shape, posts).map(() =>
    heldRow(loads, {
      member: 'uplift',
      part: { on: 'cover', cover: cover.id },
      unit: 'kN',
      measure: 'kN',
      span: 0,
      carries: area / outline.length,
      allowed: 0,
      snow: 0,
      slides: false,
      wind: true,
      under: () => ({ load, stress: load }),
    }),
  );
}

/** Each anchor is pulled by its share of what a gust lifts; posts of the fence bend under it, unless they are stayed. */
function anchorRows(
  loads: Loads,
  { shape }: LaidCover<'corners'>,
  { posts, assumed, ground }: BearingBy,
): readonly Strength[] {
  const { made, outline, area } = shape;
  if (made.stayed) return [];
  const share = upliftOf(assumed.gust, area, 'open') / outline.length;
  return anchorsOf(shape, posts).map((post) =>
    postRow(
      loads,
      { post, by: 1 },
      {
        member: 'wrapped-post',
        height: Math.max(0.1, overGround(shape, ground, post.at)),
        force: () => share,
        snow: 0,
        slides: false,
        wind: true,
      },
    ),
  );
}

/** Of one cloth, hung by its corners between anchors: nothing lies under it, and each anchor is pulled. */
export const corners: Laying<'corners'> = {
  side: () => null,
  runs: () => [],
  standing: () => NONE,
  supports: () => NONE,
  asks,
  strength: (loads, laid, by) => [...looseRows(loads, laid.shape, by), ...anchorRows(loads, laid, by)],
  pulledAt: (shape, posts) => anchorsOf(shape, posts).length,
  holdsDown: ({ shape }, { strapHolds }) => shape.outline.length * strapHolds,
  corners: inThePlane,
  fit: (shape) => ({ ...sizeOf(shape), over: 0 }),
  figures: (shape) => {
    const { across, along } = sizeOf(shape);
    return { [`cover.${shape.cover.id}.across`]: across, [`cover.${shape.cover.id}.along`]: along };
  },
  hours: 'whole',
};
