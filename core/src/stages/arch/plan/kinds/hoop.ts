import * as z from 'zod/mini';
import { id, length, meaning } from '../../../../schema/common';
import { roundUp } from '../../../../units/round';
import { ARCH, USUAL } from './fields';
import { kind } from './kind';

/** Flexible pipe bent into hoops, tied by lines along its ridge and its feet. */
export const hoop = kind(
  z.strictObject({
    kind: z.literal('hoop'),
    ...ARCH,
    pipe: z._default(id, 'pipe-25x25').apply(meaning('The pipe that hoops and lines are of.')),
    bent: length(0.5, 12).apply(meaning('How long the pipe of a hoop is, m.')),
    pitch: z._default(length(0.2, 3), 0.61).apply(meaning('From hoop to hoop at most, m.')),
    lines: z
      ._default(z.enum(['one piece', 'pieces']), 'one piece')
      .apply(
        meaning('Lines along ridge and feet in one piece with tees slipped on, or in pieces between tees.'),
      ),
    socket: z
      ._default(length(0, 0.2), 0.019)
      .apply(meaning('How deep a piece goes into a tee on each side, m.')),
  }),
  {
    title: 'Pipe hoops',
    note: 'light and low; covered with mesh or film',
    bends: ['hoop', 'hoops'],
    bent: (arch) => arch.bent,
    ribs: ({ pitch }, _made, wanted) => {
      const bays = Math.max(1, roundUp(wanted / pitch));
      return { count: bays + 1, module: wanted / bays, built: wanted };
    },
    springs: false,
    made: ({ pipe: timber, lines, socket }) => ({
      panels: null,
      pipe: { timber, inPieces: lines === 'pieces', socket },
    }),
    asks: ['lines'],
    offCuts: false,
    measures: [
      { field: 'bent', name: 'Pipe of a hoop', set: 'always' },
      { field: 'pitch', name: 'Hoops each', set: 'always' },
      { field: 'socket', name: 'Depth of a socket', set: 'always' },
    ],
    hours: 'hoursArchHoop',
    usualBase: 1.5,
    usualLength: 2.44,
    usual: (over) =>
      ({
        kind: 'hoop',
        ...over,
        ...USUAL,
        pipe: 'pipe-25x25',
        bent: 3,
        pitch: 0.61,
        lines: 'one piece',
        socket: 0.019,
      }) as const,
  },
);
