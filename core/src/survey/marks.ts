import type { Tape } from '../plan/schema';
import { inFront } from './circles';
import { surveyByTape } from './tape';

/**
 * A survey without one of its marks and what was read to it. Where another line becomes the base line, each stake that was
 * found keeps its place: it is in front of the new line or behind it as it stands.
 */
export function withoutMark(tape: Tape, mark: string): Tape {
  const marks = tape.marks.filter((m) => m.id !== mark);
  const [first, second] = marks;
  const found = new Map(surveyByTape(tape).stakes.map((s) => [s.id, s.at]));
  const same = first?.id === tape.marks[0]?.id && second?.id === tape.marks[1]?.id;
  const stakes = tape.stakes.map((stake) => {
    const at = found.get(stake.id);
    const readings = stake.readings.filter((r) => r.mark !== mark);
    if (same || !at || !first || !second) return { ...stake, readings };
    return { ...stake, readings, side: inFront(at, first.at, second.at) ? 'front' : 'behind' } as const;
  });
  return { ...tape, marks, stakes };
}
