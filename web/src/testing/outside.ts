import { type AskChecks, CHECKS } from '../checks/checks';

/** Checks as the worker makes them, where there is none. */
export const outside: AskChecks = {
  answer: (...given) => Promise.resolve(CHECKS.answer(...given)),
  plan: (kept) => Promise.resolve(CHECKS.plan(kept)),
  file: (bytes) => Promise.resolve(CHECKS.file(bytes)),
  proofs: (kept) => Promise.resolve(CHECKS.proofs(kept)),
};
