import * as build from '../build/words';
import * as cutting from '../cutting/words';
import * as fasteners from '../fasteners/words';
import * as plan from '../plan/words';
import * as strength from '../strength/words';
import type { Cautions } from '../plan/cautions';
import type { Market } from '../catalogue/market';
import type { ChangeOf } from '../plan/changes/types';
import type { Reader } from '../saying/reader';
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
import * as archChanges from './arch/words/changes';
import * as birdsChanges from './birds/words/changes';
import * as threatsChanges from './threats/words/changes';
import * as groundChanges from './ground/words/changes';
import * as outlineChanges from './outline/words/changes';
import * as postsChanges from './posts/words/changes';
import * as wallsChanges from './walls/words/changes';
import * as skirtChanges from './skirt/words/changes';
import * as waysChanges from './ways/words/changes';
import * as coverChanges from './cover/words/changes';
import * as liveChanges from './live/words/changes';
import * as docketChanges from './docket/words/changes';
import * as archTerms from './arch/words/terms';
import * as birdsTerms from './birds/words/terms';
import * as groundTerms from './ground/words/terms';
import * as outlineTerms from './outline/words/terms';
import * as postsTerms from './posts/words/terms';
import * as wallsTerms from './walls/words/terms';
import * as skirtTerms from './skirt/words/terms';
import * as waysTerms from './ways/words/terms';
import * as coverTerms from './cover/words/terms';
import * as liveTerms from './live/words/terms';
import * as docketTerms from './docket/words/terms';

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

/** What workings are made of, of the stages and of what several of them share; a code is one only where it has a sentence. */
export const TERMS = {
  ...fasteners.TERMS,
  ...cutting.TERMS,
  ...build.TERMS,
  ...strength.TERMS,
  ...birdsTerms.TERMS,
  ...groundTerms.TERMS,
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
  ...birdsChanges.CHANGES,
  ...threatsChanges.CHANGES,
  ...groundChanges.CHANGES,
  ...outlineChanges.CHANGES,
  ...postsChanges.CHANGES,
  ...wallsChanges.CHANGES,
  ...archChanges.CHANGES,
  ...skirtChanges.CHANGES,
  ...waysChanges.CHANGES,
  ...coverChanges.CHANGES,
  ...liveChanges.CHANGES,
  ...docketChanges.CHANGES,
  'set-on-ground': (change: ChangeOf<'set-on-ground'>, r: Reader, market: Market) =>
    (change.list === 'buildings' ? skirtChanges.onHouse(change.to) : null) ??
    groundChanges.CHANGES['set-on-ground'](change, r, market),
} as const;
