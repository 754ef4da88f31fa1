import type { Tape } from '../plan/schema';
import { type Reader } from '../saying/makeReader';
import { listed } from '../saying/phrases';
import type { SurveyProblem } from './types';

/** A reading by its stake and what it was read to: `stake 4 to mark B`. */
function readingName(tape: Tape, id: string): string {
  const stake = (of: string) => tape.stakes.find((s) => s.id === of)?.name ?? of;
  const mark = (of: string) => tape.marks.find((m) => m.id === of)?.name ?? of;
  const [from = '', to = ''] = id.split(/[/+]/);
  return id.includes('+') ? `${stake(from)} to ${stake(to)}` : `${stake(from)} to ${mark(to)}`;
}

/** What is wrong with a survey in one sentence, with how to mend it. */
export function sayProblem(problem: SurveyProblem, tape: Tape, reader: Reader): string {
  const stake = (id: string) => tape.stakes.find((s) => s.id === id)?.name ?? id;
  switch (problem.code) {
    case 'marks-too-near':
      return 'Two marks some way apart are needed to measure from. Take two corners of the house.';
    case 'too-few':
      return `${stake(problem.stake)} has ${problem.readings === 0 ? 'no distance' : 'one distance'}; it takes two, to two marks.`;
    case 'do-not-meet':
      return `The distances of ${stake(problem.stake)} do not meet, by ${reader.about(problem.short)}. Read them again.`;
    case 'steeper-than-read':
      return `${readingName(tape, problem.reading)} is shorter than the ${reader.about(problem.drop)} between the heights of its ends. Check the heights.`;
    case 'misfit':
      return `The readings of ${listed(problem.stakes.map(stake))} disagree by up to ${reader.about(problem.worst)}. Which is wrong they cannot tell: read one more, or all of them again.`;
    case 'misread': {
      const { reading, read, fits, sure } = problem;
      const out = reader.about(Math.abs(read - fits));
      const name = readingName(tape, reading);
      return sure === 'named'
        ? `${name} is ${out} out: ${reader.about(read)} read for ${reader.about(fits)}?`
        : `${name} may be ${out} out, a slip that is easily made: ${reader.about(read)} read for ${reader.about(fits)}? Read it again.`;
    }
  }
}
