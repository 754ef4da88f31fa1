import type { Ask, Demand } from '../../../buying/demand';
import { type Run, plainRun } from '../../../buying/run';
import { PITCH, onePast, packed } from '../../../fasteners/along';
import { placeAt } from '../../../plan/place';
import { sum, value } from '../../../working';
import { type Opening, hangingOf } from '../../ways/plan/kinds';
import { leafTop } from '../../ways/shown/leaf';
import type { Made } from '../plan/kinds';
import { pieceOf, reasonOf } from '../reason';
import { type ArchShape, headroomOver, hungEnds } from '../shape';
import { endPanels, stakesOf, sticksOf, teesOf, wheelsOf } from './frame';

/** A panel as sold is so much longer and wider than it must be: yards round to the centimetre, m. */
const ROUNDED = 0.01;
/** Panels are knitted at every second crossing (rules: Arched runs). */
const SECOND = 2;
/** A leaf of panel is so much wider and higher than its hole, m. */
const LEAF_OVER = { wide: 0.1, high: 0.05 } as const;

/** As high as it is meant, or as the curve lets it be. */
function leafHigh(shape: ArchShape, opening: Opening): number {
  const hanging = hangingOf(opening);
  return hanging.hangs === 'posts' ? leafTop(hanging, headroomOver(shape, opening)) : hanging.height;
}

/** Whole panels, and what ends and doors are cut from. */
export function panelDemands(shape: ArchShape, known: Made, doors: readonly Opening[]): readonly Demand[] {
  const { made, ribs, bent, base } = shape;
  if (!made.panels) return [];
  const { mesh } = made.panels;
  const panel = known.mesh(mesh);
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
          product: mesh,
          width: width - ROUNDED,
          length: sold - ROUNDED,
        }))
      : []),
    ...(cut.length > 0
      ? [
          {
            ...reason,
            buy: 'strip' as const,
            mesh,
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
export function frameFasteners(shape: ArchShape, known: Made): readonly Ask[] {
  const {
    arch,
    made: { panels },
    ribs,
    bent,
  } = shape;
  const reason = reasonOf(shape);
  const crossing = panels ? SECOND * known.mesh(panels.mesh).opening.along : 0;
  const seams = panels ? ribs.count - 1 : 0;
  const ties = Array.from({ length: seams }, () => onePast('arch.ties', bent, crossing, { length: bent }));
  const feet = arch.board > 0 ? 2 : 0;
  const along = (at: 'foot' | 'skin') =>
    Array.from({ length: feet }, () =>
      onePast('fasten.board', ribs.built, PITCH.high, { at, length: ribs.built }),
    );
  return [
    packed(reason, 'tie', ties),
    packed(reason, 'staple', [
      ...(panels ? along('foot') : []),
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

/** Boards, ridge, props, hoops and what goes beside its doors. */
export function stickDemands(shape: ArchShape, made: Made, gates: readonly Opening[]): readonly Ask[] {
  const runs = new Map<string, Run[]>();
  for (const { timber, of, lengths } of sticksOf(shape, made, gates)) {
    const runsOfTimber = runs.get(timber) ?? [];
    runs.set(timber, runsOfTimber);
    lengths.forEach((length, i) =>
      runsOfTimber.push(
        plainRun(
          'arch-stick',
          pieceOf(shape, of, i + 1),
          length,
          placeAt('arch-stick', shape.nth, runsOfTimber.length),
        ),
      ),
    );
  }
  return [...runs].map(([timber, these]) => ({ ...reasonOf(shape), buy: 'timber', timber, runs: these }));
}
