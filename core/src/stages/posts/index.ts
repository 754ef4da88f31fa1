import { postHours } from './hours';
import { type Stage } from '../stage';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { postPart } from './part';
import { closer } from './shown/asks';
import { boughtPosts } from './bought';
import { postDemands } from './demands';
import { postFigures } from './figures';
import { lengthFindings } from './lengths';
import { placeFindings } from './places';
import { setOut } from './shown/setOut';
import { spacingFindings } from './spacing';
import { postStage } from './shown/stage';

const steps: readonly AnyStep[] = [
  step(K.SPACINGS, { chosen: K.SPACINGS_CHOSEN, asks: K.POST_ASKS }, ({ chosen, asks }) =>
    closer(chosen, asks),
  ),
  step(
    K.SET_OUT,
    { sides: K.SIDES, pins: K.PINS, walks: K.FENCED, spacings: K.SPACINGS, roofs: K.ROOFS },
    setOut,
  ),
  step(
    K.POSTS,
    {
      choices: K.POST_CHOICE,
      enclosures: K.ENCLOSURES,
      frost: K.FROST,
      products: K.PRODUCTS,
      setOut: K.SET_OUT,
      tops: K.TOPS,
      falls: K.FALLS,
      assumed: K.ASSUMED,
      asks: K.POST_ASKS,
      ground: K.GROUND_AT,
    },
    postStage,
  ),
  adds(
    K.FOUND,
    {
      lines: K.LINES,
      spacings: K.SPACINGS,
      bands: K.BANDS,
      products: K.PRODUCTS,
      choices: K.POST_CHOICE,
      enclosures: K.ENCLOSURES,
    },
    ({ lines, spacings, ...by }) => spacingFindings(lines, spacings, by),
  ),
  adds(
    K.FOUND,
    { services: K.SERVICES, trees: K.TREES, setOut: K.SET_OUT, posts: K.POSTS },
    ({ setOut, posts, ...ground }) => placeFindings(ground, setOut, posts.posts),
  ),
  adds(K.DEMANDS, { posts: K.POSTS }, ({ posts }) => postDemands(posts)),
  step(K.BOUGHT_POSTS, { posts: K.POSTS, lengths: K.POST_LENGTHS }, ({ posts, lengths }) =>
    boughtPosts(posts, lengths),
  ),
  adds(K.FOUND, { soil: K.SOIL, goods: K.GOODS, posts: K.BOUGHT_POSTS }, ({ soil, goods, posts }) =>
    lengthFindings(soil, goods, posts),
  ),
  adds(K.HEADLINES, { posts: K.POSTS }, ({ posts }) => [{ posts: posts.total }]),
  adds(K.STAGE_HOURS, { posts: K.POSTS, soil: K.SOIL, assumed: K.ASSUMED }, ({ posts, soil, assumed }) =>
    postHours(posts.posts, soil, assumed),
  ),
  adds(K.FENCE_FIGURES, { posts: K.POSTS, bought: K.BOUGHT_POSTS }, ({ posts, bought }) => [
    postFigures(posts, bought),
  ]),
];

const parts: readonly AnyStep[] = [
  adds(K.PARTS, { posts: K.BOUGHT_POSTS }, ({ posts }) => posts.map(postPart)),
];

/** Posts: set out on the level, then as high and as deep as the walls ask; drawn above everything else. */
export const posts: Stage = { steps, parts };
