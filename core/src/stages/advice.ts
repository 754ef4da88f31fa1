import type { Cautions } from '../plan/cautions';
import type { StageId } from './facts';
import * as birds from './birds/advice';
import * as threats from './threats/advice';
import * as ground from './ground/advice';
import * as outline from './outline/advice';
import * as posts from './posts/advice';
import * as walls from './walls/advice';
import * as skirt from './skirt/advice';
import * as ways from './ways/advice';
import * as docket from './docket/advice';

/** What can hurt or is asked by law, where it applies. */
export const CAUTIONS = {
  birds: birds.cautions,
  threats: threats.cautions,
  ground: ground.cautions,
  outline: outline.cautions,
  posts: posts.cautions,
  walls: walls.cautions,
  skirt: skirt.cautions,
  ways: ways.cautions,
  docket: docket.cautions,
} as const satisfies Readonly<Record<StageId, Cautions>>;

/** Where keepers disagree. */
export const SCHOOLS = { ...posts.SCHOOLS, ...walls.SCHOOLS, ...skirt.SCHOOLS, ...ways.SCHOOLS } as const;
