import { type Catalogue, editionOf } from './catalogue';
import { type Engine, type Read, makeEngine } from './engine/engine';
import { type Given, give } from './engine/step';
import { tableOf } from './engine/table';
import { FENCE_STEPS } from './fence';
import * as K from './keys';
import { type Memo, newMemo } from './cutting/memo';
import { NO_PROOFS, type ProofBook } from './proofBook';
import type { Buying, Plan } from './plan/schema';
import type { Reckoning } from './reckoning';
import { TOLD_STEPS } from './told';
import { AS_CUT, type ChooseStacks } from './walls/chooseStacks';

/** Checked once: a circle, a missing maker or a second one is told when the program starts. */
export const TABLE = tableOf(
  [...FENCE_STEPS, ...TOLD_STEPS],
  [K.PLAN, K.CATALOGUE, K.WIDTHS, K.MEMO, K.PROOFS],
);

/** Buying at one yard, at the other, or at both. */
function waysToBuy(buying: Buying): readonly Buying[] {
  const pinned = Object.values(buying.from);
  const alone = buying.yards.length > 1 ? buying.yards.filter((yard) => pinned.every((p) => p === yard)) : [];
  return [...alone.map((yard) => ({ ...buying, yards: [yard] })), buying];
}

/** What can be built as meant, then what has a price, then what is cheap. */
function better(best: Read, other: Read): Read {
  const [a, b] = [best(K.UNFIT), other(K.UNFIT)];
  if (a !== b) return b < a ? other : best;
  const [c, d] = [best(K.DOCKET), other(K.DOCKET)];
  if (c.complete !== d.complete) return c.complete ? best : other;
  return d.total < c.total ? other : best;
}

/** Runs the steps for plans that follow each other. */
export interface Reckoner {
  /** Of two yards, everything from the one, the other, or each line where it is cheapest: whichever costs least with its deliveries. */
  read(plan: Plan, more?: ReckonMore): Read;
  /** Reads this one's memory and keeps its own: for previews. */
  fork(): Reckoner;
}

export interface ReckonMore {
  /** The edition that the plan names, by default. */
  readonly catalogue?: Catalogue;
  /** Takes widths of rolls as they are given; the cheapest as cut, by default. */
  readonly choose?: ChooseStacks;
  /** What looking further found before; nothing, by default. */
  readonly proofs?: ProofBook;
}

function readerOf(engine: Engine, memo: Memo): Reckoner {
  /** Of each way to buy but the plan's own, by its yards. */
  const beside = new Map<string, Engine>();
  const at = (buying: Buying, own: boolean): Engine => {
    if (own) return engine;
    const name = buying.yards.join(' ');
    const known = beside.get(name) ?? engine.fork();
    beside.set(name, known);
    return known;
  };
  return {
    read(plan, { catalogue = editionOf(plan), choose, proofs = NO_PROOFS } = {}) {
      const given: Given = [
        give(K.PLAN, plan),
        give(K.CATALOGUE, catalogue),
        give(K.MEMO, memo),
        give(K.PROOFS, proofs),
        give(K.WIDTHS, choose ? { choose, asCut: false } : AS_CUT),
      ];
      const reads = waysToBuy(plan.buying).map((buying) => {
        const own = buying === plan.buying;
        return at(buying, own).run(own ? given : [...given, give(K.BUYING, buying)]);
      });
      return reads.reduce(better);
    },
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
    cutting: read(K.CUTTING).pools,
    docket: read(K.DOCKET),
    stacks: read(K.STACKS),
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
