import type { Plan } from '../../plan/schema';
import type { Stage } from '../stage';

/** An energiser or its rods may stand before there is anything to make live. */
export const usedBy = ({ nets, hotWires, power }: Plan): boolean =>
  nets.length > 0 || hotWires.length > 0 || power.at !== null || power.rods !== null;

export const unused: Stage = { steps: [], parts: [] };
