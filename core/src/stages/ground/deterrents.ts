import type { Demand } from '../../buying/demand';
import { packed } from '../../fasteners/along';
import { type Finding, finding } from '../../findings/types';
import type { Plan } from '../../plan/schema';
import { value } from '../../working';
import { OBSTACLE_KINDS } from './plan/kinds';

type Obstacles = Plan['ground']['obstacles'];

/** What may put an animal off, of what stands about. */
const deterrents = (obstacles: Obstacles) =>
  obstacles.flatMap((thing) => {
    const pack = OBSTACLE_KINDS[thing.kind].bought;
    return pack === null ? [] : [{ thing, pack }];
  });

export const deterrentDemands = (obstacles: Obstacles): readonly Demand[] =>
  deterrents(obstacles).map(({ thing, pack }) =>
    packed({ stage: 'ground', part: { on: 'obstacle', obstacle: thing.id } }, pack, [
      value('ground.deterrent', 1, 'piece', { name: thing.name }),
    ]),
  );

/** What it is worth: no finding goes by it (rules: What stands). */
export const deterrentFindings = (obstacles: Obstacles): readonly Finding[] =>
  deterrents(obstacles).map(({ thing }) =>
    finding(
      'deterrent.may',
      { severity: 'know', stage: 'ground', part: { on: 'obstacle', obstacle: thing.id } },
      { name: thing.name },
    ),
  );
