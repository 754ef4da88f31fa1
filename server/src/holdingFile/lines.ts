import {
  type OwnMesh,
  type OwnedPiece,
  type StandIn,
  type YardList,
  cardSchema,
  idSchema,
  keptReadingSchema,
  nameSchema,
  ownMeshSchema,
  ownedPieceSchema,
  standInSchema,
} from '@aviarum/core';
import { z } from 'zod';
import { priceSchema, yardListSchema } from '../routes/prices';
import type { OwnPrice } from '../store/stock';

/**
 * A holding as a file: JSON lines. The first says what it is, each after it is one thing, the last counts them, so that a file that was cut off is known
 * for one. Readings stand with their meter, as many in a line as a statement takes.
 */
export const FORMAT = 'aviarum-holding';
export const FORMAT_VERSION = 2;

export const headerSchema = z.strictObject({
  format: z.literal(FORMAT),
  formatVersion: z.literal(FORMAT_VERSION),
  name: nameSchema,
});

const instant = z.iso.datetime({ offset: true });
const saveNumber = z
  .int()
  .min(1)
  .max(2 ** 31 - 1);
export type Stretch = 'minute' | 'hour' | 'day';
export const STRETCHES = ['minute', 'hour', 'day'] as const;
export const READINGS_A_LINE = 500;

const reading = keptReadingSchema.shape;

/** Each line but the first and the last, told by its first field. */
export const LINES = {
  plan: z.strictObject({
    plan: z.unknown(),
    saveNumber,
    createdAt: instant,
    savedAt: instant,
    deletedAt: instant.nullable(),
    card: z.nullable(cardSchema).catch(null),
  }),
  revision: z.strictObject({ revision: z.unknown(), saveNumber, savedAt: instant }),
  piece: z.strictObject({ piece: ownedPieceSchema }),
  product: z.strictObject({ product: ownMeshSchema }),
  price: z.strictObject({ price: priceSchema }),
  yardList: z.strictObject({ yardList: yardListSchema }),
  readings: z.strictObject({
    readings: z
      .array(
        z.tuple([
          instant,
          reading.near,
          reading.far,
          reading.battery,
          reading.draw,
          z.enum(['device', 'hand', 'stand-in']),
        ]),
      )
      .max(READINGS_A_LINE),
    meter: idSchema,
    each: z.enum(STRETCHES),
  }),
  standIn: z.strictObject({
    standIn: standInSchema,
    meter: idSchema,
    state: z.strictObject({
      hour: z.int().min(0).max(1e9),
      charge: z.number().min(0).max(1),
      growth: z.number().min(0).max(1),
    }),
    lookedAt: instant,
  }),
} as const;
export type LineKind = keyof typeof LINES;
export const LINE_KINDS = Object.keys(LINES) as readonly LineKind[];

export const endSchema = z.strictObject({ end: z.partialRecord(z.enum(LINE_KINDS), z.int().min(0)) });

/** What was read and is right, as it goes into the database. Documents stay text: nobody but the database looks into them again. */
export type Thing =
  | { readonly kind: 'holding'; readonly name: string }
  | {
      readonly kind: 'plan';
      readonly id: string;
      readonly name: string;
      readonly document: string;
      readonly saveNumber: number;
      /** ISO; null where the file does not say. */
      readonly createdAt: string | null;
      readonly savedAt: string | null;
      readonly deletedAt: string | null;
      readonly card: string | null;
    }
  | {
      readonly kind: 'revision';
      readonly plan: string;
      readonly name: string;
      readonly document: string;
      readonly saveNumber: number;
      readonly savedAt: string;
    }
  | { readonly kind: 'piece'; readonly piece: OwnedPiece }
  | { readonly kind: 'product'; readonly product: OwnMesh }
  | { readonly kind: 'price'; readonly price: OwnPrice }
  | { readonly kind: 'yardList'; readonly yardList: YardList }
  | {
      readonly kind: 'readings';
      readonly meter: string;
      readonly each: Stretch;
      readonly readings: readonly (readonly (string | number | null)[])[];
    }
  | {
      readonly kind: 'standIn';
      readonly meter: string;
      readonly setting: StandIn;
      readonly state: { readonly hour: number; readonly charge: number; readonly growth: number };
      readonly lookedAt: string;
    };
