import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { type StakeMark, stakeOut, usualMarks } from '../../stakeout';
import { capital } from '../../saying/phrases';
import { ROLE_NAMES } from '../../stages/posts/names';
import { sheet } from '../csv';

type Cell = string | number;
const metres = (n: number) => Number(n.toFixed(3));

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
  const head = [
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
  if (!a || !b) return sheet(head, []);
  const out = stakeOut(plan, parts, [a, b]);
  const rows: Cell[][] = [
    ...[a, b].map((m): Cell[] => ['mark', m.name, metres(m.at.x), metres(m.at.y), '', '', '', '', '', '']),
    ...out.stakes.map((s): Cell[] => [
      'stake',
      `Corner ${s.number}`,
      metres(s.at.x),
      metres(s.at.y),
      metres(s.tapes[0]),
      metres(s.tapes[1]),
      '',
      '',
      '',
      '',
    ]),
    ...out.strings.flatMap((line) =>
      line.posts.map((p): Cell[] => [
        'post',
        `${capital(ROLE_NAMES[p.role][0])} ${p.number}`,
        '',
        '',
        '',
        '',
        line.side,
        metres(p.mark),
        metres(p.above),
        metres(p.depth),
      ]),
    ),
    ...out.strings.flatMap((line) =>
      line.gates.map((g): Cell[] => [
        'gate',
        `clear ${metres(g.clear)}`,
        '',
        '',
        '',
        '',
        line.side,
        metres(g.from),
        '',
        '',
      ]),
    ),
    ...out.diagonals.map((d): Cell[] => [
      'diagonal',
      `Corner ${d.from} to ${d.to}`,
      '',
      '',
      metres(d.tape),
      '',
      '',
      '',
      '',
      '',
    ]),
    ...out.squares.map((s): Cell[] => [
      'square',
      `Corner ${s.corner}: ${metres(s.before)} and ${metres(s.after)}`,
      '',
      '',
      metres(s.across),
      '',
      '',
      '',
      '',
      '',
    ]),
  ];
  return sheet(head, rows);
}
