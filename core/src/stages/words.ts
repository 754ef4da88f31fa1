import type { Cautions } from '../plan/cautions';
import type { StageId } from './facts';
import * as arch from './arch/words';
import * as birds from './birds/words';
import * as threats from './threats/words';
import * as ground from './ground/words';
import * as outline from './outline/words';
import * as posts from './posts/words';
import * as walls from './walls/words';
import * as skirt from './skirt/words';
import * as ways from './ways/words';
import * as cover from './cover/words';
import * as live from './live/words';
import * as docket from './docket/words';

/** What is found, joined from the stages; a code is one only where it has a sentence. */
export const FINDINGS = {
  ...birds.FINDINGS,
  ...threats.FINDINGS,
  ...ground.FINDINGS,
  ...outline.FINDINGS,
  ...posts.FINDINGS,
  ...walls.FINDINGS,
  ...arch.FINDINGS,
  ...skirt.FINDINGS,
  ...ways.FINDINGS,
  ...cover.FINDINGS,
  ...live.FINDINGS,
  ...docket.FINDINGS,
} as const;

/** What can hurt or is asked by law, where it applies. */
export const CAUTIONS = {
  birds: birds.cautions,
  threats: threats.cautions,
  ground: ground.cautions,
  outline: outline.cautions,
  posts: posts.cautions,
  walls: walls.cautions,
  arch: arch.cautions,
  skirt: skirt.cautions,
  ways: ways.cautions,
  cover: cover.cautions,
  live: live.cautions,
  docket: docket.cautions,
} as const satisfies Readonly<Record<StageId, Cautions>>;

/** Where keepers disagree. */
export const SCHOOLS = {
  ...posts.SCHOOLS,
  ...walls.SCHOOLS,
  ...arch.SCHOOLS,
  ...skirt.SCHOOLS,
  ...ways.SCHOOLS,
  ...cover.SCHOOLS,
  ...live.SCHOOLS,
} as const;
