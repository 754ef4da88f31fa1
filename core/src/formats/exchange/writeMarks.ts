import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { type StakeMark, type StakeOut, stakeOut, usualMarks } from '../../stakeout';
import { capital } from '../../saying/phrases';
import { ROLE_NAMES } from '../../stages/posts/words/names';
import { sheet } from '../csv';

const metres = (n: number) => Number(n.toFixed(3));

/** What a row may say; a column that it does not know is empty. Lengths m. */
interface Row {
  readonly what: 'mark' | 'stake' | 'post' | 'gate' | 'diagonal' | 'square';
  readonly name: string;
  readonly at?: { readonly x: number; readonly y: number };
  /** From the first mark, and from the second. */
  readonly tapes?: readonly [number, number?];
  readonly side?: number;
  readonly mark?: number;
  readonly above?: number;
  readonly depth?: number;
}

function cellsOf({ what, name, at, tapes, side, mark, above, depth }: Row): (string | number)[] {
  const length = (n: number | undefined) => (n === undefined ? '' : metres(n));
  return [
    what,
    name,
    length(at?.x),
    length(at?.y),
    length(tapes?.[0]),
    length(tapes?.[1]),
    side ?? '',
    length(mark),
    length(above),
    length(depth),
  ];
}

const headOf = (a: StakeMark | undefined, b: StakeMark | undefined) => [
  'What',
  'Name',
  'x m',
  'y m',
  `Tape from ${a?.name ?? 'first mark'} m`,
  `Tape from ${b?.name ?? 'second mark'} m`,
  'Along string of side',
  'At m',
  'Above ground m',
  'In ground m',
];

function rowsOf({ stakes, strings, diagonals, squares }: StakeOut): readonly Row[] {
  return [
    ...stakes.map((s): Row => ({ what: 'stake', name: `Corner ${s.number}`, at: s.at, tapes: s.tapes })),
    ...strings.flatMap(({ side, posts }) =>
      posts.map(({ role, number, mark, above, depth }): Row => {
        const name = `${capital(ROLE_NAMES[role][0])} ${number}`;
        return { what: 'post', name, side, mark, above, depth };
      }),
    ),
    ...strings.flatMap(({ side, gates }) =>
      gates.map((g): Row => ({ what: 'gate', name: `clear ${metres(g.clear)}`, side, mark: g.from })),
    ),
    ...diagonals.map((d): Row => ({
      what: 'diagonal',
      name: `Corner ${d.from} to ${d.to}`,
      tapes: [d.tape],
    })),
    ...squares.map((s): Row => {
      const name = `Corner ${s.corner}: ${metres(s.before)} and ${metres(s.after)}`;
      return { what: 'square', name, tapes: [s.across] };
    }),
  ];
}

/**
 * Everything that is marked in the yard as a sheet, in metres: stakes with their two tapes, posts along their strings with
 * depth and height, diagonals and checks of right angles.
 */
export function writeMarks(
  plan: Plan,
  parts: readonly Part[],
  marks: readonly [StakeMark, StakeMark] | undefined = usualMarks(plan),
): string {
  const [a, b] = marks ?? [];
  if (!a || !b) return sheet(headOf(a, b), []);
  const measuredFrom = [a, b].map(({ name, at }): Row => ({ what: 'mark', name, at }));
  const rows = [...measuredFrom, ...rowsOf(stakeOut(plan, parts, [a, b]))];
  return sheet(headOf(a, b), rows.map(cellsOf));
}
