import type { AskOf, Demand, Reason } from '../../../buying/demand';
import { NO_JOINTS, type Run } from '../../../buying/run';
import { jointLapOf } from '../../../catalogue/rigid';
import type { Products } from '../../../catalogue/products';
import { PITCH, onePast, packed } from '../../../fasteners/along';
import { ringed } from '../../../fasteners/seams';
import type { Assumptions } from '../../../plan/assumptions';
import { placeAt } from '../../../plan/place';
import { roundUp, tidy } from '../../../units/round';
import type { Rake } from './rakes';

/** A piece cut to a fall lies along its roll up to so high, m; a higher one is hung in upright strips so wide. */
const MOST_ACROSS = 0.9;

/** Pieces of one size out of which some rakes are cut, m. */
interface Blanks {
  readonly rakes: readonly Rake[];
  readonly width: number;
  readonly height: number;
  readonly count: number;
}

const sizeOf = ({ from, to, begins, ends, roofed }: Rake): string =>
  [roofed.mesh, to - from, Math.min(begins, ends), Math.max(begins, ends)]
    .map((v) => (typeof v === 'number' ? v.toFixed(4) : v))
    .join();

/** Two alike are cut from one piece, one of them turned about; each laps the band under it. */
function blanksOf(rakes: readonly Rake[], lap: number): readonly Blanks[] {
  const alike = new Map<string, Rake[]>();
  for (const rake of rakes) alike.set(sizeOf(rake), [...(alike.get(sizeOf(rake)) ?? []), rake]);
  return [...alike.values()].flatMap((group): Blanks[] => {
    const [first] = group;
    if (!first) return [];
    const width = tidy(first.to - first.from);
    const [less, more] = [first.begins, first.ends].sort((a, b) => a - b) as [number, number];
    const single = tidy(more + lap);
    const double = tidy(less + more + 2 * lap);
    if (double <= MOST_ACROSS) {
      const pairs = Math.floor(group.length / 2);
      const paired = { rakes: group.slice(0, 2 * pairs), width, height: double, count: pairs };
      const odd = { rakes: group.slice(2 * pairs), width, height: single, count: group.length % 2 };
      return [paired, odd].filter(({ count }) => count > 0);
    }
    if (single <= MOST_ACROSS) return [{ rakes: group, width, height: single, count: group.length }];
    const strips = roundUp(width / MOST_ACROSS);
    const each = tidy(width / strips + (strips > 1 ? lap : 0));
    return [{ rakes: group, width: each, height: single, count: strips * group.length }];
  });
}

const plain = { startAllowance: 0, endAllowance: 0, joints: [], atJoint: NO_JOINTS, spans: [], leans: [] };

const reasonOf = ({ roofed }: Rake): Reason => ({
  stage: 'walls',
  part: { on: 'side', side: roofed.line.id },
});

/** Lying along a roll where they go across it, else across. */
function runsIn({ rakes, width, height, count }: Blanks, rollWidth: number): readonly Run[] {
  const [length, across] = height <= rollWidth + 1e-9 ? [width, height] : [height, width];
  return Array.from({ length: count }, (_, i): Run => {
    const of = rakes[Math.floor((i * rakes.length) / count)] ?? rakes[0];
    return {
      ...plain,
      part: { on: 'rake', side: of?.roofed.line.id ?? '', nth: i + 1 },
      use: 'rake',
      length,
      across,
      place: placeAt('gate', of?.roofed.line.number ?? 0, i),
    };
  });
}

/** Mesh between the bands and a roof that falls along them, ringed to the bands and stapled to the rafters. */
export function rakeDemands(
  rakes: readonly Rake[],
  products: Pick<Products, 'mesh'>,
  assumed: Assumptions,
): readonly Demand[] {
  const [first] = rakes;
  if (!first) return [];
  const sheets = blanksOf(rakes, assumed.bandLap).map((blanks): AskOf<'sheet'> => {
    const of = blanks.rakes[0] ?? first;
    const { mesh } = of.roofed;
    return {
      ...reasonOf(of),
      buy: 'sheet',
      mesh,
      width: blanks.width,
      height: blanks.height,
      count: blanks.count,
      lap: jointLapOf(products.mesh(mesh).type, assumed.jointLap),
      runsIn: (rollWidth) => runsIn(blanks, rollWidth),
    };
  });
  return [
    ...sheets,
    ringed(
      reasonOf(first),
      rakes.map(({ from, to }) => ({ kind: 'bands', length: to - from })),
    ),
    packed(
      reasonOf(first),
      'staple',
      rakes.map(({ from, to, begins, ends }) => {
        const length = Math.hypot(to - from, ends - begins);
        return onePast('fasten.board', length, PITCH.high, { at: 'roof', length });
      }),
    ),
  ];
}
