import { arch } from './arch';
import { cover } from './cover';
import { heights } from './ground/heights';
import type { LaterStages } from './later';
import { live } from './live';

/** All of them: a page fetches each when a plan uses it. */
export const ALL_LATER: LaterStages = { heights, arch, cover, live };
