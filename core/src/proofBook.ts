import type { CutPlan } from './cutting/cut';
import { taskKey } from './cutting/known';
import type { Task } from './cutting/prepare';
import { type CutProof, proofFrom } from './cutting/proofs';
import type { Plan } from './plan/schema';

/** Raised when pools are cut or proved in another way: what was found before is then looked for again. */
export const PROOF_METHOD = 1;

/** What looking further found, by the content that it was found for. Whoever reckons holds it, passes it on and may keep it. */
export interface ProofBook {
  readonly method: number;
  /** By the text of a task. */
  readonly cuts: Readonly<Record<string, CutProof>>;
  /** By all of a plan that a price may follow from: what every other choice of roll widths costs at least, minor units. */
  readonly widths: Readonly<Record<string, number>>;
}

export const NO_PROOFS: ProofBook = { method: PROOF_METHOD, cuts: {}, widths: {} };

/** Entries kept of each kind: the newest. */
const MOST = 40;

/** The newest last; what was there under the same key is gone. */
function withNewest<T>(
  entries: Readonly<Record<string, T>>,
  key: string,
  entry: T,
): Readonly<Record<string, T>> {
  const others = Object.entries(entries).filter(([k]) => k !== key);
  return Object.fromEntries([...others.slice(1 - MOST), [key, entry]]);
}

/** @param plan  whose runs are those of the task, or copies of them in the same order */
export function withCut(book: ProofBook, task: Task, plan: CutPlan): ProofBook {
  return { ...book, cuts: withNewest(book.cuts, taskKey(task), proofFrom(task, plan)) };
}

/** Everything of a plan that a price may follow from. */
const pricedKey = ({ name: _, settled: _settled, stakedOut: _staked, ...priced }: Plan): string =>
  JSON.stringify(priced);

/** @param others  what every choice of roll widths but the plan's costs at least, minor units */
export function withWidths(book: ProofBook, plan: Plan, others: number): ProofBook {
  return { ...book, widths: withNewest(book.widths, pricedKey(plan), others) };
}

/** What every other choice of roll widths costs at least in this plan; null where nobody looked. */
export const otherWidths = ({ widths }: ProofBook, plan: Plan): number | null =>
  Object.keys(widths).length === 0 ? null : (widths[pricedKey(plan)] ?? null);

/** What both hold; where both hold something of one thing, the newer. */
export const joinProofs = (older: ProofBook, newer: ProofBook): ProofBook =>
  Object.entries(newer.widths).reduce(
    (book, [key, others]) => ({ ...book, widths: withNewest(book.widths, key, others) }),
    Object.entries(newer.cuts).reduce(
      (book, [key, proof]) => ({ ...book, cuts: withNewest(book.cuts, key, proof) }),
      older,
    ),
  );
