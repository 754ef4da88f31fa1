import { docket } from './docket';
import { ways } from './ways';
import { walls } from './walls';
import { posts } from './posts';
import { birds } from './birds';
import { ground } from './ground';
import type { LaterStages } from './later';
import { outline } from './outline';
import { skirt } from './skirt';
import { threats } from './threats';
import type { Stage } from './stage';

/** In the order of the work; the order of reckoning follows from what each step needs. */
export const inOrder = ({ heights, arch, cover, live }: LaterStages): readonly Stage[] => [
  heights,
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
];

/** Those that have parts, in the order in which they are drawn, one over the other. */
export const painted = ({ arch, cover, live }: LaterStages): readonly Stage[] => [
  skirt,
  walls,
  ways,
  posts,
  arch,
  cover,
  live,
];
