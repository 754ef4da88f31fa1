import type { Market } from '../catalogue/market';
import { type Finding, finding } from '../findings/types';
import type { FenceLine } from '../ground/fenceLines';
import type { Ring } from '../ground/survey';
import type { Assumptions } from '../plan/assumptions';
import type { Change } from '../plan/changes/types';
import type { Opening, Plan } from '../plan/schema';
import { type OpeningLimits, passing } from '../threats';
import { type Built, type Leaf, builtFor } from './built';
import { catchFindings, placeFindings } from './gates';
import { leafTop } from './leaf';

/** An opening with the kit or the timber that closes it. */
export interface Way {
  readonly opening: Opening;
  /** The kit's product, and its sold width, m: undefined when this yard has none so wide, null for what is built. */
  readonly product: string;
  readonly kit: number | undefined | null;
  /** Clear size and overlap, m. */
  readonly leaf: Leaf;
  readonly built: Built;
}

export interface WayStage {
  readonly ways: readonly Way[];
  readonly findings: readonly Finding[];
}

export const GATE_KIT = 'gate-kit';
export const POP_DOOR_KIT = 'pop-door-kit';
/** Kits and openings agree within this, m: 3 ft and 0.914 are the same gate. */
const SAME_WIDTH = 0.001;
/** Tightest gap that can be hung and still swings, m. */
const TIGHT_GAP = 0.01;

export const kitFor = (opening: Opening): string => {
  if (opening.kind === 'gate') return GATE_KIT;
  if (opening.kind === 'pop-door') return POP_DOOR_KIT;
  return opening.use === 'eggs' ? 'egg-hatch-kit' : 'cleaning-hatch-kit';
};

function kitOf(market: Market, opening: Opening, findings: Finding[]): number | undefined {
  const widths = market.kits(kitFor(opening)).map((u) => u.size);
  const kit = widths.find((w) => Math.abs(w - opening.width) <= SAME_WIDTH);
  if (kit !== undefined) return kit;
  const nearest = widths.reduce<number | null>(
    (best, w) => (best === null || Math.abs(w - opening.width) < Math.abs(best - opening.width) ? w : best),
    null,
  );
  const mends: Change[] = [
    ...(nearest === null ? [] : [{ verb: 'set-opening', id: opening.id, to: { width: nearest } } as const]),
    { verb: 'set-opening', id: opening.id, to: { make: 'built' } },
  ];
  const params = { way: opening.kind, width: opening.width, nearest };
  findings.push(finding('way.no-kit', 'mend', 'ways', { on: 'opening', opening: opening.id }, params, mends));
  return undefined;
}

/** What gets through beside a shut leaf; mice left out (domain.md 8). */
function gapFindings(opening: Extract<Opening, { kind: 'gate' }>, limits: OpeningLimits): Finding[] {
  const through = passing(limits, opening.gap).filter((t) => t.threat !== 'mouse');
  return (['mend', 'know'] as const).flatMap((severity): Finding[] => {
    const these = through.filter((t) => t.onlyKnow === (severity === 'know'));
    if (these.length === 0) return [];
    const limit = Math.min(...these.map((t) => t.limit));
    const threats = these.map((t) => t.threat);
    const tighter = limit > 0.013 ? 0.013 : TIGHT_GAP;
    const mends =
      tighter < limit ? [{ verb: 'set-opening', id: opening.id, to: { gap: tighter } } as const] : [];
    const params = { of: 'gate', opening: opening.gap, threats, limit, from: 0 } as const;
    return [
      finding('opening.passes', severity, 'ways', { on: 'opening', opening: opening.id }, params, mends),
    ];
  });
}

/** Gates, pop doors and hatches: their kits or what they are built from, and what is weak about them. */
export function wayStage(
  plan: Plan,
  market: Market,
  rings: readonly Ring[],
  lines: readonly FenceLine[],
  limits: OpeningLimits,
  figures: Assumptions,
): WayStage {
  const findings: Finding[] = [];
  const lineOf = new Map(
    lines.flatMap((line) => line.members.map((m) => [m.ringSide.side.id, line] as const)),
  );
  const ways = plan.openings.map((opening): Way => {
    const line = lineOf.get(opening.side);
    const bands = line?.choices.bands ?? [];
    const wall = bands[bands.length - 1]?.top ?? 0;
    const leaf = {
      width: opening.width + figures.leafOverlap,
      height: opening.kind === 'gate' ? leafTop(opening, wall) : opening.height + figures.leafOverlap,
    };
    if (opening.kind === 'gate') {
      findings.push(...gapFindings(opening, limits), ...catchFindings(plan, opening));
      if (line) findings.push(...placeFindings(opening, line, wall));
    }
    return {
      opening,
      product: kitFor(opening),
      kit: opening.make === 'built' ? null : kitOf(market, opening, findings),
      leaf,
      built: builtFor(opening, leaf, figures.leafOverlap, market),
    };
  });
  for (const ring of rings) {
    const fenced = ring.sides.filter((s) => s.side.kind === 'fence');
    const gated = fenced.some((s) => plan.openings.some((o) => o.kind === 'gate' && o.side === s.side.id));
    if (fenced.length === 0 || gated) continue;
    findings.push(
      finding(
        'fence.no-gate',
        'mend',
        'ways',
        { on: 'enclosure', enclosure: ring.enclosure },
        { name: ring.name },
      ),
    );
  }
  return { ways, findings };
}
