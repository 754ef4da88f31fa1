import { type Cover, makeupOf, rowOf } from './plan/kinds';

/** What a cover puts on the posts under its edges; null for nothing. A net that is dropped asks no more of them than the fence does. */
export function loadOnPosts(cover: Cover): 'cover' | 'roof' | null {
  const { load, pulls } = rowOf(cover);
  return pulls && makeupOf(cover).dropped ? null : load;
}
