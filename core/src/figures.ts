import { type OpeningLimits } from './stages/threats/openings';
import type { BirdStage } from './stages/birds/stage';
import type { OutlineWorkings } from './stages/outline/figures';
import type { PostStage } from './stages/posts/stage';
import type { Figures, Workings } from './reckoning';
import type { SkirtStage } from './stages/skirt/rolls';
import { type Term, ratio } from './working';

/** What is added to, joined into one. */
export const joined = (figures: readonly Figures[]): Figures => Object.assign({}, ...figures) as Figures;

export interface HeadlinesBy {
  readonly outline: OutlineWorkings;
  readonly groundLength: Term;
  readonly posts: PostStage;
  readonly skirts: SkirtStage;
  readonly hours: Term;
  readonly elapsed: Term;
  readonly birds: BirdStage;
  readonly price: Term;
}

/** The headline numbers as workings. */
export function headlines(by: HeadlinesBy): Workings {
  const { outline, groundLength, posts, skirts, hours, elapsed, birds, price } = by;
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

/** What the birds of a plan ask for. */
export const askedFigures = (
  { birds, areaWanted, areaPerBird }: Workings,
  { largestOpening }: OpeningLimits,
): Figures => ({
  birds: birds.value,
  areaWanted: areaWanted.value,
  ...(areaPerBird ? { areaPerBird: areaPerBird.value } : {}),
  ...(largestOpening === null ? {} : { largestOpening }),
});
