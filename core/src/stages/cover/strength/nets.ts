import type { Products } from '../../../catalogue/products';
import { STRENGTHS, postSection } from '../../../catalogue/sections';
import type { MeshProduct } from '../../../catalogue/types';
import { shorterSide } from '../../threats/shown/openings';
import { type Vector, plus, times } from '../../../ground/vector';
import type { PartRef } from '../../../plan/partRef';
import { EPSILON } from '../../../units/round';
import type { StandingPost } from '../../posts/shown/stage';
import { alongBar } from '../held/lines';
import type { CoverEdge, CoverShape, ShapeOf } from '../over/shape';
import { tentOf } from '../over/tent';
import { footStress, padBears, pullOf } from '../../../strength/beams';
import { type Bearing, heldRow } from '../../../strength/held';
import type { Strength } from '../../../strength/words/row';
import { type Loads, sectionOf, snowAt } from './members';

/** What nets bear, kN for each metre, by their opening, m; a straining wire, kN (rules: Cover). */
const NETS = [
  { up: 0.025, bears: 2 },
  { up: 0.05, bears: 1 },
] as const;
const WIRE = 1;
/** A top wire is strained to so little sag, m. */
const WIRE_SAG = 0.05;

export const netBears = (mesh: MeshProduct): number =>
  NETS.find(({ up }) => shorterSide(mesh) <= up + EPSILON)?.bears ?? 0.5;

/** A post on the edge of a net, with how much of the edge pulls at it from each side. */
export interface Pulled {
  readonly post: StandingPost;
  /** Sum over its edges of half the way to its neighbours, as a vector inwards, m. */
  readonly by: number;
}

/** Posts along the edges of a cover, with what of each edge they hold; a corner from both its edges. */
export function postsOnEdges(edges: readonly CoverEdge[], posts: readonly StandingPost[]): readonly Pulled[] {
  const pulls = new Map<StandingPost, Vector>();
  for (const { from, to, length, side } of edges) {
    if (length < EPSILON || side?.side.kind !== 'fence') continue;
    const bar = { from, to, length, held: [], carries: 0 };
    const on = posts
      .flatMap((post) => {
        const s = alongBar(bar, post.at);
        return s === null ? [] : [{ post, s }];
      })
      .sort((a, b) => a.s - b.s);
    const inward = times({ x: -(to.y - from.y), y: to.x - from.x }, 1 / length);
    on.forEach(({ post, s }, i) => {
      const before = i === 0 ? s : (s - (on[i - 1]?.s ?? 0)) / 2;
      const after = i === on.length - 1 ? length - s : ((on[i + 1]?.s ?? s) - s) / 2;
      const share = Math.min(before, s) + Math.min(after, length - s);
      pulls.set(post, plus(pulls.get(post) ?? { x: 0, y: 0 }, times(inward, share)));
    });
  }
  return [...pulls].map(([post, pull]) => ({ post, by: Math.hypot(pull.x, pull.y) }));
}

/** The longest way between posts along the edges, m; 0 where none of them is fenced. */
function widestBay({ edges }: CoverShape, posts: readonly StandingPost[]): number {
  let most = 0;
  for (const { from, to, length, side } of edges) {
    if (side?.side.kind !== 'fence') continue;
    const on = posts.flatMap((p) => alongBar({ from, to, length, held: [], carries: 0 }, p.at) ?? []);
    const stops = [0, ...on, length].sort((a, b) => a - b);
    for (let i = 1; i < stops.length; i++) most = Math.max(most, (stops[i] ?? 0) - (stops[i - 1] ?? 0));
  }
  return most;
}

/** Under the deepest snow on any of its edges, kPa. */
function snowOn(loads: Loads, shape: CoverShape) {
  const all = shape.edges.map(({ from, to }) => snowAt(loads, from, to));
  return { snow: Math.max(...all.map((a) => a.snow)), slides: all.some((a) => a.slides) };
}

/** Of posts that are pulled or pressed alike, the one that bends most. */
export function postRow(
  loads: Bearing,
  { post, by }: Pulled,
  of: {
    readonly member: 'post' | 'wrapped-post';
    readonly height: number;
    readonly force: (share: number) => number;
    readonly snow: number;
    readonly slides: boolean;
    readonly wind?: true;
  },
): Strength {
  const section = postSection(post.product);
  return heldRow(loads, {
    member: of.member,
    part: post.part,
    unit: 'kN',
    measure: 'MPa',
    product: post.product.id,
    span: of.height,
    carries: by,
    allowed: STRENGTHS[section.material].bears / 1e6,
    snow: of.snow,
    slides: of.slides,
    modulus: section.modulus,
    under: (share) => {
      const load = of.force(share);
      return { load, stress: footStress(section, load * 1000, of.height) / 1e6 };
    },
    ...(of.wind && { wind: of.wind }),
  });
}

/** How a net, its wire, its props and the posts on its edge bear the snow that it is up in. */
export function netRows(
  loads: Loads,
  shape: ShapeOf<'net'>,
  by: {
    readonly products: Products;
    readonly posts: readonly StandingPost[];
    readonly above: (post: StandingPost) => number;
  },
): readonly Strength[] {
  const { cover, made } = shape;
  if (made.dropped) return [];
  const { products, posts } = by;
  const mesh = products.mesh(made.mesh);
  const tent = tentOf(shape);
  const { snow, slides } = snowOn(loads, shape);
  const pull = (share: number) => pullOf(snow * share, tent.span, made.how.sag);
  const whole: PartRef = { on: 'cover', cover: cover.id };
  const allowed = netBears(mesh);
  const worst = Math.max(pull(loads.share), pull(1));
  const rows: Strength[] = [
    heldRow(loads, {
      member: 'net',
      part: whole,
      unit: 'kN/m',
      measure: 'kN/m',
      span: tent.span,
      carries: 1,
      allowed,
      snow,
      slides,
      fits: worst > 0 ? tent.span * Math.sqrt(allowed / worst) : null,
      under: (share) => ({ load: pull(share), stress: pull(share) }),
    }),
  ];
  const bay = made.wired ? widestBay(shape, posts) : 0;
  if (bay > 0) {
    const strain = (share: number) => pullOf(pull(share), bay, WIRE_SAG);
    rows.push(
      heldRow(loads, {
        member: 'wire',
        part: whole,
        unit: 'kN',
        measure: 'kN',
        span: bay,
        carries: 1,
        allowed: WIRE,
        snow,
        slides,
        under: (share) => ({ load: strain(share), stress: strain(share) }),
      }),
    );
  }
  if (!made.stayed)
    for (const pulled of postsOnEdges(shape.edges, posts)) {
      const height = by.above(pulled.post);
      const force = (share: number) => pull(share) * pulled.by;
      rows.push(postRow(loads, pulled, { member: 'post', height, force, snow, slides }));
    }
  return [...rows, ...propRows(loads, shape, tent, { ...by, snow, slides })];
}

function propRows(
  loads: Loads,
  { cover, made: { how } }: ShapeOf<'net'>,
  tent: ReturnType<typeof tentOf>,
  by: { readonly products: Products; readonly snow: number; readonly slides: boolean },
): readonly Strength[] {
  const length = how.tent ?? cover.height;
  const section = sectionOf(by.products, how.prop);
  const area = tent.cell[0] * tent.cell[1];
  const bears = padBears(section, length);
  const load = (share: number) => by.snow * share * area;
  return tent.props.map((_, i) =>
    heldRow(loads, {
      member: 'prop',
      part: { on: 'cover-prop', cover: cover.id, nth: i + 1 },
      unit: 'kN',
      measure: 'kN',
      product: how.prop,
      span: length,
      carries: area,
      allowed: bears,
      snow: by.snow,
      slides: by.slides,
      under: (share) => ({ load: load(share), stress: load(share) }),
    }),
  );
}
