import type { Demand } from '../../../buying/demand';
import { plainRun } from '../../../buying/run';
import { PITCH, packed } from '../../../fasteners/along';
import { ringed } from '../../../fasteners/seams';
import { placeAt } from '../../../plan/place';
import { product, sum, value } from '../../../working';
import type { Opening } from '../../ways/plan/kinds';
import { pieceOf, reasonOf } from '../reason';
import { type ArchShape, hungEnds } from '../shape';
import { filmOf } from './film';

/** Finer mesh along both feet and the hung ends, but where a door is. */
export function lowDemands(shape: ArchShape, gates: readonly Opening[]): readonly Demand[] {
  const { arch, ribs, base } = shape;
  if (arch.low === null) return [];
  const lengths = [
    ribs.built,
    ribs.built,
    ...hungEnds(shape).map((end) => {
      const open = gates.filter((g) => g.side === end.side.side.id).reduce((t, g) => t + g.width, 0);
      return Math.max(0, base - open);
    }),
  ].filter((length) => length > 0.01);
  const total = lengths.reduce((a, b) => a + b, 0);
  return [
    {
      ...reasonOf(shape),
      buy: 'strip',
      mesh: arch.low,
      width: arch.lowHeight,
      lap: PITCH.ring,
      runs: lengths.map((length, i) => ({
        ...plainRun('arch-low', pieceOf(shape, 'low', i + 1), length, placeAt('arch-low', shape.nth, i)),
        joints: 'anywhere',
      })),
      takes: { least: total, most: total },
      need: () => [
        sum(
          'mesh.arch-low',
          'm',
          { name: shape.name },
          lengths.map((length) => value('cut.piece-length', length, 'm', {})),
        ),
      ],
    },
    ringed(
      reasonOf(shape),
      lengths.map((length) => ({ kind: 'arch-low', length })),
    ),
  ];
}

/** Film over it and over its ends, with straps and clamps. */
export function filmDemands(shape: ArchShape): readonly Demand[] {
  const film = filmOf(shape);
  const { film: made } = shape.arch;
  if (!film || made === null) return [];
  const reason = reasonOf(shape);
  const piece = (width: number, length: number) =>
    ({ ...reason, buy: 'piece', product: made, width, length }) as const;
  return [
    piece(film.across, film.along),
    ...Array.from({ length: film.ends }, () => piece(film.endWidth, film.endHeight)),
    packed(reason, 'strap', [
      product('arch.straps', 'piece', { length: film.strap }, [
        value('arch.straps-over', film.straps, 'piece', {}),
        value('arch.straps-each', film.strapsEach, 'piece', {}),
      ]),
    ]),
    ...(film.clamps > 0 ? [packed(reason, 'clamp', [value('arch.clamps', film.clamps, 'piece', {})])] : []),
  ];
}
