import type { Goods } from '../../catalogue/goods';
import { MATERIALS } from '../../catalogue/materials';
import { MESH_TYPES } from '../../catalogue/meshTypes';
import type { PackId } from '../../catalogue/packs';
import { POST_KINDS } from '../../catalogue/postKinds';
import type { MeshProduct, PostProduct } from '../../catalogue/types';

const round = (diameter: number) => (Math.PI * diameter ** 2) / 4;

/**
 * Weight of a square metre of mesh, kg, from its wire: two sets of wires crossing in welded, woven and panels; in hexagons of opening `a`
 * there are 2/a m of wire, a third more for the twists; in chain link 2/a with a fifth more for the bends.
 */
export function meshWeight({ type, opening, wire }: MeshProduct): number {
  const { of, weave } = MESH_TYPES[type];
  const length = {
    hexagons: 2.67 / opening.up,
    diamonds: 2.4 / opening.up,
    squares: 1 / (opening.up + wire) + 1 / (opening.along + wire),
  }[weave];
  return length * round(wire) * MATERIALS[of];
}

/** Weight of a metre of post, kg. */
export const postWeight = ({ kind, size }: PostProduct): number => POST_KINDS[kind].weight(size);

/** Weight of a metre of sawn timber, kg. */
export const timberWeight = (market: Pick<Goods, 'timber'>, id: string): number => {
  const { thickness, width } = market.timber(id);
  return thickness * width * MATERIALS.timber;
};

/** Of single pieces, kg. */
export const PIECE_WEIGHTS: Readonly<Record<PackId, number>> = {
  staple: 0.002,
  clip: 0.008,
  ring: 0.0012,
  tie: 0.003,
  peg: 0.05,
  concrete: 20,
  stone: 800,
  brace: 3.2,
  spike: 2.6,
  arm: 0.4,
  hinge: 0.35,
  catch: 0.25,
  'two-step-catch': 0.4,
  stop: 0.1,
  spring: 0.3,
  padlock: 0.3,
};

/** A framed gate by its clear width, kg/m; flaps and hatches by the piece. */
const GATE_METRE = 13;
const FLAP = 2.8;

export const kitWeight = (product: string, width: number): number =>
  product === 'gate-kit' ? GATE_METRE * width : FLAP;
