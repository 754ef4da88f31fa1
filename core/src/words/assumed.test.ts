import { describe, expect, test } from '@jest/globals';
import { ASSUMED, assumedIn } from './assumed';
import { ASSUMPTIONS, type AssumptionId } from '../plan/assumptions';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';
import type { Term } from '../working/term';
import { apply } from '../plan/changes/apply';
import { emptyPlan } from '../starts/newPlan';
import { usualStanding } from '../stages/outline/plan/standing';
import { KINDS } from '../stages/cover/plan/kinds';
import { strengthWorking } from '../strength/working';
import { aRun } from '../testing/aRun';
import { aNet, squareOf } from '../testing/aNet';
import { reckonedAnew } from '../testing/anew';
import { everyOption, ofEveryKind } from '../testing/everyOption';
import { aFullRun } from '../testing/everyVerb';

const IDS = Object.keys(ASSUMED) as readonly AssumptionId[];

const [orchard] = DEMO_PLANS;
if (!orchard) throw new Error('no demo plan');

/** Low sheds all round, further off than eaves usually reach. */
function amongSheds(run: Plan): Plan {
  const [xs, ys] = [run.corners.map((c) => c.x), run.corners.map((c) => c.y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const off = 2.5;
  const shed = (id: string, x0: number, y0: number, x1: number, y1: number) => ({
    id,
    name: 'shed',
    outline: [
      { x: x0, y: y0 },
      { x: x1, y: y0 },
      { x: x1, y: y1 },
      { x: x0, y: y1 },
    ],
    eaves: 1.5,
    height: 2.5,
    stands: 'walls' as const,
  });
  const buildings = [
    shed('h1', left, high + off, right, high + off + 2),
    shed('h2', left, low - off - 2, right, low - off),
    shed('h3', right + off, low, right + off + 2, high),
    shed('h4', left - off - 2, low, left - off, high),
  ];
  return { ...run, ground: { ...run.ground, buildings } };
}

const over = { enclosure: 'run', outline: null, height: 2 };

/** A pen that stands, one of its posts set anew. */
const MENDED: Plan = (() => {
  const pen = aRun({ house: 'none', gate: 0, width: 5, depth: 8 });
  const sides = pen.sides.map((s) => s.id);
  const stands = apply(pen, { verb: 'set-standing', sides, standing: usualStanding(1.5) });
  return apply(stands, { verb: 'set-pin', pin: { id: 'n1', side: 's1', along: 2, post: { kind: 'new' } } });
})();

/** Ten nets of 50 m alone, in each growth: without an energiser, and with one of the keeper’s own on a battery. */
const NETTED: readonly Plan[] = (['mown', 'light', 'heavy'] as const).flatMap((growth) => {
  const bare = emptyPlan('netted', 'Netted', 'metric');
  const net = aNet({ kind: 'double-122', points: squareOf(125) });
  const plan = { ...bare, nets: [net] };
  const own = { kind: 'own', output: 5, draw: null, supply: 'battery' } as const;
  return [
    { ...plan, power: { ...bare.power, growth } },
    { ...plan, power: { ...bare.power, growth, energiser: own, battery: 150 } },
    { ...plan, power: { ...bare.power, growth, energiser: own, battery: 100, solar: 60 } },
  ];
});

/** Plans in which every kind of work is done, and every kind of way in, skirt and post. */
const PLANS: readonly Plan[] = [
  ...NETTED,
  MENDED,
  // Sides so long that mesh is joined.
  aRun({ width: 41, depth: 47, house: 'none' }),
  apply(orchard, { verb: 'set-crew', crew: 'two' }),
  amongSheds(aRun({ house: 'none' })),
  ...DEMO_PLANS,
  apply(orchard, { verb: 'add-cover', cover: KINDS.tarp.usual({ ...over, id: 'tarp', name: 'tarp' }) }),
  ...ofEveryKind(aFullRun()).map(([, made]) => made),
  ...Object.values(everyOption(orchard))
    .flat()
    .flatMap((group) => group.options)
    .filter(({ key, change }) => /spike|board|built/.test(`${key} ${JSON.stringify(change)}`))
    .map(({ change }) => apply(orchard, change)),
];

const told = (reckoning: Reckoning): readonly Term[] => {
  const all: Term[] = [];
  const walk = (t: Term) => {
    all.push(t);
    t.terms.forEach(walk);
  };
  for (const term of Object.values(reckoning.workings) as readonly (Term | undefined)[]) if (term) walk(term);
  for (const line of reckoning.docket.lines) walk(line.working.need);
  for (const row of reckoning.strength) walk(strengthWorking(row, 'dry'));
  return all;
};

const touched = (a: Reckoning, b: Reckoning) => ({
  price: a.docket.total !== b.docket.total,
  hours:
    Math.abs((a.figures.hours ?? 0) - (b.figures.hours ?? 0)) > 1e-9 ||
    a.figures.hoursWithHelp !== b.figures.hoursWithHelp,
  findings:
    JSON.stringify(a.findings.map((f) => f.code).sort()) !==
    JSON.stringify(b.findings.map((f) => f.code).sort()),
});

describe('rough figures', () => {
  test('each has a row, and each row a figure', () => {
    expect([...IDS].sort()).toEqual(Object.keys(ASSUMPTIONS).sort());
  });
  const FACTORS = [3, 12, 0.2] as const;
  const anew = reckonedAnew();
  const kept = new Map<Plan, Reckoning>();
  const asIs = (plan: Plan): Reckoning => {
    const made = kept.get(plan) ?? anew(plan);
    kept.set(plan, made);
    return made;
  };
  const codesIn = new Map<Plan, ReadonlySet<string>>();
  const codesOf = (plan: Plan): ReadonlySet<string> => {
    const codes = codesIn.get(plan) ?? new Set(told(asIs(plan)).map((t) => t.code));
    codesIn.set(plan, codes);
    return codes;
  };
  /** Plans in whose workings a figure stands before those in which it does not: those it changes, very likely. */
  const namingFirst = (id: AssumptionId): readonly Plan[] => {
    const naming = PLANS.filter((plan) => {
      const codes = codesOf(plan);
      return ASSUMED[id].told.some((code) => codes.has(code));
    });
    return [...naming, ...PLANS.filter((plan) => !naming.includes(plan))];
  };
  const other = (plan: Plan, id: AssumptionId, by: number) =>
    anew(apply(plan, { verb: 'set-assumption', id, value: Math.min(100, ASSUMPTIONS[id] * by) }));

  test.each(IDS)('%s changes what its row says, in some plan', (id) => {
    const open = new Set(ASSUMED[id].touches);
    for (const by of FACTORS)
      for (const plan of namingFirst(id)) {
        if (open.size === 0) break;
        const { price, hours, findings } = touched(asIs(plan), other(plan, id, by));
        if (price) open.delete('price');
        if (hours) open.delete('hours');
        if (findings) open.delete('findings');
      }
    expect([...open]).toEqual([]);
  });

  test.each(IDS)('%s changes nothing that its row does not say', (id) => {
    for (const plan of DEMO_PLANS) {
      const seen = touched(asIs(plan), other(plan, id, 3));
      const said = ASSUMED[id].touches;
      for (const kind of ['price', 'hours', 'findings'] as const)
        if (seen[kind]) expect([plan.name, ...said]).toContain(kind);
    }
  });

  test.each(IDS.filter((id) => ASSUMED[id].told.length > 0))(
    '%s stands in the workings that lead to it',
    (id) => {
      const codes: ReadonlySet<string> = new Set(ASSUMED[id].told);
      const said = (reckoning: Reckoning) =>
        told(reckoning)
          .filter((t) => codes.has(t.code))
          .map((t) => t.value);
      const naming = PLANS.filter((p) => ASSUMED[id].told.some((code) => codesOf(p).has(code)));
      const [plan] = naming;
      if (!plan) throw new Error(`no plan whose workings say ${id}`);
      expect(told(asIs(plan)).some((t) => assumedIn(t).includes(id))).toBe(true);
      const inSome = naming.some(
        (p) => JSON.stringify(said(asIs(p))) !== JSON.stringify(said(other(p, id, 3))),
      );
      expect(inSome).toBe(true);
    },
  );
});
