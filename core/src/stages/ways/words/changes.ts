import type { VERBS } from '../verbs';
import { type Reader } from '../../../saying/reader';
import { type OpeningOf, nameOf } from '../plan/kinds';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-lobby': () => 'Add a lobby with a second gate',
  'add-opening': ({ opening }: Of<'add-opening'>, r: Reader) =>
    `Add a ${nameOf(opening.kind)} ${r.length(opening.width)} clear`,
  'set-opening': ({ to }: Of<'set-opening'>, r: Reader) => {
    if ('found' in to) return to.found ? 'It hangs here already' : 'Hang a new one';
    if (to.width !== undefined) return `Make it ${r.length(to.width)} clear`;
    const { gap, hinge, swing, make, catches, closer, lock, sill, height }: Partial<OpeningOf<'gate'>> =
      to as Partial<OpeningOf<'gate'>>;
    if (make !== undefined) return make === 'kit' ? 'Hang a kit' : 'Build it of frame timber and mesh';
    if (catches !== undefined)
      return catches === 'two-step' ? 'Two-step catches at top and foot' : 'One-step catches';
    if (closer !== undefined) return closer === 'spring' ? 'Let a spring close it' : 'Close it by hand';
    if (lock !== undefined) return lock === 'padlock' ? 'Put a lock on it' : 'Leave the lock off';
    if (sill !== undefined) return sill === 'board' ? 'Put a sill under it' : 'Remove the sill';
    if (height === null) return 'Make the leaf as high as the wall';
    if (height !== undefined) return `Make it ${r.length(height)} high`;
    const { bottom }: Partial<OpeningOf<'hatch'>> = to as Partial<OpeningOf<'hatch'>>;
    if (bottom !== undefined) return `Set it ${r.length(bottom)} above the ground`;
    if (gap !== undefined) return `Leave a gap of ${r.opening(gap)} at most`;
    if (hinge !== undefined && swing !== undefined) return `Hang it on the other post, swinging ${swing}`;
    if (hinge !== undefined) return 'Hang it on the other post';
    if (swing !== undefined) return swing === 'in' ? 'Let it swing in' : 'Let it swing out';
    return to.along === undefined
      ? 'Change this gate or door'
      : `Move it to ${r.length(to.along)} from the corner`;
  },
  'openings-like': () => 'Make the others like this one',
  'remove-opening': () => 'Remove the gate or door',
} as const;
