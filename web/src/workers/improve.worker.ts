import '../noEval';
import { type Further, type Plan, type Progress, type ProofBook, lookFurther } from '@aviarum/core';
import { highsSolver } from '@aviarum/core/solver';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

const solver = loadHighs({ locateFile: () => wasmUrl }).then(highsSolver);

/** So long is searched before what was sent meanwhile is read, ms. */
const HEARD_EVERY = 30;

let heard = 0;
async function pause(): Promise<void> {
  if (performance.now() - heard < HEARD_EVERY) return;
  await new Promise((resolve) => setTimeout(resolve, 0));
  heard = performance.now();
}

const stop = new AbortController();

const api = {
  /** Looks further into everything that a plan buys; what was found by then when it is stopped. */
  async lookFurther(
    plan: Plan,
    effort: number,
    onProgress: (progress: Progress) => void,
    proofs: ProofBook,
  ): Promise<Further> {
    return lookFurther(
      plan,
      { solver: await solver, effort, onProgress, pause, signal: stop.signal },
      proofs,
    );
  },
  stop(): void {
    stop.abort();
  },
};
export type ImproveApi = typeof api;
expose(api);
