import type { Run } from '../buying/run';
import type { Piece, WorkedPool } from '../cutting/types';
import type { Finding, Mends } from '../findings/types';
import type { Change } from '../plan/changes/types';
import { makeReader } from '../saying/makeReader';
import { sayBecause } from '../verdicts/say';
import type { Entry, Verdict } from '../verdicts/rated/types';
import { formatPart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';

export const RECKONING_VERSION = 1;

/** Sentences of the file are in metres: money is in none of them. */
const METRIC = makeReader('metric', 'EUR');

/** Parts are written as texts; a piece keeps its place in the order of unrolling to itself. */
const piece = ({ place: _place, part, ...shown }: Piece) => ({ part: formatPart(part), ...shown });
const run = ({ place: _place, part, ...shown }: Run) => ({ part: formatPart(part), ...shown });

/** A pool without what it was worked out from. */
const pool = ({ task: _task, cutting: _plan, rolls, unplaced, ...shown }: WorkedPool) => ({
  ...shown,
  rolls: rolls.map((roll) => ({ ...roll, pieces: roll.pieces.map(piece) })),
  unplaced: unplaced.map(run),
});

const finding = ({ part, mends, ...shown }: Finding, plan: Plan) => ({
  ...shown,
  part: formatPart(part),
  mends: mends(plan),
});

const entry = ({ part, why, ...shown }: Entry) => ({
  part: formatPart(part),
  ...shown,
  why: sayBecause(why, METRIC),
});

/** Verdicts with their reasons as sentences; of those alike in threat, entry and reason the first says how to mend them. */
function verdictsOf(verdicts: readonly Verdict[], plan: Plan) {
  const said = new Set<string>();
  return verdicts.map(({ part, reason, mends, ...shown }) => {
    const like = `${shown.threat} ${shown.entry} ${shown.stage} ${JSON.stringify(reason)}`;
    const first = shown.rating !== 'holds' && !said.has(like);
    said.add(like);
    return {
      ...shown,
      part: formatPart(part),
      reason: sayBecause(reason, METRIC),
      because: reason,
      mends: first ? worked(mends, plan) : [],
    };
  });
}

const worked = (mends: Mends, plan: Plan): readonly Change[] =>
  typeof mends === 'function' ? mends(plan) : mends;

/**
 * A reckoning as the command line prints it: documented in docs/plan-format.md.
 *
 * @param plan  which was reckoned: the mends are worked out in it
 */
export function reckoningFile(
  plan: Plan,
  { enclosures, figures, findings, verdicts, worst, night, entries, ...more }: Reckoning,
): Readonly<Record<string, unknown>> {
  const { strength, cutting, docket, stacks, proof } = more;
  const told = verdictsOf(verdicts, plan);
  const toldOf = new Map(verdicts.map((v, i) => [v, told[i]]));
  return {
    format: 'aviarum-reckoning',
    version: RECKONING_VERSION,
    enclosures,
    figures,
    findings: findings.map((f) => finding(f, plan)),
    verdicts: told,
    worst: Object.fromEntries(Object.entries(worst).map(([threat, v]) => [threat, toldOf.get(v)])),
    night,
    entries: entries.map(entry),
    strength: strength.map(({ part, ...shown }) => ({ part: formatPart(part), ...shown })),
    cutting: cutting.map(pool),
    stacks,
    proof,
    docket,
  };
}
