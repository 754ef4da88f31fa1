import { key, slot } from '../../engine/step';
import type { FenceLine } from '../../ground/fenceLines';
import type { Facet } from '../../plan/effective';
import type { PostAsk } from './shown/asks';
import type { SetOut } from './shown/setOut';
import type { PostStage } from './shown/stage';
import type { BoughtPost } from './bought';

export const SPACINGS = key<ReadonlyMap<FenceLine, Facet<'spacing'>>>('lines.spacing');
/** What lies on posts asks of them. */
export const POST_ASKS = slot<PostAsk>('posts.asks');
export const SET_OUT = key<SetOut>('posts.setting');
export const POSTS = key<PostStage>('posts');
export const BOUGHT_POSTS = key<readonly BoughtPost[]>('posts.bought');
