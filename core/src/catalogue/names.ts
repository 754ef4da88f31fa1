import { postKindOf } from './postKinds';
import { type PackId } from './packs';
import { isClosed, typeOf } from './meshTypes';
import { type TimberProduct, type MeshProduct, type PostProduct } from './types';
import { type Reader } from '../saying/reader';
import { printNumber } from '../units/printLength';
import { inUnits } from '../saying/inUnits';
import { INCH, gaugeOf } from '../units/factors';
const PACK_NAMES: Readonly<Record<PackId, string>> = {
  staple: 'Staples 25 mm',
  clip: 'Clips for steel T posts',
  ring: 'Mesh rings 15 mm',
  peg: 'Ground pegs 200 mm',
  concrete: 'Dry concrete mix, 20 kg bags',
  brace: 'Brace, half-round timber',
  spike: 'Driven spike for 100 mm posts',
  tie: 'Panel ties',
  stone: 'Border stones, loads of 0.5 m³',
  arm: 'Arm for an overhang, one per post',
  hinge: 'Hinge that cannot be lifted off',
  catch: 'Catch, one step',
  'two-step-catch': 'Catch, two steps: lift and slide',
  stop: 'Stop board for a leaf',
  spring: 'Spring that closes a gate',
  padlock: 'Hasp and padlock',
  cord: 'Lacing cord, by the metre',
  wire: 'Straining wire 2.5 mm, by the metre',
  stay: 'Stay wire with anchor and strainer',
  screw: 'Roofing screws with washers',
  bolt: 'Coach bolts 160 mm with washers',
  strap: 'Ratchet straps, 5 m',
  clamp: 'Film clamps for a rolled-up side',
  gutter: 'Gutter with brackets, by the metre',
  stake: 'Stake for a base board, 600 mm',
  tee: 'Tee for pipe hoops',
  'wire-hinge': 'Wire hinge that lets a panel lift',
  wheel: 'Wheel with its bracket',
  'net-single-107-25': 'Live net 1.07 m, single spike, 25 m',
  'net-single-107-30': 'Live net 1.07 m, single spike, 30 m',
  'net-single-107-50': 'Live net 1.07 m, single spike, 50 m',
  'net-double-107-25': 'Live net 1.07 m, double spike, 25 m',
  'net-double-107-50': 'Live net 1.07 m, double spike, 50 m',
  'net-double-122-25': 'Live net 1.22 m, double spike, 25 m',
  'net-double-122-30': 'Live net 1.22 m, double spike, 30 m',
  'net-double-122-50': 'Live net 1.22 m, double spike, 50 m',
  'net-close-107-25': 'Live net 1.07 m, close at the foot, 25 m',
  'net-close-107-50': 'Live net 1.07 m, close at the foot, 50 m',
  'corner-strut': 'Corner strut for a live net',
  'net-peg': 'Peg for the foot of a live net',
  'energiser-12v-02': 'Energiser 12 V, 0.2 J',
  'energiser-12v-05': 'Energiser 12 V, 0.5 J',
  'energiser-12v-1': 'Energiser 12 V, 1 J',
  'energiser-12v-2': 'Energiser 12 V, 2 J',
  'energiser-mains-1': 'Energiser for mains, 1 J',
  'energiser-mains-25': 'Energiser for mains, 2.5 J',
  'energiser-mains-5': 'Energiser for mains, 5 J',
  'battery-38': 'Battery 12 V, 38 Ah',
  'battery-60': 'Battery 12 V, 60 Ah',
  'battery-85': 'Battery 12 V, 85 Ah',
  'battery-110': 'Battery 12 V, 110 Ah',
  'solar-10': 'Solar panel 10 W with regulator',
  'solar-20': 'Solar panel 20 W with regulator',
  'solar-40': 'Solar panel 40 W with regulator',
  'solar-60': 'Solar panel 60 W with regulator',
  'earth-rod': 'Earth rod 1.0 m with clamp',
  'lead-out': 'Lead-out cable, by the metre',
  'hot-wire': 'Hot wire, by the metre',
  insulator: 'Offset insulator',
  'gate-handle': 'Sprung gate handle',
  'warning-sign': 'Warning sign for an electric fence',
  tester: 'Fence voltage tester',
  lamp: 'Lamp with a motion sensor',
  sprinkler: 'Sprinkler with a motion sensor',
  camera: 'Camera that takes a picture of what moves',
  radio: 'Radio that is left on',
  'bait-strip': 'Bait strips on a live wire',
  scarecrow: 'Scarecrow that moves in the wind',
};

const TIMBER_NAMES: Readonly<Record<TimberProduct['kind'], string>> = {
  board: 'Treated board',
  rail: 'Treated rail',
  frame: 'Frame timber',
  sill: 'Sill timber',
  joist: 'Sawn softwood',
  tube: 'Steel tube',
  batten: 'Batten',
  pipe: 'Flexible pipe',
};

/** `Treated board 150 × 25 mm`. */
export const timberName = (timber: TimberProduct, reader: Reader): string => {
  // Round: by its diameter.
  if (timber.thickness === timber.width && timber.kind !== 'joist')
    return inUnits(`${TIMBER_NAMES[timber.kind]} ${mm(timber.width)} mm`, reader.system);
  const size = (metres: number) => (reader.system === 'imperial' ? reader.opening(metres) : mm(metres));
  const unit = reader.system === 'imperial' ? '' : ' mm';
  return `${TIMBER_NAMES[timber.kind]} ${size(timber.width)} × ${size(timber.thickness)}${unit}`;
};

const mm = (metres: number) => {
  const value = metres * 1000;
  return printNumber(value, Math.abs(value - Math.round(value)) < 0.05 ? 0 : 1);
};

/** Inches as yards that sell in feet name an opening: `½″ × ½″`. */
const opening = (mesh: MeshProduct, reader: Reader): string =>
  reader.system === 'imperial'
    ? mesh.trade
      ? mesh.trade.map((inches) => reader.opening(inches * INCH)).join(' × ')
      : `${reader.opening(mesh.opening.up)} × ${reader.opening(mesh.opening.along)}`
    : `${mm(mesh.opening.up)} × ${mm(mesh.opening.along)}`;

/** `Welded 50 × 25`. */
export const meshName = (mesh: MeshProduct, reader: Reader): string =>
  isClosed(mesh) ? typeOf(mesh).name : `${typeOf(mesh).name} ${opening(mesh, reader)}`;

/** The same within a sentence: `welded mesh 50 × 25`. */
export const meshSaid = (mesh: MeshProduct, reader: Reader): string =>
  isClosed(mesh) ? typeOf(mesh).said : `${typeOf(mesh).said} ${opening(mesh, reader)}`;

/** `wire 2.0 mm (14 gauge)`: millimetres and gauge are said together. */
export function wireName(mesh: MeshProduct, { system }: Pick<Reader, 'system'>): string {
  if (isClosed(mesh)) return inUnits(`${printNumber(mesh.wire * 1000, 2)} mm thick`, system);
  const gauge = gaugeOf(mesh.wire);
  const word = typeOf(mesh).wall ? 'wire' : 'cord';
  return inUnits(`${word} ${printNumber(mesh.wire * 1000, 1)} mm${gauge ? ` (${gauge} gauge)` : ''}`, system);
}

/** `Round treated 100 mm`. */
export function postName(post: PostProduct, reader: Reader): string {
  const size =
    reader.system === 'imperial'
      ? reader.opening(Math.round(post.size / 0.0254 / 0.25) * 0.25 * 0.0254)
      : `${mm(post.size)} mm`;
  return postKindOf(post).named(size);
}

export const packName = (pack: PackId, { system }: Pick<Reader, 'system'>): string =>
  inUnits(PACK_NAMES[pack], system);

const POP_DOOR_KIT_NAME = 'Pop door with runners and frame';

const HATCH_KIT_NAMES: Readonly<Record<string, string>> = {
  'egg-hatch-kit': 'Egg hatch with frame and flap',
  'cleaning-hatch-kit': 'Cleaning hatch with frame and flap',
};

const GATE_KIT_NAME = 'Gate kit with frame, hinges, catches and sill';

/** A gate, door or hatch as it is bought. */
export const kitName = (product: string): string =>
  product === 'pop-door-kit' ? POP_DOOR_KIT_NAME : (HATCH_KIT_NAMES[product] ?? GATE_KIT_NAME);
