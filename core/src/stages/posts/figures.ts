import type { Figures, FiguresMade } from '../told';
import type { BoughtPost } from './bought';
import { type PostStage } from './shown/stage';
import { POST_ROLES } from './plan/choice';

/** Posts by role, and by the length that is bought. */
export function postFigures({ counts, total, braces }: PostStage, posts: readonly BoughtPost[]): Figures {
  const figures: FiguresMade = {};
  for (const role of POST_ROLES) figures[`posts.${role}`] = counts[role];
  figures['posts.total'] = total.value;
  figures['posts.braces'] = braces.value;
  figures['posts.standing'] = posts.filter((p) => p.standing !== null).length;
  for (const post of posts) {
    if (post.standing !== null) continue;
    const name = `posts.${post.product.id}.buy.${Number(post.buy.toFixed(4))}` as const;
    figures[name] = (figures[name] ?? 0) + 1;
  }
  return figures;
}
