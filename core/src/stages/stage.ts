import type { AnyStep } from '../engine/step';

/**
 * A stage of the work as it is reckoned. What it is besides stands in its folder, each facet in a file that a table of its own joins, so that a page
 * loads only what it shows: `choice` in the plan's schema, `facts`, `verbs`, `words`, `terms`, `changes`, `advice`, `told`, `draw`, `questions`.
 */
export interface Stage {
  /** What is worked out of it: what it asks for, what is found about it, its hours and figures. */
  readonly steps: readonly AnyStep[];
  /** Its parts as they are drawn, one over the other. */
  readonly parts: readonly AnyStep[];
}
