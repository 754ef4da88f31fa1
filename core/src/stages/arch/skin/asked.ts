import type { Ask, AtHand, Candidate, Demand } from '../../../buying/demand';
import { type Run, plainRun } from '../../../buying/run';
import { PITCH, onePast, packed } from '../../../fasteners/along';
import { type Seam, ringed } from '../../../fasteners/seams';
import { placeAt } from '../../../plan/place';
import { type Term, product, value } from '../../../working';
import { pieceOf, reasonOf } from '../reason';
import { type ArchShape, hungEnds } from '../shape';
import { type Skin, skinFrom, widthsFor } from './skin';

/** Mesh that lies on a panel is ringed each so much, m (rules: Walls). */
const ON_PANEL = 0.4;

/** What the open demand of an arch is called by. */
export const alikeOf = (arch: string): string => `arch ${arch}`;

const strips = (shape: ArchShape, use: 'skin' | 'arch-end', count: number, length: number): readonly Run[] =>
  Array.from({ length: count }, (_, i) =>
    plainRun(
      use,
      pieceOf(shape, use === 'skin' ? 'strip' : 'end', i + 1),
      length,
      placeAt(use, shape.nth, i),
    ),
  );

const lengthTerm = (
  code: 'mesh.arch-skin' | 'mesh.arch-ends',
  name: string,
  count: number,
  length: number,
): Term =>
  product(code, 'm', { name }, [
    value('cut.pieces', count, 'piece', {}),
    value('cut.piece-length', length, 'm', {}),
  ]);

/** The skin and the ends from rolls of one width. */
function candidateOf(shape: ArchShape, mesh: string, skin: Skin): Candidate {
  const { width, strips: over, strip, endStrips, endStrip } = skin;
  const length = over * strip + endStrips * endStrip;
  const takes = { least: length, most: length };
  let asked: readonly Ask[] | undefined;
  return {
    id: width.toFixed(4),
    made: skin,
    shortBy: 0,
    rolls: [{ mesh, width, ...takes }],
    packs: [],
    asks: () =>
      (asked ??= [
        {
          ...reasonOf(shape),
          buy: 'mesh',
          mesh,
          width,
          lap: 0,
          runs: [...strips(shape, 'skin', over, strip), ...strips(shape, 'arch-end', endStrips, endStrip)],
          takes,
          trimmed: 0,
          short: 0,
          need: () => [
            lengthTerm('mesh.arch-skin', shape.name, over, strip),
            ...(endStrips > 0 ? [lengthTerm('mesh.arch-ends', shape.name, endStrips, endStrip)] : []),
          ],
        },
      ]),
  };
}

const noWidth = (mesh: string, hand: AtHand): Candidate => ({
  id: '',
  made: null,
  shortBy: 0.01,
  rolls: [{ mesh, width: Math.max(0, ...hand.widths(mesh)), least: 0, most: 0 }],
  packs: [],
  asks: () => [],
});

function openSkin(shape: ArchShape, mesh: string): Demand {
  return {
    ...reasonOf(shape),
    buy: 'open',
    alike: alikeOf(shape.arch.id),
    measure: shape.arch.lap,
    packs: [],
    candidates: (hand) => {
      const skins = widthsFor(shape, hand.widths(mesh)).flatMap((width) => skinFrom(shape, width) ?? []);
      return skins.length > 0 ? skins.map((skin) => candidateOf(shape, mesh, skin)) : [noWidth(mesh, hand)];
    },
  };
}

/** What follows from the rolls that were taken: rings along seams, ends to the curve. */
function skinFasteners(shape: ArchShape, skin: Skin | null): readonly Ask[] {
  if (!skin) return [];
  const count = hungEnds(shape).length;
  const onFrame = shape.made.panels ? ON_PANEL : PITCH.ring;
  const along = (kind: Seam['kind'], n: number): readonly Term[] =>
    Array.from({ length: n }, () =>
      onePast('fasten.on-frame', shape.bent, onFrame, { kind, length: shape.bent, each: onFrame }),
    );
  const seams = Array.from({ length: (skin.rows - 1) * count }, (): Seam => ({
    kind: 'arch-end',
    length: skin.endStrip,
  }));
  return [
    packed(reasonOf(shape), 'ring', [...along('skin', skin.strips - 1), ...along('arch-edge', count)]),
    ringed(reasonOf(shape), seams),
  ];
}

/** The skin and what fastens it, of an arch that has one. */
export function skinDemands(shape: ArchShape): readonly Demand[] {
  const { skin, id } = shape.arch;
  if (skin === null) return [];
  return [
    openSkin(shape, skin),
    {
      ...reasonOf(shape),
      buy: 'after',
      asks: (taken) => skinFasteners(shape, taken(alikeOf(id)).made as Skin | null),
    },
  ];
}
