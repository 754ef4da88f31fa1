import type { Task } from '../cutting/cutting';

/**
 * The true lowest price of a pool by trying every way to joint and every way to share pieces among rolls. Written apart from the cutting,
 * for small pools: no stock, no small pieces, no slopes, joints at posts only.
 */
export function lowestPrice({ units, owned, runs, lap }: Task): number {
  const jointings = runs.map(({ joints, length, startAllowance, endAllowance }) => {
    const posts = joints === 'anywhere' ? [] : joints;
    return Array.from({ length: 2 ** posts.length }, (_, mask) => {
      const stops = [0, ...posts.filter((_p, i) => mask & (1 << i)), length];
      return stops.slice(1).map((to, i) => {
        const from = stops[i] ?? 0;
        return to - from + (i === 0 ? startAllowance : lap) + (to === length ? endAllowance : 0);
      });
    });
  });
  const priceOf = (used: number) =>
    units.reduce((best, u) => (u.size >= used - 1e-9 ? Math.min(best, u.cost ?? Infinity) : best), Infinity);
  let best = Infinity;
  const share = (pieces: readonly number[], i: number, have: number[], bought: number[]) => {
    const so = bought.reduce((total, used) => total + priceOf(used), 0);
    if (so >= best) return;
    const piece = pieces[i];
    if (piece === undefined) {
      best = so;
      return;
    }
    const put = (list: number[], at: number, by: number) => list.map((x, j) => (j === at ? x + by : x));
    have.forEach((free, at) => {
      if (free >= piece - 1e-9) share(pieces, i + 1, put(have, at, -piece), bought);
    });
    bought.forEach((_, at) => share(pieces, i + 1, have, put(bought, at, piece)));
    share(pieces, i + 1, have, [...bought, piece]);
  };
  const choose = (run: number, pieces: readonly number[]) => {
    const ways = jointings[run];
    if (!ways) {
      share(
        [...pieces].sort((a, b) => b - a),
        0,
        owned.map((o) => o.size),
        [],
      );
      return;
    }
    for (const way of ways) choose(run + 1, [...pieces, ...way]);
  };
  choose(0, []);
  return best;
}
