import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { CLEAR_HEIGHT, at, bar, flapSticks, frameSticks, make } from './fields';
import { type Added, kind } from './kind';

const schema = z.strictObject({
  id: at.id,
  kind: z.literal('hatch'),
  use: z.enum(['eggs', 'cleaning']),
  side: at.side,
  along: at.along,
  found: at.found,
  width: length(0.15, 1.5).apply(meaning('Clear width, m.')),
  height: length(0.1, 1.5).apply(meaning('Clear height, m.')),
  bottom: length(0, 3).apply(meaning('Of the clear opening, above the ground, m.')),
  make: z._default(make, 'kit'),
});
type Hatch = z.infer<typeof schema>;

const added = (
  words: string,
  clear: number,
  plain: Pick<Hatch, 'use' | 'height' | 'bottom'>,
): Added<Hatch> => ({
  words,
  clear,
  make: (where) => ({ kind: 'hatch', make: 'kit', ...plain, ...where }),
});

export const hatch = kind(schema, {
  name: 'hatch',
  called: ({ use }) => (use === 'eggs' ? 'egg hatch' : 'cleaning door'),
  prefix: 'h',
  hanging: ({ height, bottom }) => ({ hangs: 'mesh', height, bottom }),
  kit: {
    product: ({ use }) => (use === 'eggs' ? 'egg-hatch-kit' : 'cleaning-hatch-kit'),
    line: 'docket.hatch',
    note: 'flap in a frame',
  },
  built: 'boards on hinges in a frame',
  joinery: ({ make: made, width, height }, leaf, board) =>
    made === 'kit'
      ? { sticks: [], hardware: {} }
      : {
          sticks: [...frameSticks(height, width), flapSticks(leaf, board)],
          hardware: { hinge: 2, catch: 1 },
        },
  hours: { kit: 'hours.pop-doors', built: 'hours.pop-doors' },
  tightest: null,
  measures: [CLEAR_HEIGHT, { field: 'bottom', name: 'Above the ground', kind: 'length', needed: 'always' }],
  added: [
    added('Add an egg hatch', 0.4, { use: 'eggs', height: 0.3, bottom: 0.5 }),
    added('Add a cleaning door', 0.6, { use: 'cleaning', height: 0.6, bottom: 0.3 }),
  ],
  leaf: 'boards',
  between: 'anywhere',
  school: null,
  ink: bar('bark'),
  face: [],
});
