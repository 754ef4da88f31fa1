import type { Opening } from '../stages/ways/plan/kinds';
import type { Plan } from '../plan/schema';
import { moved } from './randomRun';

/** The same plan under other ids, in another order of the alphabet. */
export function renamed(plan: Plan): Plan {
  const names = new Map<string, string>();
  const all = [
    ...plan.corners,
    ...plan.sides,
    ...plan.enclosures,
    ...plan.openings,
    ...plan.postPins,
    ...plan.ground.buildings,
    ...plan.ground.trees,
    ...plan.ground.services,
    ...plan.ground.obstacles,
    ...plan.ground.spotHeights,
  ];
  all.forEach(({ id }, i) => names.set(id, `${String.fromCharCode(122 - (i % 26))}${999 - i}`));
  const to = (id: string): string => names.get(id) ?? id;
  const thing = <T extends { readonly id: string }>(t: T): T => ({ ...t, id: to(t.id) });
  const keys = <T>(record: Readonly<Record<string, T>>) =>
    Object.fromEntries(Object.entries(record).map(([id, own]) => [to(id), own]));
  return {
    ...plan,
    corners: plan.corners.map(thing),
    sides: plan.sides.map((s) => {
      const ends = { ...thing(s), from: to(s.from), to: to(s.to) };
      return ends.kind === 'building' ? { ...ends, building: to(ends.building) } : ends;
    }),
    enclosures: plan.enclosures.map((e) => ({
      ...thing(e),
      ring: e.ring.map((step) => ({ ...step, side: to(step.side) })),
    })),
    openings: plan.openings.map((o) => ({ ...thing(o), side: to(o.side) })),
    postPins: plan.postPins.map((p) => ({ ...thing(p), side: to(p.side) })),
    // Figures are called by the ids of covers and arches: those stay.
    covers: plan.covers.map((c) => ({ ...c, enclosure: to(c.enclosure) })),
    arches: plan.arches.map((a) => ({ ...a, enclosure: to(a.enclosure) })),
    nets: plan.nets.map((n) => ({
      ...n,
      inside: n.inside.map((ref) => {
        const [on = '', id = ''] = ref.split(':');
        return `${on}:${to(id)}`;
      }),
    })),
    hotWires: plan.hotWires.map((w) => ({ ...w, sides: w.sides.map(to) })),
    power: { ...plan.power, mainsIn: plan.power.mainsIn.map(to) },
    choices: { ...plan.choices, side: keys(plan.choices.side), enclosure: keys(plan.choices.enclosure) },
    ground: {
      ...plan.ground,
      buildings: plan.ground.buildings.map(thing),
      trees: plan.ground.trees.map(thing),
      services: plan.ground.services.map(thing),
      obstacles: plan.ground.obstacles.map(thing),
      spotHeights: plan.ground.spotHeights.map(thing),
    },
  };
}

const lengthOf = (plan: Plan, id: string): number => {
  const side = plan.sides.find((s) => s.id === id);
  const [a, b] = [side?.from, side?.to].map((c) => plan.corners.find((corner) => corner.id === c));
  return Math.hypot((a?.x ?? NaN) - (b?.x ?? NaN), (a?.y ?? NaN) - (b?.y ?? NaN));
};

/** Every side written from its other end; what lies on it is where it was. */
export function sidesReversed(plan: Plan): Plan {
  const turned = (o: Opening): Opening => {
    const along = Math.max(0, lengthOf(plan, o.side) - o.along - o.width);
    return 'hinge' in o ? { ...o, along, hinge: o.hinge === 'near' ? 'far' : 'near' } : { ...o, along };
  };
  return {
    ...plan,
    sides: plan.sides.map((s) => ({ ...s, from: s.to, to: s.from })),
    enclosures: plan.enclosures.map((e) => ({
      ...e,
      ring: e.ring.map((step) => ({ ...step, forward: !step.forward })),
    })),
    openings: plan.openings.map(turned),
    postPins: plan.postPins.map((p) => ({ ...p, along: lengthOf(plan, p.side) - p.along })),
  };
}

/** Every ring walked the other way. */
export const ringsReversed = (plan: Plan): Plan => ({
  ...plan,
  enclosures: plan.enclosures.map((e) => ({
    ...e,
    ring: [...e.ring].reverse().map((step) => ({ ...step, forward: !step.forward })),
  })),
});

/** Every ring begun at another of its sides. */
export const ringsTurned =
  (by: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    enclosures: plan.enclosures.map((e) => {
      const at = by % e.ring.length;
      return { ...e, ring: [...e.ring.slice(at), ...e.ring.slice(0, at)] };
    }),
  });

/** Seen in a mirror: what was left is right. */
export const mirrored = (plan: Plan): Plan => moved(plan, ({ x, y }) => ({ x: -x, y }));
