import type { RollMarket } from '../../../catalogue/market';
import { type Finding, finding } from '../../../findings/types';
import { type FenceLine, replacedOn } from '../../../ground/fenceLines';
import type { Ring } from '../../../ground/survey';
import type { Foot } from '../../../ground/foot';
import type { Change } from '../../../plan/changes/types';
import type { Plan } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';
import { type Standing, heightOf } from '../../outline/plan/standing';
import { type OpeningLimits, nearOf, passing } from '../../threats/shown/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../../threats/shown/strongMesh';
import { type FoundBand, type Stood, foundBands, foundIn, sidesOf, stoodOn, tieOver } from './found';

/** What a fence that stands is judged by. */
export interface StandingSeenBy {
  readonly market: RollMarket;
  readonly lines: readonly FenceLine[];
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
  readonly feet: ReadonlyMap<string, Foot>;
}

const partOf = ({ lines }: Stood) => ({ on: 'side', side: lines[0]?.id ?? '' }) as const;
const numbersOf = ({ lines }: Stood): readonly number[] => lines.map((line) => line.number);

function bandFindings(by: StandingSeenBy, band: FoundBand): readonly Finding[] {
  const { market, limits } = by;
  const { from, opening, type, wire } = band;
  const part = partOf(band);
  const sides = numbersOf(band);
  const where = { of: 'standing', from, sides } as const;
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
    const params = { of: 'standing' as const, sides, ...torn, wire };
    found.push(finding('mesh.torn', { severity: 'mend', stage: 'walls', part }, params, finer));
  }
  return found;
}

/** What is not known of it, or cannot be as it was said. */
function asSaid(stood: Stood): readonly Finding[] {
  const { standing } = stood;
  const part = partOf(stood);
  const sides = sidesOf(stood);
  const named = { sides: numbersOf(stood) };
  const set =
    (...each: readonly Partial<Standing>[]) =>
    (plan: Plan): readonly Change[] => {
      const now = foundIn(plan, stood) ?? standing;
      return each.map((to) => ({ verb: 'set-standing', sides, standing: { ...now, ...to } }));
    };
  const anew = (): readonly Change[] => [{ verb: 'set-standing', sides, standing: null }];
  const about = { severity: 'mend', stage: 'walls', part } as const;
  const found: Finding[] = [];
  const { height, bands, state } = standing;
  const highest = bands[bands.length - 1]?.top ?? 0;
  if (height === null) {
    const as = heightOf(standing);
    found.push(finding('standing.unmeasured', about, { ...named, as }, set({ height: as })));
  } else if (highest > height + EPSILON) {
    const fitting = bands.filter(({ top }) => top < height - EPSILON);
    const cut = bands[fitting.length];
    found.push(
      finding(
        'standing.over-posts',
        about,
        { ...named, top: highest, height },
        set({ height: highest }, { bands: cut ? [...fitting, { ...cut, top: height }] : fitting }),
      ),
    );
  } else if (highest < height - EPSILON) {
    const params = { ...named, from: highest, to: height };
    // Of posts alone nothing is left to be judged.
    found.push(finding('standing.bare', about, params, bands.length > 0 ? set({ height: highest }) : anew));
  }
  if (state === 'broken') found.push(finding('standing.broken', about, named, anew));
  return found;
}

/** Where a new fence takes the place of an old one, the birds are loose in between unless something is done. */
export function replacedFindings(rings: readonly Ring[]): readonly Finding[] {
  const sides = rings.flatMap((ring) => ring.sides.filter(({ side }) => replacedOn(side) !== null));
  const [first] = sides;
  if (!first) return [];
  const numbers = [...new Set(sides.map(({ number }) => number))].sort((a, b) => a - b);
  const part = { on: 'side', side: first.side.id } as const;
  return [finding('standing.replaced', { severity: 'know', stage: 'walls', part }, { sides: numbers })];
}

/** Everything that is weak about fences that stand, with the mend. */
export function standingFindings(by: StandingSeenBy): readonly Finding[] {
  const stood = stoodOn(by.lines, by.feet);
  return [
    ...stood.flatMap(asSaid),
    ...foundBands(stood, by.market).flatMap((band) => bandFindings(by, band)),
  ];
}
