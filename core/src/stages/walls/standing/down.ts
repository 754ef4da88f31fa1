import { type Ring, surveyRings } from '../../../ground/survey';
import { replacedOn } from '../../../ground/fenceLines';
import { distance } from '../../../ground/vector';
import type { OwnedPiece, Plan } from '../../../plan/schema';
import { choicesFor } from '../../../plan/effective';
import { roundUp, tidy } from '../../../units/round';
import type { TakenDown } from '../../outline/plan/choice';
import { type Standing, heightOf } from '../../outline/plan/standing';
import type { Figures } from '../../told';

/** A length of old fence that comes down. */
interface Down {
  readonly id: string;
  readonly length: number;
  readonly standing: Standing;
}

/** Of what is rotten in the ground nobody knows how deep it went, m. */
const IN_GROUND = 0.6;
/** Shorter pieces are not worth keeping, m. */
const KEPT = 0.3;

/** Every fence that comes down, each side once. */
function comingDown(rings: readonly Ring[], takenDown: readonly TakenDown[]): readonly Down[] {
  const sides = new Map(rings.flatMap((ring) => ring.sides.map((s) => [s.side.id, s] as const)));
  return [
    ...[...sides.values()].flatMap(({ side, length }): Down[] => {
      const standing = replacedOn(side);
      return standing ? [{ id: side.id, length, standing }] : [];
    }),
    ...takenDown.map(({ id, from, to, standing }) => ({ id, length: distance(from, to), standing })),
  ];
}

/** Posts between its ends: those at its ends stand on, or are shared. */
const postsOf = ({ length, standing }: Down): number => Math.max(0, roundUp(length / standing.spacing) - 1);

/** What comes down, m and posts. */
export function downFigures(rings: readonly Ring[], takenDown: readonly TakenDown[]): Figures {
  const down = comingDown(rings, takenDown);
  if (down.length === 0) return {};
  return {
    'down.length': down.reduce((n, { length }) => n + length, 0),
    'down.posts': down.reduce((n, one) => n + postsOf(one), 0),
  };
}

/**
 * What of fences that come down can be used again, as it would lie in the shed: mesh that is known, and posts.
 *
 * Sound is worn once it has hung; tired is poor, kept and not used; of a broken fence nothing is kept.
 *
 * @see rules: What stands
 */
export function keptFrom(plan: Plan): readonly OwnedPiece[] {
  const down = comingDown(surveyRings(plan), plan.takenDown ?? []);
  return down.flatMap((one): OwnedPiece[] => {
    const { id, length, standing } = one;
    if (standing.state === 'broken') return [];
    const condition = standing.state === 'sound' ? 'worn' : 'poor';
    const note = 'from the fence taken down';
    const rolls = standing.bands.flatMap(({ mesh, top }, i): OwnedPiece[] => {
      const width = tidy(top - (standing.bands[i - 1]?.top ?? 0));
      if (mesh === null || length < KEPT || width < KEPT) return [];
      return [
        {
          id: `down-${id}-${i + 1}`,
          kind: 'roll',
          product: mesh,
          width,
          length: tidy(length),
          count: 1,
          condition,
          note,
        },
      ];
    });
    const count = postsOf(one);
    const product = choicesFor(plan, id).posts.line;
    const posts: OwnedPiece[] =
      count === 0
        ? []
        : [
            {
              id: `down-${id}-posts`,
              kind: 'post',
              product,
              length: tidy(heightOf(standing) + IN_GROUND),
              count,
              condition,
              note,
            },
          ];
    return [...rolls, ...posts];
  });
}
