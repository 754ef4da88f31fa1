import { countPast, onePast, packed } from '../../../fasteners/along';
import { SCREW_EACH } from '../fastened';
import { MOST_PURLINS, MOST_RAFTERS } from '../held/lines';
import { NONE, onRafters } from '../held/supports';
import { type ShapeOf, fallOf } from '../over/shape';
import { halfTurn } from '../over/strips';
import type { Side } from '../over/ways';
import { reasonOf } from '../reason';
import { rowRuns } from '../runs';
import { carriedRows } from '../strength/carried';
import { anyWidth, inThePlane, laidOutAt } from './flat';
import { gutter } from './gutter';
import type { Laying } from './laying';

/** Added below the low edge of a sheet, so that it drips clear of its support, m. */
const EAVE = 0.05;
/** Of sheet over sheet down the fall. */
const SHEET_LAP = 0.2;

/** Sheets run down the fall, and drip clear of the eave. */
function sideOf(shape: ShapeOf<'sheets'>): Side {
  const { x, y } = shape.cover.rise === 0 ? shape.box.axes.v : fallOf(shape.cover);
  const sheet = halfTurn(Math.atan2(y, x));
  return {
    lap: 0,
    turnDown: EAVE / 2,
    jointLap: SHEET_LAP,
    outline: shape.laidOut,
    ways: [{ laid: laidOutAt(shape, sheet), sheet }],
    edges: ['low'],
    widths: anyWidth,
    fewest: false,
  };
}

/** Down the fall, on purlins over rafters, screwed against the wind. */
export const sheets: Laying<'sheets'> = {
  side: sideOf,
  runs: rowRuns,
  standing: () => NONE,
  supports: (shape) => onRafters(shape, MOST_PURLINS, MOST_RAFTERS),
  asks: ({ shape, held }) => [
    packed(
      reasonOf(shape),
      'screw',
      held.rails.map(({ length }) => onePast('cover.screws', length, SCREW_EACH, { length })),
    ),
    ...gutter(shape, held),
  ],
  strength: carriedRows,
  pulledAt: () => 0,
  holdsDown: ({ held }, { screwHolds }) =>
    held.rails.reduce((n, { length }) => n + countPast(length, SCREW_EACH), 0) * screwHolds,
  corners: inThePlane,
  fit: () => null,
  figures: () => ({}),
  hours: 'pieces',
};
