import { type AnyStep, adds, step } from '../engine/step';
import * as K from '../keys';
import { postPart } from '../parts';
import { postFigures } from './figures';
import { lengthFindings } from './lengths';
import { placeFindings } from './places';
import { setOut } from './setOut';
import { spacingFindings } from './spacing';
import { postStage } from './stage';

/** Posts: set out on the level, then as high and as deep as the walls ask. */
export const POST_STEPS: readonly AnyStep[] = [
  step(K.SETTING, { sides: K.SIDES, pins: K.PINS, walks: K.WALKS, spacings: K.SPACINGS }, setOut),
  step(
    K.POSTS,
    {
      choices: K.POST_CHOICE,
      enclosures: K.ENCLOSURES,
      frost: K.FROST,
      goods: K.GOODS,
      setting: K.SETTING,
      tops: K.TOPS,
      lies: K.LIES,
      assumed: K.ASSUMED,
    },
    postStage,
  ),
  adds(
    K.FOUND,
    {
      lines: K.LINES,
      spacings: K.SPACINGS,
      bands: K.BANDS,
      goods: K.GOODS,
      choices: K.POST_CHOICE,
      enclosures: K.ENCLOSURES,
    },
    ({ lines, spacings, ...by }) => spacingFindings(lines, spacings, by),
  ),
  adds(
    K.FOUND,
    { services: K.SERVICES, trees: K.TREES, setting: K.SETTING, posts: K.POSTS },
    ({ setting, posts, ...ground }) => placeFindings(ground, setting, posts.posts),
  ),
  adds(K.FOUND, { soil: K.SOIL, goods: K.GOODS, posts: K.POSTS }, ({ soil, goods, posts }) =>
    lengthFindings(soil, goods, posts.posts),
  ),
  adds(K.FENCE_FIGURES, { posts: K.POSTS }, ({ posts }) => [postFigures(posts)]),
];

/** Posts as they stand: drawn above everything else. */
export const POST_PARTS: readonly AnyStep[] = [
  adds(K.PARTS, { posts: K.POSTS }, ({ posts }) => posts.posts.map(postPart)),
];
