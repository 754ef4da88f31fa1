import type { Finding } from '../findings/types';
import type { Ring, RingSide } from '../ground/survey';
import { groundProblems } from './ground/problems';
import { outlineProblems } from './outline/problems';
import { postProblems } from './posts/problems';
import type { Problems, ProblemsBy } from './problems';
import { openingProblems } from './ways/problems';

/** What blocks, by stage, in the order in which it is told. */
const PROBLEMS: readonly Problems[] = [outlineProblems, openingProblems, postProblems, groundProblems];

export interface WhatBlocksBy extends Omit<ProblemsBy, 'sides'> {
  readonly rings: readonly Ring[];
}

/** What makes the plan impossible to set out; an empty list where it can be. */
export function whatBlocks({ rings, ...by }: WhatBlocksBy): readonly Finding[] {
  const sides = new Map<string, RingSide>();
  for (const ring of rings) for (const s of ring.sides) if (!sides.has(s.side.id)) sides.set(s.side.id, s);
  return PROBLEMS.flatMap((problems) => problems({ ...by, sides }));
}
