import type { Goods } from '../../catalogue/goods';
import { MATERIALS } from '../../catalogue/materials';
import type { PackId } from '../../catalogue/packs';
import { POST_KINDS } from '../../catalogue/postKinds';
import type { PostProduct } from '../../catalogue/types';

/** Weight of a metre of post, kg. */
export const postWeight = ({ kind, size }: PostProduct): number => POST_KINDS[kind].weight(size);

/** Wall of the pipes sold, m. */
const PIPE_WALL = 0.003;

/** Weight of a metre of sawn timber, tube or pipe, kg. */
export const timberWeight = (market: Pick<Goods, 'timber'>, id: string): number => {
  const { kind, thickness, width } = market.timber(id);
  if (kind === 'tube') return POST_KINDS.tube.weight(width);
  if (kind === 'pipe') return Math.PI * PIPE_WALL * (width - PIPE_WALL) * MATERIALS.plastic;
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
  cord: 0.006,
  wire: 0.039,
  stay: 0.9,
  screw: 0.008,
  strap: 0.7,
  clamp: 0.03,
  gutter: 1.1,
  stake: 1.2,
  tee: 0.09,
  'wire-hinge': 0.03,
  wheel: 1.6,
};

/** A framed gate by its clear width, kg/m; flaps and hatches by the piece. */
const GATE_METRE = 13;
const FLAP = 2.8;

export const kitWeight = (product: string, width: number): number =>
  product === 'gate-kit' ? GATE_METRE * width : FLAP;
