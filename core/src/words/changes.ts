import type { Market } from '../catalogue/market';
import { type Change, type ChangeOf, type Verb } from '../plan/changes';
import { WAY_NAMES } from '../stages/ways/names';
import type { Gate, Hatch } from '../plan/schema';
import { type Reader } from './reader';
import { counted } from '../saying/phrases';
import { CHANGES } from '../stages/words';

type Sentences = { readonly [V in Verb]: (change: ChangeOf<V>, reader: Reader, market: Market) => string };

/** What each change does, as its button or its undo step says it. */
const SENTENCES: Sentences = {
  ...CHANGES,
  'add-lobby': () => 'Add a lobby with a second gate',
  'add-opening': ({ opening }, r) => `Add a ${WAY_NAMES[opening.kind]} ${r.length(opening.width)} clear`,
  'set-opening': ({ to }, r) => {
    if (to.width !== undefined) return `Make it ${r.length(to.width)} clear`;
    const { gap, hinge, swing, make, catches, closer, lock, sill, height }: Partial<Gate> =
      to as Partial<Gate>;
    if (make !== undefined) return make === 'kit' ? 'Hang a kit' : 'Build it of frame timber and mesh';
    if (catches !== undefined)
      return catches === 'two-step' ? 'Two-step catches at top and foot' : 'One-step catches';
    if (closer !== undefined) return closer === 'spring' ? 'Let a spring close it' : 'Close it by hand';
    if (lock !== undefined) return lock === 'padlock' ? 'Put a lock on it' : 'Leave the lock off';
    if (sill !== undefined) return sill === 'board' ? 'Put a sill under it' : 'Leave the sill out';
    if (height === null) return 'Make the leaf as high as the wall';
    if (height !== undefined) return `Make it ${r.length(height)} high`;
    const { bottom }: Partial<Hatch> = to as Partial<Hatch>;
    if (bottom !== undefined) return `Set it ${r.length(bottom)} above the ground`;
    if (gap !== undefined) return `Leave a gap of ${r.opening(gap)} at most`;
    if (hinge !== undefined && swing !== undefined) return `Hang it on the other post, swinging ${swing}`;
    if (hinge !== undefined) return 'Hang it on the other post';
    if (swing !== undefined) return swing === 'in' ? 'Let it swing in' : 'Let it swing out';
    return to.along === undefined ? 'Change the way in' : `Move it to ${r.length(to.along)} from the corner`;
  },
  'remove-opening': () => 'Take the way in out',
  'set-yards': ({ yards }, _, market) =>
    yards.length > 1
      ? 'Buy at both yards, each line where the whole is cheapest'
      : `Buy everything at ${market.yard(yards[0] ?? '').name}`,
  'buy-from': ({ yard }, _, market) =>
    yard === null ? 'Buy it where the whole is cheapest' : `Buy it at ${market.yard(yard).name}`,
  'set-fetching': ({ yard, goods }, _, market) =>
    goods === 'fetched'
      ? `Fetch from ${market.yard(yard).name}`
      : `Have it delivered by ${market.yard(yard).name}`,
  'take-prices': () => 'Take today’s prices',
  'set-owned': () => 'Use a piece from the shed',
  'remove-owned': () => 'Leave a piece in the shed',
  'set-extra': ({ extra }, r) =>
    `Cut ${counted(extra.count, 'piece')} of ${r.length(extra.width)} by ${r.length(extra.height)}`,
  'remove-extra': () => 'Take the piece out',
};

export function sayChange(change: Change, reader: Reader, market: Market): string {
  const sentence = SENTENCES[change.verb] as (change: Change, reader: Reader, market: Market) => string;
  return sentence(change, reader, market);
}
