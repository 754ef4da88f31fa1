import { type ThreatId, type Threatened, isPresent } from '../threats/kinds';
import type { KindId } from './kinds';

/** What comes from above: by climbing, or on the wing. */
const CLIMBS: readonly ThreatId[] = ['raccoon', 'marten', 'cat', 'opossum', 'lynx'];
const FLIES: readonly ThreatId[] = ['hawk', 'eagle', 'owl', 'crow'];

/** A housing order asks for a closed roof, and keeps the birds in all winter. */
export const isHoused = (plan: Threatened): boolean => isPresent(plan, 'wild-birds');

/** Who comes in from above, of those about. */
export const fromAbove = (plan: Threatened): readonly ThreatId[] =>
  [...CLIMBS, ...FLIES].filter((id) => isPresent(plan, id));

/** The kind of cover that what is about asks for: mesh against climbers, a knotted net of 50 against birds of prey; null where nothing comes from above. */
export function coverWanted(plan: Threatened): { readonly kind: KindId; readonly mesh: string } | null {
  if (isHoused(plan)) return { kind: 'sheet', mesh: 'sheet' };
  if (CLIMBS.some((id) => isPresent(plan, id))) return { kind: 'strips', mesh: 'welded-25' };
  return FLIES.some((id) => isPresent(plan, id)) ? { kind: 'net', mesh: 'net-50' } : null;
}
