import { surveyRings } from '../../ground/survey';
import type { Plan } from '../../plan/schema';
import type { PostAsk } from '../posts/shown/asks';
import { isOver } from './plan/kinds';
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

/** What covers ask of posts while something is dragged: how far apart they stand, by the outlines alone. */
export const previewAsks = (plan: Plan): readonly PostAsk[] =>
  plan.covers.flatMap((cover) => {
    const load = loadOnPosts(cover);
    if (load === null || !isOver(cover)) return [];
    const ring = surveyRings(plan).find((r) => r.enclosure === cover.enclosure);
    const points = cover.outline ?? ring?.sides.map((s) => s.start) ?? [];
    const edges = points.map((p, i) => [p, points[(i + 1) % points.length] ?? p] as const);
    return [{ edges, plane: { gx: 0, gy: 0, c: 0 }, load, spacing: SPACING }];
  });
