import type { Task } from '../../cutting/cutting';
import { assignedTo } from '../cheapest';
import { type OtherWay, visitCheaper } from '../otherWays';
import { gapOfQuote } from '../priceProof';
import type { PriceProof } from '../proof';
import type { Quote } from '../quote';
import { type WeighedWay, choosing, isBetter, leastOf, weighedBy, weighing } from '../settle';
import type { Cutter } from '../../cutting/wanted';
import { type Improving, canImprove, improve } from '../../cutting/improve';
import { cutRunsOnce } from '../../cutting/known';
import { type Memo, newMemo } from '../../cutting/memo';
import { type Steps, spend, stepsFor } from '../../cutting/stepsLeft';
import type { WorkedPool } from '../../cutting/types';
import * as K from '../../keys';
import type { Plan } from '../../plan/schema';
import { NO_PROOFS, type ProofBook, withCut, withWay } from '../proofBook';
import { reckonerOf } from '../../reckon';
import { type Reckoner, reckoningFrom } from '../../reckoning/reckoner';
import type { Reckoning } from '../../reckoning';
import { EPSILON } from '../../units/round';

/** A pool whose price may still be bettered or proved. */
export const mayImprove = (pool: Pick<WorkedPool, 'cutting' | 'cost'>): boolean =>
  pool.cost !== null && canImprove(pool.cutting);

/** Other choices cut up, for each effort: the steps end most searches before. */
const MOST_CUT = 400;

/** Partial choices are looked at so many times as far as at first. */
const FURTHER = 10;

/** Steps of cutting a pool anew, for each of its runs and rolls. */
const CUT_STEP = 10;

/** Everything that one search holds: how far it may go, and what it found by now. */
class Search {
  /** Of rolls decided and choices cut up. */
  private looked = 0;
  private readonly steps: Steps;
  private readonly reckoner: Reckoner;

  constructor(
    private readonly plan: Plan,
    private readonly how: Improving,
    private readonly memo: Memo,
    public proofs: ProofBook,
  ) {
    this.steps = how.steps ?? stepsFor(how.effort);
    this.reckoner = reckonerOf(memo);
  }

  read() {
    return this.reckoner.read(this.plan, { proofs: this.proofs });
  }

  get ended(): boolean {
    return this.steps.left <= 0 || this.how.signal?.aborted === true;
  }

  private tell(sets = 0): void {
    const { cost, bound } = this.read()(K.PRICE_PROOF) ?? { cost: 0, bound: 0 };
    this.how.onProgress?.({ cost, bound, sets: this.looked + sets });
  }

  /** Looks into pools that are not proved. */
  private async cut(tasks: readonly Task[], telling: boolean): Promise<void> {
    const { solver, effort = 1, signal, pause } = this.how;
    for (const task of tasks) {
      const plan = cutRunsOnce(task, this.memo, this.proofs.cuts);
      if (this.ended || !canImprove(plan)) continue;
      let decided = 0;
      const found = await improve(task, plan, {
        solver,
        effort,
        steps: this.steps,
        ...(signal ? { signal } : {}),
        ...(pause ? { pause } : {}),
        onProgress: ({ sets }) => {
          decided = sets;
          if (telling) this.tell(sets);
        },
      });
      this.looked += decided;
      this.proofs = withCut(this.proofs, task, found);
    }
  }

  /** Looks into the choices of one way to buy: those that might cost less by length, cheapest first, each as it would really be cut. */
  private async choose(quote: Quote): Promise<void> {
    const { settling, assigned, stacks } = quote;
    if (!stacks || stacks.proved) return;
    const { opened } = settling;
    const { from, by } = choosing(settling);
    const cut: Cutter = (task) => cutRunsOnce(task, this.memo, this.proofs.cuts);
    const weigh = weighing(settling, cut);
    const leastBeside = (way: WeighedWay) => leastOf(way, weighedBy(settling, cut), best.cost);
    let best = weigh(assigned);
    const { effort = 1 } = this.how;
    const others: OtherWay[] = [];
    const limit = best.cost;
    let least = visitCheaper(by('least'), from, { assigned, limit, effort: FURTHER * effort }, (other) => {
      others.push(other);
      return limit;
    });
    others.sort((a, b) => a.cost - b.cost);
    let cutUp = 0;
    for (const other of others) {
      if (other.cost >= best.cost - EPSILON) break;
      if (cutUp >= MOST_CUT * effort || this.ended) {
        least = Math.min(least, other.cost);
        continue;
      }
      cutUp += 1;
      this.looked += 1;
      spend(
        this.steps,
        quote.cutting.pools.reduce((n, p) => n + CUT_STEP * p.task.runs.length * p.rolls.length, 0),
      );
      this.tell();
      await this.how.pause?.();
      const assignedNow = assignedTo(opened.choices, other.takings);
      let weighedNow = weigh(assignedNow);
      if (weighedNow.cost >= best.cost - EPSILON && weighedNow.least < best.cost - EPSILON) {
        await this.cut(weighedNow.wanted, false);
        weighedNow = weigh(assignedNow);
      }
      if (isBetter(weighedNow, best)) {
        const before = best;
        best = weighedNow;
        least = Math.min(least, leastBeside(before));
      } else if (weighedNow.unfit <= best.unfit) least = Math.min(least, leastBeside(weighedNow));
    }
    this.proofs = withWay(this.proofs, this.plan, quote.buying.yards, {
      taken: Object.fromEntries([...best.assigned].map(([alike, { id }]) => [alike, id])),
      others: least,
    });
  }

  /** The best way to buy first, then every other that could still be cheaper. */
  async lookAtAll(): Promise<void> {
    const done = new Set<string>();
    for (;;) {
      const read = this.read();
      const best = read(K.BOUGHT);
      const worth = read(K.QUOTES)
        .filter((q) => q.unfit <= best.unfit && !done.has(q.buying.yards.join(' ')))
        .filter((q) => q === best || q.docket.total - gapOfQuote(q) < best.docket.total);
      const quote = worth.find((q) => q === best) ?? worth[0];
      if (!quote || this.ended) return;
      const yards = quote.buying.yards.join(' ');
      done.add(yards);
      await this.cut(
        quote.cutting.pools.filter(mayImprove).map((p) => p.task),
        true,
      );
      const again = this.read()(K.QUOTES).find((q) => q.buying.yards.join(' ') === yards);
      if (again) await this.choose(again);
    }
  }
}

/** What looking further came to. */
export interface Further {
  readonly proofs: ProofBook;
  /** By how much the price fell, minor units. */
  readonly gained: number;
  /** Of the price as it is now; null where something has no price. */
  readonly proof: PriceProof | null;
}

/**
 * Looks further into everything that is bought: how rolls and lengths are cut, which widths of roll, at which yards, within one number of steps.
 * Everything stops by counts, so the answer is the same on every machine.
 *
 * @param known  what was found before
 * @returns what was found; what was reached so far when it is stopped
 */
export async function lookFurther(
  plan: Plan,
  how: Improving,
  known: ProofBook = NO_PROOFS,
): Promise<Further> {
  const search = new Search(plan, how, newMemo(), known);
  const before = search.read()(K.DOCKET).total;
  await search.lookAtAll();
  const read = search.read();
  return { proofs: search.proofs, gained: before - read(K.DOCKET).total, proof: read(K.PRICE_PROOF) };
}

/** A reckoning with what was found out about it. */
export interface Improved {
  readonly reckoning: Reckoning;
  readonly proofs: ProofBook;
}

/** A reckoning that was looked into as far as the steps of one effort go: for the command line and what is printed. */
export async function reckonImproved(
  plan: Plan,
  how: Improving,
  known: ProofBook = NO_PROOFS,
): Promise<Improved> {
  const { proofs } = await lookFurther(plan, how, known);
  return { reckoning: reckoningFrom(reckonerOf().read(plan, { proofs })), proofs };
}
