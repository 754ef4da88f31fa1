import type { Plan } from '../../../plan/schema';
import { LIVE_NETS } from '../../../catalogue/liveNets';
import { LINE_KINDS } from '../../ground/plan/kinds';
import type { LiveNet } from '../plan/choice';
import { thingsIn } from '../proposed';
import type { LargestTask } from './largest';

/** What the largest loop of some nets is looked for from, as the plan stands. @param pieces  lengths of whole nets, m */
export function largestTask(plan: Plan, net: LiveNet, pieces: readonly number[]): LargestTask {
  const things = thingsIn(plan);
  const inside = things.filter((t) => net.inside.includes(t.id));
  const points = net.points ?? [];
  const about = points.reduce((t, p) => ({ x: t.x + p.x / points.length, y: t.y + p.y / points.length }), {
    x: 0,
    y: 0,
  });
  return {
    pieces,
    spacing: LIVE_NETS[net.kind].spacing,
    inside,
    outside: things.filter((t) => !net.inside.includes(t.id)),
    lines: plan.ground.boundaries.map(({ line, kind }) => ({ line, keeps: LINE_KINDS[kind].keeps })),
    about,
  };
}
