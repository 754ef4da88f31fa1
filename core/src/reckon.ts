import { type Catalogue, editionOf } from './catalogue';
import { type Engine, type Read, makeEngine } from './engine/engine';
import { give } from './engine/step';
import { tableOf } from './engine/table';
import { FENCE_STEPS } from './fence';
import * as K from './keys';
import { type Memo, newMemo } from './cutting/memo';
import { NO_PROOFS, type ProofBook } from './buying/proofBook';
import type { Plan } from './plan/schema';
import type { Reckoning } from './reckoning';
import { TOLD_STEPS } from './told';

/** Checked once: a circle, a missing maker or a second one is told when the program starts. */
export const TABLE = tableOf(
  [...FENCE_STEPS, ...TOLD_STEPS],
  [K.PLAN, K.CATALOGUE, K.MEMO, K.PROOFS, K.BUYING_AT],
);

/** Runs the steps for plans that follow each other. */
export interface Reckoner {
  read(plan: Plan, more?: ReckonMore): Read;
  /** Reads this one's memory and keeps its own: for previews. */
  fork(): Reckoner;
}

export interface ReckonMore {
  /** The edition that the plan names, by default. */
  readonly catalogue?: Catalogue;
  /** What looking further found before; nothing, by default. */
  readonly proofs?: ProofBook;
}

function readerOf(engine: Engine, memo: Memo): Reckoner {
  return {
    read: (plan, { catalogue = editionOf(plan), proofs = NO_PROOFS } = {}) =>
      engine.run([
        give(K.PLAN, plan),
        give(K.CATALOGUE, catalogue),
        give(K.MEMO, memo),
        give(K.PROOFS, proofs),
      ]),
    fork: () => readerOf(engine.fork(), memo),
  };
}

/** @param memo  what was cut before, by its content: shared by whoever reckons */
export const reckonerOf = (memo: Memo = newMemo()): Reckoner => readerOf(makeEngine(TABLE), memo);

/** Everything that is told of a plan. */
export function told(read: Read): Reckoning {
  const limits = read(K.LIMITS);
  return {
    stages: read(K.STAGES),
    enclosures: read(K.RUNS),
    figures: read(K.TOTALS),
    workings: read(K.WORKINGS),
    parts: read(K.PARTS),
    findings: read(K.FINDINGS),
    entries: read(K.ENTRIES),
    strength: read(K.STRENGTH),
    cutting: read(K.CUTTING).pools,
    docket: read(K.DOCKET),
    stacks: read(K.STACKS),
    proof: read(K.PRICE_PROOF),
    largestOpening: limits.largestOpening,
    tightestBird: limits.bird?.kind ?? null,
  };
}

/**
 * A reckoner that keeps what did not change between two plans: for an editor or a worker.
 *
 * @returns a pure function of plan and catalogue; the memory only saves work
 */
export function makeReckoner(): (plan: Plan, more?: ReckonMore) => Reckoning {
  const reckoner = reckonerOf();
  return (plan, more) => told(reckoner.read(plan, more));
}

/**
 * The one door: everything that follows from a plan.
 *
 * Never throws on a plan that the schema has let through; what cannot be built comes back as findings.
 *
 * @param plan  a valid plan
 */
export function reckon(plan: Plan, more?: ReckonMore): Reckoning {
  return makeReckoner()(plan, more);
}
