import type { Cutting, Task } from '../cutting/cutting';
import { taskKey } from '../cutting/known';
import { type CutProof, proofFrom } from '../cutting/proofs';
import type { Plan } from '../plan/schema';

/** Raised when pools are cut or proved in another way: what was found before is then looked for again. */
export const PROOF_METHOD = 2;

/** What looking further found about one way to buy. */
export interface WayProof {
  /** The candidate that each open demand takes, by its name: the cheapest that was found. */
  readonly taken: Readonly<Record<string, string>>;
  /** What every other choice costs at least, minor units. */
  readonly others: number;
}

/** What looking further found, by the content that it was found for. Whoever reckons holds it, passes it on and may keep it. */
export interface ProofBook {
  readonly method: number;
  /** By the text of a task. */
  readonly cuts: Readonly<Record<string, CutProof>>;
  /** By all of a plan that a price may follow from, and the yards that are bought at. */
  readonly ways: Readonly<Record<string, WayProof>>;
}

export const NO_PROOFS: ProofBook = { method: PROOF_METHOD, cuts: {}, ways: {} };

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

/** @param cutting  whose runs are those of the task, or copies of them in the same order */
export function withCut(book: ProofBook, task: Task, cutting: Cutting): ProofBook {
  return { ...book, cuts: withNewest(book.cuts, taskKey(task), proofFrom(task, cutting)) };
}

/** Everything of a plan that a price may follow from. */
const pricedKey = ({ name: _, settled: _settled, stakedOut: _staked, ...priced }: Plan): string =>
  JSON.stringify(priced);

const wayKey = (plan: Plan, yards: readonly string[]): string => `${yards.join(' ')} ${pricedKey(plan)}`;

/** @param yards  bought at */
export function withWay(book: ProofBook, plan: Plan, yards: readonly string[], found: WayProof): ProofBook {
  return { ...book, ways: withNewest(book.ways, wayKey(plan, yards), found) };
}

/** What was found about buying at these yards in this plan; null where nobody looked. */
export const wayFound = ({ ways }: ProofBook, plan: Plan, yards: readonly string[]): WayProof | null =>
  Object.keys(ways).length === 0 ? null : (ways[wayKey(plan, yards)] ?? null);

/** What both hold; where both hold something of one thing, the newer. */
export const joinProofs = (older: ProofBook, newer: ProofBook): ProofBook =>
  Object.entries(newer.ways).reduce(
    (book, [key, found]) => ({ ...book, ways: withNewest(book.ways, key, found) }),
    Object.entries(newer.cuts).reduce(
      (book, [key, proof]) => ({ ...book, cuts: withNewest(book.cuts, key, proof) }),
      older,
    ),
  );
