import { type Foot } from '../../ground/foot';
import { THREATS, THREAT_IDS, isPresent } from '../threats/plan/kinds';
import { type Finding, finding } from '../../findings/types';
import type { FenceLine } from '../../ground/fenceLines';
import type { Change } from '../../plan/changes/types';
import type { Plan } from '../../plan/schema';
import { type Having, type Opening } from './plan/kinds';
import { EPSILON, TOUCH, tidy } from '../../units/round';

/** A bay narrower than this beside a gate gives neither the brace nor the mesh any room, m. */
const LEAST_BAY = 0.3;
/** Where a gate is moved that stands too near to a corner: so far from it, m. */
const CLEAR_OF_CORNER = 0.6;

const set = (id: string, to: Extract<Change, { verb: 'set-opening' }>['to']): Change => ({
  verb: 'set-opening',
  id,
  to,
});

/** @see rules: Gates and doors. Two-step catches at top and foot wherever raccoon or people are present; a lock against theft */
export function catchFindings(plan: Pick<Plan, 'threats'>, gate: Having<'catches'>): readonly Finding[] {
  const part = { on: 'opening', opening: gate.id } as const;
  const about = THREAT_IDS.filter((id) => isPresent(plan, id));
  const openers = about.filter((id) => THREATS[id].opens);
  const found: Finding[] = [];
  if (openers.length > 0 && gate.catches === 'one-step') {
    found.push(
      finding('gate.catches', { severity: 'mend', stage: 'ways', part }, { threats: openers }, [
        set(gate.id, { catches: 'two-step' }),
      ]),
    );
  }
  if (about.some((id) => THREATS[id].steals) && gate.lock === 'none') {
    found.push(
      finding('gate.lock', { severity: 'mend', stage: 'ways', part }, { way: gate.kind }, [
        set(gate.id, { lock: 'padlock' }),
      ]),
    );
  }
  return found;
}

/** Along its side, clear of both corners where it can be; else in the middle. */
function clearOfCorners(gate: Opening, line: FenceLine): Change[] {
  const member = line.members.find((m) => m.ringSide.side.id === gate.side);
  if (!member) return [];
  const room = member.ringSide.length - gate.width;
  if (room <= EPSILON) return [];
  const clear = Math.min(CLEAR_OF_CORNER, room / 2);
  const along = gate.along < room / 2 ? clear : room - clear;
  return Math.abs(along - gate.along) < 0.01 ? [] : [set(gate.id, { along: tidy(along) })];
}

/** Where a gate stands between the corners of its side. */
export function placeFindings(gate: Opening, line: FenceLine): readonly Finding[] {
  const part = { on: 'opening', opening: gate.id } as const;
  const found: Finding[] = [];
  const on = line.openings.find((o) => o.opening.id === gate.id);
  if (on) {
    const away = [on.from, line.length - on.to];
    const atCorner = away.filter((d) => d <= TOUCH).length;
    const near = away.filter((d) => d > TOUCH && d < LEAST_BAY - EPSILON);
    const params = { way: gate.kind, side: line.number, away: Math.min(...near, LEAST_BAY) };
    const mends = clearOfCorners(gate, line);
    if (near.length > 0)
      found.push(finding('gate.near-corner', { severity: 'mend', stage: 'ways', part }, params, mends));
    // From corner to corner it was meant so: a lobby, or the end of a narrow run.
    else if (atCorner === 1) {
      found.push(
        finding(
          'gate.on-corner',
          { severity: 'know', stage: 'ways', part },
          { way: gate.kind, side: line.number },
          mends,
        ),
      );
    }
  }
  return found;
}

/** What is under and over a gate's leaf. */
export function leafFindings(
  gate: Having<'sill'>,
  line: FenceLine,
  wall: number,
  foot: Foot | undefined,
): readonly Finding[] {
  const part = { on: 'opening', opening: gate.id } as const;
  const found: Finding[] = [];
  // An arch says by itself where a leaf is too high for its curve.
  if (line.stands === 'posts' && gate.height !== null && gate.height > wall + EPSILON) {
    const params = { side: line.number, height: gate.height, wall };
    found.push(
      finding('gate.taller-than-wall', { severity: 'mend', stage: 'ways', part }, params, [
        set(gate.id, { height: null }),
      ]),
    );
  }
  // What lies flat on the ground ends in front of a leaf.
  if (gate.sill !== 'board' && foot?.beneath !== true) {
    const params = { way: gate.kind, side: line.number };
    found.push(
      finding('gate.no-sill', { severity: 'mend', stage: 'ways', part }, params, [
        set(gate.id, { sill: 'board' }),
      ]),
    );
  }
  return found;
}
