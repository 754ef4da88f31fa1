import { roundUp } from '../../../units/round';
import type { Opening } from '../../ways/plan/kinds';
import type { Arch, Made } from '../plan/kinds';
import { type ArchShape, headroomOver, hungEnds } from '../shape';

/** Boards come in pieces of at most so much, and stakes, props and straps stand so far apart, m (rules: Arched runs). */
const PIECE = 2.4;
const STAKE_EACH = 1.2;
const PROP_EACH = 2.4;
const STRAP_EACH = 2.4;

/** A post in place of a stake: so deep, and up to the top of its boards, m. */
const POST_DEEP = 0.45;
export const POST_TIMBER = 'joist-75x75';
export const SKID_TIMBER = 'joist-100x47';
export const BRACE_TIMBER = 'joist-75x47';
/** Skids stand out at both ends, and a brace goes so far along and up a corner, m. */
const SKID_PAST = 0.15;
const BRACE = 0.6;
/** A jamb is driven or screwed to a stake so deep, m. */
const JAMB_DEEP = 0.3;

/** Stakes along one foot: ⌈L/1.2⌉ + 1 unless the keeper says otherwise. */
export const stakesAFoot = ({ arch, ribs }: ArchShape): number =>
  arch.stakes ?? roundUp(ribs.built / STAKE_EACH) + 1;

/** Under both feet. */
export const stakesOf = (shape: ArchShape): number => 2 * stakesAFoot(shape);

/** Straps over the film: ⌈L/2.4⌉ + 1; none without one. */
export const strapsOf = ({ arch, ribs }: ArchShape): number =>
  arch.film === null ? 0 : (arch.straps ?? roundUp(ribs.built / STRAP_EACH) + 1);

/** Props under the ridge, none at its ends. */
export const propsOf = ({ arch, ribs }: ArchShape): number =>
  arch.ridge === null ? 0 : (arch.props ?? Math.max(0, roundUp(ribs.built / PROP_EACH) - 1));

/** From prop to prop, m. */
export const ridgeSpan = (shape: ArchShape): number => shape.ribs.built / (propsOf(shape) + 1);

const pieces = (length: number, most = PIECE): readonly number[] => {
  const count = Math.max(1, roundUp(length / most));
  return Array.from({ length: count }, () => length / count);
};

/** Like sticks of one timber, m. */
export interface Sticks {
  readonly timber: string;
  /** As the cut list calls them. */
  readonly of:
    'board' | 'post' | 'ridge' | 'prop' | 'skid' | 'brace' | 'tie' | 'jamb' | 'lintel' | 'hoop' | 'line';
  readonly lengths: readonly number[];
}

/** Boards along the feet, one over the other until they are as high as is meant. */
function boards({ arch, ribs }: ArchShape, width: number): readonly number[] {
  const courses = arch.board > 0 ? Math.max(1, roundUp(arch.board / width)) : 0;
  const foot = pieces(ribs.built);
  return Array.from({ length: 2 * courses }, () => foot).flat();
}

/** What a frame that is moved has besides: skids, braces at its corners and ties from foot to foot. */
function moving({ arch, ribs, base }: ArchShape): readonly Sticks[] {
  if (arch.moved === 'fixed') return [];
  const skid = ribs.built + 2 * SKID_PAST;
  return [
    { timber: SKID_TIMBER, of: 'skid', lengths: [skid, skid] },
    { timber: BRACE_TIMBER, of: 'brace', lengths: Array.from({ length: 4 }, () => Math.SQRT2 * BRACE) },
    { timber: BRACE_TIMBER, of: 'tie', lengths: [base, base] },
  ];
}

/** Two jambs up to the curve beside each opening for people, and what goes over it. */
function jambs(shape: ArchShape, gates: readonly Opening[]): readonly Sticks[] {
  return gates.flatMap((gate): Sticks[] => {
    const high = headroomOver(shape, gate) + JAMB_DEEP;
    return [
      { timber: BRACE_TIMBER, of: 'jamb', lengths: [high, high] },
      { timber: BRACE_TIMBER, of: 'lintel', lengths: [gate.width + 0.1] },
    ];
  });
}

/** Pieces between two tees: the pitch less what goes into a socket at both ends, m. */
export const betweenTees = ({ made: { pipe }, ribs }: ArchShape): number | null =>
  pipe && ribs.module - 2 * pipe.socket;

/** Lines of pipe along a row of hoops: its ridge and both feet. */
export const LINES = 3;

/** Hoops and the lines between them. */
function pipes(shape: ArchShape, longest: number): readonly Sticks[] {
  const { made, ribs, bent } = shape;
  const { pipe } = made;
  if (!pipe) return [];
  const each = betweenTees(shape) ?? 0;
  const bays = ribs.count - 1;
  const line = pipe.inPieces ? Array.from({ length: bays }, () => each) : pieces(ribs.built, longest);
  const lines = Array.from({ length: LINES }, () => line).flat();
  return [
    { timber: pipe.timber, of: 'hoop', lengths: Array.from({ length: ribs.count }, () => bent) },
    { timber: pipe.timber, of: 'line', lengths: lines },
  ];
}

/** Tees: one for each hoop at each line. */
export const teesOf = ({ made, ribs }: ArchShape): number => (made.pipe ? LINES * ribs.count : 0);

export const wheelsOf = ({ moved }: Arch): number => (moved === 'wheels' ? 2 : 0);

/**
 * Everything of timber and pipe.
 *
 * @param known  what is known of boards and pipes
 * @param gates  openings for people in its ends
 */
export function sticksOf(
  shape: ArchShape,
  known: Pick<Made, 'timber'>,
  gates: readonly Opening[],
): readonly Sticks[] {
  const { arch, made, ribs, top } = shape;
  const longest = made.pipe ? Math.max(...known.timber(made.pipe.timber).lengths) : PIECE;
  const posts = arch.foot === 'posts' ? stakesOf(shape) : 0;
  const props = propsOf(shape);
  const ridge = ridgeSpan(shape);
  const all: readonly Sticks[] = [
    { timber: arch.boards, of: 'board', lengths: boards(shape, known.timber(arch.boards).width) },
    { timber: POST_TIMBER, of: 'post', lengths: Array.from({ length: posts }, () => POST_DEEP + arch.board) },
    ...(arch.ridge === null
      ? []
      : ([
          { timber: arch.ridge, of: 'ridge', lengths: Array.from({ length: props + 1 }, () => ridge) },
          { timber: arch.prop, of: 'prop', lengths: Array.from({ length: props }, () => top) },
        ] satisfies readonly Sticks[])),
    ...moving(shape),
    ...jambs(shape, gates),
    ...pipes(shape, longest),
  ];
  return all.filter((s) => s.lengths.length > 0 && ribs.built > 0);
}

/** A panel is cut to the base for each row of an end wall: how many of them, m high at most. */
export function endPanels(shape: ArchShape, high: number): number {
  const { made, top } = shape;
  if (made.panels?.ends !== true) return 0;
  return hungEnds(shape).length * Math.max(1, roundUp(top / high));
}
