import { type Reader } from '../../../saying/reader';

export { cautions } from './advice';

/** What is found about ground. Lengths m. */
export const FINDINGS = {
  'deterrent.may': ({ name }: { readonly name: string }) =>
    `The ${name} may put an animal off for a while. It closes nothing: nothing here counts on it. Look after its battery, and move it often.`,
  'building.tangled': ({ name }: { readonly name: string }) =>
    `The outline of ${name} crosses itself. Move a corner of it back until its walls part.`,
  'heights.contradict': (
    { kept, other, by }: { readonly kept: number; readonly other: number; readonly by: number },
    r: Reader,
  ) =>
    `Two heights at one stake differ by ${r.length(by)}: ${r.length(kept)} and ${r.length(other)}. The first is used. Delete the wrong one.`,
  'heights.cliff': ({ grade, apart }: { readonly grade: number; readonly apart: number }, r: Reader) =>
    `Two heights ${r.about(apart)} apart make a grade of ${r.grade(grade)}. Read them again before you trust them.`,
} as const;
