import * as z from 'zod/mini';
import { checkReferences } from './references';
import { planShape } from './schema';

/** The plan document: one schema, used at every border and nowhere else. */
export const planSchema = planShape.check(z.superRefine(checkReferences));
