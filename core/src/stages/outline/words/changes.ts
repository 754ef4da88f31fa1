import type { VERBS } from '../verbs';
import { type Market } from '../../../catalogue/market';
import { meshSaid } from '../../../catalogue/names';
import { type Reader } from '../../../saying/reader';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'lay-out': ({ run }: Of<'lay-out'>, r: Reader) =>
    `Make the run ${r.length(run.right - run.left)} by ${r.length(run.high - run.low)}`,
  'move-side': ({ by }: Of<'move-side'>, r: Reader) =>
    `Move the side ${r.length(Math.abs(by))} ${by > 0 ? 'out' : 'in'}`,
  'set-side-length': ({ length }: Of<'set-side-length'>, r: Reader) => `Make the side ${r.length(length)}`,
  'set-side-kind': ({ kind }: Of<'set-side-kind'>) =>
    ({
      fence: 'Fence this side',
      wall: 'An existing wall stands here',
      open: 'Leave this side open',
      'arch-end': 'Close this end of the arch',
    })[kind],
  'set-standing': ({ standing }: Of<'set-standing'>, r: Reader) =>
    standing === null
      ? 'Build this fence anew'
      : `A fence stands here already${standing.height === null ? '' : `, ${r.length(standing.height)} high`}`,
  'set-low-band': ({ low }: Of<'set-low-band'>, r: Reader, market: Market) =>
    low === null
      ? 'Tie nothing over the fence that stands'
      : `Tie ${meshSaid(market.mesh(low.mesh), r)} over it, ${r.length(low.top)} high`,
  'set-higher': ({ higher }: Of<'set-higher'>, r: Reader, market: Market) =>
    higher
      ? `Carry it up to ${r.length(higher.top)} with ${meshSaid(market.mesh(higher.mesh), r)}`
      : 'Leave it as high as it stands',
  'set-side-building': () => 'The wall of a building stands here',
  'move-corner': () => 'Move the corner',
  'set-turn': ({ turn }: Of<'set-turn'>) => `Turn the corner by ${((turn * 180) / Math.PI).toFixed(1)}°`,
  'split-side': () => 'Put a corner on the side',
  'remove-corner': () => 'Remove the corner',
  'walk-outline': () => 'Lay the outline out as walked',
  'trace-outline': () => 'Use this outline',
  divide: () => 'Divide the run',
  'join-enclosures': () => 'Take the fence between the two runs down',
  'add-beside': () => 'Add a run beside this side',
  'rename-enclosure': ({ name }: Of<'rename-enclosure'>) => `Call the run ${name}`,
  'remove-enclosure': () => 'Remove this run',
} as const;
