import { type Cautions } from '../../plan/cautions';
import type { VERBS } from './verbs';
import { type Reader } from '../../saying/reader';
import { SOIL_NAMES, THINGS } from './names';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What is found about ground. Lengths m. */
export const FINDINGS = {
  'building.tangled': ({ name }: { readonly name: string }) =>
    `The outline of ${name} crosses itself. Move a corner of it back until its walls part.`,
  'heights.contradict': (
    { kept, other, by }: { readonly kept: number; readonly other: number; readonly by: number },
    r: Reader,
  ) =>
    `Two heights at one stake differ by ${r.length(by)}: ${r.length(kept)} and ${r.length(other)}. The first counts; take the wrong one out.`,
  'heights.cliff': ({ grade, apart }: { readonly grade: number; readonly apart: number }, r: Reader) =>
    `Two heights ${r.about(apart)} apart make a grade of ${r.grade(grade)}. Read them again before you trust them.`,
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-soil': ({ soil }: Of<'set-soil'>) => `Soil: ${SOIL_NAMES[soil]}`,
  'set-ground': ({ to }: Of<'set-ground'>, r: Reader) =>
    to.frost === undefined ? 'Turn north' : `Frost goes ${r.length(to.frost)} deep`,
  'add-to-ground': ({ list }: Of<'add-to-ground'>) => `Add a ${THINGS[list]}`,
  'set-on-ground': ({ list }: Of<'set-on-ground'>) => `Change the ${THINGS[list]}`,
  'remove-from-ground': ({ list }: Of<'remove-from-ground'>) =>
    list === 'spotHeights' ? 'Take this height out' : `Take the ${THINGS[list]} out`,
  'bring-ground': () => 'Bring the ground over from another plan',
  'set-heights': () => 'Set the heights',
  'set-tape': () => 'Change the tape readings',
} as const;

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Have buried services located before anything is dug: the marks on this sheet are only where you put them.',
  'Nothing long, such as tube or a measuring staff, raised near overhead lines.',
];
