import { NO_JOINTS, type Run } from '../../buying/run';
import type { Products } from '../../catalogue/products';
import type { PackId } from '../../catalogue/packs';
import { BOARD_TIMBER, FRAME_TIMBER, SILL_TIMBER } from '../../catalogue/timbers';
import type { Gate, Hatch, Opening, PopDoor } from '../../plan/schema';
import { placeAt } from '../../plan/place';
import { roundUp } from '../../units/round';

/** Like timber pieces of something built, m. */
interface Sticks {
  readonly timber: string;
  readonly use: 'frame' | 'sill' | 'board';
  readonly name: string;
  readonly count: number;
  readonly length: number;
}

/** What an opening is built from or completed with. */
export interface Built {
  readonly opening: Opening;
  readonly sticks: readonly Sticks[];
  readonly hardware: Readonly<Partial<Record<PackId, number>>>;
}

export interface Leaf {
  /** Clear width and the overlap at both edges, m. */
  readonly width: number;
  readonly height: number;
}

/** From this height on a leaf hangs on three hinges, m (rules: Gates and doors). */
const THIRD_HINGE = 1.5;
const CATCHES = 2;

const hingesFor = (height: number) => (height >= THIRD_HINGE - 1e-9 ? 3 : 2);

/** A kit brings hinges, two one-step catches, stop and sill; what is chosen beyond them is bought beside it. */
function gateHardware(gate: Gate, leaf: Leaf): Built['hardware'] {
  const two = gate.catches === 'two-step';
  const extras = {
    ...(gate.closer === 'spring' ? { spring: 1 } : {}),
    ...(gate.lock === 'padlock' ? { padlock: 1 } : {}),
    ...(two ? { 'two-step-catch': CATCHES } : {}),
  };
  if (gate.make === 'kit') return extras;
  return { hinge: hingesFor(leaf.height), ...(two ? {} : { catch: CATCHES }), stop: 1, ...extras };
}

/** @see rules: Gates and doors. Two stiles, three rails, one diagonal; sill = clear width */
function gateSticks(gate: Gate, leaf: Leaf): readonly Sticks[] {
  if (gate.make === 'kit') return [];
  const frame = (name: string, count: number, length: number): Sticks => ({
    timber: FRAME_TIMBER,
    use: 'frame',
    name,
    count,
    length,
  });
  const sill: Sticks = { timber: SILL_TIMBER, use: 'sill', name: 'sill', count: 1, length: gate.width };
  return [
    frame('stile', 2, leaf.height),
    frame('rail', 3, leaf.width),
    frame('diagonal', 1, Math.hypot(leaf.width, leaf.height)),
    ...(gate.sill === 'board' ? [sill] : []),
  ];
}

/** A framed flap or sliding door of boards, as wide and high as its clear opening and the overlap. */
function doorSticks(
  opening: PopDoor | Hatch,
  overlap: number,
  products: Pick<Products, 'timber'>,
): readonly Sticks[] {
  if (opening.make === 'kit') return [];
  const boards = roundUp((opening.height + overlap) / products.timber(BOARD_TIMBER).width);
  const upright = opening.kind === 'pop-door' ? 2 * opening.height : opening.height;
  return [
    { timber: FRAME_TIMBER, use: 'frame', name: 'upright', count: 2, length: upright },
    { timber: FRAME_TIMBER, use: 'frame', name: 'head', count: 2, length: opening.width },
    { timber: BOARD_TIMBER, use: 'board', name: 'flap', count: boards, length: opening.width + overlap },
  ];
}

/** What is sawn and screwed for one opening, whether built or hung from a kit. */
export function builtFor(
  opening: Opening,
  leaf: Leaf,
  overlap: number,
  products: Pick<Products, 'timber'>,
): Built {
  if (opening.kind === 'gate')
    return { opening, sticks: gateSticks(opening, leaf), hardware: gateHardware(opening, leaf) };
  const hatch: Built['hardware'] =
    opening.kind === 'hatch' && opening.make === 'built' ? { hinge: 2, catch: 1 } : {};
  return { opening, sticks: doorSticks(opening, overlap, products), hardware: hatch };
}

/** A piece of timber with what it is sawn from. */
export type Stick = Run & { readonly timber: string };

/** Every stick as a piece that cannot be jointed. */
export function stickRuns({ opening, sticks }: Built): readonly Stick[] {
  return sticks.flatMap(({ timber, use, name, count, length }) =>
    Array.from({ length: count }, (_, i) => ({
      timber,
      part: { on: 'stick', opening: opening.id, stick: name, nth: i + 1 },
      use,
      length,
      startAllowance: 0,
      endAllowance: 0,
      across: null,
      joints: [],
      atJoint: NO_JOINTS,
      place: placeAt('stick', 0),
      spans: [],
      leans: [],
    })),
  );
}
