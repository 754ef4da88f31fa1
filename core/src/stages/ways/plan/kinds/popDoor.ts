import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { CLEAR_HEIGHT, at, bar, flapSticks, frameSticks, make } from './fields';
import { kind } from './kind';

export const popDoor = kind(
  z.strictObject({
    id: at.id,
    kind: z.literal('pop-door'),
    side: at.side,
    along: at.along,
    found: at.found,
    width: length(0.15, 1.5).apply(meaning('Clear width, m.')),
    height: length(0.15, 1.5).apply(
      meaning('Clear height above the ground, m; mesh closes the wall above it.'),
    ),
    make: z._default(make, 'kit'),
  }),
  {
    name: 'pop door',
    called: () => 'pop door',
    prefix: 'd',
    hanging: ({ height }) => ({ hangs: 'mesh', height, bottom: null }),
    kit: { product: () => 'pop-door-kit', line: 'docket.pop-door', note: 'door, runners and frame' },
    built: 'boards in runners of frame timber',
    joinery: ({ make: made, width, height }, leaf, board) => ({
      sticks:
        made === 'kit'
          ? []
          : [
              // Runners as high again, for the door to slide up in.
              ...frameSticks(2 * height, width),
              flapSticks(leaf, board),
            ],
      hardware: {},
    }),
    hours: { kit: 'hours.pop-doors', built: 'hours.pop-doors' },
    tightest: null,
    measures: [CLEAR_HEIGHT],
    added: [
      {
        words: 'Add a pop door',
        clear: 0.3,
        make: (where) => ({ kind: 'pop-door' as const, height: 0.35, make: 'kit' as const, ...where }),
      },
    ],
    leaf: 'boards',
    between: 'runs',
    school: 'door',
    ink: bar('yolk'),
    face: [],
  },
);
