import { nameSchema, ownMeshSchema, ownedPieceSchema } from '@aviarum/core';
import type { Plan, Problem } from '@aviarum/core';
import { z } from 'zod';
import { checkPrices, priceSchema, yardListSchema } from '../routes/prices';
import { LIMITS } from '../store/limits';
import { none, planAt, right } from './checks';
import type { Thing } from './lines';

/** A holding as earlier versions wrote it: one JSON document, without bin, revisions and readings. */
const wholeSchema = z.strictObject({
  format: z.literal('aviarum-holding'),
  formatVersion: z.literal(1, 'is from a newer Aviarum; open it there'),
  name: nameSchema,
  plans: z.array(z.unknown()).max(LIMITS.plans),
  shed: z.array(ownedPieceSchema).max(LIMITS.pieces),
  products: z.array(ownMeshSchema).max(LIMITS.products),
  prices: z.array(priceSchema).max(LIMITS.prices),
  yardLists: z.array(yardListSchema).max(LIMITS.yardLists).default([]),
});

/** Whether a document that fills the first line is a whole holding of its own. */
export const isWhole = (document: unknown): boolean =>
  typeof document !== 'object' || document === null || Array.isArray(document) || 'plans' in document;

function twice(things: readonly { readonly id: string }[], at: string): Problem[] {
  const seen = new Set<string>();
  return things.flatMap(({ id }, i) => {
    const before = seen.has(id);
    seen.add(id);
    return before
      ? [{ code: 'twice', pointer: `${at}/${i}/id`, message: `the id “${id}” is used twice` }]
      : [];
  });
}

/** @throws BorderError 422 naming each field */
export function thingsOfWhole(document: unknown): readonly Thing[] {
  const file = right(wholeSchema, document, '');
  const plans = file.plans.map((plan, i): Plan => planAt(plan, `/plans/${i}`));
  const { shed, products, prices } = file;
  const ids = [
    twice(plans, '/plans'),
    twice(shed, '/shed'),
    twice(products, '/products'),
    twice(prices, '/prices'),
  ];
  none([...ids.flat(), ...checkPrices(prices, products, '/prices')], '');
  return [
    { kind: 'holding', name: file.name },
    ...plans.map((plan): Thing => ({
      kind: 'plan',
      id: plan.id,
      name: plan.name,
      document: JSON.stringify(plan),
      saveNumber: 1,
      createdAt: null,
      savedAt: null,
      deletedAt: null,
      card: null,
    })),
    ...shed.map((piece): Thing => ({ kind: 'piece', piece })),
    ...products.map((product): Thing => ({ kind: 'product', product })),
    ...prices.map((price): Thing => ({ kind: 'price', price })),
    ...file.yardLists.map((yardList): Thing => ({ kind: 'yardList', yardList })),
  ];
}
