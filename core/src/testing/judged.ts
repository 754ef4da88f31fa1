import type { Way } from '../findings/entry';
import { apply } from '../plan/changes/apply';
import type { Choices, Flock, Plan } from '../plan/schema';
import { reckon } from '../reckon';
import { KINDS as COVERS } from '../stages/cover/plan/kinds';
import type { ThreatId } from '../stages/threats/plan/kinds';
import { worstOf } from '../verdicts/rated/types';
import { type RunOptions, aRun } from './aRun';

export const HENS: readonly Flock[] = [{ id: 'f1', kind: 'hen-heavy', count: 8, keeping: 'confined' }];

export const seen = (...threats: readonly ThreatId[]): Plan['threats'] =>
  Object.fromEntries(threats.map((id) => [id, 'seen' as const]));

export const bands = (...of: readonly (readonly [mesh: string, top: number])[]): Partial<Choices> => ({
  bands: of.map(([mesh, top], i) => ({ id: `b${i}`, mesh, top, widths: 'cheapest' as const })),
});
export const APRON = {
  kind: 'apron',
  mesh: 'fine-13',
  width: 0.45,
  lapUp: 0.1,
} as const satisfies Choices['skirt'];
export const NONE: Choices['skirt'] = { kind: 'none' };

export function run(
  threats: readonly ThreatId[],
  choices: Partial<Choices>,
  more: Partial<RunOptions> = {},
): Plan {
  return aRun({ house: 'none', flock: HENS, threats: seen(...threats), choices, ...more });
}

export function covered(plan: Plan, kind: keyof typeof COVERS, mesh?: string): Plan {
  const [run1] = plan.enclosures;
  const height = plan.choices.plan.bands.at(-1)?.top ?? 1.8;
  const over = { id: 'v1', name: 'lid', enclosure: run1?.id ?? '', outline: null, height };
  const cover = COVERS[kind].usual(over);
  return apply(plan, { verb: 'add-cover', cover: mesh === undefined ? cover : { ...cover, mesh } });
}

/** The worst of each entry for a threat: `open`, `holds`, or `1.20` for what delays so many hours. */
export function rated(plan: Plan, threat: ThreatId, reading: number | null = null) {
  const { verdicts } = reckon(plan, { reading });
  const ways = [...new Set(verdicts.filter((v) => v.threat === threat).map((v) => v.entry))];
  const told = ways.map((way): readonly [Way, string] => {
    const worst = worstOf(verdicts.filter((v) => v.threat === threat && v.entry === way));
    return [way, worst?.rating === 'delays' ? (worst.hours ?? 0).toFixed(2) : (worst?.rating ?? '')];
  });
  return Object.fromEntries(told) as Partial<Record<Way, string>>;
}
