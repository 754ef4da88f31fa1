/* Cutting of generated pools: how many are proved best, how far off the rest, how long it takes, and what it saves against two ways of cutting by hand. Prints one JSON object. */
import loadHighs from 'highs';
import { cutRuns } from '../core/src/cutting/cut';
import { highsSolver } from '../core/src/cutting/highs';
import { canImprove, improve } from '../core/src/cutting/improve';
import { randomPool, seeded } from '../core/src/testing/pools';
import { alongTheFence, longestFirst } from './handMethods';

const POOLS = 500;
const SEED = Number(process.env.SEED ?? 20261125);
process.stderr.write(`cutting: ${POOLS} pools from seed ${SEED}\n`);

const next = seeded(SEED);
const pools = Array.from({ length: POOLS }, () => randomPool(next, { mostBays: 40, mostRuns: 6 }));
for (const pool of pools.slice(0, 60)) cutRuns(pool);

const shortest = (pool: (typeof pools)[number]) => Math.min(...pool.units.map((u) => u.cost ?? Infinity));
const times: number[] = [];
const solver = highsSolver(await loadHighs());
let [fast, improved, worstFast, worst, slowestImproving] = [0, 0, 0, 0, 0];
let [paid, along, longest] = [0, 0, 0];
let [byHand, counted] = [0, 0];
for (const pool of pools) {
  const began = performance.now();
  const plan = cutRuns(pool);
  times.push(performance.now() - began);
  if (!canImprove(plan)) fast += 1;
  worstFast = Math.max(worstFast, (plan.cost - plan.bound) / shortest(pool));
  const again = performance.now();
  const better = await improve(pool, plan, { solver });
  if (canImprove(plan)) slowestImproving = Math.max(slowestImproving, performance.now() - again);
  if (!canImprove(better)) improved += 1;
  worst = Math.max(worst, (better.cost - better.bound) / shortest(pool));
  const [a, l] = [alongTheFence(pool), longestFirst(pool)];
  if (!Number.isFinite(a) || !Number.isFinite(l)) continue;
  counted += 1;
  paid += better.cost;
  along += a;
  longest += l;
  if (Math.min(a, l) <= better.cost + 1e-6) byHand += 1;
}
times.sort((a, b) => a - b);
const share = (n: number) => Math.round((n / POOLS) * 1000) / 10;
const saved = (hand: number) => Math.round((1 - paid / hand) * 1000) / 10;
process.stdout.write(
  JSON.stringify({
    'cutting: pools': POOLS,
    'cutting: seed': SEED,
    'cutting: proved best by the fast method, %': share(fast),
    'cutting: proved best after improving, %': share(improved),
    'cutting: worst gap of the fast method, shortest rolls': Math.round(worstFast * 1000) / 1000,
    'cutting: worst gap after improving, shortest rolls': Math.round(worst * 1000) / 1000,
    'cutting: median ms': times[Math.floor(POOLS / 2)],
    'cutting: slowest ms': times[POOLS - 1],
    'cutting: slowest improving ms': slowestImproving,
    'cutting: pools compared with cutting by hand': counted,
    'cutting: money saved against unrolling along the fence, %': saved(along),
    'cutting: money saved against longest piece first, %': saved(longest),
    'cutting: pools that a hand method cuts as cheaply, %': Math.round((byHand / counted) * 1000) / 10,
  }),
);
