import { type Headlines } from './told';
import { ratio } from '../../working/term';
import { type Finding, finding } from '../../findings/types';
import { type Change, asRectangle } from '../../plan/changes';
import type { Flock, Plan } from '../../plan/schema';
import { EPSILON, roundUp } from '../../units/round';
import { type Term, product, sum, value } from '../../working';
import { BIRDS, FREE_RANGE_AREA, SPACE_FACTORS } from './plan/kinds';

export interface BirdStage {
  readonly count: Term;
  /** m² */
  readonly areaWanted: Term;
}

/** Area that one flock wants (rules: Birds): m² a bird × birds × school of space. */
function flockArea(flock: Flock, space: Plan['space']): Term {
  const { kind, count, keeping } = flock;
  const birds = value('birds.count', count, 'piece', { kind });
  const each = (area: number) => value('birds.each', area, 'm²', { kind, keeping });
  const params = { kind, count };
  const { bySchool } = BIRDS[kind];
  if (bySchool) return product('birds.kind-area', 'm²', params, [birds, each(bySchool[space])]);
  const usual = keeping === 'confined' ? BIRDS[kind].confined : BIRDS[kind].partDay;
  if (space === 'free-range')
    return product('birds.kind-area', 'm²', params, [birds, each(Math.max(FREE_RANGE_AREA, usual))]);
  const factor = value('birds.space', SPACE_FACTORS[space], 'ratio', { school: space });
  return product('birds.kind-area', 'm²', params, [birds, each(usual), factor]);
}

export function birdStage(plan: Pick<Plan, 'flock' | 'space'>): BirdStage {
  const kept = plan.flock.filter((f) => f.count > 0);
  return {
    count: sum(
      'birds.total',
      'piece',
      {},
      kept.map((f) => value('birds.count', f.count, 'piece', { kind: f.kind })),
    ),
    areaWanted: sum(
      'birds.area-wanted',
      'm²',
      {},
      kept.map((f) => flockArea(f, plan.space)),
    ),
  };
}

/** A rectangular run made deep enough for its birds, to the next half metre. */
function deeper(plan: Plan, wanted: number): Change[] {
  const rectangle = asRectangle(plan);
  if (!rectangle) return [];
  const { run, house } = rectangle;
  const depth = roundUp(wanted / (run.high - run.low) / 0.5) * 0.5;
  return [{ verb: 'lay-out', house, run: { ...run, right: run.left + depth } }];
}

/** @param kept  by the lowest wall, m, null where nothing is fenced; and by what lies over the run */
export function birdFindings(
  flock: Plan['flock'],
  birds: BirdStage,
  area: number,
  { wallTop, overhead }: { readonly wallTop: number | null; readonly overhead: 'covered' | 'open' },
): readonly Finding[] {
  if (birds.count.value === 0)
    return [finding('birds.none', { severity: 'know', stage: 'birds', part: { on: 'plan' } }, {})];
  // With neither run nor net nothing is said of where they are kept.
  if (area === 0) return [];
  const found: Finding[] = [];
  const wanted = birds.areaWanted.value;
  if (area < wanted - EPSILON) {
    found.push(
      finding(
        'birds.crowded',
        { severity: 'mend', stage: 'birds', part: { on: 'plan' } },
        { area, wanted },
        (plan) => deeper(plan, wanted),
      ),
    );
  }
  for (const { id, kind, count } of flock) {
    if (count === 0 || overhead === 'covered') continue;
    const needs = BIRDS[kind].wall;
    if (needs === null)
      found.push(
        finding(
          'birds.cover',
          { severity: 'know', stage: 'birds', part: { on: 'flock', flock: id } },
          { kind },
        ),
      );
    else if (wallTop !== null && wallTop < needs - EPSILON) {
      found.push(
        finding(
          'birds.over',
          { severity: 'know', stage: 'birds', part: { on: 'flock', flock: id } },
          {
            kind,
            wall: wallTop,
            needs,
          },
        ),
      );
    }
  }
  return found;
}

/** Headline numbers: how many, the area they want, and the area each of them has. */
export const birdHeadlines = ({ count, areaWanted }: BirdStage, area: Term): Headlines => ({
  birds: count,
  areaWanted,
  ...(count.value === 0 ? {} : { areaPerBird: ratio('birds.area-each', 'm²', {}, [area, count]) }),
});
