import { MESH_TYPES, type MeshType, typeOf } from '../../../catalogue/meshTypes';
import type { Goods } from '../../../catalogue/goods';
import type { RollPrices } from '../../../catalogue/market';
import type { MeshProduct } from '../../../catalogue/types';
import { EPSILON } from '../../../units/round';
import { THREAT_IDS, type ThreatId, type Threatened, isPresent, threatIn } from '../plan/kinds';
import { shorterSide } from './openings';

/** The thinnest welded wire that none of these breaks, m. */
export const wireAgainst = (plan: Pick<Threatened, 'threatFigures'>, threats: readonly ThreatId[]): number =>
  Math.max(0, ...threats.map((id) => threatIn(plan, id).wire ?? 0));

/** Which present threats break this mesh: hex and plastic are torn, thin wire is bitten through (rules: Threats). */
export function tornBy(plan: Threatened, type: MeshType, wire: number) {
  const soft = MESH_TYPES[type].torn;
  const threats = THREAT_IDS.filter((id) => {
    const threat = threatIn(plan, id);
    if (!isPresent(plan, id)) return false;
    if (soft) return threat.tears;
    return threat.wire !== null && wire < threat.wire - EPSILON;
  });
  if (threats.length === 0) return undefined;
  const needs = soft ? null : wireAgainst(plan, threats);
  return { threats, needs };
}

/** The present threats that break thin wire: a mesh hung against some of them must stand up to all. */
export const breaking = (plan: Threatened): readonly ThreatId[] =>
  THREAT_IDS.filter((id) => isPresent(plan, id) && threatIn(plan, id).wire !== null);

/**
 * The cheapest welded mesh by the square metre at this yard whose opening is smaller and whose wire is thick enough, m; where none is, the cheapest of
 * what else is hung as a wall and not torn.
 */
export function finerMesh(
  ...[market, limit, wire, fit = () => true]: Parameters<typeof cheapest>
): string | undefined {
  return (
    cheapest(market, limit, wire, (mesh) => typeOf(mesh).welded && fit(mesh)) ??
    cheapest(market, limit, wire, (mesh) => typeOf(mesh).wall && !typeOf(mesh).rigid && fit(mesh))
  );
}

function cheapest(
  market: Pick<Goods, 'meshIds' | 'mesh'> & Pick<RollPrices, 'meshRate'>,
  limit: number,
  wire: number,
  fit: (mesh: MeshProduct) => boolean = () => true,
): string | undefined {
  let best: { id: string; rate: number } | undefined;
  for (const id of market.meshIds()) {
    const mesh = market.mesh(id);
    if (typeOf(mesh).torn || shorterSide(mesh) >= limit - EPSILON || mesh.wire < wire - EPSILON || !fit(mesh))
      continue;
    const rate = market.meshRate(id);
    if (Number.isFinite(rate) && (!best || rate < best.rate)) best = { id, rate };
  }
  return best?.id;
}
