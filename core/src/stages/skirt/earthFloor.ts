import { type Finding, finding } from '../../findings/types';
import type { Change } from '../../plan/changes/types';
import type { Building, Plan } from '../../plan/schema';
import { THREAT_IDS, isPresent, threatIn } from '../threats/plan/kinds';
import { skirtOfKind, stopsDigging } from './plan/wanted';

export interface EarthFloorsBy {
  readonly buildings: readonly Building[];
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
}

/** A floor of earth is dug through, unless a skirt or what is at its foot already stops who digs (rules: What stands). */
export const earthFloorFindings = (by: EarthFloorsBy): readonly Finding[] =>
  by.buildings.flatMap(({ id, name, floor, skirt, foot }) => {
    if (floor?.kind !== 'earth' || skirt) return [];
    const there = { mesh: null, depth: foot?.depth ?? 0, out: foot?.out ?? 0 };
    const threats = THREAT_IDS.filter(
      (threat) =>
        isPresent(by, threat) && threatIn(by, threat).dig !== null && !stopsDigging(by, threat, there),
    );
    if (threats.length === 0) return [];
    const laid = (plan: Plan): readonly Change[] => [
      {
        verb: 'set-on-ground',
        list: 'buildings',
        id,
        to: { skirt: skirtOfKind(plan, 'apron', { kind: 'none' }) },
      },
    ];
    const part = { on: 'building', building: id } as const;
    return [
      finding('house.earth-floor', { severity: 'mend', stage: 'skirt', part }, { name, threats }, laid),
    ];
  });
