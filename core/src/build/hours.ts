import { type Assumptions, SOIL_FACTORS } from '../plan/assumptions';
import type { Plan } from '../plan/schema';
import type { PostStage } from '../posts/stage';
import type { SkirtStage } from '../skirt/stage';
import { trenchVolume } from '../skirt/strips';
import type { WallStage } from '../walls/stage';
import { type Term, product, sum, value } from '../working';

/**
 * Person-hours to build what is planned, by the table of domain.md 15.
 *
 * Soil stretches what is done in the ground: posts and trenches. Mesh, aprons and gates take the same time on any soil.
 *
 * @returns hours alone, with working
 */
export function buildHours(
  plan: Pick<Plan, 'ground' | 'openings'>,
  runs: number,
  posts: PostStage,
  walls: WallStage,
  skirts: SkirtStage,
  a: Assumptions,
): Term {
  const rate = (hours: number) => value('hours.rate', hours, 'h/unit', {});
  const soil = value('hours.soil', SOIL_FACTORS[plan.ground.soil], 'ratio', { soil: plan.ground.soil });
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
  const meshed = walls.courses.reduce(
    (total, c) => total + c.runs.reduce((sumOf, run) => sumOf + run.length, 0),
    0,
  );
  const mesh = product('hours.mesh', 'h', {}, [
    value('hours.metres', meshed, 'm', {}),
    rate(a.hoursMeshMetre),
  ]);

  const skirt = skirts.courses.map((course): Term => {
    if (course.skirt.kind === 'apron') {
      const length = course.strips.reduce((total, s) => total + s.length, 0);
      return product('hours.apron', 'h', {}, [
        value('hours.metres', length, 'm', {}),
        rate(a.hoursApronMetre),
      ]);
    }
    return product('hours.trench', 'h', {}, [
      trenchVolume(course.ground, course.skirt.depth),
      rate(a.hoursTrenchCubicMetre),
      soil,
    ]);
  });
  const gates = product('hours.gates', 'h', {}, [
    value('hours.count', plan.openings.filter((o) => o.kind === 'gate').length, 'piece', { of: 'gates' }),
    rate(a.hoursGateKit),
  ]);
  const popDoors = product('hours.pop-doors', 'h', {}, [
    value('hours.count', plan.openings.filter((o) => o.kind === 'pop-door').length, 'piece', {
      of: 'pop doors',
    }),
    rate(a.hoursPopDoor),
  ]);
  const stakeOut = product('hours.stake-out', 'h', {}, [
    value('hours.count', runs, 'piece', { of: 'runs' }),
    rate(a.hoursStakeOut),
  ]);
  return sum(
    'hours.total',
    'h',
    {},
    [stakeOut, ...standing, concrete, mesh, ...skirt, gates, popDoors].filter((t) => t.value > 0),
  );
}
