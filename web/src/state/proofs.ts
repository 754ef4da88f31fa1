import { NO_PROOFS, type ProofBook } from '@aviarum/core';
import { outside } from '../checks/ask';
import { device } from './device';

/** What looking further found about the plan in hand; kept on this device beside it, so that what was proved yesterday is proved after a reload. */
let inHand: { readonly key: string; readonly book: ProofBook } = { key: '', book: NO_PROOFS };

const keyOf = (holding: string, plan: string) => `proofs ${holding} ${plan}`;

export const proofsInHand = (): ProofBook => inHand.book;

/** Takes the plan in hand, of which nothing is known yet. @returns what this device kept of it, when it answers; null where another plan was taken meanwhile */
export async function openProofs(holding: string, plan: string): Promise<ProofBook | null> {
  const key = keyOf(holding, plan);
  if (inHand.key !== key) inHand = { key, book: NO_PROOFS };
  const kept = await device.read(key);
  // Most plans were never looked into.
  const book = kept === undefined ? NO_PROOFS : await outside.proofs(kept).catch(() => NO_PROOFS);
  if (inHand.key !== key) return null;
  inHand = { key, book };
  return book;
}

/** Keeps what was found, for the plan for which it was. */
export function keepProofs(holding: string, plan: string, book: ProofBook): void {
  const key = keyOf(holding, plan);
  if (inHand.key === key) inHand = { key, book };
  void device.write(key, book);
}
