import type { Products } from '../../../catalogue/products';
import { straightsNear } from '../../../ground/boxes';
import { padBears } from '../../../strength/beams';
import { heldRow } from '../../../strength/held';
import type { MemberKind, Strength } from '../../../strength/words/row';
import { type Bar, ON_BAR, alongBar } from '../held/lines';
import type { Supports } from '../held/supports';
import type { Carrier, OverLaid } from '../plan/kinds';
import type { BearingBy, LaidCover } from '../layings/laying';
import { type CoverShape, overGround } from '../over/shape';
import { type Loads, barRow, sectionOf, snowAt } from './members';

/** What bars are by where they lie: along an edge or within it. */
interface Member {
  readonly on: 'cover-rail' | 'cover-edge' | 'cover-beam';
  readonly member: MemberKind;
  readonly timber: string;
}

const memberOf = (carrier: Carrier | null, on: Member['on']): Member | null =>
  carrier === null || carrier.field === 'batten'
    ? null
    : { on, timber: carrier.timber, member: on === 'cover-edge' ? 'edge-rail' : carrier.field };

/** Bars alike give rows alike: each has its own. */
function barRows(
  loads: Loads,
  bars: readonly Bar[],
  of: Member | null,
  products: Products,
): readonly Strength[] {
  if (!of) return [];
  const { member, timber: product, on } = of;
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
  { shape, held: { posts, beams, edgeRails } }: LaidCover<OverLaid>,
  { timber: product }: Carrier,
  { products, ground }: BearingBy,
): readonly Strength[] {
  const section = sectionOf(products, product);
  const bars = [...beams, ...edgeRails];
  const near = straightsNear(bars, ON_BAR);
  return posts.map(({ at }, i) => {
    const area = near(at).reduce((total, k) => {
      const bar = bars[k];
      const s = bar ? alongBar(bar, at) : null;
      if (!bar || s === null) return total;
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

/** Of what lies on rails over beams: how each of them bears, and the posts beneath. */
export function carriedRows(loads: Loads, laid: LaidCover<OverLaid>, by: BearingBy): readonly Strength[] {
  const { shape, held } = laid;
  const { rail, edge, beam, prop } = shape.made.carriers;
  return [
    ...barRows(loads, held.rails, memberOf(rail, 'cover-rail'), by.products),
    ...barRows(loads, carriedEdges(shape, held), memberOf(edge, 'cover-edge'), by.products),
    ...barRows(loads, held.beams, memberOf(beam, 'cover-beam'), by.products),
    ...(prop ? postRows(loads, laid, prop, by) : []),
  ];
}
