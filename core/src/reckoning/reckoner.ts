import { type Catalogue, editionOf } from '../catalogue';
import { type Engine, type Read, makeEngine } from '../engine/engine';
import { give } from '../engine/step';
import * as K from '../keys';
import { type Memo, newMemo } from '../cutting/memo';
import { NO_PROOFS, type ProofBook } from '../buying/proofBook';
import type { Plan } from '../plan/schema';
import type { Reckoning } from './index';
import type { Tables } from './tables';

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
  /** What the live line read last, kV; null where nobody read it, by default. */
  readonly reading?: number | null;
}

function readerOf(engine: Engine, tables: Tables, memo: Memo): Reckoner {
  return {
    read: (plan, { catalogue = editionOf(plan), proofs = NO_PROOFS, reading = null } = {}) =>
      engine.run(tables(plan), [
        give(K.PLAN, plan),
        give(K.CATALOGUE, catalogue),
        give(K.MEMO, memo),
        give(K.PROOFS, proofs),
        give(K.READING, reading),
      ]),
    fork: () => readerOf(engine.fork(), tables, memo),
  };
}

/** @param memo  what was cut before, by its content: shared by whoever reckons */
export const reckonerWith = (tables: Tables, memo: Memo = newMemo()): Reckoner =>
  readerOf(makeEngine(), tables, memo);

/** Everything that is told of a plan. */
export function reckoningFrom(read: Read): Reckoning {
  const limits = read(K.LIMITS);
  return {
    stages: read(K.STAGES),
    enclosures: read(K.RUNS),
    figures: read(K.TOTALS),
    workings: read(K.WORKINGS),
    parts: read(K.PARTS),
    findings: read(K.FINDINGS),
    entries: read(K.ENTRIES),
    verdicts: read(K.VERDICTS),
    worst: read(K.WORST),
    night: read(K.NIGHT),
    strength: read(K.STRENGTH),
    cutting: read(K.CUTTING).pools,
    docket: read(K.DOCKET),
    stacks: read(K.STACKS),
    proof: read(K.PRICE_PROOF),
    largestOpening: limits.largestOpening,
    tightestBird: limits.bird?.kind ?? null,
  };
}
