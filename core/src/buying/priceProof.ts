import type { WorkedPool } from '../cutting/types';
import type { PriceProof } from './proof';
import type { Quote } from './quote';

const gapOf = ({ cost, bound }: WorkedPool): number => Math.max(0, (cost ?? 0) - (bound ?? 0));

/** Small pieces were put into the width where they cost least one after the other: that no other way is cheaper, nobody looked. */
const placedFreely = ({ pools }: Quote['cutting']): readonly WorkedPool[] =>
  pools.filter((p) => p.kind === 'mesh' && p.task.runs.some((run) => run.use === 'extra'));

/** By how much one way to buy could be cheaper at most, minor units. */
export function gapOfQuote({ settling, cutting, gap, stacks }: Quote): number {
  const { meshes } = settling.opened;
  const free = new Set(placedFreely(cutting));
  const chosen = (p: WorkedPool) => p.kind === 'mesh' && meshes.has(p.product);
  const others = cutting.pools.filter((p) => !free.has(p) && !chosen(p));
  const placed = [...free].reduce((total, p) => total + (p.cost ?? 0), 0);
  // The chosen widths cut better, or others.
  return (
    placed +
    others.reduce((total, p) => total + gapOf(p), 0) +
    Math.max(gap, stacks ? stacks.cost - stacks.bound : 0)
  );
}

/**
 * Proves the price of all that is bought, as it is paid: no other rolls, widths and yards cost less.
 *
 * @param quotes every way to buy
 * @param bought the one that is taken
 * @returns minor units; null where something has no price
 */
export function priceProof(quotes: readonly Quote[], bought: Quote): PriceProof | null {
  if (!bought.docket.complete) return null;
  const { total } = bought.docket;
  const least = quotes
    .filter((q) => q.docket.complete && q.unfit <= bought.unfit)
    .map((q) => q.docket.total - gapOfQuote(q));
  const bound = Math.min(total, ...least);
  // Tax is rounded once on all of it.
  const proved = total - bound < 0.5;
  return { cost: total, bound: proved ? total : bound, proved };
}
