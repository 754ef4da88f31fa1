import * as plan from '../plan/words';
import * as birds from './birds/changes';
import * as threats from './threats/changes';
import * as ground from './ground/changes';
import * as outline from './outline/changes';
import * as posts from './posts/changes';
import * as walls from './walls/changes';
import * as skirt from './skirt/changes';
import * as ways from './ways/changes';
import * as docket from './docket/changes';

/** What each change does, of the document and of the stages. */
export const CHANGES = {
  ...plan.CHANGES,
  ...birds.CHANGES,
  ...threats.CHANGES,
  ...ground.CHANGES,
  ...outline.CHANGES,
  ...posts.CHANGES,
  ...walls.CHANGES,
  ...skirt.CHANGES,
  ...ways.CHANGES,
  ...docket.CHANGES,
} as const;
