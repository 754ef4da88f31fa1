import { type Assumptions, SOIL_FACTORS } from '../plan/assumptions';
import type { Opening, Plan } from '../plan/schema';
import type { Run } from '../buying/run';
import type { PostStage } from '../posts/stage';
import type { LaidCourse, SkirtLayout } from '../skirt/stage';
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
  readonly skirts: SkirtLayout;
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
  skirts,
  assumed: a,
}: HoursBy): Term {
  const rate = (hours: number) => value('hours.rate', hours, 'h/unit', {});
  const soil = value('hours.soil', SOIL_FACTORS[of], 'ratio', { soil: of });
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
  const skirt = skirts.courses.flatMap((course) => skirtHours(course, soil, a));
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
    [stakeOut, ...standing, concrete, boards, mesh, ...skirt, ...ways].filter((t) => t.value > 0),
  );
}

/** Trench by its volume and the soil, flat strips by the metre, stones and concrete by what is carried. */
function skirtHours({ shape, strips, trench, fill, bags }: LaidCourse, soil: Term, a: Assumptions): Term[] {
  const terms: Term[] = [];
  const rate = (hours: number) => value('hours.rate', hours, 'h/unit', {});
  if (shape.lies === 'flat') {
    const length = strips.reduce((total, s) => total + s.length, 0);
    terms.push(
      product('hours.apron', 'h', {}, [value('hours.metres', length, 'm', {}), rate(a.hoursApronMetre)]),
    );
  }
  if (trench) terms.push(product('hours.trench', 'h', {}, [trench, rate(a.hoursTrenchCubicMetre), soil]));
  if (fill && shape.fill?.of === 'stone')
    terms.push(product('hours.stones', 'h', {}, [fill, rate(a.hoursStoneCubicMetre)]));
  if (bags && shape.fill?.of === 'concrete')
    terms.push(product('hours.concrete-strip', 'h', {}, [bags, rate(a.hoursConcreteBag)]));
  return terms;
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
  'hours.apron': 'skirt',
  'hours.trench': 'skirt',
  'hours.stones': 'skirt',
  'hours.concrete-strip': 'skirt',
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
    const part = PART_OF[term.code];
    if (part) figures[`hours.${part}`] = (figures[`hours.${part}`] ?? 0) + term.value;
  }
  return figures;
}
