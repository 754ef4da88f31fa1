import { type Guarded, stillCome } from '../../findings/guarded';
import { type Finding, finding } from '../../findings/types';
import type { Ring, RingSide } from '../../ground/survey';
import type { Plan } from '../../plan/schema';
import { BIRDS } from '../birds/plan/kinds';
import { THREAT_IDS, type ThreatId, type Threatened, isPresent, threatIn } from '../threats/plan/kinds';

export interface OpenSidesBy extends Threatened, Pick<Plan, 'flock'> {
  readonly rings: readonly Ring[];
  readonly guarded: readonly Guarded[];
}

/** What walks in where a side is left open, and what nobody has looked at: a wall that is only said to stand. */
export function openSideFindings({ rings, guarded, flock, ...about }: OpenSidesBy): readonly Finding[] {
  const times = new Map<string, number>();
  for (const { side } of rings.flatMap((r) => r.sides)) times.set(side.id, (times.get(side.id) ?? 0) + 1);
  const kept = flock.filter((f) => f.count > 0);
  const small = kept.length === 0 || kept.some((f) => BIRDS[f.kind].small);
  const walking = THREAT_IDS.filter((id) => isPresent(about, id) && threatIn(about, id).moves === 'walks');
  const matters = (id: ThreatId) => {
    const { takes, smallPrey } = threatIn(about, id);
    return takes === 'birds' && (small || !smallPrey);
  };
  // Between two runs a side left open is a way through.
  const outer = (ring: Ring) => ring.sides.filter((s) => times.get(s.side.id) === 1);
  const open = (ring: Ring): Finding[] => {
    const threats = stillCome(guarded, ring.enclosure, walking);
    const isRound = guarded.some((g) => g.enclosure === ring.enclosure);
    // A net holds the birds as well.
    const birds = kept.length > 0 && !isRound ? 'kept' : 'none';
    if (isRound && threats.length === 0) return [];
    return outer(ring)
      .filter((s) => s.side.kind === 'open')
      .map((s: RingSide) =>
        finding(
          'side.open',
          {
            severity: threats.some(matters) || birds === 'kept' ? 'mend' : 'know',
            stage: 'outline',
            part: { on: 'side', side: s.side.id },
          },
          { side: s.number, threats, birds },
          [{ verb: 'set-side-kind', side: s.side.id, kind: 'fence' }],
        ),
      );
  };
  const unseen = (ring: Ring): Finding[] => {
    const walls = outer(ring).filter((s) => s.side.kind === 'wall');
    if (walls.length === 0 || walking.length === 0) return [];
    const params = { name: ring.name, sides: walls.map((s) => s.number), threats: walking };
    return [
      finding(
        'side.unseen',
        { severity: 'know', stage: 'outline', part: { on: 'enclosure', enclosure: ring.enclosure } },
        params,
      ),
    ];
  };
  return rings.flatMap((ring) => [...open(ring), ...unseen(ring)]);
}
