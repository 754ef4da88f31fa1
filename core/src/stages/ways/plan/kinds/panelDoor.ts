import * as z from 'zod/mini';
import { SILL_TIMBER } from '../../../../catalogue/timbers';
import { length, meaning } from '../../../../schema/common';
import { LEAF_MEASURES, at, bar, between } from './fields';
import { kind } from './kind';

/** From this height on a leaf hangs on three hinges, m (rules: Gates and doors). */
const THIRD_HINGE = 1.5;
/** At top and foot. */
const CATCHES = 2;

export const panelDoor = kind(
  z
    .strictObject({
      id: at.id,
      kind: z.literal('panel-door'),
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
    .apply(
      meaning('An off-cut of panel a little wider than its hole, on wire hinges that let it lift to latch.'),
    ),
  {
    name: 'panel door',
    called: () => 'panel door',
    prefix: 'g',
    hanging: ({ height }) => ({ hangs: 'posts', height }),
    kit: null,
    built:
      'an off-cut of panel 0.10 wider than its hole, on wire hinges loose enough to lift it over its catch; burrs outside',
    joinery: ({ width, sill, catches, lock }, leaf) => ({
      sticks:
        sill === 'board' ? [{ timber: SILL_TIMBER, use: 'sill', name: 'sill', count: 1, length: width }] : [],
      hardware: {
        'wire-hinge': leaf.height >= THIRD_HINGE - 1e-9 ? 3 : 2,
        ...(catches === 'two-step' ? { 'two-step-catch': CATCHES } : { catch: CATCHES }),
        ...(lock === 'padlock' ? { padlock: 1 } : {}),
      },
    }),
    // Cut and hung, with nothing to saw.
    hours: { kit: 'hours.gates', built: 'hours.gates' },
    tightest: 0.005,
    measures: LEAF_MEASURES,
    added: [
      {
        words: 'Add a panel door',
        clear: 0.8,
        make: (where) => ({
          kind: 'panel-door' as const,
          gap: 0.013,
          height: null,
          catches: 'one-step' as const,
          lock: 'none' as const,
          sill: 'board' as const,
          ...where,
        }),
      },
    ],
    leaf: 'panel',
    between: 'arch',
    school: null,
    ink: bar('ink'),
    // Line wires of the panel.
    face: [0.2, 0.4, 0.6, 0.8].map((up) => [
      [0, up],
      [1, up],
    ]),
  },
);
