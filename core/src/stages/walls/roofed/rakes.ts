import type { FenceLine } from '../../../ground/fenceLines';
import { type RoofPoint, type StandingRoof, roofAbove, roofAlong } from '../../../ground/standingRoof';
import type { Facet } from '../../../plan/effective';
import { STRONG, topOf } from '../../outline/plan/standing';
import { EPSILON } from '../../../units/round';

/** A line of fence under a roof that stands. Heights above the ground, m. */
export interface RoofedLine {
  readonly line: FenceLine;
  readonly roof: StandingRoof;
  readonly points: readonly RoofPoint[];
  readonly low: number;
  readonly high: number;
  /** Top of its bands. */
  readonly wall: number;
  /** Mesh of the band at the top. */
  readonly mesh: string;
}

/** A wall is closed to what it ends so near to, m. */
export const MEETS = 0.05;

/** Lines under roofs that stand, and how the roof lies over each. */
export const roofedLines = (
  lines: readonly FenceLine[],
  bands: ReadonlyMap<FenceLine, Facet<'bands'>>,
  roofs: readonly StandingRoof[],
): readonly RoofedLine[] =>
  roofs.length === 0
    ? []
    : lines.flatMap((line): RoofedLine[] => {
        const roof = roofAbove(line, roofs);
        const { standing } = line;
        const last = bands.get(line)?.bands.at(-1);
        const mesh = last?.mesh ?? standing?.bands.at(-1)?.mesh ?? STRONG;
        const wall = standing ? topOf(standing) : last?.top;
        if (!roof || wall === undefined) return [];
        const points = roofAlong(line, roof);
        const heights = points.map(({ height }) => height);
        const [low, high] = [Math.min(...heights), Math.max(...heights)];
        return [{ line, roof, points, low, high, wall, mesh }];
      });

/** Mesh above the bands, cut to the fall of the roof between two points of it. All m. */
export interface Rake {
  readonly roofed: RoofedLine;
  readonly nth: number;
  readonly from: number;
  readonly to: number;
  /** How high the roof is over the bands at its two ends. */
  readonly begins: number;
  readonly ends: number;
}

/** What closes the walls up to the roof, where they end at its lowest point. */
export const rakesOf = (roofed: readonly RoofedLine[]): readonly Rake[] =>
  roofed.flatMap((one) => {
    const { points, low, high, wall } = one;
    if (Math.abs(wall - low) > MEETS + EPSILON || high - low <= MEETS + EPSILON) return [];
    return points.slice(1).map(({ at, height }, i): Rake => {
      const before = points[i] ?? { at: 0, height: low };
      return {
        roofed: one,
        nth: i + 1,
        from: before.at,
        to: at,
        begins: before.height - low,
        ends: height - low,
      };
    });
  });

/** A side of the roof over its bands, m². */
export const areaOf = ({ from, to, begins, ends }: Rake): number => ((to - from) * (begins + ends)) / 2;

/** The wall to the roof, bands and what is above them, m². */
export const areaUnder = ({ points }: RoofedLine): number =>
  points.slice(1).reduce((total, { at, height }, i) => {
    const before = points[i];
    return before ? total + ((at - before.at) * (height + before.height)) / 2 : total;
  }, 0);
