import type { SkirtLayout } from '../skirt/rolls';
import { type Term, product, sum, value } from '../working';
import { PITCH, gaps, oneMore } from './along';

/**
 * Pegs along the outer edge of an apron and at its joints.
 *
 * @param jointed  parts of the pieces that are jointed on to another, one for each joint
 * @see domain.md 6: ⌈outer edge/0.5⌉ (+ 1 if the apron is open) + ⌈W/0.5⌉ + 1 a joint
 */
export function pegs(skirts: SkirtLayout, jointed: readonly string[]): Term {
  const terms = skirts.courses.flatMap((course): Term[] => {
    const width = course.shape.out;
    if (course.shape.mesh === null || course.outerEdge === 0) return [];
    const parts = new Set(course.runs.map((run) => run.part));
    const joints = jointed.filter((part) => parts.has(part)).length;
    const edge = sum('fasten.pegs-edge', 'piece', { edge: course.outerEdge }, [
      gaps(course.outerEdge, PITCH.peg),
      value('fasten.pegs-end', course.open ? 1 : 0, 'piece', {}),
    ]);
    if (joints === 0) return [edge];
    const each = sum('fasten.pegs-each-joint', 'piece', { width }, [gaps(width, PITCH.peg), oneMore()]);
    return [
      edge,
      product('fasten.pegs-joints', 'piece', { width }, [
        value('fasten.joint-count', joints, 'piece', {}),
        each,
      ]),
    ];
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** Along the edges alone: whatever the strips are cut from. */
export const edgePegs = (skirts: SkirtLayout): number => pegs(skirts, []).value;
