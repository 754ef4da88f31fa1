/**
 * The median time of something done again and again, ms.
 *
 * @param ready  makes what is needed without being measured; what it returns is measured
 */
export function median(runs: number, ready: (i: number) => () => unknown): number {
  const times = Array.from({ length: runs }, (_, i) => {
    const run = ready(i);
    const began = performance.now();
    run();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? NaN;
}
