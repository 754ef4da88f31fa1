import { arch } from './arch';
import { cover } from './cover';
import { docket } from './docket';
import { ways } from './ways';
import { walls } from './walls';
import { posts } from './posts';
import { birds } from './birds';
import { ground } from './ground';
import { live } from './live';
import { outline } from './outline';
import { skirt } from './skirt';
import { threats } from './threats';
import type { Stage } from './stage';

/** In the order of the work; the order of reckoning follows from what each step needs. */
export const STAGES = {
  birds,
  threats,
  ground,
  outline,
  posts,
  walls,
  arch,
  skirt,
  ways,
  cover,
  live,
  docket,
} as const satisfies Readonly<Record<string, Stage>>;

/** Those that have parts, in the order in which they are drawn, one over the other. */
export const PAINTED: readonly Stage[] = [skirt, walls, ways, posts, arch, cover, live];
