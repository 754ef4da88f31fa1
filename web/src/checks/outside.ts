import { type Remote, wrap } from 'comlink';
import type { AskChecks } from './checks';
import type { ChecksApi } from './checks.worker';
import { startChecks } from './start';
import { NoConnection } from '../api/wait';

/** The worker died, or could not be fetched. */
export class NotChecked extends NoConnection {}

interface Checker {
  readonly api: Remote<ChecksApi>;
  /** Rejects when the worker dies. */
  readonly died: Promise<never>;
}

let checker: Checker | undefined;

function start(): Checker {
  const worker = startChecks();
  const died = new Promise<never>((_, reject) => {
    worker.onerror = (event) => {
      event.preventDefault();
      worker.terminate();
      // The next that is asked begins another.
      checker = undefined;
      reject(new NotChecked(event.message || 'what checks answers could not be loaded'));
    };
  });
  died.catch(() => undefined);
  return { api: wrap<ChecksApi>(worker), died };
}

async function asked<T>(what: (api: Remote<ChecksApi>) => Promise<unknown>): Promise<T> {
  checker ??= start();
  return (await Promise.race([what(checker.api), checker.died])) as T;
}

/** Checks in a worker what comes from outside. @throws NotChecked where it dies */
export const outside: AskChecks = {
  answer: (name, answer) => asked((api) => api.answer(name, answer)),
  plan: (kept) => asked((api) => api.plan(kept)),
  file: (bytes) => asked((api) => api.file(bytes)),
  proofs: (kept) => asked((api) => api.proofs(kept)),
};
