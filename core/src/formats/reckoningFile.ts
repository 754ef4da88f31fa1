import type { Run } from '../buying/run';
import type { Piece, WorkedPool } from '../cutting/types';
import type { Finding } from '../findings/types';
import { formatPart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';

export const RECKONING_VERSION = 1;

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

/**
 * A reckoning as the command line prints it: documented in docs/plan-format.md.
 *
 * @param plan  which was reckoned: the mends are worked out in it
 */
export function reckoningFile(
  plan: Plan,
  { enclosures, figures, findings, entries, strength, cutting, docket, stacks, proof }: Reckoning,
): Readonly<Record<string, unknown>> {
  return {
    format: 'aviarum-reckoning',
    version: RECKONING_VERSION,
    enclosures,
    figures,
    findings: findings.map((f) => finding(f, plan)),
    entries: entries.map(({ part, ...shown }) => ({ part: formatPart(part), ...shown })),
    strength: strength.map(({ part, ...shown }) => ({ part: formatPart(part), ...shown })),
    cutting: cutting.map(pool),
    stacks,
    proof,
    docket,
  };
}
