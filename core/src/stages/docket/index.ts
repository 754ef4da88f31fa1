import { docketFindings } from './findings';
import { rollFigures } from './figures';
import { type AnyStep, adds } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';

const steps: readonly AnyStep[] = [
  adds(K.FOUND, { cutting: K.CUTTING }, ({ cutting }) => cutting.findings),
  adds(K.FOUND, { docket: K.DOCKET }, ({ docket }) => docketFindings(docket)),
  adds(K.PLAN_FIGURES, { cutting: K.CUTTING }, ({ cutting }) => [rollFigures(cutting.pools)]),
];

/** What is bought: at which yards, of what stands in the shed, and what the yards do not hold. */
export const docket: Stage = { steps, parts: [] };
