import type { Change } from '../../plan/changes/types';
import type { Gate, Opening } from '../../plan/schema';
import { kitFor } from './stage';
import { type Asking, type OptionGroup, chosenIf, questionOf } from '../../options/types';

type To = Extract<Change, { verb: 'set-opening' }>['to'];

const MAKES = {
  gate: {
    kit: 'frame, hinges, two catches, stop and sill; the leaf takes mesh from the wall’s rolls',
    built: 'two stiles, three rails, one diagonal, from frame timber',
  },
  'pop-door': { kit: 'door, runners and frame', built: 'boards in runners of frame timber' },
  hatch: { kit: 'flap in a frame', built: 'boards on hinges in a frame' },
} as const;

/** A question about a gate by the field that answers it. */
interface Question<K extends keyof Gate> {
  readonly field: K;
  readonly name: string;
  readonly answers: readonly (readonly [key: Gate[K] & string, title: string, note: string])[];
}
const question = <K extends keyof Gate>(q: Question<K>) => q;

const QUESTIONS = [
  question({
    field: 'hinge',
    name: 'Hangs on the post',
    answers: [
      ['near', 'Near the corner', ''],
      ['far', 'Away from it', ''],
    ],
  }),
  question({
    field: 'swing',
    name: 'Swings',
    answers: [
      ['out', 'Out', 'over the apron, if the ground allows'],
      ['in', 'In', 'birds are pushed back, not let out'],
    ],
  }),
  question({
    field: 'catches',
    name: 'Catches',
    answers: [
      ['one-step', 'One step', 'not where raccoon or people are about'],
      ['two-step', 'Two steps', 'lift and slide, at top and foot'],
    ],
  }),
  question({
    field: 'closer',
    name: 'Closing',
    answers: [
      ['none', 'By hand', ''],
      ['spring', 'A spring closes it', 'for full hands'],
    ],
  }),
  question({
    field: 'lock',
    name: 'Lock',
    answers: [
      ['none', 'None', ''],
      ['padlock', 'Hasp and padlock', 'against theft'],
    ],
  }),
] as const;

const SILLS = question({
  field: 'sill',
  name: 'Sill',
  answers: [
    ['board', 'A sill between the posts', 'the foot of the gate is the commonest hole'],
    ['none', 'None', 'what is laid along the fence passes under and closes it'],
  ],
});

/** Every question of one way in that is decided by choosing. */
export function openingOptions({ market, reader }: Asking, opening: Opening): readonly OptionGroup[] {
  const set = (to: To): Change => ({ verb: 'set-opening', id: opening.id, to });
  const notes = MAKES[opening.kind];
  const makes = questionOf(
    'make',
    'Bought or built',
    [
      ['kit', 'A kit', notes.kit],
      ['built', 'Built', notes.built],
    ] as const,
    opening.make,
    (make) => set({ make }),
  );
  const kits = market.kits(kitFor(opening)).map((u) => u.size);
  const same = (a: number, b: number) => Math.abs(a - b) <= 0.001;
  const widths = kits.some((w) => same(w, opening.width))
    ? kits
    : [...kits, opening.width].sort((a, b) => a - b);
  const clear: OptionGroup = {
    id: 'width',
    name: 'Clear width',
    options: widths.map((width) => ({
      key: String(width),
      title: `${reader.length(width)} clear`,
      note: kits.includes(width) ? 'sold as a kit' : 'no kit here',
      chosen: chosenIf(same(width, opening.width)),
      change: set({ width }),
    })),
  };
  if (opening.kind !== 'gate') return [makes, clear];
  const asked = opening.make === 'built' ? [...QUESTIONS, SILLS] : QUESTIONS;
  return [
    makes,
    clear,
    ...asked.map(({ field, name, answers }) =>
      questionOf(field, name, answers, opening[field], (key) => set({ [field]: key })),
    ),
  ];
}
