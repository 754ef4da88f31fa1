import * as z from 'zod/mini';
import type * as birds from '../stages/birds/plan/choice';
import { PLAN_VERSION } from './versions';
import { ASSUMPTIONS, LEAST, type AssumptionId } from './assumptions';
import { STAGE_IDS } from '../stages/facts';
import type { point } from '../schema/common';
import { currency, day, id, text, name, meaning } from '../schema/common';
import { LENGTHS, textOf } from '../schema/text';
import type * as ground from '../stages/ground/plan/choice';
import type * as outline from '../stages/outline/plan/choice';
import type { pin } from '../stages/posts/plan/choice';
import type { band } from '../stages/walls/plan/choice';
import { PLAN, type building, choices, someChoices } from '../stages/choices';
import { ownMesh, offer, ownedPiece } from '../catalogue/own';

const assumptions = z.strictObject(
  Object.fromEntries(
    Object.keys(ASSUMPTIONS).map((key) => [
      key,
      z.optional(z.number().check(z.minimum(LEAST[key as AssumptionId] ?? 0), z.maximum(100))),
    ]),
  ) as Record<AssumptionId, z.ZodMiniOptional<z.ZodMiniNumber>>,
);

/** The bare shape of the plan document, from which the JSON Schema of plan files is made. Lengths m, money minor units. */
export const planShape = z.strictObject({
  format: z.literal('aviarum-plan'),
  formatVersion: z.literal(PLAN_VERSION),
  id,
  name,
  units: z.enum(['metric', 'imperial']),
  currency,
  note: z._default(textOf(LENGTHS.note), '').apply(meaning('What the keeper wrote about it.')),
  place: z
    .strictObject({
      name: text,
      latitude: z.number().check(z.minimum(-90), z.maximum(90)),
      longitude: z._default(z.number().check(z.minimum(-180), z.maximum(180)), 0),
    })
    .apply(meaning('Where the origin of the sheet lies, degrees, WGS 84.')),
  ...PLAN,
  choices: z.strictObject({
    plan: choices,
    enclosure: z.record(id, someChoices),
    side: z.record(id, someChoices),
  }),
  assumptions,
  crew: z._default(z.enum(['alone', 'two']), 'alone').apply(meaning('Who builds: one person, or two.')),
  stakedOut: z
    ._default(z.array(text).check(z.maxLength(2000)), [])
    .apply(meaning('Paths of stakes, posts and checks that were ticked off in the yard.')),
  bought: z
    ._default(z.array(textOf(LENGTHS.ticked)).check(z.maxLength(2000)), [])
    .apply(meaning('Lines of the docket that were ticked off at a yard, each with the yard.')),
  settled: z.partialRecord(z.enum(STAGE_IDS), z.literal(true)),
});

export type Plan = z.infer<typeof planShape>;
export type Flock = z.infer<typeof birds.flock>;
export type Side = z.infer<typeof outline.side>;
export type Corner = z.infer<typeof outline.corner>;
export type { Opening } from '../stages/ways/plan/kinds';
export type Enclosure = z.infer<typeof outline.enclosure>;
export type Building = z.infer<typeof building>;
export type Tree = z.infer<typeof ground.tree>;
export type Service = z.infer<typeof ground.service>;
export type Boundary = z.infer<typeof ground.boundary>;
export type Obstacle = z.infer<typeof ground.obstacle>;
export type SpotHeight = z.infer<typeof ground.spotHeight>;
export type Tape = z.infer<typeof ground.tape>;
export type TapeMark = z.infer<typeof ground.tapeMark>;
export type TapeStake = z.infer<typeof ground.tapeStake>;
export type Place = Plan['place'];
export type PostPin = z.infer<typeof pin>;
export type Band = z.infer<typeof band>;
export type Choices = z.infer<typeof choices>;
export type Ground = Plan['ground'];
export type Point = z.infer<typeof point>;
export type PostRole = keyof Choices['posts'];
export type { Buying, ExtraPiece, OwnMesh, OwnOffer, OwnPrice, OwnedPiece } from '../catalogue/own';
export const idSchema = id;
export const nameSchema = name;
export const dateSchema = day;
export const currencySchema = currency;
export const ownMeshSchema = ownMesh;
export const ownOfferSchema = offer;
export const ownedPieceSchema = ownedPiece;
