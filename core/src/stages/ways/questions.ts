import { type Asking, type OptionGroup, questionOf } from '../../options/asking/types';
import type { Change } from '../../plan/changes/types';
import { type Opening, kitOf, makeOf, rowOf } from './plan/kinds';

type To = Extract<Change, { verb: 'set-opening' }>['to'];
type Field = { [O in Opening['kind']]: keyof Extract<Opening, { kind: O }> }[Opening['kind']];

/** A question about an opening by the field that answers it: asked of every kind that has the field. */
interface Question {
  readonly field: Field;
  readonly name: string;
  readonly answers: readonly (readonly [key: string, title: string, note: string])[];
  /** Where a kit brings it, it is not asked. */
  readonly of: 'all' | 'built';
}

const QUESTIONS: readonly Question[] = [
  {
    field: 'hinge',
    name: 'Hangs on the post',
    answers: [
      ['near', 'Near the corner', ''],
      ['far', 'Away from it', ''],
    ],
    of: 'all',
  },
  {
    field: 'swing',
    name: 'Swings',
    answers: [
      ['out', 'Out', 'over the apron, if the ground allows'],
      ['in', 'In', 'birds are pushed back, not let out'],
    ],
    of: 'all',
  },
  {
    field: 'catches',
    name: 'Catches',
    answers: [
      ['one-step', 'One step', 'not where raccoon or people are about'],
      ['two-step', 'Two steps', 'lift and slide, at top and foot'],
    ],
    of: 'all',
  },
  {
    field: 'closer',
    name: 'Closing',
    answers: [
      ['none', 'By hand', ''],
      ['spring', 'A spring closes it', 'for full hands'],
    ],
    of: 'all',
  },
  {
    field: 'lock',
    name: 'Lock',
    answers: [
      ['none', 'None', ''],
      ['padlock', 'Hasp and padlock', 'against theft'],
    ],
    of: 'all',
  },
  {
    field: 'sill',
    name: 'Sill',
    answers: [
      ['board', 'A sill between the posts', 'the foot of the gate is the commonest hole'],
      ['none', 'None', 'what is laid along the fence passes under and closes it'],
    ],
    of: 'built',
  },
];

/** A kit of a width that is sold, or built to any. */
function makes({ market, reader }: Asking, opening: Opening, set: (to: To) => Change): OptionGroup[] {
  const { kit, built } = rowOf(opening);
  if (!kit) return [];
  const kits = market.kits(kit.product(opening)).map((u) => u.size);
  const same = (a: number, b: number) => Math.abs(a - b) <= 0.001;
  const widths = kits.some((w) => same(w, opening.width))
    ? kits
    : [...kits, opening.width].sort((a, b) => a - b);
  return [
    questionOf(
      {
        id: 'make',
        name: 'Bought or built',
        answers: [
          ['kit', 'A kit', kit.note],
          ['built', 'Built', built],
        ] as const,
      },
      makeOf(opening),
      (make) => set({ make }),
    ),
    {
      id: 'width',
      name: 'Clear width',
      options: widths.map((width) => ({
        key: String(width),
        title: `${reader.length(width)} clear`,
        note: kits.includes(width) ? 'sold as a kit' : 'no kit here',
        chosen: same(width, opening.width),
        change: set({ width }),
      })),
    },
  ];
}

/** Every question of one gate or door that is decided by choosing. */
export function openingOptions(ask: Asking, opening: Opening): readonly OptionGroup[] {
  const set = (to: To): Change => ({ verb: 'set-opening', id: opening.id, to });
  const fields: Readonly<Partial<Record<Field, unknown>>> = opening;
  const built = kitOf(opening) === null;
  const asked = QUESTIONS.filter(({ field, of }) => field in opening && (of === 'all' || built));
  return [
    ...makes(ask, opening, set),
    ...asked.map(({ field, name, answers }) =>
      questionOf({ id: field, name, answers }, String(fields[field]), (key) => set({ [field]: key })),
    ),
  ];
}
