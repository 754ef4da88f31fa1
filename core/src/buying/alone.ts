import type { CutMarket } from '../catalogue/market';
import { isPriced } from '../cutting/cut';
import type { Cutter } from '../cutting/wanted';
import type { OwnedPiece } from '../plan/schema';
import { leastPrice } from '../cutting/covers';
import type { Memo } from '../cutting/memo';
import { EPSILON } from '../units/round';
import type { Ask } from './demand';
import { gatherMesh } from './gather';
import { ownedRolls } from './hand';
import type { Choice, Opened, Taking } from './opened';

/** What a choice is weighed by where it is weighed by itself. */
export interface AloneBy {
  readonly market: CutMarket;
  readonly owned: readonly OwnedPiece[];
  readonly cut: Cutter;
  readonly memo: Memo;
}

/** What one candidate costs as cut, and at least, minor units; and what of it no roll gives. */
interface Weight {
  readonly taking: Taking;
  readonly cost: number;
  readonly least: number;
  readonly unfit: number;
}

const meshesOf = ({ takings }: Choice): ReadonlySet<string> =>
  new Set(takings.flatMap((t) => t.rolls.map((r) => r.mesh)));

const asksOf = ({ each }: Taking): readonly Ask[] => each.flatMap((candidate) => candidate.asks());

/** Nothing but their own rolls follows from these asks: no packs at their joints. */
const rollsAlone = (asks: readonly Ask[]): boolean =>
  asks.every(
    (ask) =>
      ask.buy === 'mesh' && ask.runs.every(({ joints }) => joints !== 'anywhere' && joints.length === 0),
  );

/** By mesh, how many choices may be made of it; those that are asked for anyway as often as never alone. */
function askedFor({ items, choices }: Opened): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  const add = (mesh: string, by: number) => times.set(mesh, (times.get(mesh) ?? 0) + by);
  for (const choice of choices) for (const mesh of meshesOf(choice)) add(mesh, 1);
  for (const item of items) if (item.kind === 'ask' && 'mesh' in item.ask) add(item.ask.mesh, 2);
  return times;
}

/** What the rolls of a candidate cost at least, by their lengths alone, minor units: nothing is known where some are owned or unpriced. */
function leastOf({ rolls }: Taking, { market, owned, memo }: AloneBy): number {
  let least = 0;
  for (const { mesh, width, least: length } of rolls) {
    const units = market.rolls(mesh, width);
    if (units.some((u) => u.cost === null) || ownedRolls(mesh, owned).length > 0) return 0;
    least += leastPrice(units, length, memo);
  }
  return least;
}

function weighed(taking: Taking, asks: readonly Ask[], { cut, ...by }: AloneBy): Weight {
  const cuttings = gatherMesh(asks, { ...by, cut }).map((wanted) => cut(wanted));
  const sum = (of: (c: (typeof cuttings)[number]) => number) => cuttings.reduce((t, c) => t + of(c), 0);
  return {
    taking,
    cost: cuttings.every(isPriced) ? sum((c) => c.cost) : Infinity,
    least: sum((c) => c.bound),
    unfit: sum((c) => c.unplaced.length),
  };
}

/**
 * All candidates as they would be cut, but those that cost no less than one before them by their lengths alone.
 *
 * @returns null where more than its rolls follows from one of them
 */
function weighedAll(takings: readonly Taking[], by: AloneBy): readonly Weight[] | null {
  if (takings.some(({ packs }) => packs.length > 0)) return null;
  const weights: Weight[] = [];
  let cheapest = Infinity;
  for (const taking of takings) {
    if (leastOf(taking, by) >= cheapest - EPSILON) continue;
    const asks = asksOf(taking);
    if (!rollsAlone(asks)) return null;
    const weight = weighed(taking, asks, by);
    weights.push(weight);
    if (weight.unfit === 0) cheapest = Math.min(cheapest, weight.cost);
  }
  return weights;
}

/** The cheapest of all, where it is proved that none costs less; the first of those that cost the same. */
function bestOf(weights: readonly Weight[]): Taking | null {
  const fit = Math.min(...weights.map((w) => w.unfit));
  const fittest = weights.filter((w) => w.unfit === fit);
  const [first] = fittest;
  if (!first) return null;
  const best = fittest.reduce((a, b) => (b.cost < a.cost - EPSILON ? b : a), first);
  // Without a price the least of it is taken, which comes first.
  if (best.cost === Infinity) return first.taking;
  return fittest.every((w) => w === best || w.least >= best.cost - 1e-6) ? best.taking : null;
}

/**
 * Settles what has nothing to do with anything else that is bought, such as a cover of a mesh of its own: weighed by itself each of its candidates
 * is weighed once, and not beside every way to hang the walls.
 *
 * @returns the same with what is proved settled; the rest is left to be settled together
 */
export function settleAlone(opened: Opened, by: AloneBy): Opened {
  const fixed = new Map(opened.fixed);
  const asked = askedFor(opened);
  for (const choice of opened.choices) {
    if ([...meshesOf(choice)].some((mesh) => (asked.get(mesh) ?? 0) > 1)) continue;
    const weights = weighedAll(choice.takings, by);
    const best = weights && bestOf(weights);
    if (best) fixed.set(choice.alike, best);
  }
  if (fixed.size === opened.fixed.size) return opened;
  const choices = opened.choices.filter(({ alike }) => !fixed.has(alike));
  return { ...opened, choices, fixed, meshes: new Set(choices.flatMap((c) => [...meshesOf(c)])) };
}
