import { type Vector, distance } from '../ground/vector';
import type { Tape, TapeStake } from '../plan/schema';
import { type Adjusted, adjust } from './adjust';
import { type FromMark, inFront, meet } from './circles';
import { ellipseOf } from './ellipse';
import {
  type FittedReading,
  type FixedStake,
  type Survey,
  type SurveyProblem,
  type TapeReading,
  endOf,
} from './types';

/** How well one reads a tape, as a standard deviation, m [assume]. */
export const READS_TO = 0.01;
/** Spare readings that miss by more disagree, m: three such deviations. */
const AGREES = 0.03;
/** Corrections that people's slips make, m, and how near one must come (rules: Slope and survey). */
const ROUND = [0.1, 0.5, 1];
const ROUND_WITHIN = 0.01;

type Marks = ReadonlyMap<string, { readonly at: Vector; readonly height: number | null }>;

/** A reading along a slope, on the level where both heights are known. */
function reduced(read: number, from: number | null, to: number | null): number | { readonly drop: number } {
  if (from === null || to === null) return read;
  const drop = Math.abs(from - to);
  return drop >= read ? { drop } : Math.sqrt(read * read - drop * drop);
}

function readingsOf(tape: Tape, marks: Marks, problems: SurveyProblem[]): TapeReading[] {
  const stakes = new Map(tape.stakes.map((s) => [s.id, s]));
  const take = (
    { id, stake, to, read }: Omit<TapeReading, 'level'>,
    heights: readonly [number | null, number | null],
  ): TapeReading[] => {
    const level = reduced(read, ...heights);
    if (typeof level === 'number') return [{ id, stake, to, read, level }];
    problems.push({ code: 'steeper-than-read', reading: id, drop: level.drop });
    return [];
  };
  return [
    ...tape.stakes.flatMap((stake) =>
      stake.readings.flatMap(({ mark, distance: read }) => {
        const known = marks.get(mark);
        return known
          ? take({ id: `${stake.id}/${mark}`, stake: stake.id, to: { mark }, read }, [
              stake.height,
              known.height,
            ])
          : [];
      }),
    ),
    ...tape.between.flatMap(({ from, to, distance: read }) =>
      take({ id: `${from}+${to}`, stake: from, to: { stake: to }, read }, [
        stakes.get(from)?.height ?? null,
        stakes.get(to)?.height ?? null,
      ]),
    ),
  ];
}

/** First guesses for one stake from pairs of its marks: on its side of the base line, the widest pair first. */
function guesses(
  stake: TapeStake,
  readings: readonly TapeReading[],
  marks: Marks,
  base: readonly [Vector, Vector],
): { readonly places: readonly Vector[]; readonly short: number } {
  const from = readings.flatMap((r): FromMark[] => {
    const mark = marks.get(endOf(r.to).mark ?? '');
    return mark ? [{ at: mark.at, distance: r.level }] : [];
  });
  const pairs = from.flatMap((a, i) => from.slice(i + 1).map((b) => [a, b] as const));
  pairs.sort((p, q) => distance(q[0].at, q[1].at) - distance(p[0].at, p[1].at));
  const places: Vector[] = [];
  let short = 0;
  for (const [a, b] of pairs) {
    const met = meet(a, b);
    if (!met.places) short = Math.max(short, met.short);
    else {
      const front = met.places.filter((p) => inFront(p, base[0], base[1]) === (stake.side === 'front'));
      // A pair of marks of its own may have both places on the same side of the base line.
      places.push(...front);
    }
  }
  return { places, short };
}

/** Stakes that distances from stake to stake tie together, found at once. */
function tied(tape: Tape): readonly (readonly string[])[] {
  const group = new Map(tape.stakes.map((s) => [s.id, s.id]));
  const root = (id: string): string => {
    const up = group.get(id) ?? id;
    return up === id ? id : root(up);
  };
  for (const { from, to } of tape.between) group.set(root(from), root(to));
  const groups = new Map<string, string[]>();
  for (const { id } of tape.stakes) groups.set(root(id), [...(groups.get(root(id)) ?? []), id]);
  return [...groups.values()];
}

/** Misfits that differ by less are one: the earlier start counts, m². */
const SAME_MISFIT = 1e-9;

/** Every way of starting, at most a few for each stake; the adjustment that misses least counts. */
function best(
  stakes: readonly string[],
  marks: ReadonlyMap<string, Vector>,
  readings: readonly TapeReading[],
  starts: ReadonlyMap<string, readonly Vector[]>,
): Adjusted | undefined {
  const most = Math.max(1, ...stakes.map((id) => starts.get(id)?.length ?? 0));
  let found: Adjusted | undefined;
  for (let k = 0; k < Math.min(most, 4); k++) {
    const start = new Map(
      stakes.flatMap((id) => {
        const own = starts.get(id) ?? [];
        const guess = own[Math.min(k, own.length - 1)];
        return guess ? [[id, guess] as const] : [];
      }),
    );
    if (start.size < stakes.length) return undefined;
    const adjusted = adjust(stakes, marks, readings, start);
    if (!found || adjusted.misfit < found.misfit - SAME_MISFIT) found = adjusted;
  }
  return found;
}

const worstOf = (residuals: readonly number[]) => Math.max(0, ...residuals.map(Math.abs));

/** Whether spare readings bear each other out: none misses by much, nor all together by more than so many would. */
const agrees = ({ residuals, misfit }: Adjusted, spare: number) =>
  spare <= 0 || (worstOf(residuals) <= AGREES && Math.sqrt(misfit / spare) <= AGREES);

type Places = ReadonlyMap<string, Vector>;

/** What places make of a reading, m. */
function fitted(reading: TapeReading, places: Places, marks: Places): number {
  const from = places.get(reading.stake);
  const { mark, stake = '' } = endOf(reading.to);
  const to = mark === undefined ? places.get(stake) : marks.get(mark);
  return from && to ? distance(from, to) : NaN;
}

/** What a tape reads over the heights of a reading's ends where the level distance is another, m. */
const taped = (reading: TapeReading, level: number): number =>
  Math.sqrt(level ** 2 + reading.read ** 2 - reading.level ** 2);

/** Which reading is wrong, as far as the spare ones can tell (rules: Slope and survey). */
function blame(
  {
    stakes,
    readings,
    marks,
  }: {
    readonly stakes: readonly string[];
    readonly readings: readonly TapeReading[];
    readonly marks: Places;
  },
  whole: Adjusted,
  solve: (readings: readonly TapeReading[]) => Adjusted | undefined,
): SurveyProblem {
  const spare = readings.length - 2 * stakes.length;
  // Without the wrong one the rest agree; with one spare reading they do so without any.
  const suspects = readings.flatMap((suspect) => {
    const without = solve(readings.filter((r) => r !== suspect));
    if (!without || !agrees(without, spare - 1)) return [];
    const fits = fitted(suspect, without.places, marks);
    return Number.isFinite(fits) ? [{ suspect, fits: taped(suspect, fits) }] : [];
  });
  const [only] = suspects;
  const round = suspects.filter(({ suspect, fits }) =>
    ROUND.some((slip) => Math.abs(Math.abs(suspect.read - fits) - slip) <= ROUND_WITHIN),
  );
  const [single] = round;
  const named = spare >= 2 && suspects.length === 1 ? only : undefined;
  const suggested = round.length === 1 ? single : undefined;
  const found = named ?? suggested;
  if (!found) return { code: 'misfit', stakes, worst: worstOf(whole.residuals) };
  const { suspect, fits } = found;
  return {
    code: 'misread',
    sure: named ? 'named' : 'suggested',
    reading: suspect.id,
    read: suspect.read,
    fits,
  };
}

/**
 * Finds stakes by their distances to fixed marks and to each other.
 *
 * @param tape  marks and readings as taken; the first two marks make the base line that tells front from behind
 * @returns places with their confidence, residuals of every reading, and what is wrong: too few readings, distances that do
 *          not meet, spare readings that disagree, and the reading that is to blame where they can tell
 * @see rules: Slope and survey
 */
export function surveyByTape(tape: Tape): Survey {
  const problems: SurveyProblem[] = [];
  const known: Marks = new Map(tape.marks.map((m) => [m.id, m]));
  const marks: Places = new Map(tape.marks.map((m) => [m.id, { x: m.at.x, y: m.at.y }]));
  const [first, second] = [...marks.values()];
  const readings = readingsOf(tape, known, problems);
  if (!first || !second || distance(first, second) < 0.05) {
    if (tape.stakes.length > 0) problems.push({ code: 'marks-too-near' });
    return { stakes: [], readings: [], spare: 0, problems };
  }
  const base = [first, second] as const;
  const stakes: FixedStake[] = [];
  const fits: FittedReading[] = [];
  let spare = 0;
  for (const group of tied(tape)) {
    const own = readings.filter((r) => group.includes(r.stake));
    const startsFrom = (these: readonly TapeReading[]) => {
      const starts = new Map<string, readonly Vector[]>();
      const failed: SurveyProblem[] = [];
      for (const stake of tape.stakes.filter((s) => group.includes(s.id))) {
        const toMarks = these.filter((r) => r.stake === stake.id && endOf(r.to).mark !== undefined);
        const { places, short } = guesses(stake, toMarks, known, base);
        if (toMarks.length < 2) failed.push({ code: 'too-few', stake: stake.id, readings: toMarks.length });
        else if (places.length === 0) failed.push({ code: 'do-not-meet', stake: stake.id, short });
        else starts.set(stake.id, places);
      }
      return { starts, failed };
    };
    const { starts, failed } = startsFrom(own);
    problems.push(...failed);
    const whole = failed.length > 0 ? undefined : best(group, marks, own, starts);
    if (!whole) continue;
    const more = own.length - 2 * group.length;
    spare += more;
    group.forEach((id, i) => {
      const at = whole.places.get(id);
      if (at) stakes.push({ id, at, ellipse: ellipseOf(whole.cofactors, 2 * i, READS_TO) });
    });
    own.forEach((reading, i) => {
      const residual = whole.residuals[i] ?? 0;
      fits.push({ ...reading, fitted: reading.level - residual, residual });
    });
    if (!agrees(whole, more)) {
      const solve = (rest: readonly TapeReading[]) => {
        const again = startsFrom(rest);
        if (again.failed.length > 0) return undefined;
        // Two marks alone may leave two places: the one that all readings together are nearer to is meant.
        const nearest = new Map(
          [...again.starts].map(([id, places]) => {
            const meant = whole.places.get(id) ?? { x: 0, y: 0 };
            return [id, [...places].sort((p, q) => distance(p, meant) - distance(q, meant))];
          }),
        );
        return best(group, marks, rest, nearest);
      };
      problems.push(blame({ stakes: group, readings: own, marks }, whole, solve));
    }
  }
  const order = new Map(tape.stakes.map((s, i) => [s.id, i]));
  stakes.sort((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0));
  return { stakes, readings: fits, spare, problems };
}
