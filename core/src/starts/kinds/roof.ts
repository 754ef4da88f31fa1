import { apply } from '../../plan/changes/apply';
import type { Building, Plan } from '../../plan/schema';
import { roundUp, tidy } from '../../units/round';
import { ASKS } from '../asks';
import { bird, mesh, post, roof as roofLine } from '../picture';
import { type Start, floorFor, wallsTo, withGate, FENCED } from '../start';

/** Taken where nothing is known of the eave, m. */
const LOW_EAVE = 1.75;
const HIGH = 2.1;

/** The roof itself, over the run and no further, on posts as far apart as the fence would have them. */
const roofOver = (
  plan: Plan,
  { width, depth, eave, high }: Readonly<Record<'width' | 'depth' | 'eave' | 'high', number>>,
): Building => ({
  id: 'roof',
  name: 'Shed',
  outline: [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: depth },
    { x: 0, y: depth },
  ],
  eaves: eave,
  height: high,
  stands: 'posts',
  roof: {
    kind: 'sheet',
    shape: high > eave ? 'one-way' : 'flat',
    low: 0,
    spacing: plan.choices.plan.spacing,
  },
});

/** A roof on posts closed in: its posts are used again, the walls go up to it, and nothing lies under its drip. */
export const roof: Start = {
  name: 'Close in a shed',
  line: 'its roof and posts stay; mesh up to the roof',
  asks: ['roofWidth', 'roofDepth', 'eave', 'roofHigh'],
  taken: FENCED,
  picture: [
    mesh(0.9, 7.1, 1.75),
    post(0.9, 1.95),
    post(3, 2.12),
    post(5.1, 2.3),
    post(7.1, 2.46),
    roofLine({ x: 0.4, y: 1.95 }, { x: 7.6, y: 2.55 }),
    bird(1.7, 0.5),
    bird(4, 0.4),
    bird(6, 0.5),
  ],
  propose: (bare, sizes) => {
    const { units } = bare;
    const { width, depth } = floorFor(bare, { width: sizes.roofWidth, depth: sizes.roofDepth });
    const eave = sizes.eave ?? ASKS.eave.usual(units) ?? LOW_EAVE;
    const high = Math.max(eave, sizes.roofHigh ?? ASKS.roofHigh.usual(units) ?? HIGH);
    const laid = apply(wallsTo(bare, eave), {
      verb: 'lay-out',
      run: { left: 0, right: width, low: 0, high: depth },
      house: null,
    });
    const thing = roofOver(bare, { width, depth, eave, high });
    const walled = high > eave ? wallsTo(laid, high, { scope: 'side', of: 's3' }) : laid;
    const standing = apply(walled, { verb: 'add-to-ground', list: 'buildings', thing });
    // From a post of the roof, so that one gate post stands already, and not where the roof drips.
    const bays = Math.max(1, roundUp(depth / bare.choices.plan.spacing));
    const from = tidy((depth * Math.floor(bays / 2)) / bays);
    return withGate(standing, 's2', depth, from);
  },
};
