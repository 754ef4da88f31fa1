import {
  ANSWERS,
  METER_ANSWERS,
  type Plan,
  type ProofBook,
  type ReadPlan,
  completePlan,
  readPlanBytes,
  readProofs,
} from '@aviarum/core';

const KNOWN = { ...ANSWERS, ...METER_ANSWERS } as const;
type Known = typeof KNOWN;

/** What the server answers, by name. */
export type AnswerName = keyof Known;
export type AnswerOf<K extends AnswerName> = Extract<
  ReturnType<Known[K]['safeParse']>,
  { readonly success: true }
>['data'];
export type Checked<T> = { readonly right: true; readonly answer: T } | { readonly right: false };

/** What comes from outside, checked and completed as the schemas say. */
export const CHECKS = {
  answer<K extends AnswerName>(name: K, answer: unknown): Checked<AnswerOf<K>> {
    const read = KNOWN[name].safeParse(answer);
    return read.success ? { right: true, answer: read.data as AnswerOf<K> } : { right: false };
  },
  /** A plan that this device kept; null where it is damaged. */
  plan(kept: unknown): Plan | null {
    try {
      return completePlan(kept);
    } catch {
      return null;
    }
  },
  file: (bytes: Uint8Array): ReadPlan => readPlanBytes(bytes),
  proofs: (kept: unknown): ProofBook => readProofs(kept),
};
type Checks = typeof CHECKS;

/** The same asked of a worker. */
export interface AskChecks {
  readonly answer: <K extends AnswerName>(name: K, answer: unknown) => Promise<Checked<AnswerOf<K>>>;
  readonly plan: (...given: Parameters<Checks['plan']>) => Promise<Plan | null>;
  readonly file: (...given: Parameters<Checks['file']>) => Promise<ReadPlan>;
  readonly proofs: (...given: Parameters<Checks['proofs']>) => Promise<ProofBook>;
}
