import type { VERBS } from '../verbs';
import { type Reader } from '../../../saying/reader';
import { meshSaid } from '../../../catalogue/names';
import { type Market } from '../../../catalogue/market';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-slope': ({ slope }: Of<'set-slope'>) => {
    if (slope.foot === 'mesh') return 'Carry the mesh down to the ground';
    if (slope.foot === 'gap') return 'Leave the gap under each step';
    return slope.hang === 'follow'
      ? 'Hang the mesh along the slope'
      : slope.hang === 'step'
        ? 'Step the mesh bay by bay'
        : 'Step where the mesh cannot follow';
  },
  'set-band': ({ to }: Of<'set-band'>, r: Reader, market: Market) => {
    if (to.mesh !== undefined) return `Hang ${meshSaid(market.mesh(to.mesh), r)} instead`;
    if (to.bottom !== undefined)
      return to.bottom === null
        ? 'Start at the lap of the band below'
        : `Start the band at ${r.length(to.bottom)}`;
    if (to.top !== undefined) return `Set the band’s top to ${r.length(to.top)}`;
    return to.widths === 'cheapest' ? 'Choose the cheapest widths that reach' : 'Choose the roll widths';
  },
  'add-band': () => 'Add a band',
  'remove-band': () => 'Remove the band',
  'set-hanging': ({ hanging }: Of<'set-hanging'>) =>
    hanging === 'continuous' ? 'Run the mesh round corners' : 'Cut the mesh at each corner',
  'set-boards': ({ boards }: Of<'set-boards'>) => {
    const [at = 'ground', timber = null] = Object.entries(boards)[0] ?? [];
    const where = at === 'ground' ? 'at the ground' : 'at the top';
    return timber === null ? `No board ${where}` : `Put a board ${where}`;
  },
  'set-overhang': ({ overhang }: Of<'set-overhang'>, r: Reader) =>
    overhang === 0 ? 'No overhang' : `Fold ${r.length(overhang)} outward at the top`,
} as const;
