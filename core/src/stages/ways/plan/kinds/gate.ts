import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { LEAF_MEASURES, at, between, leafSticks, make } from './fields';
import { type Added, type At, type Joinery, type Leaf, kind } from './kind';

/** From this height on a leaf hangs on three hinges, m (rules: Gates and doors). */
const THIRD_HINGE = 1.5;
/** At top and foot. */
const CATCHES = 2;

const schema = z.strictObject({
  id: at.id,
  kind: z.literal('gate'),
  side: at.side,
  along: at.along,
  found: at.found,
  width: between.width,
  gap: length(0, 0.2).apply(meaning('Largest gap left round the shut leaf, m.')),
  hinge: z
    ._default(z.enum(['near', 'far']), 'near')
    .apply(meaning('The edge it hangs on: near is the one nearer to the side’s `from` corner.')),
  swing: z._default(z.enum(['out', 'in']), 'out').apply(meaning('Out of the run, or into it.')),
  make: make.apply(meaning('A kit of its clear width, or built of frame timber and mesh.')),
  height: between.height,
  catches: between.catches,
  closer: z._default(z.enum(['none', 'spring']), 'none'),
  lock: between.lock,
  sill: between.sill,
});
type Gate = z.infer<typeof schema>;

/** What a gate is until the keeper says otherwise; its place and width come with it. */
export const PLAIN_GATE = {
  kind: 'gate',
  gap: 0.013,
  hinge: 'near',
  swing: 'out',
  make: 'kit',
  height: null,
  catches: 'one-step',
  closer: 'none',
  lock: 'none',
  sill: 'board',
} as const satisfies Omit<Gate, 'id' | 'side' | 'along' | 'width'>;

/** A kit brings hinges, two one-step catches, stop and sill; what is chosen beyond them is bought beside it. */
function hardware(gate: Gate, leaf: Leaf): Joinery['hardware'] {
  const two = gate.catches === 'two-step';
  const extras = {
    ...(gate.closer === 'spring' ? { spring: 1 } : {}),
    ...(gate.lock === 'padlock' ? { padlock: 1 } : {}),
    ...(two ? { 'two-step-catch': CATCHES } : {}),
  };
  if (gate.make === 'kit') return extras;
  const hinge = leaf.height >= THIRD_HINGE - 1e-9 ? 3 : 2;
  return { hinge, ...(two ? {} : { catch: CATCHES }), stop: 1, ...extras };
}

const added = (words: string, clear: number): Added<Gate> => ({
  words,
  clear,
  make: (where: At) => ({ ...PLAIN_GATE, ...where }),
});

export const gate = kind(schema, {
  name: 'gate',
  called: () => 'gate',
  prefix: 'g',
  hanging: ({ height }) => ({ hangs: 'posts', height }),
  kit: {
    product: () => 'gate-kit',
    line: 'docket.kit',
    note: 'frame, hinges, two catches, stop and sill; the leaf takes mesh from the wall’s rolls',
  },
  built: 'two stiles, three rails, one diagonal, from frame timber',
  joinery: (opening, leaf) => ({
    sticks: opening.make === 'kit' ? [] : leafSticks(leaf, opening.width, opening.sill),
    hardware: hardware(opening, leaf),
  }),
  hours: { kit: 'hours.gates', built: 'hours.gates-built' },
  // Any tighter and it no longer swings.
  tightest: 0.01,
  measures: LEAF_MEASURES,
  added: [
    added('Add a barrow gate', 0.95),
    added('Add a narrow gate', 0.8),
    added('Add a gate for a mower', 1.3),
  ],
  leaf: 'mesh',
  between: 'anywhere',
  school: null,
  ink: {
    screen: { fill: 'none', stroke: 'ink', width: 1.3 },
    paper: { fill: 'none', stroke: 'ink', width: 0.3 },
    file: ['GATES', 'YELLOW', 'CONTINUOUS'],
  },
  // Its brace.
  face: [
    [
      [0, 0],
      [1, 1],
    ],
  ],
});
