import type { Barrier, Pane } from '../findings/barrier';
import type { Rating, Way } from '../findings/entry';
import type { Mends } from '../findings/types';
import { formatPart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import { BIRDS } from '../stages/birds/plan/kinds';
import { THREAT_IDS, type Threatened, isPresent, threatIn } from '../stages/threats/plan/kinds';
import { mendsOf } from './mends';
import type { Comer } from './rate/layers';
import { rateLine } from './rate/lines';
import { type ByWay, ratePane } from './rate/panes';
import type { Entry, Verdict } from './rated/types';
import { type YardBy, foundIn, lineOf, ofKind, yardsOf } from './yards';

/** What is judged by, beside what stands in the way. */
export interface JudgedBy extends Threatened, Pick<Plan, 'flock'>, YardBy {}

/** Ways in before each other as the rules name them. */
const WAY_RANK: Readonly<Record<Way, number>> = {
  through: 0,
  reach: 1,
  tear: 2,
  under: 3,
  over: 4,
  above: 5,
  door: 6,
};
const RANK: Readonly<Record<Rating, number>> = { open: 0, delays: 1, holds: 2 };

/** Everybody who is about, with the figures of this plan: where chicks sleep, their young’s. */
export function comersOf(by: Threatened & Pick<Plan, 'flock'>): readonly Comer[] {
  const chicks = by.flock.some((f) => f.count > 0 && BIRDS[f.kind].young);
  return THREAT_IDS.filter((id) => isPresent(by, id)).map((id) => {
    const row = threatIn(by, id);
    return { id, row, squeeze: chicks ? (row.young ?? row.squeeze) : row.squeeze };
  });
}

/** Whether it takes anything that is kept here: feed is none, and small prey none where grown birds alone are shut in. */
function countsOf(by: Pick<Plan, 'flock'>): (comer: Comer) => boolean {
  const kept = by.flock.filter((f) => f.count > 0);
  const small = kept.length === 0 || kept.some((f) => BIRDS[f.kind].small);
  return ({ row }) => row.takes === 'birds' && (small || !row.smallPrey);
}

/** Panes of the same layers are rated once for a threat. */
function ratingOnce(comer: Comer): (pane: Pane) => ByWay {
  const known = new Map<readonly unknown[], Map<string, ByWay>>();
  return (pane) => {
    const key = `${pane.what} ${pane.near} ${pane.hole}`;
    const ofLayers = known.get(pane.layers) ?? new Map<string, ByWay>();
    known.set(pane.layers, ofLayers);
    const before = ofLayers.get(key);
    if (before) return before;
    const rated = ratePane(comer, pane);
    ofLayers.set(key, rated);
    return rated;
  };
}

/**
 * How everything that stands in the way meets everybody who is about: what counts before what is worth knowing, what is open before what delays before
 * what holds, and ways in before each other as the rules name them.
 *
 * @see rules: Threats. The worst part decides for its entry, the worst entry for the threat
 */
export function judge(barriers: readonly Barrier[], by: JudgedBy): readonly Verdict[] {
  const yards = yardsOf(barriers);
  const counts = countsOf(by);
  const comers = comersOf(by);
  const verdicts: Verdict[] = [];
  for (const comer of comers) {
    const counted = counts(comer);
    const once = ratingOnce(comer);
    for (const yard of yards) {
      const stands = lineOf(yard, comer, by);
      const line = stands?.rating === 'holds' ? stands : null;
      for (const [barrier, entry, rated] of foundIn(yard, comer, by, once)) {
        const better = line && rated.rating !== 'holds' ? line : rated;
        verdicts.push({
          threat: comer.id,
          entry,
          part: barrier.part,
          rating: better.rating,
          hours: better.hours,
          reason: better.reason,
          stage: barrier.stage,
          side: barrier.side,
          enclosure: barrier.enclosure,
          counts: counted,
          line: better === line ? 'live' : 'built',
          behind: line ? rated.rating : null,
          mends: mendsFor(barrier, entry, comer, comers),
        });
      }
    }
  }
  return inOrder(verdicts);
}

/** What counts before what does not, then by rating and hours, then as the rules name the ways. */
function inOrder(verdicts: readonly Verdict[]): readonly Verdict[] {
  const rank = (v: Verdict): number =>
    (v.counts ? 0 : 1e7) + RANK[v.rating] * 1e6 + Math.min(v.hours ?? 0, 9e4) * 10 + WAY_RANK[v.entry];
  const ranks = Float64Array.from(verdicts, rank);
  const order = Uint32Array.from(verdicts, (_, i) => i);
  order.sort((a, b) => (ranks[a] ?? 0) - (ranks[b] ?? 0) || a - b);
  return Array.from(order, (i) => verdicts[i]).filter((v) => v !== undefined);
}

const mendsFor =
  (barrier: Barrier, entry: Way, comer: Comer, comers: readonly Comer[]): Mends =>
  (plan) =>
    mendsOf({ barrier, entry, comer, comers }, plan);

/** How every live line meets everybody who is about, whatever is inside it. */
export function lineEntries(barriers: readonly Barrier[], by: JudgedBy): readonly Entry[] {
  const seen = new Set<string>();
  const lines = ofKind(barriers, 'line').filter(({ part }) => {
    const name = formatPart(part);
    return !seen.has(name) && seen.add(name);
  });
  const comers = comersOf(by);
  return lines.flatMap((line) =>
    comers.map((comer): Entry => {
      const { rating, reason } = rateLine(comer, line, by.reading);
      const way = comer.row.moves === 'flies' ? 'above' : 'through';
      return { stage: line.stage, part: line.part, threat: comer.id, way, rating, why: reason };
    }),
  );
}
