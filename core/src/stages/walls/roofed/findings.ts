import { type Finding, finding } from '../../../findings/types';
import { besideLine } from '../../../ground/polyline';
import { type StandingRoof, isUnderDrip } from '../../../ground/standingRoof';
import { type Vector, plus, times } from '../../../ground/vector';
import { type Change, WHOLE_PLAN } from '../../../plan/changes/types';
import type { Facet } from '../../../plan/effective';
import type { FenceLine } from '../../../ground/fenceLines';
import type { Boundary } from '../../../plan/schema';
import { EPSILON, tidy } from '../../../units/round';
import { STRONG, topOf } from '../../outline/plan/standing';
import { MEETS, type RoofedLine } from './rakes';

/** What is looked at where walls go up to a roof that stands. */
export interface RoofedBy {
  readonly roofed: readonly RoofedLine[];
  readonly roofs: readonly StandingRoof[];
  readonly lines: readonly FenceLine[];
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly boundaries: readonly Boundary[];
}

/** A gate so near under a low edge is dripped on, m. */
const DRIPS = 0.35;

/** The wall made as high as the lowest of the roof over it: on its side, or all round. */
function asHigh({ line, low }: RoofedLine, bands: RoofedBy['bands']): readonly Change[] {
  const band = bands.get(line)?.bands.at(-1);
  const side = line.members[0]?.ringSide.side.id;
  if (side === undefined || low < 0.3) return [];
  const to = { top: tidy(low) };
  const { standing } = line;
  const sides = line.members.map((m) => m.ringSide.side.id);
  if (standing)
    return topOf(standing) < low
      ? [{ verb: 'set-higher', sides, higher: { mesh: STRONG, ...to } }]
      : [{ verb: 'set-standing', sides, standing: { ...standing, height: to.top } }];
  if (!band) return [];
  return [
    { verb: 'set-band', scope: { scope: 'side', of: side }, id: band.id, to },
    { verb: 'set-band', scope: WHOLE_PLAN, id: band.id, to },
  ];
}

function meets(one: RoofedLine, { bands }: RoofedBy): Finding[] {
  const { line, roof, low, high, wall } = one;
  const part = { on: 'side', side: line.members[0]?.ringSide.side.id ?? line.id } as const;
  const params = { side: line.number, name: roof.building.name, wall, low, high };
  const about = { severity: 'mend', stage: 'walls', part } as const;
  if (wall < low - MEETS - EPSILON) return [finding('roof.gap', about, params, asHigh(one, bands))];
  return wall > low + MEETS + EPSILON ? [finding('roof.low', about, params, asHigh(one, bands))] : [];
}

/** Gates and doors where a roof drops its water and its snow. */
function drips({ lines, roofs }: RoofedBy): Finding[] {
  const wet = roofs.filter(({ sheds }) => sheds);
  return lines.flatMap((line) =>
    [...line.openings, ...line.doors].flatMap(({ opening, from, to }): Finding[] => {
      const at: Vector = plus(line.start, times(line.direction, (from + to) / 2));
      const roof = wet.find((r) => isUnderDrip(r, at, DRIPS));
      if (!roof) return [];
      const part = { on: 'opening', opening: opening.id } as const;
      const params = { side: line.number, way: opening.kind, name: roof.building.name };
      return [finding('roof.drips', { severity: 'know', stage: 'ways', part }, params)];
    }),
  );
}

/** A roof over the end of the land, with the way back. */
function beyond({ roofs, boundaries }: RoofedBy): Finding[] {
  return roofs.flatMap(({ building }) =>
    boundaries.flatMap(({ kind, line, name }): Finding[] => {
      if (kind !== 'boundary') return [];
      const home = Math.sign(building.outline.reduce((n, p) => n + besideLine(p, line), 0)) || 1;
      const by = Math.max(...building.outline.map((p) => -home * besideLine(p, line)));
      if (by < MEETS) return [];
      const [a, b] = [line[0], line[line.length - 1]];
      const long = a && b ? Math.hypot(b.x - a.x, b.y - a.y) : 0;
      const part = { on: 'building', building: building.id } as const;
      // Its home side lies to the left where that is positive.
      const back: Vector =
        a && b && long > EPSILON
          ? { x: (-home * by * (b.y - a.y)) / long, y: (home * by * (b.x - a.x)) / long }
          : { x: 0, y: 0 };
      const outline = building.outline.map((p) => ({ x: tidy(p.x + back.x), y: tidy(p.y + back.y) }));
      const mends: readonly Change[] = [
        { verb: 'set-on-ground', list: 'buildings', id: building.id, to: { outline } },
      ];
      return [
        finding(
          'roof.over-boundary',
          { severity: 'mend', stage: 'ground', part },
          { name: building.name, boundary: name, by },
          mends,
        ),
      ];
    }),
  );
}

/** What is wrong where walls meet a roof that stands (rules: What stands). */
export const roofFindings = (by: RoofedBy): readonly Finding[] =>
  by.roofs.length === 0 ? [] : [...by.roofed.flatMap((one) => meets(one, by)), ...drips(by), ...beyond(by)];
