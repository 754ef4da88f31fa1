import { apply } from '../../plan/changes/apply';
import { WHOLE_PLAN } from '../../plan/scope';
import type { Building, Plan, PostPin } from '../../plan/schema';
import { roundUp, tidy } from '../../units/round';
import { ASKS } from '../asks';
import { bird, mesh, post, roof as roofLine } from '../picture';
import { type Start, floorFor, withGate, FENCED } from '../start';

/** Its posts carry on from the eave into the roof: so much of them is taken to stand above the mesh, m. */
const EAVE_UP = 0.05;
/** How much a roof is drawn to rise from eave to ridge, of its depth. */
const RISE = 0.15;
/** Taken where nothing is known of the eave, m. */
const LOW_EAVE = 1.75;

/** The posts of the roof along one side, both corners with it, in equal bays of at most the spacing. */
function postsAlong(side: string, length: number, bare: Plan, above: number): readonly PostPin[] {
  const bays = Math.max(1, roundUp(length / bare.choices.plan.spacing));
  return Array.from({ length: bays }, (_, i) => ({
    id: `${side}p${i + 1}`,
    side,
    along: tidy((length * i) / bays),
    post: { kind: 'standing' as const, above: tidy(above + EAVE_UP) },
  }));
}

/** The walls up to the eave: the band at the top is made that much taller or lower. */
function wallsTo(plan: Plan, eave: number): Plan {
  const top = plan.choices.plan.bands.at(-1);
  if (!top) return plan;
  return apply(plan, { verb: 'set-band', scope: WHOLE_PLAN, id: top.id, to: { top: eave } });
}

/** The roof itself, over the run and no further. */
const roofOver = (width: number, depth: number, eave: number): Building => ({
  id: 'roof',
  name: 'Roof',
  outline: [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: depth },
    { x: 0, y: depth },
  ],
  eaves: eave,
  height: tidy(eave + RISE * depth),
  stands: 'posts',
});

/** A roof on posts closed in: its posts are used again, the walls go up to its eave, and the gate is as high as they are. */
export const roof: Start = {
  name: 'Under a roof that stands',
  line: 'its posts used again, mesh to the eave',
  asks: ['roofWidth', 'roofDepth', 'eave'],
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
    const laid = apply(wallsTo(bare, eave), {
      verb: 'lay-out',
      run: { left: 0, right: width, low: 0, high: depth },
      house: null,
    });
    const [near, far] = [postsAlong('s1', width, bare, eave), postsAlong('s3', width, bare, eave)];
    const across = ['s2', 's4'].flatMap((side) => postsAlong(side, depth, bare, eave));
    const standing: Plan = {
      ...laid,
      ground: { ...laid.ground, buildings: [roofOver(width, depth, eave)] },
      postPins: [...near, ...far, ...across],
    };
    // From a post of the roof, so that one gate post stands already; never from a corner where another does.
    const from = near[Math.floor(near.length / 2)]?.along ?? 0;
    return withGate(standing, 's1', width, from);
  },
};
