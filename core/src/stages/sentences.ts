import * as build from '../build/words';
import * as cutting from '../cutting/words';
import * as fasteners from '../fasteners/words';
import * as plan from '../plan/words';
import * as strength from '../strength/words';
import * as arch from './arch/changes';
import * as birds from './birds/changes';
import * as threats from './threats/changes';
import * as ground from './ground/changes';
import * as outline from './outline/changes';
import * as posts from './posts/changes';
import * as walls from './walls/changes';
import * as skirt from './skirt/changes';
import * as ways from './ways/changes';
import * as cover from './cover/changes';
import * as live from './live/changes';
import * as docket from './docket/changes';
import * as archTerms from './arch/terms';
import * as birdsTerms from './birds/terms';
import * as outlineTerms from './outline/terms';
import * as postsTerms from './posts/terms';
import * as wallsTerms from './walls/terms';
import * as skirtTerms from './skirt/terms';
import * as waysTerms from './ways/terms';
import * as coverTerms from './cover/terms';
import * as liveTerms from './live/terms';
import * as docketTerms from './docket/terms';

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
