import * as build from '../build/words';
import * as cutting from '../cutting/words';
import * as fasteners from '../fasteners/words';
import * as birds from './birds/terms';
import * as outline from './outline/terms';
import * as posts from './posts/terms';
import * as walls from './walls/terms';
import * as skirt from './skirt/terms';
import * as ways from './ways/terms';
import * as docket from './docket/terms';

/** What workings are made of, of the stages and of what several of them share; a code is one only where it has a sentence. */
export const TERMS = {
  ...fasteners.TERMS,
  ...cutting.TERMS,
  ...build.TERMS,
  ...birds.TERMS,
  ...outline.TERMS,
  ...posts.TERMS,
  ...walls.TERMS,
  ...skirt.TERMS,
  ...ways.TERMS,
  ...docket.TERMS,
} as const;
