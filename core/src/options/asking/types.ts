import type { Change, Scope } from '../../plan/changes/types';
import type { Market } from '../../catalogue/market';
import type { Choices, Plan } from '../../plan/schema';
import type { Reader } from '../../saying/makeReader';

/** One way to decide a question of a stage, as a change that can be shown with its effect before it is made. */
export interface Option {
  readonly key: string;
  readonly title: string;
  readonly note: string;
  /** A mesh to be pictured. */
  readonly mesh?: string;
  readonly chosen: boolean;
  readonly change: Change;
}

/** A question of a stage with all its answers. */
export interface OptionGroup {
  readonly id: string;
  readonly name: string;
  readonly options: readonly Option[];
}

/** What options are made from: whose choices, at which yard, said to whom. */
export interface Asking {
  readonly plan: Plan;
  readonly market: Market;
  readonly reader: Reader;
  readonly scope: Scope;
  /** What holds in that scope now. */
  readonly choices: Choices;
}

/** A question with plain answers, of which one is chosen. */
export const questionOf = <K extends string>(
  {
    id,
    name,
    answers,
  }: {
    readonly id: string;
    readonly name: string;
    readonly answers: readonly (readonly [key: K, title: string, note: string])[];
  },
  now: K,
  change: (key: K) => Change,
): OptionGroup => ({
  id,
  name,
  options: answers.map(([key, title, note]) => ({
    key,
    title,
    note,
    chosen: key === now,
    change: change(key),
  })),
});
