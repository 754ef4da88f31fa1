import { fileURLToPath } from 'node:url';
import { type Plugin, runnerImport } from 'vite';
import type * as bounds from '../../core/src/plan/bounds';

const BOUNDS = fileURLToPath(new URL('../../core/src/plan/bounds.ts', import.meta.url));

/** The page asks what a field may be and has no schemas: their bounds are read out of them when it is built. */
export const knownBounds = (): Plugin => ({
  name: 'known-bounds',
  apply: 'build',
  async load(id) {
    if (id !== BOUNDS) return null;
    const { module } = await runnerImport<typeof bounds>(BOUNDS);
    return `
      const EVERY = ${JSON.stringify(module.everyBound())};
      export function boundsAt(path) {
        const found = EVERY[path];
        if (!found) throw new RangeError(path + ' has no bounds');
        return { least: found[0], most: found[1] };
      }`;
  },
});
