/* What an edit costs the editor's reckoner, which knows the plan before it but nothing of the plan after; prints one JSON object. */
import { type Change, type Plan, WHOLE_PLAN, apply, makeReckoner } from '../core/src/index';
import { median } from './median';
import { demo, moved } from './moved';

const MESHES = ['welded-50', 'hex-50', 'welded-25', 'fine-13-heavy', 'chain-50', 'hex-25'];

const yard = demo.buying.yards[0] ?? '';

/** The demo plan's prices with one of the keeper's own. */
const ownPrice = (plan: Plan, offer: Plan['buying']['ownPrices'][number]['offer']): Change => {
  const { edition, pricesAsOf, ownProducts } = plan.buying;
  return {
    verb: 'take-prices',
    prices: { edition, pricesAsOf, ownProducts, ownPrices: [{ yard, asOf: null, offer }] },
  };
};

const EDITS: Readonly<Record<string, (plan: Plan, i: number) => Change>> = {
  spacing: (_, i) => ({ verb: 'set-spacing', scope: WHOLE_PLAN, spacing: 1.5 + 0.002 * i }),
  mesh: (_, i) => ({
    verb: 'set-band',
    scope: WHOLE_PLAN,
    id: 'high',
    to: { mesh: MESHES[i % MESHES.length] ?? 'hex-50' },
  }),
  'a pack’s price': (plan, i) =>
    ownPrice(plan, { kind: 'pack', product: 'staple', count: 200, price: 400 + i, stock: null }),
  'a used roll’s price': (plan, i) =>
    ownPrice(plan, {
      kind: 'roll',
      product: 'fine-13',
      width: 0.6,
      length: 30,
      price: 7000 + i,
      stock: null,
    }),
  'a name typed': (_, i) => ({ verb: 'rename', name: `Orchard run ${i}` }),
  'a corner moved': (plan, i) => {
    const corner = plan.corners[1];
    if (!corner) throw new Error('the demo plan has no second corner');
    return { verb: 'move-corner', corner: corner.id, to: { x: corner.x + i / 997, y: corner.y } };
  },
};

const ROUNDS = 120;
const results: Record<string, number> = {};
for (const [name, edit] of Object.entries(EDITS)) {
  const reckoner = makeReckoner();
  const ready = (i: number) => {
    const before = moved(i + 1);
    reckoner(before);
    const after = apply(before, edit(before, i));
    return () => reckoner(after);
  };
  for (let i = 0; i < 40; i++) ready(-i - 200)();
  results[`editor, ${name}, median ms`] = median(ROUNDS, ready);
}
process.stdout.write(JSON.stringify(results));
