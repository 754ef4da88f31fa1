import * as z from 'zod/mini';
import { id, length, meaning } from '../../../../schema/common';
import { BOARD_TIMBER, FRAME_TIMBER, SILL_TIMBER } from '../../../../catalogue/timbers';
import type { Ink } from '../../../../scenes/ink';
import { roundUp } from '../../../../units/round';
import type { Leaf, OpeningMeasure, Sticks } from './kind';

export const make = z.enum(['kit', 'built']);
const CATCHES = z.enum(['one-step', 'two-step']);
const LOCK = z.enum(['none', 'padlock']);
const SILL = z.enum(['board', 'none']);
export const CLOSER = z.enum(['none', 'spring']);

/** Where every opening lies. */
export const at = {
  id,
  side: id,
  along: length(0, 10000).apply(
    meaning('From the side’s `from` corner to the near edge of the clear opening, m.'),
  ),
  found: z
    .optional(
      z.strictObject({
        catches: z.optional(CATCHES),
        lock: z.optional(LOCK),
        sill: z.optional(SILL),
        closer: z.optional(CLOSER),
      }),
    )
    .apply(
      meaning(
        'It hangs there already, with these: only what is chosen beyond them is bought, and its posts stand.',
      ),
    ),
};

/** What every opening between two posts of its own is chosen by. */
export const between = {
  width: length(0.3, 5).apply(meaning('Clear width, m.')),
  height: z
    ._default(z.nullable(length(0.5, 4)), null)
    .apply(
      meaning('Of the leaf, m; null for the height of the wall. Mesh of its own closes the wall above it.'),
    ),
  catches: z._default(CATCHES, 'one-step').apply(meaning('At top and foot.')),
  lock: z._default(LOCK, 'none'),
  sill: z._default(SILL, 'board').apply(meaning('Between the gate posts, under the leaf.')),
};

export const LEAF_MEASURES: readonly OpeningMeasure[] = [
  { field: 'gap', name: 'Gap round the leaf', kind: 'opening', needed: 'always' },
  { field: 'height', name: 'Leaf height, if not the wall’s', kind: 'length', needed: 'if set' },
];
export const CLEAR_HEIGHT: OpeningMeasure = {
  field: 'height',
  name: 'Clear height',
  kind: 'length',
  needed: 'always',
};

const frame = (name: string, count: number, length: number): Sticks => ({
  timber: FRAME_TIMBER,
  use: 'frame',
  name,
  count,
  length,
});

/** @see rules: Gates and doors. Two stiles, three rails, one diagonal; sill = clear width */
export const leafSticks = (leaf: Leaf, width: number, sill: 'board' | 'none'): readonly Sticks[] => [
  frame('stile', 2, leaf.height),
  frame('rail', 3, leaf.width),
  frame('diagonal', 1, Math.hypot(leaf.width, leaf.height)),
  ...(sill === 'board'
    ? [{ timber: SILL_TIMBER, use: 'sill', name: 'sill', count: 1, length: width } as const]
    : []),
];

/** Two uprights and two heads, for boards in the mesh. */
export const frameSticks = (upright: number, width: number): readonly Sticks[] => [
  frame('upright', 2, upright),
  frame('head', 2, width),
];

/** Boards over each other as high as what they close. @param board  width of one, m */
export const flapSticks = (leaf: Leaf, board: number): Sticks => ({
  timber: BOARD_TIMBER,
  use: 'board',
  name: 'flap',
  count: roundUp(leaf.height / board),
  length: leaf.width,
});

/** A bar of its colour in the fence. */
export const bar = (stroke: 'yolk' | 'bark' | 'ink'): Ink => ({
  screen: { fill: 'none', stroke, width: 6 },
  paper: { fill: 'none', stroke, width: 1.2 },
  file: ['GATES', 'YELLOW', 'CONTINUOUS'],
});
