import * as z from 'zod/mini';
import * as birds from '../stages/birds/choice';
import { threats } from '../stages/threats/choice';
import { ASSUMPTIONS, type AssumptionId } from './assumptions';
import { checkReferences } from './references';
import { STAGE_IDS } from './stages';
import type { point } from './schema/common';
import { day, id, text, name, length, coordinate, meaning } from './schema/common';
import type { tapeMark, tapeStake } from './schema/ground';
import { building, tree, service, boundary, spotHeight, tape } from './schema/ground';
import type { gate, popDoor, hatch } from './schema/openings';
import { pin, opening } from './schema/openings';
import type { band } from './schema/choices';
import type { Skirt as AnySkirt } from '../stages/skirt/kinds';
import { choices, someChoices } from './schema/choices';
import { ownMesh, offer, buying, extraPiece, ownedPiece } from './schema/buying';

const corner = z.strictObject({ id, x: coordinate, y: coordinate });
const sideEnds = { id, from: id, to: id };
const side = z.discriminatedUnion('kind', [
  z.strictObject({ ...sideEnds, kind: z.literal('fence') }),
  z
    .strictObject({ ...sideEnds, kind: z.literal('wall') })
    .apply(meaning('An existing wall that needs no fence.')),
  z.strictObject({ ...sideEnds, kind: z.literal('open') }),
  z.strictObject({ ...sideEnds, kind: z.literal('building'), building: id }),
]);

const enclosure = z.strictObject({
  id,
  name,
  ring: z.array(z.strictObject({ side: id, forward: z.boolean() })).check(z.minLength(3), z.maxLength(400)),
});

const assumptions = z.strictObject(
  Object.fromEntries(
    Object.keys(ASSUMPTIONS).map((key) => [key, z.optional(z.number().check(z.minimum(0), z.maximum(100)))]),
  ) as Record<AssumptionId, z.ZodMiniOptional<z.ZodMiniNumber>>,
);

const shape = z.strictObject({
  format: z.literal('aviarum-plan'),
  formatVersion: z.literal(1),
  id,
  name,
  units: z.enum(['metric', 'imperial']),
  currency: z.string().check(z.regex(/^[A-Z]{3}$/, 'must be three capital letters, XXX for none')),
  place: z
    .strictObject({
      name: text,
      latitude: z.number().check(z.minimum(-90), z.maximum(90)),
      longitude: z._default(z.number().check(z.minimum(-180), z.maximum(180)), 0),
    })
    .apply(meaning('Where the origin of the sheet lies, degrees, WGS 84.')),
  flock: birds.flocks,
  space: birds.space,
  threats,
  ground: z.strictObject({
    soil: z.enum(['sand', 'loam', 'clay', 'stony']),
    frost: z._default(length(0, 3), 0.45).apply(meaning('Depth to which the ground freezes, m.')),
    north: z
      ._default(z.number().check(z.minimum(-Math.PI), z.maximum(Math.PI)), 0)
      .apply(meaning('Turn of true north from the y axis, clockwise, radians.')),
    buildings: z.array(building).check(z.maxLength(50)),
    trees: z.array(tree).check(z.maxLength(200)),
    services: z.array(service).check(z.maxLength(50)),
    boundaries: z._default(z.array(boundary).check(z.maxLength(50)), []),
    spotHeights: z._default(z.array(spotHeight).check(z.maxLength(500)), []),
    tape: z
      ._default(tape, { marks: [], stakes: [], between: [] })
      .apply(meaning('Tape readings as they were taken, m.')),
  }),
  corners: z.array(corner).check(z.maxLength(400)),
  sides: z.array(side).check(z.maxLength(600)),
  openings: z.array(opening).check(z.maxLength(400)),
  enclosures: z.array(enclosure).check(z.maxLength(50)),
  choices: z.strictObject({
    plan: choices,
    enclosure: z.record(id, someChoices),
    side: z.record(id, someChoices),
  }),
  postPins: z.array(pin).check(z.maxLength(1000)),
  buying,
  owned: z
    ._default(z.array(ownedPiece).check(z.maxLength(200)), [])
    .apply(meaning('What is there already and may be used here.')),
  extras: z
    ._default(z.array(extraPiece).check(z.maxLength(50)), [])
    .apply(meaning('Pieces of mesh wanted beside the fence.')),
  assumptions,
  crew: z._default(z.enum(['alone', 'two']), 'alone').apply(meaning('Who builds: one person, or two.')),
  stakedOut: z
    ._default(z.array(text).check(z.maxLength(2000)), [])
    .apply(meaning('Paths of stakes, posts and checks that were ticked off in the yard.')),
  settled: z.partialRecord(z.enum(STAGE_IDS), z.literal(true)),
});

/** The plan document: one schema, used at every border and nowhere else. Lengths m, money minor units. */
export const planSchema = shape.check(z.superRefine(checkReferences));

export type Plan = z.infer<typeof shape>;
export type Flock = z.infer<typeof birds.flock>;
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
export type Skirt = AnySkirt;
export type Choices = z.infer<typeof choices>;
export type Buying = z.infer<typeof buying>;
export type OwnMesh = z.infer<typeof ownMesh>;
export type OwnOffer = z.infer<typeof offer>;
export type OwnPrice = Buying['ownPrices'][number];
export type OwnedPiece = z.infer<typeof ownedPiece>;
export type ExtraPiece = z.infer<typeof extraPiece>;
export type Ground = Plan['ground'];
export type Point = z.infer<typeof point>;
export type PostRole = keyof Choices['posts'];
export const idSchema = id;
export const nameSchema = name;
export const dateSchema = day;
export const ownMeshSchema = ownMesh;
export const ownOfferSchema = offer;
export const ownedPieceSchema = ownedPiece;
/** The bare shape, from which the JSON Schema of plan files is made. */
export const planShape = shape;
