import type { Products } from '../../../catalogue/products';
import type { Assumptions } from '../../../plan/assumptions';
import type { Building } from '../../../plan/schema';
import type { StandingPost } from '../../posts/stage';
import { type Bar, alongBar } from '../held/lines';
import { isDropped } from '../dropped';
import type { Supports } from '../held/supports';
import type { OpenCover } from '../laid';
import { type CoverShape, type HeightAt, overGround } from '../over/shape';
import type { Wrapped } from '../wraps';
import type { CoverOf, OverRun } from '../kinds';
import { heldRow } from '../../../strength/held';
import { type Loads, barRow, loadsOn, sectionOf, snowAt } from './members';
import { padBears } from '../../../strength/beams';
import { netRows, postsOnEdges } from './nets';
import type { MemberKind, Strength } from '../../../strength/row';
import { driftsAt } from './snow';
import { upliftRow, wrapRows } from './wind';

/** What strength is checked by. */
export interface StrengthBy {
  readonly products: Products;
  readonly over: readonly OpenCover[];
  readonly held: ReadonlyMap<string, Supports>;
  readonly posts: readonly StandingPost[];
  readonly buildings: readonly Building[];
  readonly assumed: Assumptions;
  readonly ground: HeightAt;
}

interface Member {
  readonly member: MemberKind;
  readonly product: string;
  readonly on: 'cover-rail' | 'cover-edge' | 'cover-beam';
}

/** What a cover's bars are called, and what they are made of. */
function membersOf(cover: OverRun): Readonly<Partial<Record<'rail' | 'edge' | 'beam', Member>>> {
  if ('purlin' in cover)
    return {
      rail: { member: 'purlin', product: cover.purlin, on: 'cover-rail' },
      beam: { member: 'rafter', product: cover.rafter, on: 'cover-beam' },
    };
  if (!('rail' in cover)) return {};
  return {
    rail: { member: 'rail', product: cover.rail, on: 'cover-rail' },
    edge: { member: 'edge-rail', product: cover.rail, on: 'cover-edge' },
    beam: { member: 'beam', product: cover.beam, on: 'cover-beam' },
  };
}

/** Bars alike give rows alike: each has its own. */
function barRows(
  loads: Loads,
  bars: readonly Bar[],
  of: Member | undefined,
  products: Products,
): readonly Strength[] {
  if (!of) return [];
  const { member, product, on } = of;
  const section = sectionOf(products, product);
  return bars.flatMap((bar, i) =>
    bar.carries > 1e-9
      ? [barRow(loads, bar, { member, product, section, part: { on, cover: loads.of, nth: i + 1 } })]
      : [],
  );
}

/** Posts under beams: each carries half the way to the next on either side. */
function postRows(
  loads: Loads,
  shape: CoverShape,
  { posts, beams, edgeRails }: Supports,
  product: string,
  { products, ground }: StrengthBy,
): readonly Strength[] {
  const section = sectionOf(products, product);
  const bars = [...beams, ...edgeRails];
  return posts.map(({ at }, i) => {
    const area = bars.reduce((total, bar) => {
      const s = alongBar(bar, at);
      if (s === null) return total;
      const before = Math.max(0, ...bar.held.filter((h) => h < s - 0.05));
      const after = Math.min(bar.length, ...bar.held.filter((h) => h > s + 0.05));
      return total + bar.carries * ((after - before) / 2);
    }, 0);
    const { snow, slides } = snowAt(loads, at, at);
    const length = Math.max(0.1, overGround(shape, ground, at));
    const load = (share: number) => (snow * share + loads.own) * area;
    return heldRow(loads, {
      member: 'prop',
      part: { on: 'cover-prop', cover: loads.of, nth: i + 1 },
      unit: 'kN',
      measure: 'kN',
      product,
      span: length,
      carries: area,
      allowed: padBears(section, length),
      snow,
      slides,
      under: (share) => ({ load: load(share), stress: load(share) }),
    });
  });
}

/** Edges that something holds from below; along a wall a ledger is fixed to it. */
const carriedEdges = ({ edges }: CoverShape, { edgeRails }: Supports) =>
  edgeRails.filter(({ edge }) => {
    const side = edges[edge]?.side?.side;
    return side === undefined || side.kind === 'fence';
  });

/** How every member of the covers over runs bears snow, and every closed one the wind. */
export function coverStrength(by: StrengthBy): readonly Strength[] {
  const { products, over, held, posts, buildings, assumed, ground } = by;
  const shapes = over.map(({ shape }) => shape);
  return over.flatMap(({ shape }): readonly Strength[] => {
    const { cover } = shape;
    const supports = held.get(cover.id);
    if (!supports) return [];
    // What is taken off before the first snow carries itself alone.
    const snow = isDropped(cover) ? 0 : assumed.groundSnow;
    const drifts = isDropped(cover) ? [] : driftsAt(shape, buildings, shapes, ground);
    const loads = loadsOn(cover, products.mesh(cover.mesh), snow, drifts);
    if ('tent' in cover) {
      const above = (post: StandingPost) => Math.max(0.1, overGround(shape, ground, post.at));
      return netRows(loads, shape, cover, { products, posts, above });
    }
    const of = membersOf(cover);
    return [
      ...barRows(loads, supports.rails, of.rail, products),
      ...barRows(loads, carriedEdges(shape, supports), of.edge, products),
      ...barRows(loads, supports.beams, of.beam, products),
      ...('prop' in cover ? postRows(loads, shape, supports, cover.prop, by) : []),
      ...('runOff' in cover ? [upliftRow(loads, shape, cover, { products, assumed })] : []),
    ];
  });
}

/** How the posts bear the wind on a wrap. */
export function wrapStrength(
  cover: CoverOf<'wrap'>,
  wrapped: readonly Wrapped[],
  { posts, assumed }: Pick<StrengthBy, 'posts' | 'assumed'>,
): readonly Strength[] {
  if (cover.stays === 'stayed') return [];
  const pulled = wrapped.flatMap(({ line, height }) => {
    const edge = {
      from: line.start,
      to: line.end,
      length: line.length,
      side: line.members[0]?.ringSide ?? null,
    };
    return postsOnEdges([edge], posts).map((one) => ({ ...one, height }));
  });
  return wrapRows({ of: cover.id, share: 0, own: 0 }, pulled, assumed);
}
