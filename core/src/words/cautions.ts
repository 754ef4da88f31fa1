import type { StageId } from '../plan/stages';
import type { Plan } from '../plan/schema';
import * as birds from '../stages/birds/words';
import * as threats from '../stages/threats/words';
import * as ground from '../stages/ground/words';
import * as outline from '../stages/outline/words';
import * as skirt from '../stages/skirt/words';

/** The cautions that go with a stage (domain.md 19), shown where they apply. */
export function cautionsFor(
  stage: StageId,
  plan: Pick<Plan, 'choices' | 'ground' | 'openings'>,
): readonly string[] {
  const choices = plan.choices.plan;
  const steel = Object.values(choices.posts).some((post) => post.startsWith('t-'));
  const built = plan.openings.some((o) => o.make === 'built');
  const concrete = Object.values(choices.setting).includes('concrete');
  const byStage: Readonly<Record<StageId, readonly (string | false)[]>> = {
    birds: birds.CAUTIONS,
    threats: threats.CAUTIONS,
    ground: ground.CAUTIONS,
    outline: outline.CAUTIONS,
    posts: [
      'Have buried services located before anything is dug or driven.',
      'Eye and ear protection with drivers.',
      steel && 'Put caps on steel T posts against eye injury.',
      concrete && 'Wet cement burns: gloves and goggles.',
      'Dust of treated timber is harmful: cut outdoors, with a mask.',
    ],
    walls: [
      'Gloves with mesh, eye protection when cutting it. Cut ends face outside, turned back or hammered flat.',
      'Leave no wire or staple crumbs where birds peck.',
    ],
    skirt: skirt.cautions(choices.skirt),
    ways: [
      'Hinges that cannot be lifted off, a catch that works from inside as well.',
      'Leaves are measured after the mesh is on.',
      built &&
        'Dust of treated timber is harmful: cut outdoors, with a mask. Eye protection with saws and drivers.',
    ],
    docket: ['Prices are made up and dated; your yard’s own prices decide.'],
  };
  return byStage[stage].filter((text): text is string => text !== false);
}
