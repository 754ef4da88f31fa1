import type { Building } from '../../../plan/schema';
import type { Strength } from '../../../strength/words/row';
import type { Supports } from '../held/supports';
import type { OpenCover, Wrap } from '../laid';
import { layingOf } from '../layings';
import type { BearingBy } from '../layings/laying';
import type { CoverWay } from '../over/ways';
import type { Wrapped } from '../wraps';
import { loadsOn } from './members';
import { postsOnEdges } from './nets';
import { driftsAt } from './snow';
import { upliftRow, wrapRows } from './wind';

/** What strength is checked by. */
export interface StrengthBy extends BearingBy {
  readonly over: readonly OpenCover[];
  readonly laid: ReadonlyMap<string, CoverWay | null>;
  readonly held: ReadonlyMap<string, Supports>;
  readonly buildings: readonly Building[];
}

/** How every member of the covers over runs bears snow, and every closed one the wind. */
export function coverStrength({
  over,
  laid: ways,
  held: supports,
  buildings,
  ...by
}: StrengthBy): readonly Strength[] {
  const { products, assumed, ground } = by;
  const shapes = over.map(({ shape }) => shape);
  return over.flatMap(({ shape }): readonly Strength[] => {
    const { cover, made } = shape;
    const held = supports.get(cover.id);
    if (!held) return [];
    // What is taken off before the first snow carries itself alone.
    const snow = made.dropped ? 0 : assumed.groundSnow;
    const drifts = made.dropped ? [] : driftsAt(shape, buildings, shapes, ground);
    const loads = loadsOn(cover, products.mesh(made.mesh), snow, drifts);
    const laid = { shape, way: ways.get(cover.id) ?? null, held };
    return [
      ...layingOf(shape).strength(loads, laid, by),
      ...(made.closed ? [upliftRow(loads, laid, made.closed.beneath, by)] : []),
    ];
  });
}

/** How the posts bear the wind on a wrap. */
export function wrapStrength(
  { cover, made }: Wrap,
  wrapped: readonly Wrapped[],
  { posts, assumed }: Pick<StrengthBy, 'posts' | 'assumed'>,
): readonly Strength[] {
  if (made.stayed) return [];
  const pulled = wrapped.flatMap(({ line, height }) => {
    const edge = {
      from: line.start,
      to: line.end,
      length: line.length,
      side: line.members[0]?.ringSide ?? null,
    };
    return postsOnEdges([edge], posts).map((one) => ({ ...one, height }));
  });
  return wrapRows({ of: cover.id, share: 0, own: 0 }, pulled, assumed);
}
