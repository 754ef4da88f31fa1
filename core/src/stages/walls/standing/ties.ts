import { onePast } from '../../../fasteners/along';
import { type Term, product, value } from '../../../working';
import type { PostsOn } from '../../posts/shown/postsOn';
import type { WallGroup } from '../shown/groups';

/** A band over a fence that stands is tied so often along its foot, its top and each post, m (rules: What stands). */
export const TIED = 0.3;

/** Ties of bands that are hung over fences that stand. */
export function standingTies(on: PostsOn, groups: readonly WallGroup[]): readonly Term[] {
  return groups.flatMap(({ lines, runs, bands }): Term[] =>
    bands.flatMap(({ top, bottom }): Term[] => {
      const height = top - bottom;
      const posts = { height, spacing: TIED };
      return [
        ...runs.flatMap(({ length }) =>
          [bottom, top].map((at) => onePast('fasten.tied-along', length, TIED, { at, length })),
        ),
        product('fasten.posts', 'piece', posts, [
          value('fasten.post-count', on(lines).size, 'piece', {}),
          onePast('fasten.each-post', height, TIED, posts),
        ]),
      ];
    }),
  );
}
