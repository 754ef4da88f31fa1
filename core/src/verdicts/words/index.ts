import { MESH_TYPES, type MeshType } from '../../catalogue/meshTypes';
import type { Reader } from '../../saying/reader';

interface Compared {
  readonly opening: number;
  /** What passes; null for what no opening matters to. */
  readonly figure: number | null;
}
interface Wire {
  readonly type: MeshType;
  readonly wire: number;
  readonly needs: number | null;
}
interface Dug {
  readonly has: number;
  readonly needs: number;
  readonly by: 'deep' | 'wide';
}
interface Torn {
  readonly type: MeshType;
  readonly known: boolean;
}

/** An opening and the body that it is compared with, never rounded to the same figure unless they are equal. */
const opening = ({ opening: has, figure }: Compared, r: Reader): string =>
  has === 0
    ? 'it is closed'
    : figure === null
      ? `an opening of ${r.opening(has)}`
      : `an opening of ${r.opening(has)} against a body of ${r.opening(figure)}`;

/** Why a part is rated so, without its subject. Lengths m. */
export const REASONS = {
  'side.open': () => 'the side is left open',
  'skin.none': () => 'nothing closes the frame',
  'hole.unknown': () => 'what stands is broken: a hole of unknown size',
  'hole.passes': ({ hole, figure }: { readonly hole: number; readonly figure: number }, r: Reader) =>
    figure === 0
      ? `a gap of ${r.opening(hole)}`
      : `a gap of ${r.opening(hole)} lets a body of ${r.opening(figure)} through`,
  'opening.holds': (p: Compared, r: Reader) => opening(p, r),
  'opening.passes': (
    {
      opening: has,
      figure,
      known,
    }: { readonly opening: number; readonly figure: number; readonly known: boolean },
    r: Reader,
  ) =>
    `a body of ${r.opening(figure)} passes an opening of ${r.opening(has)}: it has to be smaller${known ? '' : '; nobody knows this mesh, so it counts as the weakest'}`,
  'opening.reached': (
    { opening: has, figure }: { readonly opening: number; readonly figure: number },
    r: Reader,
  ) => `it takes a bird through an opening of ${r.opening(has)}, where ${r.opening(figure)} is enough for it`,
  'reach.holds': (
    { opening: has, figure }: { readonly opening: number; readonly figure: number },
    r: Reader,
  ) => `it reaches through ${r.opening(figure)}, not through ${r.opening(has)}`,
  'layer.torn': ({ type, known }: Torn) =>
    `it tears ${MESH_TYPES[type].said}${known ? '' : ', which is what an unknown mesh counts as'}`,
  'wire.holds': ({ type, wire, needs }: Wire, r: Reader) =>
    needs === null || MESH_TYPES[type].weave === 'closed'
      ? `${MESH_TYPES[type].said} is not torn`
      : `wire of ${r.opening(wire)} holds; it needs ${r.opening(needs)}`,
  'wire.thin': ({ wire, needs }: Wire, r: Reader) =>
    `wire of ${r.opening(wire)} is thinner than the ${r.opening(needs ?? 0)} it needs: it gives way in time`,
  'wire.breaks': ({ wire, needs }: Wire, r: Reader) =>
    `wire of ${r.opening(wire)} is bitten through; it needs ${r.opening(needs ?? 0)}`,
  'bear.mesh': () => 'no mesh holds a bear, only a live line of 6.0 kV',
  'bear.door': () => 'it tears doors off; only a live line of 6.0 kV keeps it away',
  'bear.cover': () => 'no cover holds a bear, only a live line of 6.0 kV',
  'dig.none': () => 'nothing lies in the ground or on it: it digs under',
  'dig.end': () => 'what is laid at the foot ends here with nothing to close it',
  'dig.stones': () => 'it goes between loose stones',
  'dig.mesh': ({ opening: has, figure }: { readonly opening: number; readonly figure: number }, r: Reader) =>
    `what is laid at the foot has an opening of ${r.opening(has)}, which lets a body of ${r.opening(figure)} through: to it nothing lies there`,
  'dig.torn': ({ type }: { readonly type: MeshType }) => `it tears ${MESH_TYPES[type].said} at the foot`,
  'dig.short': ({ has, needs, by }: Dug, r: Reader) =>
    `what lies ${r.length(has)} ${by} is dug under; ${r.length(needs)} stops it`,
  'dig.holds': ({ has, needs, by }: Dug, r: Reader) =>
    `it lies ${r.length(has)} ${by}, and ${r.length(needs)} stops it`,
  'floor.solid': () => 'the floor is solid',
  'over.climbs': () => 'it climbs any mesh and post, and nothing lies over the run',
  'over.jumps': ({ height, figure }: { readonly height: number; readonly figure: number }, r: Reader) =>
    `it clears ${r.length(figure)} and the wall is ${r.length(height)} high`,
  'over.scrambles': (
    {
      height,
      overhang,
      needs,
    }: { readonly height: number; readonly overhang: number; readonly needs: number },
    r: Reader,
  ) =>
    `it pulls itself up a wall of ${r.length(height)}: only an overhang of ${r.length(needs)} or a cover holds it${overhang > 0 ? `, not one of ${r.length(overhang)}` : ''}`,
  'over.unmeasured': () => 'nobody has measured this wall',
  'over.holds': (
    {
      height,
      figure,
      overhang,
    }: { readonly height: number; readonly figure: number; readonly overhang: number },
    r: Reader,
  ) =>
    `the wall is ${r.length(height)} high and it clears ${r.length(figure)}${overhang > 0 ? `; it hangs out ${r.length(overhang)}` : ''}`,
  'above.nothing': () => 'nothing lies over the run',
  'above.part': () => 'the cover does not lie over all of the run',
  'lid.closed': () => 'the roof is closed',
  'lid.droppings': () => 'droppings fall through: an order asks for a closed roof',
  'lid.over': () => 'what lies over the run holds it',
  'door.catch': () => 'it opens a one-step catch',
  'door.two-step': () => 'the catch takes two steps',
  'door.locked': () => 'it is locked',
  'door.unlocked': () => 'nothing locks it',
  'door.foot': () => 'neither a sill nor anything in the ground closes its foot',
  'door.sill': () => 'its foot is closed',
  'line.live': () => 'it meets the live net with its nose, and seldom comes again',
  'line.flies': () => 'it flies over',
  'line.person': () => 'a person steps over it, or switches it off',
  'line.short': () => 'the nets do not go round',
  'line.open': () => 'the net is not closed all round',
  'line.dead': () => 'the net is not live',
  'line.weak': () => 'the energiser is too weak for this length',
  'line.snow': () => 'snow lies over the net',
  'line.hole': ({ hole }: { readonly hole: number }, r: Reader) =>
    `a gap of ${r.opening(hole)} under the net lets it in`,
  'line.near': () => 'it jumps in from what stands too near the net',
  'line.unread': ({ kilovolts }: { readonly kilovolts: number }) =>
    `it takes ${kilovolts.toFixed(1)} kV: read the line before you trust it`,
  'line.low': ({ kilovolts, needs }: { readonly kilovolts: number; readonly needs: number }) =>
    `the line reads ${kilovolts.toFixed(1)} kV and has to read ${needs.toFixed(1)}`,
  'line.wire': () => 'it meets the wire before the mesh, where it runs: by itself that holds nothing',
  'line.reads': ({ kilovolts }: { readonly kilovolts: number }) =>
    `the line reads ${kilovolts.toFixed(1)} kV`,
} as const;
