import { type Finding, finding } from '../../findings/types';
import type { Assumptions } from '../../plan/assumptions';
import { apply } from '../../plan/changes/apply';
import type { Change } from '../../plan/changes/types';
import type { Boundary, Building, Plan } from '../../plan/schema';
import { EPSILON, tidy } from '../../units/round';
import { besideLine, betweenLines, toPolyline } from '../../ground/polyline';
import { standsOf } from '../../ground/fenceLines';
import { type Ring, type RingSide, surveyRings } from '../../ground/survey';
import { type Vector, dot, insideOrOn, lerp, minus } from '../../ground/vector';

/** A fence nearer to a wall than this stands against it; nothing is meant to pass between, m. */
const AGAINST = 0.1;
/** Less over a line or off a width is not worth moving a fence for, m. */
const TOLERANCE = 0.005;

/** The outline, and what stands round it. */
export interface StandingRound {
  readonly rings: readonly Ring[];
  readonly buildings: readonly Building[];
  readonly boundaries: readonly Boundary[];
  readonly assumed: Assumptions;
}

/** How far the boxes round a side and a building are apart at least, m: most are nowhere near each other. */
function apart({ start, end }: Pick<RingSide, 'start' | 'end'>, outline: readonly Vector[]): number {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const p of outline) {
    left = Math.min(left, p.x);
    right = Math.max(right, p.x);
    low = Math.min(low, p.y);
    high = Math.max(high, p.y);
  }
  const across = Math.max(left - Math.max(start.x, end.x), Math.min(start.x, end.x) - right);
  const up = Math.max(low - Math.max(start.y, end.y), Math.min(start.y, end.y) - high);
  return Math.max(0, across, up);
}

/** Where a side that is to be a house wall leaves it by, m; 0 when it lies on it. */
function offWall(side: RingSide, outline: readonly Vector[]): number {
  const ring = [...outline, ...outline.slice(0, 1)];
  const ends = [0, 0.5, 1].map((t) => {
    return toPolyline(lerp(side.start, side.end, t), ring);
  });
  return Math.max(...ends);
}

/** A building moved clear of a side: out of the run, or wholly into it. */
function movedOff({ id, outline }: Building, { start, outward }: RingSide): readonly Change[] {
  const out = outline.map((p) => dot(minus(p, start), outward));
  return [-Math.min(...out), -Math.max(...out)].map((by) => ({
    verb: 'set-on-ground',
    list: 'buildings',
    id,
    to: { outline: outline.map((p) => ({ x: tidy(p.x + by * outward.x), y: tidy(p.y + by * outward.y) })) },
  }));
}

function buildingFindings({ buildings }: StandingRound, ring: Ring): Finding[] {
  const found: Finding[] = [];
  for (const side of ring.sides) {
    const own = side.side.kind === 'building' ? side.side.building : undefined;
    for (const building of buildings) {
      const part = { on: 'side', side: side.side.id } as const;
      if (own === building.id) {
        const by = offWall(side, building.outline);
        if (by > 0.05) {
          found.push(
            finding(
              'side.off-wall',
              { severity: 'mend', stage: 'outline', part },
              { side: side.number, building: building.name, by },
              [
                {
                  verb: 'set-side-kind',
                  side: side.side.id,
                  kind: ring.sides.some((s) => s.side.kind === 'arch-foot') ? 'arch-end' : 'fence',
                },
              ],
            ),
          );
        }
        continue;
      }
      // An arch says by itself what it stands in.
      if (side.side.kind !== 'fence') continue;
      if (apart(side, building.outline) > 0) continue;
      const walls = [...building.outline, ...building.outline.slice(0, 1)];
      const inside = [0.02, 0.25, 0.5, 0.75, 0.98].some((t) => {
        const p = lerp(side.start, side.end, t);
        return insideOrOn(p, building.outline, 0) && toPolyline(p, walls) > 0.02;
      });
      if (inside) {
        const params = { side: side.number, building: building.name };
        found.push(
          finding(
            'side.through-building',
            { severity: 'mend', stage: 'outline', part },
            params,
            movedOff(building, side),
          ),
        );
      }
    }
  }
  return found;
}

/** How far a side reaches over a boundary, m, where `home` is the sign of our side of it. */
const reachOver = (side: Pick<RingSide, 'start' | 'end'>, line: readonly Vector[], home: number): number =>
  Math.max(0, -home * besideLine(side.start, line), -home * besideLine(side.end, line));

/** Our side of a boundary: where the buildings are that the run leans on, otherwise where most of its corners are. */
function homeSide(buildings: readonly Building[], ring: Ring, line: readonly Vector[]): number {
  const leaned = ring.sides.flatMap((s) => (s.side.kind === 'building' ? [s.side.building] : []));
  const walls = buildings.filter((b) => leaned.includes(b.id)).flatMap((b) => b.outline);
  const points = walls.length > 0 ? walls : ring.sides.map((s) => s.start);
  const left = points.reduce((total, p) => total + Math.sign(besideLine(p, line)), 0);
  return left >= 0 ? 1 : -1;
}

/** A side moved inwards, only where that truly brings it back. */
const movedBack =
  (ring: Ring, side: RingSide, by: number, mended: (then: RingSide) => boolean) =>
  (plan: Plan): Change[] => {
    const change: Change = { verb: 'move-side', side: side.side.id, by: tidy(-by) };
    const then = surveyRings(apply(plan, change))
      .find((r) => r.enclosure === ring.enclosure)
      ?.sides.find((s) => s.side.id === side.side.id);
    return then && then.length > 0.3 && mended(then) ? [change] : [];
  };

function boundaryFindings({ buildings, boundaries }: StandingRound, ring: Ring): Finding[] {
  // A path or a bank ends no land.
  const ends = boundaries.filter(({ kind }) => kind === 'boundary');
  return ends.flatMap((boundary) => {
    const home = homeSide(buildings, ring, boundary.line);
    return ring.sides.flatMap((side): Finding[] => {
      const by = reachOver(side, boundary.line, home);
      if (by < TOLERANCE) return [];
      const params = { side: side.number, boundary: boundary.name, by };
      const mends = movedBack(ring, side, by, (s) => reachOver(s, boundary.line, home) < TOLERANCE);
      return [
        finding(
          'side.over-boundary',
          { severity: 'mend', stage: 'outline', part: { on: 'side', side: side.side.id } },
          params,
          mends,
        ),
      ];
    });
  });
}

/** A fence beside a wall that it does not lean on leaves a way; a barrow wants 1.0 (rules: Gates and doors). */
function laneFindings({ buildings }: StandingRound, ring: Ring, lane: number): Finding[] {
  const found: Finding[] = [];
  for (const building of buildings) {
    const walls = [...building.outline, ...building.outline.slice(0, 1)];
    const gapOf = (side: Pick<RingSide, 'start' | 'end'>) => betweenLines(side.start, side.end, walls);
    let narrowest: { side: RingSide; width: number } | undefined;
    for (const side of ring.sides) {
      if (standsOf(side.side) === null) continue;
      if (apart(side, building.outline) > lane) continue;
      const width = gapOf(side);
      if (width < AGAINST || width >= lane - TOLERANCE) continue;
      // Round a corner from where the run leans on this wall there is no way through.
      if (leansNear(ring, side, walls)) continue;
      if (!narrowest || width < narrowest.width) narrowest = { side, width };
    }
    if (!narrowest) continue;
    const { side, width } = narrowest;
    const mends = movedBack(ring, side, lane - width, (s) => gapOf(s) >= lane - TOLERANCE);
    const params = { side: side.number, building: building.name, width, lane };
    found.push(
      finding(
        'lane.narrow',
        { severity: 'mend', stage: 'outline', part: { on: 'side', side: side.side.id } },
        params,
        mends,
      ),
    );
  }
  return found;
}

/** Whether the run meets this wall one side away, so that nobody walks between. */
function leansNear(ring: Ring, side: RingSide, walls: readonly Vector[]): boolean {
  const i = ring.sides.indexOf(side);
  const n = ring.sides.length;
  const around = [ring.sides[(i + n - 1) % n], ring.sides[(i + 1) % n]];
  return around.some((s) => s !== undefined && betweenLines(s.start, s.end, walls) < AGAINST);
}

/** What stands in the way of the outline: houses, boundaries, ways that grow too narrow. */
export function outlineFindings(all: StandingRound): readonly Finding[] {
  // A roof on posts stands in nobody's way.
  const by = { ...all, buildings: all.buildings.filter((b) => b.stands === 'walls') };
  return by.rings.flatMap((ring) => [
    ...buildingFindings(by, ring),
    ...boundaryFindings(by, ring),
    ...laneFindings(by, ring, by.assumed.barrowLane + EPSILON),
  ]);
}
