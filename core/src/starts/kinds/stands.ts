import { apply } from '../../plan/changes/apply';
import type { Plan } from '../../plan/schema';
import { openingLimits } from '../../stages/threats/shown/openings';
import { usualStanding } from '../../stages/outline/plan/standing';
import { ASKS } from '../asks';
import { bird, buried, mesh, post } from '../picture';
import { type Start, laidAlone, AT_FOOT } from '../start';

/** Taken where nothing is known of the fence, m. */
const HEIGHT = 1.5;
/** What nobody knows counts as so open, m. */
const NOT_KNOWN = 0.05;

/** A plan whose sides all stand, as old fences do: small birds are held by finer mesh tied over them. */
export function standingAllRound(plan: Plan, height: number): Plan {
  // Of mesh that nobody knows nothing smaller than its opening is held.
  const small = (openingLimits(plan).bird?.opening ?? NOT_KNOWN) < NOT_KNOWN;
  return apply(plan, {
    verb: 'set-standing',
    sides: plan.sides.map((s) => s.id),
    standing: { ...usualStanding(height), low: small ? { mesh: 'fine-13', top: height } : null },
  });
}

/** A pen that stands, all round: what digs under it is stopped, and nothing else is bought. */
export const stands: Start = {
  name: 'A skirt for what stands',
  line: 'the fence stays; its foot is closed',
  asks: ['width', 'depth', 'stands'],
  taken: AT_FOOT,
  picture: [
    mesh(0.9, 7.1, 1.5),
    buried(0.2, 7.8),
    post(0.9, 1.55),
    post(3, 1.5),
    post(5, 1.5),
    post(7.1, 1.55),
    bird(2, 0.5),
    bird(4.2, 0.42),
    bird(6, 0.46),
  ],
  propose: (bare, sizes) => {
    const { laid } = laidAlone(bare, sizes);
    const height = sizes.stands ?? ASKS.stands.usual(bare.units) ?? HEIGHT;
    return standingAllRound(laid, height);
  },
};
