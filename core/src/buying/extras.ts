import type { Products } from '../catalogue/products';
import type { Assumptions } from '../plan/assumptions';
import { placeAt } from '../plan/place';
import type { ExtraPiece } from '../plan/schema';
import { jointLapOf } from '../catalogue/rigid';
import type { AskOf } from './demand';
import { NO_JOINTS, type Run } from './run';

/** Its shorter size along the roll where both would fit across. */
const lying = (
  { width, height }: ExtraPiece,
  rollWidth: number,
): readonly [length: number, across: number] =>
  Math.max(width, height) <= rollWidth + 1e-9
    ? [Math.min(width, height), Math.max(width, height)]
    : [Math.max(width, height), Math.min(width, height)];

function extraRuns(extra: ExtraPiece, index: number, rollWidth: number): readonly Run[] {
  const [length, across] = lying(extra, rollWidth);
  return Array.from({ length: extra.count }, (_, i) => ({
    part: { on: 'extra' as const, extra: extra.id, nth: i + 1 },
    use: 'extra' as const,
    length,
    startAllowance: 0,
    endAllowance: 0,
    across,
    joints: [],
    atJoint: NO_JOINTS,
    place: placeAt('extra', index, i),
    spans: [],
    leans: [],
  }));
}

/** What the keeper wants cut beside the fence: windows, vents, lids. */
export const extraDemands = (
  extras: readonly ExtraPiece[],
  products: Pick<Products, 'mesh'>,
  assumed: Assumptions,
): readonly AskOf<'sheet'>[] =>
  extras.map((extra, index) => ({
    stage: 'ways',
    part: { on: 'extra', extra: extra.id, nth: 1 },
    buy: 'sheet',
    mesh: extra.mesh,
    width: extra.width,
    height: extra.height,
    count: extra.count,
    lap: jointLapOf(products.mesh(extra.mesh).type, assumed.jointLap),
    runsIn: (rollWidth) => extraRuns(extra, index, rollWidth),
  }));
