import { ASSUMPTIONS, type Assumptions } from './assumptions';
import type { Scope } from './changes/types';
import type { Choices, Plan } from './schema';

/** What is chosen for posts alone: neither where they stand nor what hangs on them follows from it. */
export type PostChoices = Pick<Choices, 'posts' | 'setting' | 'load' | 'shallower'>;
/** Everything else of the fence. */
export type FenceChoices = Omit<Choices, keyof PostChoices>;

const POSTS_ALONE: ReadonlySet<string> = new Set(['posts', 'setting', 'load', 'shallower']);

/** A text that changes whenever something changes that fence lines are laid out by. */
export function fenceChoicesKey({ choices }: Pick<Plan, 'choices'>): string {
  const fence = Object.fromEntries(Object.entries(choices.plan).filter(([name]) => !POSTS_ALONE.has(name)));
  // Sides chosen apart part the lines, whatever it is that they choose.
  return JSON.stringify([fence, choices.enclosure, choices.side]);
}

/** Runs on both sides of it: a digger meets the outer fences first. */
export const isBetween = ({ enclosures }: Pick<Plan, 'enclosures'>, side: string): boolean =>
  enclosures.length > 1 && enclosures.filter((e) => e.ring.some((step) => step.side === side)).length > 1;

/** A fence between two runs takes no skirt unless it was asked for there (domain.md 7). */
const BETWEEN_RUNS: Pick<Choices, 'skirt'> = { skirt: { kind: 'none' } };

/** The choices that hold on one side: the side's own before its first enclosure's before the plan's. */
export function choicesFor(plan: Pick<Plan, 'choices' | 'enclosures'>, side: string): Choices {
  const { choices } = plan;
  const between = isBetween(plan, side);
  if (!between && Object.keys(choices.side).length === 0 && Object.keys(choices.enclosure).length === 0)
    return choices.plan;
  const enclosure = plan.enclosures.find((e) => e.ring.some((step) => step.side === side));
  const byEnclosure = enclosure ? choices.enclosure[enclosure.id] : undefined;
  const bySide = choices.side[side];
  if (!byEnclosure && !bySide && !between) return choices.plan;
  return { ...choices.plan, ...byEnclosure, ...(between ? BETWEEN_RUNS : {}), ...bySide } as Choices;
}

/** Where one choice that holds on a side is made: on the side, on its first enclosure, or for the whole plan. */
export function scopeOf(
  plan: Pick<Plan, 'choices' | 'enclosures'>,
  side: string,
  choice: keyof Choices,
): Scope {
  const { choices } = plan;
  if (choices.side[side]?.[choice] !== undefined) return { scope: 'side', of: side };
  if (choice in BETWEEN_RUNS && isBetween(plan, side)) return { scope: 'side', of: side };
  if (Object.keys(choices.enclosure).length === 0) return { scope: 'plan' };
  const enclosure = plan.enclosures.find((e) => e.ring.some((step) => step.side === side));
  return enclosure && choices.enclosure[enclosure.id]?.[choice] !== undefined
    ? { scope: 'enclosure', of: enclosure.id }
    : { scope: 'plan' };
}

/** The rough figures in force: the keeper's where set, ours otherwise. */
export function assumptionsOf(plan: Pick<Plan, 'assumptions'>): Assumptions {
  const own = Object.entries(plan.assumptions).filter((entry) => entry[1] !== undefined);
  return { ...ASSUMPTIONS, ...Object.fromEntries(own) };
}
