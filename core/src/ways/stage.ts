import type { Market } from '../catalogue/market';
import { type Finding, finding } from '../findings/types';
import type { Ring } from '../ground/survey';
import type { Gate, Plan, PopDoor } from '../plan/schema';
import { type OpeningLimits, passing } from '../threats';

/** A gate bought as a kit of its clear width. */
export interface HungGate {
  readonly opening: Gate | PopDoor;
  /** The kit's sold width, m; undefined when this yard has none so wide. */
  readonly kit: number | undefined;
}

export interface WayStage {
  readonly gates: readonly HungGate[];
  readonly popDoors: readonly HungGate[];
  readonly findings: readonly Finding[];
}

export const GATE_KIT = 'gate-kit';
export const POP_DOOR_KIT = 'pop-door-kit';
/** Kits and openings agree within this, m: 3 ft and 0.914 are the same gate. */
const SAME_WIDTH = 0.001;
/** Tightest gap that can be hung and still swings, m. */
const TIGHT_GAP = 0.01;

/** Gates, their kits, and what gets through beside a shut leaf (mice left out, domain.md 8). */
export function wayStage(
  plan: Plan,
  market: Market,
  rings: readonly Ring[],
  limits: OpeningLimits,
): WayStage {
  const findings: Finding[] = [];
  const kitFor = (opening: Gate | PopDoor): number | undefined => {
    const widths = market.kits(opening.kind === 'gate' ? GATE_KIT : POP_DOOR_KIT).map((u) => u.size);
    const kit = widths.find((w) => Math.abs(w - opening.width) <= SAME_WIDTH);
    if (kit !== undefined) return kit;
    const nearest = widths.reduce<number | null>(
      (best, w) => (best === null || Math.abs(w - opening.width) < Math.abs(best - opening.width) ? w : best),
      null,
    );
    const mends =
      nearest === null ? [] : [{ verb: 'set-opening', id: opening.id, to: { width: nearest } } as const];
    const code = opening.kind === 'gate' ? 'gate.no-kit' : 'pop-door.no-kit';
    const params = { width: opening.width, nearest };
    findings.push(finding(code, 'mend', 'ways', `opening:${opening.id}`, params, mends));
    return undefined;
  };
  const popDoors = plan.openings.flatMap((opening): HungGate[] =>
    opening.kind === 'pop-door' ? [{ opening, kit: kitFor(opening) }] : [],
  );
  const hung = plan.openings.flatMap((opening) => (opening.kind === 'gate' ? [opening] : []));
  const gates = hung.map((opening): HungGate => {
    const part = `opening:${opening.id}`;
    const kit = kitFor(opening);
    const through = passing(limits, opening.gap).filter((t) => t.threat !== 'mouse');
    for (const severity of ['mend', 'know'] as const) {
      const these = through.filter((t) => t.onlyKnow === (severity === 'know'));
      if (these.length === 0) continue;
      const limit = Math.min(...these.map((t) => t.limit));
      const params = {
        of: 'gate' as const,
        opening: opening.gap,
        threats: these.map((t) => t.threat),
        limit,
        from: 0,
      };
      const tighter = limit > 0.013 ? 0.013 : TIGHT_GAP;
      const mends =
        tighter < limit ? [{ verb: 'set-opening', id: opening.id, to: { gap: tighter } } as const] : [];
      findings.push(finding('opening.passes', severity, 'ways', part, params, mends));
    }
    return { opening, kit };
  });
  for (const ring of rings) {
    const fenced = ring.sides.filter((s) => s.side.kind === 'fence');
    if (fenced.length === 0 || fenced.some((s) => hung.some((o) => o.side === s.side.id))) continue;
    findings.push(
      finding('fence.no-gate', 'mend', 'ways', `enclosure:${ring.enclosure}`, { name: ring.name }),
    );
  }
  return { gates, popDoors, findings };
}
