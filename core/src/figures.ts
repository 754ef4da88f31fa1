import type { BirdStage } from './birds/stage';
import type { outlineWorkings } from './ground/figures';
import type { Ring } from './ground/survey';
import { assumptionsOf } from './plan/effective';
import type { Plan } from './plan/schema';
import { POST_ROLES, type PostStage } from './posts/stage';
import type { Figures, Workings } from './reckoning';
import type { SkirtStage } from './skirt/stage';
import type { WallStage } from './walls/stage';
import { type Term, ratio } from './working';

export interface FencePart {
  readonly rings: readonly Ring[];
  readonly outline: ReturnType<typeof outlineWorkings>;
  readonly groundLength: Term;
  readonly hours: Term;
  readonly posts: PostStage;
  readonly walls: WallStage;
  readonly skirts: SkirtStage;
}

/** What a fence comes to by name; the same names for one enclosure and for the whole. */
export function fenceFigures(plan: Plan, fence: FencePart): Figures {
  const { outline, posts, walls, skirts } = fence;
  const figures: Record<string, number> = {
    area: outline.area.value,
    perimeter: outline.perimeter.value,
    fenceLength: outline.fenceLength.value,
    groundLength: fence.groundLength.value,
    gates: plan.openings.filter(
      (o) => o.kind === 'gate' && fence.rings.some((r) => r.sides.some((s) => s.side.id === o.side)),
    ).length,
  };
  for (const role of POST_ROLES) figures[`posts.${role}`] = posts.counts[role];
  figures['posts.total'] = posts.total.value;
  figures['posts.braces'] = posts.braces.value;
  figures['posts.standing'] = posts.posts.filter((p) => p.standing !== null).length;
  const bought = new Map<string, Map<number, number>>();
  for (const post of posts.posts) {
    if (post.standing !== null) continue;
    const lengths = bought.get(post.product.id) ?? new Map<number, number>();
    bought.set(post.product.id, lengths.set(post.buy, (lengths.get(post.buy) ?? 0) + 1));
  }
  for (const [product, lengths] of bought) {
    for (const [length, count] of lengths)
      figures[`posts.${product}.buy.${Number(length.toFixed(4))}`] = count;
  }
  figures['skirt.stripLength'] = skirts.length.value;
  for (const course of walls.courses) {
    const name = `mesh.${course.band.band.id}.length`;
    figures[name] = (figures[name] ?? 0) + course.working.value;
    const extra = `mesh.${course.band.band.id}.slopeExtra`;
    figures[extra] = (figures[extra] ?? 0) + course.slopeExtra;
  }
  figures.hours = fence.hours.value;
  figures.hoursWithHelp = fence.hours.value * assumptionsOf(plan).secondPerson;
  return figures;
}

/** The headline numbers as workings. */
export function headlines(fence: FencePart, birds: BirdStage, price: Term): Workings {
  const { outline, posts, skirts, hours, groundLength } = fence;
  const all = {
    ...outline,
    groundLength,
    posts: posts.total,
    skirt: skirts.length,
    hours,
    birds: birds.count,
    areaWanted: birds.areaWanted,
    price,
  };
  if (birds.count.value === 0) return all;
  return { ...all, areaPerBird: ratio('birds.area-each', 'm²', {}, [outline.area, birds.count]) };
}
