import type { AskOf, Reason } from '../../buying/demand';
import { PITCH, countPast, gaps } from '../../fasteners/along';
import { sum, value } from '../../working';
import type { Stretch } from './strips';

/** Pegs along the outer edges of an apron; each stretch is rounded and ended by itself: ⌈outer edge/0.5⌉, one more if it is open. */
export const edgePegs = ({ stage, part }: Reason, stretches: readonly Stretch[]): AskOf<'pack'> => ({
  stage,
  part,
  buy: 'pack',
  pack: 'peg',
  count: stretches.reduce((n, { edge, open }) => n + countPast(edge, PITCH.peg) - (open ? 0 : 1), 0),
  need: () =>
    stretches.map(({ edge, open }) =>
      sum('fasten.pegs-edge', 'piece', { edge }, [
        gaps(edge, PITCH.peg),
        value('fasten.pegs-end', open ? 1 : 0, 'piece', {}),
      ]),
    ),
});
