import type { Plan } from '../plan/schema';
import { THREATS, THREAT_IDS, type ThreatId, isPresent } from '../threats';

const LEAST = { apron: 0.45, buried: 0.3 } as const;

/**
 * The width or depth that stops every digger present.
 *
 * @returns m, at least 0.45 flat and 0.30 buried (domain.md 7)
 */
export function skirtWanted(plan: Pick<Plan, 'threats'>, kind: 'apron' | 'buried'): number {
  const figures = THREAT_IDS.filter((id) => isPresent(plan, id)).map((id) => digFigure(id, kind) ?? 0);
  return Math.max(LEAST[kind], ...figures);
}

export const digFigure = (id: ThreatId, kind: 'apron' | 'buried'): number | null =>
  kind === 'apron' ? THREATS[id].apron : THREATS[id].dig;
