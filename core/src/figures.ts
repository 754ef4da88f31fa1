import type { BirdStage } from './birds/stage';
import type { outlineWorkings } from './ground/figures';
import type { Ring } from './ground/survey';
import { assumptionsOf } from './plan/effective';
import type { Plan } from './plan/schema';
import { POST_ROLES, type PostStage } from './posts/stage';
import type { Figures, Workings } from './reckoning';
import type { SkirtStage } from './skirt/stage';
import type { WallStage } from './walls/stage';
import type { Way } from './ways/stage';
import { type Term, type TermCode, ratio } from './working';

export interface FencePart {
  readonly rings: readonly Ring[];
  readonly outline: ReturnType<typeof outlineWorkings>;
  readonly groundLength: Term;
  readonly hours: Term;
  readonly posts: PostStage;
  readonly walls: WallStage;
  readonly skirts: SkirtStage;
  readonly elapsed: Term;
  /** The largest opening left, m; 0 for none. */
  readonly openingLeft: number;
}

/** By which part of the work a term of the hours goes. */
const HOURS_OF: Readonly<Partial<Record<TermCode, string>>> = {
  'hours.stake-out': 'stakeOut',
  'hours.posts': 'posts',
  'hours.concrete': 'concrete',
  'hours.boards': 'boards',
  'hours.mesh': 'mesh',
  'hours.apron': 'skirt',
  'hours.trench': 'skirt',
  'hours.stones': 'skirt',
  'hours.concrete-strip': 'skirt',
  'hours.gates': 'gates',
  'hours.gates-built': 'gates',
  'hours.pop-doors': 'flaps',
};

function skirtFigures({ courses, length }: SkirtStage): Record<string, number> {
  const figures: Record<string, number> = { 'skirt.stripLength': length.value };
  const add = (name: string, amount: number) => (figures[name] = (figures[name] ?? 0) + amount);
  const most = (name: string, amount: number) => (figures[name] = Math.max(figures[name] ?? 0, amount));
  for (const { shape, stripWidth, rollWidth, ground, trench, fill, stretches } of courses) {
    const outerEdge = stretches.reduce((total, s) => total + s.edge, 0);
    if (shape.mesh !== null) most('skirt.stripWidth', stripWidth);
    if (rollWidth !== undefined) most('skirt.rollWidth', rollWidth);
    if (outerEdge > 0) add('skirt.outerEdge', outerEdge);
    if (trench && shape.trench) {
      add('skirt.trenchLength', ground);
      most('skirt.trenchWidth', shape.trench.width);
      add('skirt.trenchVolume', trench.value);
    }
    if (fill && shape.fill) add(`skirt.${shape.fill.of}Volume`, fill.value);
  }
  return figures;
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
  Object.assign(figures, skirtFigures(skirts));
  for (const course of walls.boards) {
    const name = `boards.${course.at}`;
    figures[name] = (figures[name] ?? 0) + course.runs.reduce((total, run) => total + run.length, 0);
  }
  for (const course of walls.courses) {
    const name = `mesh.${course.band.band.id}.length`;
    figures[name] = (figures[name] ?? 0) + course.working().value;
    const extra = `mesh.${course.band.band.id}.slopeExtra`;
    figures[extra] = (figures[extra] ?? 0) + course.slopeExtra;
  }
  figures.hours = fence.hours.value;
  figures.elapsed = fence.elapsed.value;
  for (const term of fence.hours.terms) {
    const part = HOURS_OF[term.code];
    if (part) figures[`hours.${part}`] = (figures[`hours.${part}`] ?? 0) + term.value;
  }
  if (fence.openingLeft > 0) figures.openingLeft = fence.openingLeft;
  figures.hoursWithHelp = fence.hours.value * assumptionsOf(plan).secondPerson;
  return figures;
}

/** Leaves of gates and flaps as they are built, m. */
export function leafFigures(ways: readonly Way[]): Figures {
  return Object.fromEntries(
    ways.flatMap(({ opening, leaf }) => [
      [`leaf.${opening.id}.width`, leaf.width],
      [`leaf.${opening.id}.height`, leaf.height],
    ]),
  );
}

/** The headline numbers as workings. */
export function headlines(fence: FencePart, birds: BirdStage, price: Term): Workings {
  const { outline, posts, skirts, hours, elapsed, groundLength } = fence;
  const all = {
    ...outline,
    groundLength,
    posts: posts.total,
    skirt: skirts.length,
    hours,
    elapsed,
    birds: birds.count,
    areaWanted: birds.areaWanted,
    price,
  };
  if (birds.count.value === 0) return all;
  return { ...all, areaPerBird: ratio('birds.area-each', 'm²', {}, [outline.area, birds.count]) };
}
