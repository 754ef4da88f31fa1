import type { RollMarket } from '../../../catalogue/market';
import { type Finding, finding } from '../../../findings/types';
import type { Change } from '../../../plan/changes/types';
import type { Building, Plan } from '../../../plan/schema';
import type { Vent } from '../../ground/plan/house';
import { type OpeningLimits, passing, shorterSide } from '../../threats/shown/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../../threats/shown/strongMesh';

/** What vents and windows are judged by. */
export interface VentsSeenBy {
  readonly market: RollMarket;
  readonly buildings: readonly Building[];
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
}

/** With other mesh over one of its vents. */
const covered =
  ({ id }: Building, vent: Vent, mesh: () => string | undefined) =>
  ({ ground }: Plan): readonly Change[] => {
    const finer = mesh();
    const vents = ground.buildings.find((b) => b.id === id)?.vents;
    if (finer === undefined || !vents) return [];
    const all = vents.map((v) => (v.id === vent.id ? { ...v, mesh: finer } : v));
    return [{ verb: 'set-on-ground', list: 'buildings', id, to: { vents: all } }];
  };

function ventFindings(by: VentsSeenBy, building: Building, vent: Vent): readonly Finding[] {
  const { market, limits } = by;
  const part = { on: 'building', building: building.id } as const;
  const mesh = vent.mesh === null ? null : market.mesh(vent.mesh);
  // Fly screen is torn by a claw: it counts as nothing (rules: What stands).
  const opening = mesh ? shorterSide(mesh) : Math.min(vent.width, vent.height);
  const strong = wireAgainst(by, breaking(by));
  const named = `${vent.name} of ${building.name}`;
  const found = passing(limits, opening, 'within-reach').map(
    ({ code, severity, threats, limit, mendTo }): Finding =>
      finding(
        code,
        { severity, stage: 'ways', part },
        { of: 'house', named, opening, threats, limit, from: 0 },
        covered(building, vent, () => finerMesh(market, mendTo, strong)),
      ),
  );
  const torn = mesh && tornBy(by, mesh.type, mesh.wire);
  if (torn) {
    const finer = () => finerMesh(market, limits.largestOpening ?? 1, wireAgainst(by, torn.threats));
    found.push(
      finding(
        'mesh.torn',
        { severity: 'mend', stage: 'ways', part },
        { of: 'house', named, ...torn, wire: mesh.wire },
        covered(building, vent, finer),
      ),
    );
  }
  return found;
}

/** What comes in through vents, windows and gaps of houses. */
export const houseFindings = (by: VentsSeenBy): readonly Finding[] =>
  by.buildings.flatMap((building) =>
    (building.vents ?? []).flatMap((vent) => ventFindings(by, building, vent)),
  );
