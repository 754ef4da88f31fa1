import type { Ask, AtHand, Candidate, Demand, Reason } from '../../buying/demand';
import { type Run, plainRun } from '../../buying/run';
import type { Products } from '../../catalogue/products';
import { PITCH, onePast, packed } from '../../fasteners/along';
import { type Seam, ringed } from '../../fasteners/seams';
import { placeAt } from '../../plan/place';
import { type Term, product, sum, value } from '../../working';
import { type Opening, hangingOf, partsFence, rowOf as openingRow } from '../ways/kinds';
import { leafTop } from '../ways/leaf';
import { openingsIn } from './arched';
import { endPanels, sticksOf, stakesOf, teesOf, wheelsOf } from './frame/frame';
import type { Made } from './kinds';
import { type ArchShape, headroomOver, hungEnds } from './shape';
import { filmOf } from './skin/film';
import { type Skin, skinFrom, widthsFor } from './skin/skin';

/** A panel as sold is so much longer and wider than it must be: yards round to the centimetre, m. */
const ROUNDED = 0.01;
/** Mesh that lies on a panel is ringed each so much, and panels are knitted at every second crossing, m (rules: Walls, Arched runs). */
const ON_PANEL = 0.4;
const SECOND = 2;
/** A leaf of panel is so much wider and higher than its hole, m. */
const LEAF_OVER = { wide: 0.1, high: 0.05 } as const;

const reasonOf = ({ arch }: ArchShape): Reason => ({ stage: 'arch', part: { on: 'arch', arch: arch.id } });
const pieceOf = ({ arch }: ArchShape, of: string, nth: number) =>
  ({ on: 'arch-piece', arch: arch.id, of, nth }) as const;

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

const told = (code: 'mesh.arch-skin' | 'mesh.arch-ends', name: string, count: number, length: number): Term =>
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
            told('mesh.arch-skin', shape.name, over, strip),
            ...(endStrips > 0 ? [told('mesh.arch-ends', shape.name, endStrips, endStrip)] : []),
          ],
        },
      ]),
  };
}

const noWidth = (mesh: string, hand: AtHand): Candidate => ({
  id: '',
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
  const onFrame = 'panel' in shape.arch ? ON_PANEL : PITCH.ring;
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

/** As high as it is meant, or as the curve lets it be. */
function leafHigh(shape: ArchShape, opening: Opening): number {
  const hanging = hangingOf(opening);
  return hanging.hangs === 'posts' ? leafTop(hanging, headroomOver(shape, opening)) : hanging.height;
}

/** Whole panels, and what ends and doors are cut from. */
function panelDemands(shape: ArchShape, made: Made, doors: readonly Opening[]): readonly Demand[] {
  const { arch, ribs, bent, base } = shape;
  if (!('panel' in arch)) return [];
  const panel = made.mesh(arch.panel);
  const [width, sold] = [Math.max(...panel.widths), Math.max(...panel.lengths)];
  const whole = bent > sold - ROUNDED;
  const run = (of: 'panel' | 'front' | 'back' | 'door' | 'lintel', nth: number, length: number): Run =>
    plainRun(`arch-${of}`, pieceOf(shape, of, nth), length, placeAt('arch-panel', shape.nth, nth));
  const ends = endPanels(shape, width);
  const cut = [
    ...(whole ? [] : Array.from({ length: ribs.count }, (_, i) => run('panel', i + 1, bent))),
    // The first rows are the front, the others the back.
    ...Array.from({ length: ends }, (_, i) =>
      run(i < ends / hungEnds(shape).length ? 'front' : 'back', i + 1, Math.min(base, sold - ROUNDED)),
    ),
    ...doors.map((door, i) => run('door', i + 1, leafHigh(shape, door) + LEAF_OVER.high)),
    ...(ends > 0 ? doors.map((door, i) => run('lintel', i + 1, door.width + LEAF_OVER.wide)) : []),
  ];
  const length = cut.reduce((t, r) => t + r.length, 0);
  const reason = reasonOf(shape);
  return [
    ...(whole
      ? Array.from({ length: ribs.count }, () => ({
          ...reason,
          buy: 'piece' as const,
          product: arch.panel,
          width: width - ROUNDED,
          length: sold - ROUNDED,
        }))
      : []),
    ...(cut.length > 0
      ? [
          {
            ...reason,
            buy: 'strip' as const,
            mesh: arch.panel,
            width: width - ROUNDED,
            lap: 0,
            runs: cut,
            takes: { least: length, most: length },
            need: () => [
              sum(
                'mesh.arch-panels',
                'm',
                { name: shape.name },
                cut.map((r) => value('cut.piece-length', r.length, 'm', {})),
              ),
            ],
          },
        ]
      : []),
  ];
}

/** What joins the frame: ties along the seams of panels, staples on the boards, tees. */
function frameFasteners(shape: ArchShape, made: Made): readonly Ask[] {
  const { arch, ribs, bent } = shape;
  const reason = reasonOf(shape);
  const crossing = 'panel' in arch ? SECOND * made.mesh(arch.panel).opening.along : 0;
  const seams = 'panel' in arch ? ribs.count - 1 : 0;
  const ties = Array.from({ length: seams }, () => onePast('arch.ties', bent, crossing, { length: bent }));
  const feet = arch.board > 0 ? 2 : 0;
  const along = (at: 'foot' | 'skin') =>
    Array.from({ length: feet }, () =>
      onePast('fasten.board', ribs.built, PITCH.high, { at, length: ribs.built }),
    );
  return [
    packed(reason, 'tie', ties),
    packed(reason, 'staple', [
      ...('panel' in arch ? along('foot') : []),
      ...(arch.skin === null ? [] : along('skin')),
    ]),
    ...(arch.foot === 'stakes'
      ? [packed(reason, 'stake', [value('arch.stakes', stakesOf(shape), 'piece', {})])]
      : []),
    ...(teesOf(shape) > 0 ? [packed(reason, 'tee', [value('arch.tees', teesOf(shape), 'piece', {})])] : []),
    ...(wheelsOf(arch) > 0
      ? [packed(reason, 'wheel', [value('arch.wheels', wheelsOf(arch), 'piece', {})])]
      : []),
  ];
}

/** Finer mesh along both feet and the hung ends, but where a door is. */
function lowDemands(shape: ArchShape, gates: readonly Opening[]): readonly Demand[] {
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

function filmDemands(shape: ArchShape): readonly Demand[] {
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

function stickDemands(shape: ArchShape, made: Made, gates: readonly Opening[]): readonly Ask[] {
  const runs = new Map<string, Run[]>();
  for (const { timber, of, lengths } of sticksOf(shape, made, gates)) {
    const these = runs.get(timber) ?? [];
    runs.set(timber, these);
    lengths.forEach((length, i) =>
      these.push(
        plainRun(
          'arch-stick',
          pieceOf(shape, of, i + 1),
          length,
          placeAt('arch-stick', shape.nth, these.length),
        ),
      ),
    );
  }
  return [...runs].map(([timber, these]) => ({ ...reasonOf(shape), buy: 'timber', timber, runs: these }));
}

/** What is asked for by the arches: frames, skins, ends, film and what fastens them. */
export function archDemands(
  shapes: readonly ArchShape[],
  openings: readonly Opening[],
  products: Products,
): readonly Demand[] {
  return shapes.flatMap((shape): readonly Demand[] => {
    if (!shape.curve) return [];
    const { skin, id } = shape.arch;
    const within = openingsIn(shape, openings);
    const gates = within.filter(partsFence);
    const doors = within.filter((o) => openingRow(o).leaf === 'panel');
    return [
      ...panelDemands(shape, products, doors),
      ...stickDemands(shape, products, gates),
      ...frameFasteners(shape, products),
      ...lowDemands(shape, gates),
      ...filmDemands(shape),
      ...(skin === null
        ? []
        : [
            openSkin(shape, skin),
            {
              ...reasonOf(shape),
              buy: 'after' as const,
              asks: (taken: (alike: string) => Candidate) =>
                skinFasteners(shape, skinFrom(shape, Number(taken(alikeOf(id)).id))),
            },
          ]),
    ];
  });
}
