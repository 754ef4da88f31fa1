import { layOut, moveSide, setSideLength } from './sides';
import type { Plan, Side } from '../../../plan/schema';
import type { Standing } from '../plan/standing';
import { replacedOn, standingOn, standsOf } from '../../../ground/fenceLines';
import { type PlainKind, moveCorner, setTurn, splitSide, removeCorner } from './corners';
import {
  walkOutline,
  traceOutline,
  divide,
  addBeside,
  renameEnclosure,
  removeEnclosure,
  joinEnclosures,
} from './enclosures';

/** Where a fence may be said to stand: not on a wall of a house, nor under an arch. */
const mayStand = ({ kind }: Side): boolean => kind === 'fence' || kind === 'wall' || kind === 'open';
/** A fence that stands there; or a new one, which takes the place of what stood. */
function stood(side: Side, standing: Standing | null): Side {
  const { id, from, to } = side;
  if (standing) return { id, from, to, kind: 'fence', standing };
  const before = standingOn(side) ?? replacedOn(side);
  return { id, from, to, kind: 'fence', ...(before && { replaces: before }) };
}

/** What can be done to the outline of a plan. */
export const VERBS = {
  'lay-out': layOut,
  'move-side': moveSide,
  'set-side-length': setSideLength,
  'set-side-kind': (
    plan: Plan,
    { side, kind }: { readonly side: string; readonly kind: PlainKind },
  ): Plan => ({
    ...plan,
    sides: plan.sides.map((s) => (s.id === side ? { id: s.id, from: s.from, to: s.to, kind } : s)),
    openings: standsOf({ kind }) !== null ? plan.openings : plan.openings.filter((o) => o.side !== side),
  }),
  'set-side-building': (
    plan: Plan,
    { side, building }: { readonly side: string; readonly building: string },
  ): Plan => ({
    ...plan,
    sides: plan.sides.map((s) =>
      s.id === side ? { id: s.id, from: s.from, to: s.to, kind: 'building', building } : s,
    ),
    openings: plan.openings.filter((o) => o.side !== side),
  }),
  'set-standing': (
    plan: Plan,
    { sides, standing }: { readonly sides: readonly string[]; readonly standing: Standing | null },
  ): Plan => ({
    ...plan,
    sides: plan.sides.map((s) => (sides.includes(s.id) && mayStand(s) ? stood(s, standing) : s)),
  }),
  'set-low-band': (
    plan: Plan,
    { sides, low }: { readonly sides: readonly string[]; readonly low: Standing['low'] },
  ): Plan => ({
    ...plan,
    sides: plan.sides.map((s) => {
      const standing = standingOn(s);
      return standing && sides.includes(s.id) ? stood(s, { ...standing, low }) : s;
    }),
  }),
  'set-higher': (
    plan: Plan,
    { sides, higher }: { readonly sides: readonly string[]; readonly higher: Standing['higher'] },
  ): Plan => ({
    ...plan,
    sides: plan.sides.map((s) => {
      const standing = standingOn(s);
      if (!standing || !sides.includes(s.id)) return s;
      const { higher: _, ...bare } = standing;
      return stood(s, higher ? { ...bare, higher } : bare);
    }),
  }),
  'move-corner': moveCorner,
  'set-turn': setTurn,
  'split-side': splitSide,
  'remove-corner': removeCorner,
  'walk-outline': walkOutline,
  'trace-outline': traceOutline,
  divide,
  'add-beside': addBeside,
  'rename-enclosure': renameEnclosure,
  'remove-enclosure': removeEnclosure,
  'join-enclosures': joinEnclosures,
} as const;
