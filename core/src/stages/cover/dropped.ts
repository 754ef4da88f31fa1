import { type Cover, rowOf } from './kinds';

/** Whether a cover is taken down before the first snow: it never bears any. */
export const isDropped = (cover: Cover): boolean => 'hung' in cover && cover.hung === 'summer';

/** What a cover puts on the posts under its edges; null for nothing. A net that is dropped asks no more of them than the fence does. */
export function loadOnPosts(cover: Cover): 'cover' | 'roof' | null {
  const { load, pulls } = rowOf(cover);
  return pulls && isDropped(cover) ? null : load;
}
