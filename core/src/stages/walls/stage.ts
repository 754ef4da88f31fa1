import { type Chosen, widthsFor } from '../../buying/chosen';
import { stackName } from '../../buying/stack';
import type { MeshCourse } from './courses';
import type { Gathered, WallGroup } from './shown/groups';
import { type BandPlace, type HungBand, hangBand } from './rows';

/** Walls with their widths of roll. */
export interface HungWalls {
  readonly groups: readonly WallGroup[];
  readonly courses: readonly MeshCourse[];
}

/** What a band that leaves its widths open asks to be reached. */
export const reachingOf = ({ band, height, rowLap }: BandPlace) =>
  ({ mesh: band.mesh, height, lap: rowLap, rows: 3 }) as const;

/** Bands as they hang from the rolls that were chosen. */
export function hungWalls(gathered: readonly Gathered[], chosen: Chosen): HungWalls {
  const courses: MeshCourse[] = [];
  const groups = gathered.map(({ wall, places, dressed }): WallGroup => {
    let below: number | null = null;
    const bands = places.map((place): HungBand => {
      const { band: given } = place;
      const widths =
        given.widths === 'cheapest' ? widthsFor(chosen, stackName(reachingOf(place))) : given.widths;
      const { band, courses: these } = dressed(place, widths);
      courses.push(...these);
      // A band that is short leaves a hole below the next.
      const hung = below === place.below ? band : hangBand(place, widths, below);
      below = hung.top;
      return hung;
    });
    return { ...wall, bands };
  });
  return { groups, courses };
}

/** The same as meant: bands whose widths are open reach just so, in one row. */
export const meantWalls = (gathered: readonly Gathered[]): readonly WallGroup[] =>
  gathered.map(({ wall, places, dressed }) => ({
    ...wall,
    bands: places.map((place) =>
      place.band.widths === 'cheapest'
        ? hangBand(place, [place.height])
        : dressed(place, place.band.widths).band,
    ),
  }));
