import * as z from 'zod/mini';
import { currency, day } from '../schema/common';
import { LENGTHS, textOf } from '../schema/text';

/** Counts up whenever the same plan comes to other figures: cards of before are made anew when they are seen. */
export const SUMS = 2;

/** Runs and corners that a small drawing shows, and characters of what is worst: two hundred cards are a small list. */
export const MOST_RUNS = 8;
export const MOST_CORNERS = 24;
export const WORST = 48;
/** Corners lie on a grid of so many steps across the larger side of the plan. */
export const GRID = 100;

const figure = z.number().check(z.minimum(0), z.maximum(1e9));

/** What a list tells of a plan without opening it: small, and made where the plan was reckoned. */
export const cardSchema = z.object({
  /** Rings as x, y, x, y … on a grid of a hundred, y up. */
  runs: z
    .array(z.array(z.int().check(z.minimum(0), z.maximum(GRID))).check(z.maxLength(2 * MOST_CORNERS)))
    .check(z.maxLength(MOST_RUNS)),
  /** Left out for metres. */
  units: z.optional(z.enum(['metric', 'imperial'])),
  /** m². */
  area: figure,
  /** m. */
  fence: figure,
  /** Minor units; null where a line has no price. */
  price: z.nullable(z.int().check(z.minimum(0), z.maximum(1e12))),
  currency,
  asOf: day,
  /** What asks most for a mend, in a sentence that may be cut; left out where nothing does. */
  worst: z.optional(textOf(WORST)),
  /** What the keeper wrote about it; left out where that is nothing. */
  note: z.optional(textOf(LENGTHS.note)),
  sums: z.int().check(z.minimum(1), z.maximum(1e6)),
});
export type Card = z.infer<typeof cardSchema>;
