import * as build from '../build/words';
import * as cutting from '../cutting/words';
import * as fasteners from '../fasteners/words';
import * as plan from '../plan/words';
import * as strength from '../strength/words';
import * as arch from './arch/words/changes';
import * as birds from './birds/words/changes';
import * as threats from './threats/words/changes';
import * as ground from './ground/words/changes';
import * as outline from './outline/words/changes';
import * as posts from './posts/words/changes';
import * as walls from './walls/words/changes';
import * as skirt from './skirt/words/changes';
import * as ways from './ways/words/changes';
import * as cover from './cover/words/changes';
import * as live from './live/words/changes';
import * as docket from './docket/words/changes';
import * as archTerms from './arch/words/terms';
import * as birdsTerms from './birds/words/terms';
import * as outlineTerms from './outline/words/terms';
import * as postsTerms from './posts/words/terms';
import * as wallsTerms from './walls/words/terms';
import * as skirtTerms from './skirt/words/terms';
import * as waysTerms from './ways/words/terms';
import * as coverTerms from './cover/words/terms';
import * as liveTerms from './live/words/terms';
import * as docketTerms from './docket/words/terms';

/** What workings are made of, of the stages and of what several of them share; a code is one only where it has a sentence. */
export const TERMS = {
  ...fasteners.TERMS,
  ...cutting.TERMS,
  ...build.TERMS,
  ...strength.TERMS,
  ...birdsTerms.TERMS,
  ...outlineTerms.TERMS,
  ...postsTerms.TERMS,
  ...wallsTerms.TERMS,
  ...archTerms.TERMS,
  ...skirtTerms.TERMS,
  ...waysTerms.TERMS,
  ...coverTerms.TERMS,
  ...liveTerms.TERMS,
  ...docketTerms.TERMS,
} as const;

/** What each change does, of the document and of the stages. */
export const CHANGES = {
  ...plan.CHANGES,
  ...birds.CHANGES,
  ...threats.CHANGES,
  ...ground.CHANGES,
  ...outline.CHANGES,
  ...posts.CHANGES,
  ...walls.CHANGES,
  ...arch.CHANGES,
  ...skirt.CHANGES,
  ...ways.CHANGES,
  ...cover.CHANGES,
  ...live.CHANGES,
  ...docket.CHANGES,
} as const;
