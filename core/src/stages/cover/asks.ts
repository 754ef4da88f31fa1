import type { PostAsk } from '../posts/asks';
import { rowOf } from './kinds';
import type { Covered } from './laid';
import { isDropped } from './dropped';
import { SPACING } from './spacing';

/** What covers ask of the posts under their edges. */
export const postAsks = ({ over }: Covered): readonly PostAsk[] =>
  over.flatMap(({ shape: { cover, edges, plane } }) => {
    const { load, pulls } = rowOf(cover);
    // A net that is dropped before the first snow asks no more of its posts than the fence does.
    if (load === null || (pulls && isDropped(cover))) return [];
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
