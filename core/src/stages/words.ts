import * as build from '../build/words';
import * as cutting from '../cutting/words';
import * as fasteners from '../fasteners/words';
import * as plan from '../plan/words';
import type { ParamsBy } from '../saying/sentences';
import * as birds from './birds/words';
import * as ground from './ground/words';
import * as outline from './outline/words';
import * as skirt from './skirt/words';
import * as threats from './threats/words';

/** Sentences of the stages and of what several of them share, joined; a code is one only where it has a sentence. */
export const FINDINGS = {
  ...birds.FINDINGS,
  ...threats.FINDINGS,
  ...ground.FINDINGS,
  ...outline.FINDINGS,
  ...skirt.FINDINGS,
} as const;
export const TERMS = {
  ...fasteners.TERMS,
  ...cutting.TERMS,
  ...build.TERMS,
  ...birds.TERMS,
  ...outline.TERMS,
  ...skirt.TERMS,
} as const;
export const CHANGES = {
  ...plan.CHANGES,
  ...birds.CHANGES,
  ...threats.CHANGES,
  ...ground.CHANGES,
  ...outline.CHANGES,
  ...skirt.CHANGES,
} as const;

export type StageFindings = ParamsBy<typeof FINDINGS>;
export type StageTerms = ParamsBy<typeof TERMS>;

/** To which part of the figures the hours of a stage go, by the code of their term. */
export const HOURS_OF: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries({ skirt }).flatMap(([stage, { HOURS }]) => Object.keys(HOURS).map((code) => [code, stage])),
);
