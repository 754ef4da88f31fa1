import * as z from 'zod/mini';
import { ownMesh, ownPrice, ownedPiece } from '../catalogue/own';
import { planShape } from '../plan/schema';
import { currency } from '../schema/common';
import { cardSchema } from './card';

/**
 * What the server answers, for whoever asks it and for the server itself. More about a plan or a holding may come from a newer one; a plan, a
 * piece or a product that says more than this version knows is not taken, since it would be sent back without it.
 */
const summary = z.object({
  id: z.string(),
  name: z.string(),
  /** Counts the saves of a plan, so that a save says what it was based on. */
  saveNumber: z.int(),
  /** ISO, to the millisecond. */
  savedAt: z.string(),
});
/** As a list has it: a card that an older version made, or none, is made anew when it is seen. */
const listed = z.object({ ...summary.shape, card: z._default(z.catch(z.nullable(cardSchema), null), null) });
const holding = z.object({ id: z.string(), name: z.string(), example: z.boolean() });
const yardList = z.object({ yard: z.string(), currency, saveNumber: z.int() });
const price = z.object({ ...ownPrice.shape, id: z.string() });

export const ANSWERS = {
  nothing: z.undefined(),
  holding,
  holdings: z.array(holding),
  summary,
  summaries: z.array(listed),
  plan: z.object({ ...summary.shape, plan: planShape }),
  saved: z.pick(summary, { saveNumber: true, savedAt: true }),
  /** Deleted plans, for as long as they can be brought back. */
  binned: z.array(z.object({ ...summary.shape, deletedAt: z.string() })),
  piece: ownedPiece,
  /** Each piece with the plans that count on it. */
  shed: z.array(
    z.object({ piece: ownedPiece, claims: z.array(z.object({ plan: z.string(), name: z.string() })) }),
  ),
  product: ownMesh,
  products: z.array(ownMesh),
  price,
  prices: z.array(price),
  /** The currency that the list of a yard is in, where the keeper ever said so, with a number that counts its changes. */
  yardLists: z.array(yardList),
  yardList,
  priceList: z.object({ rows: z.int(), taken: z.int() }),
  /** What is wrong, as problem+json. */
  problem: z.looseObject({
    title: z.optional(z.string()),
    problems: z.optional(z.array(z.object({ code: z.string(), pointer: z.string(), message: z.string() }))),
  }),
} as const;

type Answer<K extends keyof typeof ANSWERS> = z.infer<(typeof ANSWERS)[K]>;
export type Holding = Answer<'holding'>;
export type PlanSummary = Answer<'summary'>;
export type ListedPlan = Answer<'summaries'>[number];
export type KeptYardList = Answer<'yardLists'>[number];
export type YardList = Omit<KeptYardList, 'saveNumber'>;
export type StoredPlan = Answer<'plan'>;
export type SavedPlan = Answer<'saved'>;
export type BinnedPlan = Answer<'binned'>[number];
export type ShedPiece = Answer<'shed'>[number];
export type StoredPrice = Answer<'prices'>[number];
