/** What is chosen together, because the same work follows from it. */
export const FACETS = {
  spacing: ['spacing', 'bays'],
  posts: ['posts', 'setting', 'load', 'shallower'],
} as const;

export const NAME = 'Posts';

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = { 'hours.posts': 'posts', 'hours.concrete': 'concrete' } as const;
