import type { Plan } from './schema';

/** What can hurt or is asked by law where a stage is worked on (rules: Cautions); false where it does not apply. */
export type Cautions = (
  plan: Pick<Plan, 'choices' | 'openings' | 'covers' | 'arches' | 'nets' | 'hotWires' | 'power' | 'ground'>,
) => readonly (string | false)[];
