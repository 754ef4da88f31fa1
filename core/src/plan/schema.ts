import { z } from 'zod';
import { BIRD_KINDS, SPACE_SCHOOLS } from '../birds/kinds';
import { PACK_IDS } from '../catalogue/packs';
import { PRESENCES, THREAT_IDS } from '../threats/kinds';
import { ASSUMPTIONS, type AssumptionId } from './assumptions';
import { checkReferences } from './references';
import { STAGE_IDS } from './stages';

const id = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,40}$/, 'must be 1 to 40 letters, digits, dashes or underscores')
  .describe('Short name given when the thing is made and never used again for another.');
const text = z
  .string()
  .max(120, 'must be at most 120 characters')
  .regex(/^[^\0]*$/, 'must not hold a null character');
const name = text.trim().min(1, 'must not be empty');
const length = (min: number, max: number) => z.number().min(min).max(max);
const coordinate = z.number().min(-10000).max(10000);

const point = z
  .strictObject({ x: coordinate, y: coordinate })
  .describe('Metres; x to the right and y up the sheet, east and north unless `ground.north` turns them.');

const flock = z.strictObject({
  id,
  kind: z.enum(BIRD_KINDS),
  count: z.int().min(0).max(100000),
  keeping: z.enum(['confined', 'part-day']),
});

const building = z.strictObject({
  id,
  name,
  outline: z.array(point).min(3).max(100),
  eaves: length(0, 20).default(2).describe('Height of the lowest edge of its roof, m.'),
  height: length(0, 30).default(2.6).describe('Height of its ridge, m.'),
});
const tree = z.strictObject({
  id,
  name,
  at: point,
  trunk: length(0, 5).describe('Diameter, m.'),
  roots: length(0, 30).default(2.5).describe('Radius round the trunk in which nothing is trenched, m.'),
  crown: length(0, 50).describe('Radius, m.'),
});
const service = z.strictObject({
  id,
  name,
  kind: z.enum(['water', 'power', 'gas', 'drain', 'phone']),
  depth: length(0, 10),
  line: z.array(point).min(2).max(100),
});

const boundary = z.strictObject({ id, name, line: z.array(point).min(2).max(100) });
const spotHeight = z
  .strictObject({ id, at: point, height: length(-500, 5000) })
  .describe('A measured height of the ground, m above any level that all of them share.');
const tapeMark = z
  .strictObject({ id, name, at: point, height: length(-500, 5000).nullable() })
  .describe('A fixed place that is measured from, such as a house corner.');
const tapeStake = z.strictObject({
  id,
  name,
  side: z
    .enum(['front', 'behind'])
    .describe('In front is left of the line from the first mark to the second.'),
  height: length(-500, 5000)
    .nullable()
    .describe('Of the ground, above the level of the marks’; null if unknown, m.'),
  readings: z.array(z.strictObject({ mark: id, distance: length(0.01, 1000) })).max(20),
});
const tape = z.strictObject({
  marks: z.array(tapeMark).max(20),
  stakes: z.array(tapeStake).max(100),
  between: z
    .array(z.strictObject({ from: id, to: id, distance: length(0.01, 1000) }))
    .max(200)
    .describe('Distances from stake to stake, such as diagonals, m.'),
});
const corner = z.strictObject({ id, x: coordinate, y: coordinate });
const sideEnds = { id, from: id, to: id };
const side = z.discriminatedUnion('kind', [
  z.strictObject({ ...sideEnds, kind: z.literal('fence') }),
  z.strictObject({ ...sideEnds, kind: z.literal('wall') }).describe('An existing wall that needs no fence.'),
  z.strictObject({ ...sideEnds, kind: z.literal('open') }),
  z.strictObject({ ...sideEnds, kind: z.literal('building'), building: id }),
]);

const make = z.enum(['kit', 'built']);

const gate = z.strictObject({
  id,
  kind: z.literal('gate'),
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner to the near edge of the clear opening, m.'),
  width: length(0.3, 5).describe('Clear width, m.'),
  gap: length(0, 0.2).describe('Largest gap left round the shut leaf, m.'),
  hinge: z
    .enum(['near', 'far'])
    .default('near')
    .describe('The edge it hangs on: near is the one nearer to the side’s `from` corner.'),
  swing: z.enum(['out', 'in']).default('out').describe('Out of the run, or into it.'),
  make: make.describe('A kit of its clear width, or built of frame timber and mesh.'),
  height: length(0.5, 4)
    .nullable()
    .default(null)
    .describe('Of the leaf, m; null for the height of the wall. Mesh of its own closes the wall above it.'),
  catches: z.enum(['one-step', 'two-step']).default('one-step').describe('At top and foot.'),
  closer: z.enum(['none', 'spring']).default('none'),
  lock: z.enum(['none', 'padlock']).default('none'),
  sill: z.enum(['board', 'none']).default('board').describe('Between the gate posts, under the leaf.'),
});
const pin = z.strictObject({
  id,
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner, m.'),
  post: z
    .discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('new') }).describe('Bought and set here.'),
      z
        .strictObject({ kind: z.literal('standing'), above: length(0.1, 10) })
        .describe('A sound post that is here already, `above` m out of the ground.'),
    ])
    .default({ kind: 'new' }),
});
const popDoor = z.strictObject({
  id,
  kind: z.literal('pop-door'),
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner to the near edge of the door, m.'),
  width: length(0.15, 1.5).describe('Clear width, m.'),
  height: length(0.15, 1.5).describe('Clear height above the ground, m; mesh closes the wall above it.'),
  make: make.default('kit'),
});
const hatch = z.strictObject({
  id,
  kind: z.literal('hatch'),
  use: z.enum(['eggs', 'cleaning']),
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner to the near edge of the flap, m.'),
  width: length(0.15, 1.5).describe('Clear width, m.'),
  height: length(0.1, 1.5).describe('Clear height, m.'),
  bottom: length(0, 3).describe('Of the clear opening, above the ground, m.'),
  make: make.default('kit'),
});
const opening = z.discriminatedUnion('kind', [gate, popDoor, hatch]);

const enclosure = z.strictObject({
  id,
  name,
  ring: z
    .array(z.strictObject({ side: id, forward: z.boolean() }))
    .min(3)
    .max(400),
});

const band = z.strictObject({
  id,
  mesh: id,
  top: length(0.1, 6).describe('Height above the ground that the band is meant to reach, m.'),
  widths: z
    .union([z.literal('cheapest'), z.array(length(0.05, 6)).min(1).max(3)])
    .describe('Roll widths stacked for this band, m, from the ground up; or the cheapest set at the yard.'),
  bottom: length(0, 6)
    .nullable()
    .optional()
    .describe('Where it starts, m; left out or null, it laps the band below it, or stands on the ground.'),
});

const mass = { width: length(0.05, 1), height: length(0.05, 1) };
const lapUp = length(0, 0.5).describe('Up the wall, m.');
const stones = z
  .strictObject(mass)
  .optional()
  .describe('Stones or pavers laid on the apron along the fence, m.');
const flat = { mesh: id, width: length(0.1, 3), lapUp, stones };
const skirt = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({ kind: z.literal('apron'), ...flat }).describe('Flat on the ground, `width` out.'),
  z
    .strictObject({ kind: z.literal('house-apron'), ...flat })
    .describe('The same, carried round the house that the run is built on to.'),
  z.strictObject({ kind: z.literal('buried'), mesh: id, depth: length(0.1, 1.5), lapUp }),
  z
    .strictObject({
      kind: z.literal('toe'),
      mesh: id,
      depth: length(0.1, 1.5),
      out: length(0.05, 1.5),
      lapUp,
    })
    .describe('Down to `depth`, then `out` away from the run.'),
  z
    .strictObject({ kind: z.literal('folded'), mesh: id, up: length(0.1, 1.5), out: length(0.1, 1.5) })
    .describe('One strip, part of it up the wall and the rest flat outside.'),
  z.strictObject({ kind: z.literal('stone'), ...mass }).describe('A border of stones or pavers at the foot.'),
  z
    .strictObject({ kind: z.literal('concrete'), width: length(0.05, 1), depth: length(0.05, 1.5) })
    .describe('A strip of concrete in the ground under the fence.'),
]);

const role = <T extends z.ZodType>(value: T) =>
  z.strictObject({ corner: value, end: value, wall: value, gate: value, line: value });

const chosen = {
  posts: role(id),
  setting: role(z.enum(['tamped', 'concrete'])),
  spacing: length(0.3, 6).describe('Largest distance between two posts, m.'),
  bands: z.array(band).min(1).max(12),
  hanging: z.enum(['continuous', 'side-by-side']),
  skirt,
};
const slope = z.strictObject({
  hang: z
    .enum(['by-mesh', 'follow', 'step'])
    .describe(
      'Whether mesh follows the ground or steps down it bay by bay; by-mesh goes by the grade its kind takes.',
    ),
  foot: z
    .enum(['mesh', 'gap'])
    .describe(
      'At the low post of a stepped bay: mesh down to the ground, or a gap that is closed otherwise.',
    ),
});
const load = z.enum(['fence', 'cover', 'roof']).describe('What the posts carry besides the walls.');
const bays = z
  .enum(['equal', 'module'])
  .describe('Equal bays in each clear stretch, or full bays of the spacing (a panel) with the rest last.');
const shallower = z
  .strictObject({
    corner: length(0, 1),
    end: length(0, 1),
    wall: length(0, 1),
    gate: length(0, 1),
    line: length(0, 1),
  })
  .partial()
  .describe('By role, how much less deep posts are set than the rule says, m.');
const board = id.nullable();
const boards = z
  .strictObject({ ground: board, top: board })
  .describe('A board or rail along the foot and the top of the wall, one piece a bay; null for none.');
const overhang = length(0, 1).describe('Mesh folded outward at the top of the wall, m; 0 for none.');
const choices = z.strictObject({
  ...chosen,
  boards: boards.default({ ground: null, top: null }),
  overhang: overhang.default(0),
  slope: slope.default({ hang: 'by-mesh', foot: 'mesh' }),
  load: load.default('fence'),
  bays: bays.default('equal'),
  shallower: shallower.default({}),
});
/** Choices made again for an enclosure or a side: only what differs, nothing filled in. */
const someChoices = z.strictObject({ ...chosen, boards, overhang, slope, load, bays, shallower }).partial();

const ownMesh = z.strictObject({
  id,
  type: z.enum([
    'fine-welded',
    'welded',
    'hexagonal',
    'chain-link',
    'woven',
    'stock-panel',
    'close-panel',
    'cover-net',
    'plastic',
  ]),
  opening: z.strictObject({ up: length(0.001, 0.5), along: length(0.001, 0.5) }),
  wire: length(0.0001, 0.02),
  widths: z.array(length(0.05, 6)).min(1).max(12),
  lengths: z.array(length(0.5, 500)).min(1).max(12),
});

const price = z.int().min(0).max(1_000_000_000).describe('Integer minor units.');
const offer = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('roll'),
    product: id,
    width: length(0.05, 6),
    length: length(0.5, 500),
    price,
  }),
  z.strictObject({ kind: z.literal('post'), product: id, length: length(0.3, 12), price }),
  z.strictObject({ kind: z.literal('kit'), product: id, width: length(0.15, 5), price }),
  z.strictObject({ kind: z.literal('timber'), product: id, length: length(0.3, 12), price }),
  z.strictObject({
    kind: z.literal('pack'),
    product: z.enum(PACK_IDS),
    count: z.int().min(1).max(100000),
    price,
  }),
]);

const buying = z.strictObject({
  edition: z.string().max(20).describe('The catalogue edition whose products and prices this plan uses.'),
  pricesAsOf: z.iso.date(),
  yards: z.array(id).min(1).max(1),
  ownProducts: z.array(ownMesh).max(200),
  ownPrices: z.array(z.strictObject({ yard: id, offer })).max(1000),
});

const assumptions = z.strictObject(
  Object.fromEntries(
    Object.keys(ASSUMPTIONS).map((key) => [key, z.number().min(0).max(100).optional()]),
  ) as Record<AssumptionId, z.ZodOptional<z.ZodNumber>>,
);

const shape = z.strictObject({
  format: z.literal('aviarum-plan'),
  formatVersion: z.literal(1),
  id,
  name,
  units: z.enum(['metric', 'imperial']),
  currency: z.string().regex(/^[A-Z]{3}$/, 'must be three capital letters, XXX for none'),
  place: z
    .strictObject({
      name: text,
      latitude: z.number().min(-90).max(90),
      longitude: z.number().min(-180).max(180).default(0),
    })
    .describe('Where the origin of the sheet lies, degrees, WGS 84.'),
  flock: z.array(flock).max(40),
  space: z.enum(SPACE_SCHOOLS),
  threats: z.partialRecord(z.enum(THREAT_IDS), z.enum(PRESENCES)),
  ground: z.strictObject({
    soil: z.enum(['sand', 'loam', 'clay', 'stony']),
    frost: length(0, 3).default(0.45).describe('Depth to which the ground freezes, m.'),
    north: z
      .number()
      .min(-Math.PI)
      .max(Math.PI)
      .default(0)
      .describe('Turn of true north from the y axis, clockwise, radians.'),
    buildings: z.array(building).max(50),
    trees: z.array(tree).max(200),
    services: z.array(service).max(50),
    boundaries: z.array(boundary).max(50).default([]),
    spotHeights: z.array(spotHeight).max(500).default([]),
    tape: tape
      .default({ marks: [], stakes: [], between: [] })
      .describe('Tape readings as they were taken, m.'),
  }),
  corners: z.array(corner).max(400),
  sides: z.array(side).max(600),
  openings: z.array(opening).max(100),
  enclosures: z.array(enclosure).max(50),
  choices: z.strictObject({
    plan: choices,
    enclosure: z.record(id, someChoices),
    side: z.record(id, someChoices),
  }),
  postPins: z.array(pin).max(1000),
  buying,
  assumptions,
  crew: z.enum(['alone', 'two']).default('alone').describe('Who builds: one person, or two.'),
  stakedOut: z
    .array(z.string().max(120))
    .max(2000)
    .default([])
    .describe('Paths of stakes, posts and checks that were ticked off in the yard.'),
  settled: z.partialRecord(z.enum(STAGE_IDS), z.literal(true)),
});

/** The plan document: one schema, used at every border and nowhere else. Lengths m, money minor units. */
export const planSchema = shape.superRefine(checkReferences);

export type Plan = z.infer<typeof shape>;
export type Flock = z.infer<typeof flock>;
export type Side = z.infer<typeof side>;
export type Corner = z.infer<typeof corner>;
export type Opening = z.infer<typeof opening>;
export type Gate = z.infer<typeof gate>;
export type PopDoor = z.infer<typeof popDoor>;
export type Hatch = z.infer<typeof hatch>;
export type Enclosure = z.infer<typeof enclosure>;
export type Building = z.infer<typeof building>;
export type Tree = z.infer<typeof tree>;
export type Service = z.infer<typeof service>;
export type Boundary = z.infer<typeof boundary>;
export type SpotHeight = z.infer<typeof spotHeight>;
export type Tape = z.infer<typeof tape>;
export type TapeMark = z.infer<typeof tapeMark>;
export type TapeStake = z.infer<typeof tapeStake>;
export type Place = Plan['place'];
export type PostPin = z.infer<typeof pin>;
export type Band = z.infer<typeof band>;
export type Skirt = z.infer<typeof skirt>;
export type Choices = z.infer<typeof choices>;
export type Buying = z.infer<typeof buying>;
export type OwnMesh = z.infer<typeof ownMesh>;
export type OwnOffer = z.infer<typeof offer>;
export type Ground = Plan['ground'];
export type Point = z.infer<typeof point>;
export type PostRole = keyof Choices['posts'];
export const ownMeshSchema = ownMesh;
export const ownOfferSchema = offer;
/** The bare shape, from which the JSON Schema of plan files is made. */
export const planShape = shape;
