import { mapOver, noneAsBefore } from '../../engine/layOver';
import { type AnyStep, type Key, step } from '../../engine/step';
import * as K from '../../keys';
import type { Chosen } from '../../plan/effective';
import { type FenceLine, fenceWalks, onPosts } from '../fenceLines';
import { alongLines, bandsAdded, partingsOf, spacingsFound } from '../partings';
import { lineProfiles } from '../profile';
import { standingRoofs } from '../standingRoof';
import { surveyRings } from '../survey';

/** What is chosen along each line: kept as long as the same is chosen along the same lines. */
const along = <C extends object>(
  makes: Key<ReadonlyMap<FenceLine, C>>,
  choice: Key<Chosen<C>>,
  found: (chosen: ReadonlyMap<FenceLine, C>) => ReadonlyMap<FenceLine, C> = (chosen) => chosen,
): AnyStep =>
  step(
    makes,
    { lines: K.LINES, choice, enclosures: K.ENCLOSURES },
    ({ lines, choice: chosen, enclosures }) => found(alongLines(lines, chosen, enclosures)),
    mapOver,
  );

/** Geometry, with no choice in it but what parts one line from the next. */
export const GEOMETRY_STEPS: readonly AnyStep[] = [
  step(
    K.GROUND_AT,
    { terrain: K.TERRAIN },
    ({ terrain }) =>
      (p) =>
        terrain.heightAt(p),
  ),
  step(K.ROOFS, { buildings: K.BUILDINGS }, ({ buildings }) => standingRoofs(buildings), noneAsBefore),
  step(K.RINGS, { corners: K.CORNERS, sides: K.SIDES, enclosures: K.ENCLOSURES }, surveyRings),
  step(
    K.PARTINGS,
    {
      sides: K.SIDES,
      enclosures: K.ENCLOSURES,
      spacing: K.SPACING_CHOICE,
      bands: K.BAND_CHOICE,
      boards: K.BOARD_CHOICE,
      slope: K.SLOPE_CHOICE,
    },
    ({ sides, enclosures, ...by }) => partingsOf({ sides, enclosures }, by),
    (before, after) => {
      const [lines, walls] = [mapOver(before.lines, after.lines), mapOver(before.walls, after.walls)];
      return lines === before.lines && walls === before.walls ? before : { lines, walls };
    },
  ),
  step(
    K.WALKS,
    { sides: K.SIDES, openings: K.OPENING_PLACES, partings: K.PARTINGS, rings: K.RINGS },
    ({ rings, ...plan }) => fenceWalks(plan, rings),
  ),
  step(K.FOOT_LINES, { walks: K.WALKS }, ({ walks }) => walks.flatMap((w) => w.lines)),
  step(K.FENCED, { walks: K.WALKS }, ({ walks }) => onPosts(walks)),
  step(K.LINES, { walks: K.FENCED }, ({ walks }) => walks.flatMap((w) => w.lines)),
  along(K.SPACINGS_CHOSEN, K.SPACING_CHOICE, spacingsFound),
  along(K.BANDS, K.BAND_CHOICE, bandsAdded),
  along(K.BOARDS, K.BOARD_CHOICE),
  along(K.SLOPES, K.SLOPE_CHOICE),
  step(K.PROFILES, { terrain: K.TERRAIN, lines: K.FOOT_LINES }, ({ terrain, lines }) =>
    lineProfiles(terrain, lines),
  ),
  step(K.OWN_OPENINGS, { openings: K.OPENINGS, rings: K.RINGS }, ({ openings, rings }) => {
    const sides = new Set(rings.flatMap((r) => r.sides.map((s) => s.side.id)));
    return openings.filter((o) => sides.has(o.side));
  }),
];
