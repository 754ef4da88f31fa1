import { assumptionsOf } from '../../../plan/effective';
import type { Plan } from '../../../plan/schema';
import { type Energy, energyOf } from './energy';

export type { Energy } from './energy';

/** What the fence of a plan takes, month by month. @param length  m of net and wire on it, as the figures say */
export const energyIn = (plan: Plan, length: number): Energy =>
  energyOf(plan.power, length, plan.place.latitude, assumptionsOf(plan));
