import type { RollMarket } from '../../../catalogue/market';
import { type Finding, finding } from '../../../findings/types';
import { standingOn } from '../../../ground/fenceLines';
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

/** Meshes that walls are hung of anyway: what is left of their rolls may cover a vent. */
function meshesHung({ choices, sides }: Plan): ReadonlySet<string> {
  const bands = [choices.plan, ...Object.values(choices.side)].flatMap((own) => own.bands ?? []);
  const added = sides.flatMap((side) => standingOn(side)?.low?.mesh ?? []);
  return new Set([...bands.map((b) => b.mesh), ...added]);
}

/** The cheapest mesh that holds, of those that are hung anyway and of all that are sold. */
type Finer = (fit?: (mesh: { readonly id: string }) => boolean) => string | undefined;

/** With other mesh over one of its vents. */
export const ventMeshed =
  ({ id }: Building, vent: Vent, finer: Finer) =>
  (plan: Plan): readonly Change[] => {
    const vents = plan.ground.buildings.find((b) => b.id === id)?.vents;
    if (!vents) return [];
    const hung = meshesHung(plan);
    const meshes = new Set([finer((mesh) => hung.has(mesh.id)), finer()]);
    return [...meshes].flatMap((mesh): readonly Change[] => {
      if (mesh === undefined) return [];
      const all = vents.map((v) => (v.id === vent.id ? { ...v, mesh } : v));
      return [{ verb: 'set-on-ground', list: 'buildings', id, to: { vents: all } }];
    });
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
        ventMeshed(building, vent, (fit) => finerMesh(market, mendTo, strong, fit)),
      ),
  );
  const torn = mesh && tornBy(by, mesh.type, mesh.wire);
  if (torn) {
    const finer: Finer = (fit) =>
      finerMesh(market, limits.largestOpening ?? 1, wireAgainst(by, torn.threats), fit);
    found.push(
      finding(
        'mesh.torn',
        { severity: 'mend', stage: 'ways', part },
        { of: 'house', named, ...torn, wire: mesh.wire },
        ventMeshed(building, vent, finer),
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
