import { VERBS as docket } from './docket/verbs';
import { VERBS as ways } from './ways/verbs';
import { VERBS as walls } from './walls/verbs';
import { VERBS as posts } from './posts/verbs';
import { VERBS as plan } from '../plan/changes/verbs';
import { VERBS as cover } from './cover/verbs';
import { VERBS as arch } from './arch/verbs';
import { VERBS as birds } from './birds/verbs';
import { VERBS as ground } from './ground/verbs';
import { VERBS as live } from './live/verbs';
import { VERBS as outline } from './outline/verbs';
import { VERBS as skirt } from './skirt/verbs';
import { VERBS as threats } from './threats/verbs';

/** Verbs of the document and of the stages, joined. */
export const VERBS = {
  ...plan,
  ...birds,
  ...threats,
  ...ground,
  ...outline,
  ...posts,
  ...walls,
  ...arch,
  ...skirt,
  ...ways,
  ...cover,
  ...live,
  ...docket,
} as const;
