import type { Assumptions } from '../plan/assumptions';
import type { Opening, Plan } from '../plan/schema';
import type { Run } from '../buying/run';
import type { PostStage } from '../posts/stage';
import { HOURS_OF } from '../stages/words';
import { soilFactor } from './soil';
import type { BoardCourse } from '../walls/boards';
import type { HungWalls } from '../walls/stage';
import type { Figures } from '../reckoning';
import { type Term, type TermCode, product, sum, value } from '../working';

/** What is built. */
export interface HoursBy {
  readonly soil: Plan['ground']['soil'];
  /** The ways in of these runs. */
  readonly openings: readonly Opening[];
  readonly runs: number;
  readonly posts: PostStage;
  readonly walls: Pick<HungWalls, 'courses'>;
  readonly boards: readonly BoardCourse[];
  /** What the stages add, in hours. */
  readonly stages: readonly Term[];
  readonly assumed: Assumptions;
}

/**
 * Person-hours to build what is planned, by the table of domain.md 15.
 *
 * Soil stretches what is done in the ground: posts and trenches. Mesh, aprons and gates take the same time on any soil.
 *
 * @returns hours alone, with working
 */
export function buildHours({
  soil: of,
  openings,
  runs,
  posts,
  walls,
  boards: rails,
  stages,
  assumed: a,
}: HoursBy): Term {
  const rate = (hours: number) => value('hours.rate', hours, 'h/unit', {});
  const soil = soilFactor(of);
  const rates = { dug: a.hoursPostDug, driven: a.hoursPostDriven, spike: a.hoursPostSpike } as const;

  const standing = (['dug', 'driven', 'spike'] as const).flatMap((kind): Term[] => {
    const count = posts.posts.filter((p) => p.standing === null && p.product.standing === kind).length;
    if (count === 0) return [];
    return [
      product('hours.posts', 'h', { standing: kind }, [
        value('hours.count', count, 'piece', { of: 'posts' }),
        rate(rates[kind]),
        soil,
      ]),
    ];
  });
  const concreted = posts.posts.filter((p) => p.standing === null && p.setting === 'concrete').length;
  const concrete = product('hours.concrete', 'h', {}, [
    value('hours.count', concreted, 'piece', { of: 'posts' }),
    rate(a.hoursConcrete),
  ]);
  const hung = (runs: readonly Run[]) => runs.reduce((total, run) => total + run.length, 0);
  const metres = (length: number) => value('hours.metres', length, 'm', {});
  const mesh = product('hours.mesh', 'h', {}, [
    metres(walls.courses.reduce((total, c) => total + hung(c.runs) + hung(c.above), 0)),
    rate(a.hoursMeshMetre),
  ]);
  const boards = product('hours.boards', 'h', {}, [
    metres(rails.reduce((total, c) => total + hung(c.runs), 0)),
    rate(a.hoursBoardMetre),
  ]);
  const counted = (what: 'gates' | 'pop doors', count: number) =>
    value('hours.count', count, 'piece', { of: what });
  const gates = (make: 'kit' | 'built') =>
    openings.filter((o) => o.kind === 'gate' && o.make === make).length;
  const ways = [
    product('hours.gates', 'h', {}, [counted('gates', gates('kit')), rate(a.hoursGateKit)]),
    product('hours.gates-built', 'h', {}, [counted('gates', gates('built')), rate(a.hoursGateBuilt)]),
    product('hours.pop-doors', 'h', {}, [
      counted('pop doors', openings.filter((o) => o.kind !== 'gate').length),
      rate(a.hoursPopDoor),
    ]),
  ];
  const stakeOut = product('hours.stake-out', 'h', {}, [
    value('hours.count', runs, 'piece', { of: 'runs' }),
    rate(a.hoursStakeOut),
  ]);
  return sum(
    'hours.total',
    'h',
    {},
    [stakeOut, ...standing, concrete, boards, mesh, ...stages, ...ways].filter((t) => t.value > 0),
  );
}

/** What it takes the people who build. @returns hours from beginning to end: with a second person 0.6 of those alone */
export function elapsedHours(hours: Term, crew: Plan['crew'], a: Assumptions): Term {
  if (crew === 'alone') return hours;
  return product('hours.elapsed', 'h', {}, [hours, value('hours.second', a.secondPerson, 'ratio', {})]);
}

/** By which part of the work a term of the hours goes. */
const PART_OF: Readonly<Partial<Record<TermCode, string>>> = {
  'hours.stake-out': 'stakeOut',
  'hours.posts': 'posts',
  'hours.concrete': 'concrete',
  'hours.boards': 'boards',
  'hours.mesh': 'mesh',
  'hours.gates': 'gates',
  'hours.gates-built': 'gates',
  'hours.pop-doors': 'flaps',
};

export function hoursFigures(hours: Term, elapsed: Term, assumed: Assumptions): Figures {
  const figures: Record<string, number> = {
    hours: hours.value,
    elapsed: elapsed.value,
    hoursWithHelp: hours.value * assumed.secondPerson,
  };
  for (const term of hours.terms) {
    const part = PART_OF[term.code] ?? HOURS_OF[term.code];
    if (part) figures[`hours.${part}`] = (figures[`hours.${part}`] ?? 0) + term.value;
  }
  return figures;
}
