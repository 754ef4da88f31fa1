import { editionOf } from '../../catalogue/editionOf';
import type { Change } from '../../plan/changes/types';
import { nextId } from '../../plan/ids';
import type { Plan } from '../../plan/schema';
import { tidy } from '../../units/round';
import { standingOn } from '../../ground/fenceLines';
import { roofOver } from '../../ground/roofed';
import { choicesFor } from '../../plan/effective';
import { topOf } from '../outline/plan/standing';
import { surveyRings } from '../../ground/survey';
import { type Cover, KINDS, type KindId, isOver, rowOf } from './plan/kinds';
import { NET, coverWanted, isHoused } from './wanted';

/** Top of the walls as chosen for the whole plan, m: where a new cover lies. */
export const wallTop = ({ choices }: Pick<Plan, 'choices'>): number =>
  tidy(Math.max(0.4, choices.plan.bands.at(-1)?.top ?? 1.8));

/** Top of the walls round a run, the lowest of them: of what stands there as it was found, m. */
function topRound(plan: Plan, enclosure: string): number {
  const ring = plan.enclosures.find((e) => e.id === enclosure)?.ring ?? [];
  const tops = ring.flatMap((step) => {
    const side = plan.sides.find((s) => s.id === step.side);
    if (!side || side.kind !== 'fence') return [];
    const stands = standingOn(side);
    return [stands ? topOf(stands) : (choicesFor(plan, side.id).bands.at(-1)?.top ?? 0)];
  });
  return tops.length === 0 ? wallTop(plan) : tidy(Math.max(0.4, Math.min(...tops)));
}

/** A name that no other cover of the plan bears. */
function freeName({ covers }: Plan, kind: KindId): string {
  const namesTaken = new Set(covers.map((c) => c.name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? KINDS[kind].named : `${KINDS[kind].named} ${n}`;
    if (!namesTaken.has(name)) return name;
  }
}

/** A roof lies so far below the eave that it is tucked under, m. */
const UNDER_EAVE = 0.1;
/** Sheets fall at least so much, and lie no lower than this, m a metre and m. */
const LEAST_FALL = 0.09;
const LOWEST = 0.8;

/** What sheds rain falls away from the house that its run leans on, and is tucked under its eave; elsewhere it is left as it is. */
function fallingAway(plan: Plan, cover: Cover): Cover {
  if (!rowOf(cover).sheds || !isOver(cover)) return cover;
  const ring = surveyRings(plan).find((r) => r.enclosure === cover.enclosure);
  // Under a roof that stands its posts are as high as its eave: the higher edge lies on the walls.
  if (ring && roofOver(ring, plan.ground.buildings))
    return { ...cover, height: Math.max(LOWEST, tidy(cover.height - cover.rise)) };
  const against = (ring?.sides ?? [])
    .flatMap((side) => {
      const of = side.side.kind === 'building' ? side.side.building : null;
      const house = plan.ground.buildings.find((b) => b.id === of && b.stands === 'walls');
      return house ? [{ side, house }] : [];
    })
    .sort((a, b) => b.side.length - a.side.length)[0];
  if (!ring || !against) return cover;
  const { outward } = against.side;
  const along = ring.sides.map(({ start }) => start.x * outward.x + start.y * outward.y);
  const run = Math.max(...along) - Math.min(...along);
  const rise = tidy(Math.ceil(LEAST_FALL * run * 20) / 20);
  const height = Math.min(cover.height, Math.max(LOWEST, tidy(against.house.eaves - UNDER_EAVE - rise)));
  return { ...cover, rise, height, falls: Math.atan2(-outward.y, -outward.x) };
}

/** A cover of a kind over the first run that has none, at the height of the walls; null where no run is laid out. */
export function newCover(plan: Plan, kind: KindId): Extract<Change, { verb: 'add-cover' }> | null {
  // An arch is its own roof.
  const posted = plan.enclosures.filter((e) => !plan.arches.some((a) => a.enclosure === e.id));
  const bare = posted.find((e) => !plan.covers.some((c) => c.enclosure === e.id && isOver(c)));
  const enclosure = (bare ?? posted[0])?.id;
  if (enclosure === undefined) return null;
  const id = nextId('v', plan.covers);
  const over = {
    id,
    name: freeName(plan, kind),
    enclosure,
    outline: null,
    height: topRound(plan, enclosure),
  };
  const cover = fallingAway(plan, KINDS[kind].usual(over));
  return { verb: 'add-cover', cover: isHoused(plan) ? rowOf(cover).housed(cover) : cover };
}

/** The cover that what is about asks for, where the edition sells what it is made of. */
export function proposed(plan: Plan): readonly Change[] {
  const { kind, mesh } = coverWanted(plan) ?? NET;
  const change = newCover(plan, kind);
  if (!change) return [];
  const cover: Cover = { ...change.cover, mesh };
  return editionOf(plan).meshes.some((m) => m.id === cover.mesh) ? [{ ...change, cover }] : [];
}
