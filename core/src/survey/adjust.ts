import { Matrix, SVD } from 'ml-matrix';
import { type Vector, distance } from '../ground/vector';
import { type TapeReading, endOf } from './types';

/** Steps of the iteration at most; it settles in four or five from places a metre off. */
const MOST_STEPS = 40;
const SETTLED = 1e-10;

export interface Adjusted {
  readonly places: ReadonlyMap<string, Vector>;
  /** Read less fitted for each reading, in their order, m. */
  readonly residuals: readonly number[];
  /** Inverse of the normal matrix: covariances in units of the variance of a reading; x and y of each stake in turn. */
  readonly cofactors: Matrix;
  /** Sum of squared residuals, m². */
  readonly misfit: number;
}

/**
 * Least squares on distances with equal weights (Gauss–Newton, shortened steps where they would make it worse).
 *
 * @param stakes  ids of the places that are sought
 * @param marks   places that are known
 * @param start   a first guess for every stake
 * @see rules: Slope and survey. A stake by its distances to marks, least squares on the distances with equal weights
 */
export function adjust(
  stakes: readonly string[],
  marks: ReadonlyMap<string, Vector>,
  readings: readonly TapeReading[],
  start: ReadonlyMap<string, Vector>,
): Adjusted {
  const column = new Map(stakes.map((id, i) => [id, 2 * i]));
  let places = new Map(stakes.map((id) => [id, start.get(id) ?? { x: 0, y: 0 }]));
  const ends = (reading: TapeReading, at: ReadonlyMap<string, Vector>) => {
    const from = at.get(reading.stake) ?? { x: 0, y: 0 };
    const { mark, stake = '' } = endOf(reading.to);
    const to = mark === undefined ? at.get(stake) : marks.get(mark);
    return { from, to: to ?? from };
  };
  const residualsAt = (at: ReadonlyMap<string, Vector>) =>
    readings.map((r) => {
      const { from, to } = ends(r, at);
      return r.level - distance(from, to);
    });
  const squares = (values: readonly number[]) => values.reduce((t, v) => t + v * v, 0);

  const design = () => {
    const rows = Matrix.zeros(readings.length, 2 * stakes.length);
    readings.forEach((reading, i) => {
      const { from, to } = ends(reading, places);
      const length = distance(from, to) || 1e-9;
      const [x, y] = [(from.x - to.x) / length, (from.y - to.y) / length];
      const own = column.get(reading.stake);
      if (own !== undefined) {
        rows.set(i, own, x);
        rows.set(i, own + 1, y);
      }
      const other = column.get(endOf(reading.to).stake ?? '');
      if (other !== undefined) {
        rows.set(i, other, -x);
        rows.set(i, other + 1, -y);
      }
    });
    return rows;
  };

  let residuals = residualsAt(places);
  for (let step = 0; step < MOST_STEPS; step++) {
    const solution = new SVD(design(), { autoTranspose: true }).solve(Matrix.columnVector(residuals));
    let share = 1;
    let next = places;
    let nextResiduals = residuals;
    for (; share > 1e-4; share /= 2) {
      next = new Map(
        stakes.map((id, i) => {
          const at = places.get(id) ?? { x: 0, y: 0 };
          return [
            id,
            { x: at.x + share * solution.get(2 * i, 0), y: at.y + share * solution.get(2 * i + 1, 0) },
          ];
        }),
      );
      nextResiduals = residualsAt(next);
      if (squares(nextResiduals) <= squares(residuals) + 1e-15) break;
    }
    const moved = share * Math.max(...solution.to1DArray().map(Math.abs));
    places = next;
    residuals = nextResiduals;
    if (moved < SETTLED || share <= 1e-4) break;
  }
  const rows = design();
  return {
    places,
    residuals,
    cofactors: new SVD(rows.transpose().mmul(rows)).inverse(),
    misfit: squares(residuals),
  };
}
