/**
 * How far looking further may still go, for all of a plan together. Counted, never timed, so that the answer is the same on every machine; a
 * step is about what one piece laid into one of a few rolls takes.
 */
export interface Steps {
  left: number;
}

const STEPS = 600_000;

/** @param effort  1 to begin with; “keep looking” asks again with more */
export const stepsFor = (effort = 1): Steps => ({ left: STEPS * effort });

export const spend = (steps: Steps, taken: number): void => {
  steps.left -= taken;
};

/** How far a search may go before it gives up: counted, so that it ends alike on every machine. */
export interface Budget {
  nodes: number;
}
