import type { Reckoning } from '../reckoning';

export const RECKONING_VERSION = 1;

/** A reckoning as the command line prints it: documented in docs/plan-format.md. */
export function reckoningFile({ enclosures, figures, findings, cutting, docket }: Reckoning) {
  return {
    format: 'aviarum-reckoning',
    version: RECKONING_VERSION,
    enclosures,
    figures,
    findings,
    cutting,
    docket,
  };
}
