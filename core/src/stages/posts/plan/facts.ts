/** What is chosen together, because the same work follows from it. */
export const FACETS = {
  spacing: ['spacing', 'bays'],
  posts: ['posts', 'setting', 'load', 'shallower'],
} as const;

export const NAME = 'Posts';
/** Why it comes now. */
export const WHY = 'The mesh hangs on them, so they come before the walls.';

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = { 'hours.posts': 'posts', 'hours.concrete': 'concrete' } as const;

/** What is worked out of bags of dry mix. */
export const BAGGED = ['posts.bag-volume'] as const;
