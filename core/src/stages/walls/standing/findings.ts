import type { RollMarket } from '../../../catalogue/market';
import { type Finding, finding } from '../../../findings/types';
import { type FenceLine, standingOn } from '../../../ground/fenceLines';
import type { Foot } from '../../../ground/foot';
import type { Change } from '../../../plan/changes/types';
import type { Plan } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';
import { type Standing, heightOf } from '../../outline/plan/standing';
import { type OpeningLimits, nearOf, passing } from '../../threats/shown/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../../threats/shown/strongMesh';
import { type FoundBand, foundBands } from './found';

/** What a fence that stands is judged by. */
export interface StandingSeenBy {
  readonly market: RollMarket;
  readonly lines: readonly FenceLine[];
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
  readonly feet: ReadonlyMap<string, Foot>;
}

const sidesOf = ({ members }: FenceLine): readonly string[] => members.map((m) => m.ringSide.side.id);
const partOf = (line: FenceLine) => ({ on: 'side', side: line.id }) as const;

/** What stands on a line as the plan has it now: another mend may have been made since. */
const foundIn = ({ sides }: Plan, { id }: FenceLine): Standing | null => {
  const side = sides.find((s) => s.id === id);
  return side ? standingOn(side) : null;
};

/** A band of finer mesh over its foot, as high as what it has to cover; nothing where none is sold. */
const tieOver =
  ({ line, top }: FoundBand, finer: () => string | undefined) =>
  (plan: Plan): readonly Change[] => {
    const mesh = finer();
    if (mesh === undefined) return [];
    const low = { mesh, top: Math.max(foundIn(plan, line)?.low?.top ?? 0, top) };
    return [{ verb: 'set-low-band', sides: sidesOf(line), low }];
  };

function bandFindings(by: StandingSeenBy, band: FoundBand): readonly Finding[] {
  const { market, limits } = by;
  const { line, from, opening, type, wire } = band;
  const part = partOf(line);
  const where = { of: 'standing', from, side: line.number } as const;
  const found: Finding[] = [];
  const strong = wireAgainst(by, breaking(by));
  for (const { code, severity, threats, limit, mendTo } of passing(limits, opening, nearOf(from))) {
    const finer = tieOver(band, () => finerMesh(market, mendTo, strong));
    found.push(
      finding(code, { severity, stage: 'walls', part }, { ...where, opening, threats, limit }, finer),
    );
  }
  if (limits.bird && opening > limits.bird.opening + EPSILON) {
    const params = { kind: limits.bird.kind, opening, holds: limits.bird.opening };
    const finer = tieOver(band, () => finerMesh(market, limits.largestOpening ?? 1, strong));
    found.push(finding('birds.through', { severity: 'mend', stage: 'walls', part }, params, finer));
  }
  const torn = tornBy(by, type, wire);
  if (torn) {
    const finer = tieOver(band, () =>
      finerMesh(market, limits.largestOpening ?? 1, wireAgainst(by, torn.threats)),
    );
    const params = { of: 'standing' as const, side: line.number, ...torn, wire };
    found.push(finding('mesh.torn', { severity: 'mend', stage: 'walls', part }, params, finer));
  }
  return found;
}

/** What is not known of it, or cannot be as it was said. */
function asSaid(line: FenceLine, standing: Standing): readonly Finding[] {
  const part = partOf(line);
  const sides = sidesOf(line);
  const set =
    (...each: readonly Partial<Standing>[]) =>
    (plan: Plan): readonly Change[] => {
      const now = foundIn(plan, line) ?? standing;
      return each.map((to) => ({ verb: 'set-standing', sides, standing: { ...now, ...to } }));
    };
  const anew = (): readonly Change[] => [{ verb: 'set-standing', sides, standing: null }];
  const about = { severity: 'mend', stage: 'walls', part } as const;
  const found: Finding[] = [];
  const { height, bands, state } = standing;
  const highest = bands[bands.length - 1]?.top ?? 0;
  if (height === null) {
    const as = heightOf(standing);
    found.push(finding('standing.unmeasured', about, { side: line.number, as }, set({ height: as })));
  } else if (highest > height + EPSILON) {
    const fitting = bands.filter(({ top }) => top < height - EPSILON);
    const cut = bands[fitting.length];
    found.push(
      finding(
        'standing.over-posts',
        about,
        { side: line.number, top: highest, height },
        set({ height: highest }, { bands: cut ? [...fitting, { ...cut, top: height }] : fitting }),
      ),
    );
  } else if (highest < height - EPSILON) {
    const params = { side: line.number, from: highest, to: height };
    // Of posts alone nothing is left to be judged.
    found.push(finding('standing.bare', about, params, bands.length > 0 ? set({ height: highest }) : anew));
  }
  if (state === 'broken') found.push(finding('standing.broken', about, { side: line.number }, anew));
  return found;
}

/** Everything that is weak about fences that stand, with the mend. */
export function standingFindings(by: StandingSeenBy): readonly Finding[] {
  return [
    ...by.lines.flatMap((line) => (line.standing ? asSaid(line, line.standing) : [])),
    ...foundBands(by.lines, by.market, by.feet).flatMap((band) => bandFindings(by, band)),
  ];
}
