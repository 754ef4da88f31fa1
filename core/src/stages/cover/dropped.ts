import type { Cover } from './kinds';

/** Whether a cover is taken down before the first snow: it never bears any. */
export const isDropped = (cover: Cover): boolean => 'hung' in cover && cover.hung === 'summer';
