import '../noEval';
import { type Further, type Plan, type Progress, type ProofBook, lookFurther } from '@aviarum/core';
import { highsSolver } from '@aviarum/core/solver';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

const solver = loadHighs({ locateFile: () => wasmUrl }).then(highsSolver);

const api = {
  /** Looks further into everything that a plan buys. */
  async lookFurther(
    plan: Plan,
    effort: number,
    onProgress: (progress: Progress) => void,
    proofs: ProofBook,
  ): Promise<Further> {
    return lookFurther(plan, { solver: await solver, effort, onProgress }, proofs);
  },
};
export type ImproveApi = typeof api;
expose(api);
