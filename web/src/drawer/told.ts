import type { Problem } from '@aviarum/core';
import { ApiError } from '../api/client';
import { troubleOf } from '../pages/Trouble';

/** Something wrong with a file as a whole. */
export const problemSaying = (message: string): Problem => ({ code: 'failed', pointer: '', message });

/** What the server says is wrong, field by field where it does. */
export const problemsOf = (error: unknown): readonly Problem[] =>
  error instanceof ApiError && error.problems.length > 0 ? error.problems : [problemSaying(troubleOf(error))];
