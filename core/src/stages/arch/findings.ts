import type { Goods } from '../../catalogue/goods';
import { nearestSize } from '../../buying/fits';
import { largerFilm } from '../../buying/largerFilm';
import type { Unmet } from '../../buying/unmet';
import { type Finding, finding } from '../../findings/types';
import type { Building, Tree } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import type { Opening } from '../ways/plan/kinds';
import { doors } from './found/doors';
import { type ArchMeshBy, passes } from './found/mesh';
import { partOf, set } from './found/of';
import { longer, stands, stoodIn } from './found/stands';
import { DRAGS_AT_MOST, type Moved } from './frame/moved';
import { type ArchShape, hungEnds } from './shape';
import { filmOf } from './skin/film';
import { widthsFor } from './skin/skin';

/** What nothing sold is long or large enough for. */
function sold(shape: ArchShape, goods: Goods, unmet: readonly Unmet[]): Finding[] {
  const { arch, made, name, bent } = shape;
  const part = partOf(shape);
  const found: Finding[] = [];
  if (made.pipe) {
    const longest = Math.max(...goods.timber(made.pipe.timber).lengths);
    if (bent > longest + EPSILON)
      found.push(
        finding('arch.long-hoop', { severity: 'mend', stage: 'arch', part }, { name, bent, longest }, [
          set(arch.id, { bent: longest }),
        ]),
      );
  }
  if (made.panels) {
    const longest = Math.max(...goods.mesh(made.panels.mesh).lengths);
    if (bent > longest + EPSILON)
      found.push(
        finding('arch.long-panel', { severity: 'mend', stage: 'arch', part }, { name, bent, longest }, [
          set(arch.id, { bent: null }),
        ]),
      );
  }
  if (arch.skin !== null && widthsFor(shape, goods.widths(arch.skin)).length === 0)
    found.push(
      finding('arch.no-width', { severity: 'mend', stage: 'arch', part }, { name, lap: arch.lap }, [
        set(arch.id, { lap: 0.05 }),
      ]),
    );
  const film = filmOf(shape);
  if (film && arch.film !== null) {
    const of = arch.film;
    const sizes = goods
      .widths(of)
      .flatMap((width) => goods.rollLengths(of, width).map((length) => ({ width, length })));
    const nearest = nearestSize(film, sizes);
    const short = nearest?.short ?? film;
    // What the docket takes from a yard or the shed covers it: then nothing is short, whatever else is on sale.
    const lacks = unmet.some((u) => u.buy === 'piece' && u.part.on === 'arch' && u.part.arch === arch.id);
    if (lacks && short.across + short.along > EPSILON)
      found.push(
        finding(
          'arch.film-small',
          { severity: 'mend', stage: 'arch', part },
          {
            name,
            across: short.across,
            along: short.along,
            ...(nearest?.size ?? { width: 0, length: 0 }),
          },
          () => [set(arch.id, { film: largerFilm(goods, of, film) ?? null })],
        ),
      );
  }
  return found;
}

/** Ends that are open or hung round a house, and what is heavy to move. */
function others(shape: ArchShape, moved: Moved | null): Finding[] {
  const { arch, name, ends } = shape;
  const part = partOf(shape);
  return [
    ...ends.flatMap((end): Finding[] => {
      const at = { on: 'side', side: end.side.side.id } as const;
      if (end.closed === 'open')
        return [
          finding(
            'arch.open-end',
            { severity: 'mend', stage: 'arch', part: at },
            { name, side: end.side.number },
            [{ verb: 'set-side-kind', side: end.side.side.id, kind: 'arch-end' }],
          ),
        ];
      return end.closed === 'hung' && end.building
        ? [
            finding(
              'arch.round-house',
              { severity: 'know', stage: 'arch', part: at },
              { name, building: end.building.name },
            ),
          ]
        : [];
    }),
    ...(moved && moved.pull > DRAGS_AT_MOST
      ? [
          finding(
            'arch.heavy',
            { severity: 'know', stage: 'arch', part },
            { name, ...moved, most: DRAGS_AT_MOST },
            arch.moved === 'skids' ? [set(arch.id, { moved: 'wheels' })] : [],
          ),
        ]
      : []),
    ...(arch.board === 0 && hungEnds(shape).length > 0 && arch.moved === 'fixed'
      ? [
          finding('arch.no-board', { severity: 'know', stage: 'arch', part }, { name }, [
            set(arch.id, { board: 0.15 }),
          ]),
        ]
      : []),
  ];
}

export interface ArchFindingsBy extends ArchMeshBy {
  readonly shapes: readonly ArchShape[];
  readonly openings: readonly Opening[];
  readonly trees: readonly Tree[];
  readonly buildings: readonly Building[];
  readonly stature: number;
  /** What neither the yards nor the shed have. */
  readonly unmet: readonly Unmet[];
  readonly moved: ReadonlyMap<string, Moved | null>;
}

/** Everything that is found about arches but their strength. */
export function archFindings(by: ArchFindingsBy): readonly Finding[] {
  return by.shapes.flatMap((shape): Finding[] => [
    ...stands(shape),
    ...longer(shape),
    ...stoodIn(shape, by.trees, by.buildings),
    ...(shape.curve
      ? [
          ...doors(shape, by.openings, by.stature),
          ...passes(shape, by),
          ...sold(shape, by.goods, by.unmet),
          ...others(shape, by.moved.get(shape.arch.id) ?? null),
        ]
      : []),
  ]);
}
