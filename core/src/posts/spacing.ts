import type { Market } from '../catalogue/market';
import { type Finding, finding } from '../findings/types';
import type { FenceLine } from '../ground/fenceLines';
import { choicesFor } from '../plan/effective';
import type { Plan } from '../plan/schema';
import { WHOLE_PLAN } from '../plan/changes/types';
import type { SettingOut } from './setOut';

/** A yard that sells in feet sets posts at 8 ft: that is 2.4 there, m. */
const SAME = 0.05;

/**
 * The largest spacing that a line's posts and mesh allow.
 *
 * @returns m, and what asks for it
 * @see domain.md 5: T 2.4 to 3.0, timber 2.4, 1.8 where mesh or snow hangs from a cover, 3.0 for woven or chain link
 */
export function largestSpacing(
  plan: Pick<Plan, 'choices' | 'enclosures'>,
  market: Market,
  line: FenceLine,
): { most: number; why: 'cover' | 'timber' | 'steel' } {
  const { bands } = line.choices;
  const chosen = line.members.map((m) => choicesFor(plan, m.ringSide.side.id));
  if (chosen.some(({ load }) => load !== 'fence')) return { most: 1.8, why: 'cover' };
  const woven = bands.every((b) => ['woven', 'chain-link'].includes(market.mesh(b.mesh).type));
  const steel = chosen.every(({ posts }) => market.post(posts.line).material === 'steel');
  if (woven || steel) return { most: 3, why: 'steel' };
  return { most: 2.4, why: 'timber' };
}

/** Posts set further apart than they carry. */
export function spacingFindings(
  plan: Pick<Plan, 'choices' | 'enclosures'>,
  market: Market,
  setting: SettingOut,
): readonly Finding[] {
  for (const line of setting.lines) {
    const { spacing, bays } = line.choices;
    const { most, why } = largestSpacing(plan, market, line);
    // A panel's own module stands for itself, unless something hangs on it.
    if ((bays === 'module' && why !== 'cover') || spacing <= most + SAME) continue;
    return [
      finding('posts.far-apart', 'mend', 'posts', { on: 'side', side: line.id }, { spacing, most, why }, [
        { verb: 'set-spacing', scope: WHOLE_PLAN, spacing: most },
      ]),
    ];
  }
  return [];
}
