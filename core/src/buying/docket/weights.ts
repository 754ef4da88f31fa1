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
  bolt: 0.12,
  stake: 1.2,
  tee: 0.09,
  'wire-hinge': 0.03,
  wheel: 1.6,
  'net-single-107-25': 2.1,
  'net-single-107-30': 2.5,
  'net-single-107-50': 4.1,
  'net-double-107-25': 2.5,
  'net-double-107-50': 5.0,
  'net-double-122-25': 2.8,
  'net-double-122-30': 3.4,
  'net-double-122-50': 5.7,
  'net-close-107-25': 2.6,
  'net-close-107-50': 5.2,
  'corner-strut': 0.6,
  'net-peg': 0.04,
  'energiser-12v-02': 1.1,
  'energiser-12v-05': 1.3,
  'energiser-12v-1': 1.6,
  'energiser-12v-2': 2.1,
  'energiser-mains-1': 1.5,
  'energiser-mains-25': 2.2,
  'energiser-mains-5': 3.4,
  'battery-38': 11,
  'battery-60': 16,
  'battery-85': 21,
  'battery-110': 27,
  'solar-10': 1.2,
  'solar-20': 2,
  'solar-40': 3.8,
  'solar-60': 5.2,
  'earth-rod': 1.9,
  'lead-out': 0.09,
  'hot-wire': 0.012,
  insulator: 0.03,
  'gate-handle': 0.12,
  'warning-sign': 0.04,
  tester: 0.2,
  lamp: 0.6,
  sprinkler: 1.2,
  camera: 0.5,
  radio: 1.1,
  'bait-strip': 0.02,
  scarecrow: 2.4,
};

/** A framed gate by its clear width, kg/m; flaps and hatches by the piece. */
const GATE_METRE = 13;
const FLAP = 2.8;

export const kitWeight = (product: string, width: number): number =>
  product === 'gate-kit' ? GATE_METRE * width : FLAP;
