import { BIRDS } from '../birds/plan/kinds';
import type { Plan } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import { THREAT_IDS, type ThreatId, type Threatened, isPresent, threatIn } from '../threats/plan/kinds';
import type { KindId } from './plan/kinds';

/** Who is about and who is kept. */
export type About = Threatened & Pick<Plan, 'flock'>;

/** An overhang that whatever scrambles up a wall does not get round (rules: Threats), m. */
const HANGS_OUT = 0.3;

/** A housing order asks for a closed roof, and keeps the birds in all winter. */
export const isHoused = (plan: Threatened): boolean => isPresent(plan, 'wild-birds');

/** Whether it takes what is kept here: feed is no bird, and small prey is none where grown birds alone are shut in. */
function takesOurs({ flock }: Pick<Plan, 'flock'>, takes: 'birds' | 'feed', smallPrey: boolean): boolean {
  const kept = flock.filter((f) => f.count > 0);
  return takes === 'birds' && (!smallPrey || kept.length === 0 || kept.some((f) => BIRDS[f.kind].small));
}

const thatTakeOurs = (plan: About): readonly ThreatId[] =>
  THREAT_IDS.filter((id) => {
    const { takes, smallPrey } = threatIn(plan, id);
    return isPresent(plan, id) && takesOurs(plan, takes, smallPrey);
  });

const climbers = (plan: About): readonly ThreatId[] =>
  thatTakeOurs(plan).filter((id) => threatIn(plan, id).climbs);
const flyers = (plan: About): readonly ThreatId[] =>
  thatTakeOurs(plan).filter((id) => threatIn(plan, id).moves === 'flies' && !threatIn(plan, id).soils);

/** The lowest of the walls round what lies open above, m; 0 where there is none. */
export interface Walls {
  readonly top: number;
  readonly overhang: number;
}

/** Who comes over the walls or from above where nothing lies over a run, of those about. */
export const fromAbove = (plan: About, { top, overhang }: Walls): readonly ThreatId[] =>
  thatTakeOurs(plan).filter((id) => {
    const { climbs, moves, over, scrambles } = threatIn(plan, id);
    if (moves === 'flies') return true;
    // A wall just as high is cleared.
    return (
      climbs || (over !== null && (top <= over + EPSILON || (scrambles && overhang < HANGS_OUT - EPSILON)))
    );
  });

/** Meshes of a lid, the coarsest first, by their openings, m. */
const LIDS = [
  ['welded-25', 0.025],
  ['fine-13', 0.013],
  ['fine-6', 0.0065],
] as const;

/**
 * The kind of cover that what is about asks for: mesh against climbers, fine enough for the smallest of them, a knotted net of 50 against birds of prey;
 * null where nothing climbs in or flies in.
 */
export function coverWanted(plan: About): { readonly kind: KindId; readonly mesh: string } | null {
  if (isHoused(plan)) return { kind: 'sheet', mesh: 'sheet' };
  const climbing = climbers(plan);
  if (climbing.length > 0) {
    const least = Math.min(...climbing.map((id) => threatIn(plan, id).squeeze ?? Infinity));
    const [mesh] = LIDS.find(([, opening]) => opening < least - EPSILON) ?? LIDS[LIDS.length - 1] ?? LIDS[0];
    return { kind: 'strips', mesh };
  }
  return flyers(plan).length > 0 ? NET : null;
}

/** What keeps out everything that jumps or flies. */
export const NET = { kind: 'net', mesh: 'net-50' } as const;
