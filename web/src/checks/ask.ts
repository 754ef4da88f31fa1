import type { AskChecks } from './checks';

const there = async (): Promise<AskChecks> => (await import('./outside')).outside;

/** What comes from outside, checked; what does it is fetched when it is first asked. @throws NotChecked where it cannot be, or dies */
export const outside: AskChecks = {
  answer: async (...given) => (await there()).answer(...given),
  plan: async (kept) => (await there()).plan(kept),
  file: async (bytes) => (await there()).file(bytes),
  proofs: async (kept) => (await there()).proofs(kept),
};
