import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { LEAF_MEASURES, at, bar, between, leafSticks } from './fields';
import { kind } from './kind';

/** Two on each long side. */
const CATCHES = 4;

export const liftOff = kind(
  z
    .strictObject({
      id: at.id,
      kind: z.literal('lift-off'),
      side: at.side,
      along: at.along,
      found: at.found,
      width: between.width,
      gap: length(0, 0.2).apply(meaning('Largest gap left round the shut panel, m.')),
      height: between.height,
      catches: between.catches,
      lock: between.lock,
      sill: between.sill,
    })
    .apply(meaning('A panel without hinges, held by two catches on each long side.')),
  {
    name: 'lift-off door',
    called: () => 'lift-off door',
    prefix: 'g',
    hanging: ({ height }) => ({ hangs: 'posts', height }),
    kit: null,
    built:
      'two stiles, three rails and one diagonal, with four catches and no hinges. It shuts tight and sweeps over nothing, but needs both hands and a place to lean it',
    joinery: ({ width, sill, catches, lock }, leaf) => ({
      sticks: leafSticks(leaf, width, sill),
      hardware: {
        ...(catches === 'two-step' ? { 'two-step-catch': CATCHES } : { catch: CATCHES }),
        ...(lock === 'padlock' ? { padlock: 1 } : {}),
      },
    }),
    hours: { kit: 'hours.gates', built: 'hours.gates-built' },
    tightest: 0.005,
    measures: LEAF_MEASURES,
    added: [
      {
        words: 'Add a lift-off door',
        clear: 0.8,
        make: (where) => ({
          kind: 'lift-off' as const,
          gap: 0.006,
          height: null,
          catches: 'one-step' as const,
          lock: 'none' as const,
          sill: 'board' as const,
          ...where,
        }),
      },
    ],
    leaf: 'mesh',
    between: 'anywhere',
    school: null,
    ink: bar('ink'),
    // Its catches, two on each long side.
    face: [0.2, 0.8].flatMap((up) => [
      [
        [0, up],
        [0.2, up],
      ],
      [
        [0.8, up],
        [1, up],
      ],
    ]),
  },
);
