/** Starts what checks and reads whatever comes from outside: the schemas are there, and not in the page. */
export const startChecks = (): Worker =>
  new Worker(new URL('./checks.worker.ts', import.meta.url), { type: 'module' });
