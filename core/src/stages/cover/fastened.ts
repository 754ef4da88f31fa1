import { countPast } from '../../fasteners/along';
import { supportsOf } from './held/supports';
import type { CoverShape } from './over/shape';

/** Screws with washers along a purlin, m (rules: Walls): where the wind works. */
export const SCREW_EACH = 0.25;
/** Ties round the edge of a net. */
export const TIE_EACH = 0.3;

/** Screws that hold sheets down on their purlins. */
export const sheetScrews = (shape: CoverShape): number =>
  supportsOf(shape, null, { topRail: () => false, posts: [] }).rails.reduce(
    (n, { length }) => n + countPast(length, SCREW_EACH),
    0,
  );
