import type { Plan } from '../../../plan/schema';
import { parsePart } from '../../../plan/partRef';

/** Nets, wires and power as they are left when things or sides are gone that they named. */
export function namedStill(plan: Plan): Plan {
  if (plan.nets.length === 0 && plan.hotWires.length === 0 && plan.power.mainsIn.length === 0) return plan;
  const there = (ref: string): boolean => {
    const part = parsePart(ref);
    switch (part?.on) {
      case 'building':
        return plan.ground.buildings.some((b) => b.id === part.building);
      case 'tree':
        return plan.ground.trees.some((t) => t.id === part.tree);
      case 'obstacle':
        return plan.ground.obstacles.some((o) => o.id === part.obstacle);
      case 'enclosure':
        return plan.enclosures.some((e) => e.id === part.enclosure);
      default:
        return false;
    }
  };
  const sides = new Set(plan.sides.map((s) => s.id));
  return {
    ...plan,
    nets: plan.nets.map((n) => (n.inside.every(there) ? n : { ...n, inside: n.inside.filter(there) })),
    hotWires: plan.hotWires.flatMap((w) => {
      if (w.sides.every((s) => sides.has(s))) return [w];
      const left = w.sides.filter((s) => sides.has(s));
      return left.length > 0 ? [{ ...w, sides: left }] : [];
    }),
    power: {
      ...plan.power,
      mainsIn: plan.power.mainsIn.filter((id) => plan.ground.buildings.some((b) => b.id === id)),
    },
  };
}

/** A hot wire along a side that was parted runs along both halves. */
export const alongBoth = (plan: Plan, side: string, second: string): Plan['hotWires'] =>
  plan.hotWires.map((w) => (w.sides.includes(side) ? { ...w, sides: [...w.sides, second] } : w));

/** Of two sides that became one, a hot wire along either runs along what is kept. */
export const alongOne = (plan: Plan, kept: string, dropped: string): Plan['hotWires'] =>
  plan.hotWires.map((w) =>
    w.sides.includes(dropped)
      ? { ...w, sides: [...new Set(w.sides.map((s) => (s === dropped ? kept : s)))] }
      : w,
  );
