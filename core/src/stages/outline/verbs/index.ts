import { layOut, moveSide, setSideLength } from './sides';
import type { Plan } from '../../../plan/schema';
import { standsOf } from '../../../ground/fenceLines';
import { type PlainKind, moveCorner, setTurn, splitSide, removeCorner } from './corners';
import { walkOutline, traceOutline, divide, addBeside, renameEnclosure, removeEnclosure } from './enclosures';

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
} as const;
