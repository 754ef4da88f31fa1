import type { PartRef } from '../plan/partRef';
import type { SkirtLayout } from '../skirt/rolls';
import { type Term, product, sum, value } from '../working';
import { PITCH, countPast, gaps, oneMore } from './along';

/**
 * Pegs along the outer edge of an apron and at its joints.
 *
 * @param jointed  parts of the pieces that are jointed on to another, one for each joint
 * @see domain.md 6: ⌈outer edge/0.5⌉ (+ 1 if the apron is open) + ⌈W/0.5⌉ + 1 a joint, each stretch rounded and ended by itself
 */
export function pegs(skirts: SkirtLayout, jointed: readonly PartRef[]): Term {
  const terms = skirts.courses.flatMap((course): Term[] => {
    const width = course.shape.out;
    if (course.shape.mesh === null || course.stretches.length === 0) return [];
    const parts = new Set<PartRef>(course.runs.map((run) => run.part));
    const joints = jointed.filter((part) => parts.has(part)).length;
    const edges = course.stretches.map(({ edge, open }) =>
      sum('fasten.pegs-edge', 'piece', { edge }, [
        gaps(edge, PITCH.peg),
        value('fasten.pegs-end', open ? 1 : 0, 'piece', {}),
      ]),
    );
    if (joints === 0) return edges;
    const each = sum('fasten.pegs-each-joint', 'piece', { width }, [gaps(width, PITCH.peg), oneMore()]);
    return [
      ...edges,
      product('fasten.pegs-joints', 'piece', { width }, [
        value('fasten.joint-count', joints, 'piece', {}),
        each,
      ]),
    ];
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** The same as a number. */
export function pegCount(skirts: SkirtLayout, jointed: readonly PartRef[]): number {
  let count = 0;
  for (const { shape, stretches, runs } of skirts.courses) {
    if (shape.mesh === null || stretches.length === 0) continue;
    for (const { edge, open } of stretches) count += countPast(edge, PITCH.peg) - (open ? 0 : 1);
    if (jointed.length === 0) continue;
    const parts = new Set<PartRef>(runs.map((run) => run.part));
    count += jointed.filter((part) => parts.has(part)).length * countPast(shape.out, PITCH.peg);
  }
  return count;
}

/** Along the edges alone: whatever the strips are cut from. */
export const edgePegs = (skirts: SkirtLayout): number => pegCount(skirts, []);
