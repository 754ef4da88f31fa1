import type { AtJoint } from '../buying/run';
import type { StageId } from '../stages/facts';
import { type Term, product, sum, value } from '../working';
import { roundUp } from '../units/round';
import { PITCH, countPast, gaps, oneMore, onePast } from './along';

/** Rings up an upright joint of mesh so high or wide, m. */
export const spliceRings = (length: number, stage: StageId): AtJoint => ({
  stage,
  pack: 'ring',
  count: countPast(length, PITCH.jointRing),
  along: 'up',
  length,
});

/** Pegs across each joint of an apron so wide, m: ⌈W/0.5⌉ + 1. */
export const jointPegs = (length: number, stage: StageId): AtJoint => ({
  stage,
  pack: 'peg',
  count: countPast(length, PITCH.peg),
  along: 'across',
  length,
});

/** Cord that a laced seam takes for each metre of it (rules: Walls). */
const CORD = 1.5;

/** Metres of cord along seams. */
export const cordAlong = (length: number): number => roundUp(CORD * length);

const TERMS: Readonly<Record<AtJoint['along'], (length: number, joints: number) => readonly Term[]>> = {
  up: (height, joints) =>
    Array.from({ length: joints }, () => onePast('fasten.splice', height, PITCH.jointRing, { height })),
  across: (width, joints) => [
    product('fasten.pegs-joints', 'piece', { width }, [
      value('fasten.joint-count', joints, 'piece', {}),
      sum('fasten.pegs-each-joint', 'piece', { width }, [gaps(width, PITCH.peg), oneMore()]),
    ]),
  ],
};

/** How what so many joints take comes about. */
export const jointTerms = ({ along, length }: AtJoint, joints: number): readonly Term[] =>
  TERMS[along](length, joints);
