import type { PostAsk } from '../posts/asks';
import type { Covered } from './laid';
import { loadOnPosts } from './dropped';
import { SPACING } from './spacing';

/** What covers ask of the posts under their edges. */
export const postAsks = ({ over }: Covered): readonly PostAsk[] =>
  over.flatMap(({ shape: { cover, edges, plane } }) => {
    const load = loadOnPosts(cover);
    if (load === null) return [];
    return [
      {
        edges: edges
          .filter(({ side }) => side?.side.kind === 'fence')
          .map(({ from, to }) => [from, to] as const),
        plane,
        load,
        spacing: SPACING,
      },
    ];
  });
