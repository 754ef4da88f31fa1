import type { Entry, Rating, Way } from '../../findings/entry';
import type { ThreatRow, ThreatId } from '../threats/plan/kinds';
import { partOf } from './found/of';
import { troubleOf } from './found/things';
import { type LaidNet, isShort } from './laid';
import { MEETS } from './meets';
import type { Energy } from './power/energy';
import { HOLE } from './route/ground';
import { SAME } from './same';
import type { Wired } from './wires/wires';

/** Why a net holds a threat, or does not. */
export const WHY_HELD = {
  touches: 'it meets the net with its nose, and seldom comes again',
  flies: 'it flies over',
  person: 'a person steps over it, or switches it off',
  slips: 'it slips through the squares and may touch nothing live',
  jumps: 'it clears this height when pressed: take 1.22 m on double spikes',
  strong: 'its coat takes 6.0 kV: read the line before you trust it',
  dead: 'the net is not live',
  weak: 'the energiser is too weak for this length',
  flat: 'the battery runs flat',
  snow: 'snow lies over it',
  hole: 'a hole under the foot lets it in',
  near: 'it jumps in from what stands too near',
  short: 'the nets do not go round',
  wired: 'it meets the wire before the mesh, where it runs',
} as const;
export type WhyHeld = keyof typeof WHY_HELD;

export interface EntriesBy {
  readonly wired: readonly Wired[];
  readonly laid: readonly LaidNet[];
  readonly present: readonly ThreatId[];
  readonly rowOf: (threat: ThreatId) => ThreatRow;
  readonly energy: Energy | null;
  readonly snow: number;
}

interface Judged {
  readonly way: Way;
  readonly rating: Rating;
  readonly why: WhyHeld;
}

const open = (way: Way, why: WhyHeld): Judged => ({ way, rating: 'open', why });

/** What makes any net no net at all. */
function dead({ energy, snow }: EntriesBy, laid: LaidNet): Judged | null {
  if (isShort(laid)) return open('through', 'short');
  if (!energy?.made) return open('through', 'dead');
  if (snow > 0 && laid.kind.height - snow < 0.75) return open('over', 'snow');
  if (energy.made.output < energy.output - 1e-9) return { way: 'through', rating: 'delays', why: 'weak' };
  if (energy.made.supply === 'battery' && energy.battery === null) return open('through', 'dead');
  return null;
}

/** How one net meets one threat: the worst that is true of it. */
function judge(laid: LaidNet, threat: ThreatId, by: EntriesBy): Judged {
  const { kind, gaps, clearances } = laid;
  const meets = MEETS[threat];
  if (meets === 'flies') return open('above', 'flies');
  if (meets === 'person') return open('over', 'person');
  const none = dead(by, laid);
  if (none?.rating === 'open') return none;
  const { squeeze } = by.rowOf(threat);
  const hole = gaps.find(({ gap }) => gap > HOLE + 1e-6 && squeeze !== null && gap >= squeeze);
  if (hole) return open('under', 'hole');
  // From inside something jumps out; what is left out, far off, is no help to it.
  const near = clearances.some(
    (c) =>
      (c.stands === 'through' || (c.stands === 'outside' && c.gap < c.wanted - SAME)) &&
      troubleOf(laid, c) !== null,
  );
  if (near && meets !== 'ground') return open('over', 'near');
  if (none) return none;
  if (meets === 'strong') return { way: 'through', rating: 'delays', why: 'strong' };
  if (squeeze !== null && squeeze <= Math.min(kind.foot.up, kind.foot.along))
    return { way: 'through', rating: 'delays', why: 'slips' };
  if (meets === 'jumps' && kind.height < 1.2) return { way: 'over', rating: 'delays', why: 'jumps' };
  if (by.energy?.battery?.days != null) return { way: 'through', rating: 'delays', why: 'flat' };
  return { way: 'through', rating: 'holds', why: 'touches' };
}

/** How every net meets every threat that is about. */
export const netEntries = (by: EntriesBy): readonly Entry[] =>
  by.laid.flatMap((laid) =>
    by.present.map((threat): Entry => ({
      stage: 'live',
      part: partOf(laid.net),
      threat,
      ...judge(laid, threat, by),
    })),
  );

/** How every hot wire meets what comes on the ground: along its own sides alone, so that it holds nothing by itself. */
export const wireEntries = ({ wired, present, energy }: EntriesBy): readonly Entry[] =>
  wired.flatMap(({ wire }) =>
    present
      .filter((threat) => MEETS[threat] !== 'flies' && MEETS[threat] !== 'person')
      .map((threat): Entry => {
        const live = energy?.made !== null && energy !== null && energy.made.output >= energy.output - 1e-9;
        return {
          stage: 'live',
          part: { on: 'hot-wire', wire: wire.id },
          threat,
          way: 'over',
          rating: live ? 'delays' : 'open',
          why: live ? ('wired' satisfies WhyHeld) : ('dead' satisfies WhyHeld),
        };
      }),
  );
