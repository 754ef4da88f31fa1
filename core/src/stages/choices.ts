import { type ChoiceReferences } from '../plan/known';
import * as z from 'zod/mini';
import * as birds from './birds/choice';
import * as docket from './docket/choice';
import * as ground from './ground/choice';
import * as outline from './outline/choice';
import * as posts from './posts/choice';
import * as skirt from './skirt/choice';
import * as threats from './threats/choice';
import * as walls from './walls/choice';
import * as ways from './ways/choice';

const CHOICES = { birds, threats, ground, outline, posts, walls, skirt, ways, docket };
export type StageId = keyof typeof CHOICES;
/** The stages of the work that this version knows, in the order in which they are done. */
export const STAGE_IDS = Object.keys(CHOICES) as [StageId, ...StageId[]];
export const STAGE_NAMES = Object.fromEntries(
  Object.entries(CHOICES).map(([id, { NAME }]) => [id, NAME]),
) as Readonly<Record<StageId, string>>;

/** What the stages say in the plan document, once for the whole plan. */
export const PLAN = {
  ...birds.PLAN,
  ...threats.PLAN,
  ...ground.PLAN,
  ...outline.PLAN,
  ...posts.PLAN,
  ...ways.PLAN,
  ...docket.PLAN,
};

const always = { ...posts.CHOICES, ...walls.CHOICES, ...skirt.CHOICES };
const filled = { ...posts.FILLED, ...walls.FILLED };
const apart = { ...posts.APART, ...walls.APART };

/** What is chosen for the whole plan; what an older file does not say is filled in. */
export const choices = z.strictObject({ ...always, ...filled });
/** Choices made again for an enclosure or a side: only what differs, nothing filled in. */
export const someChoices = z.partial(z.strictObject({ ...always, ...apart }));

/** What is chosen together because the same work follows from it: a choice typed leaves what follows from the others alone. */
export const FACETS = { ...posts.FACETS, ...walls.FACETS, ...skirt.FACETS } as const;

/** What holds on a fence between two runs unless it was chosen for that side. */
export const BETWEEN_RUNS = { ...skirt.BETWEEN_RUNS };

/** What pieces are for. */
export const USES = { ...walls.USES, ...skirt.USES, ...ways.USES, ...docket.USES };
export type Use = keyof typeof USES;

/** How parts of the stages are written. */
export const PARTS = { ...skirt.PARTS } as const;

/** What is unrolled and lettered before what: all walls, then what closes their gates, and so on. */
export const LAYERS = [
  'wall',
  'gate',
  'patch',
  ...skirt.LAYERS,
  'ground-board',
  'top-board',
  'stick',
  'extra',
] as const;

/** What the stages' choices name must be there. */
export const choiceReferences: ChoiceReferences<z.infer<typeof choices>> = (...given) => {
  posts.references(...given);
  walls.references(...given);
  skirt.references(...given);
};
