import {
  type Change,
  type Cover,
  type GroundList,
  type PartRef,
  type Plan,
  canRemoveCorner,
  partFields,
  coverIsOver,
  coverMakeup,
} from '@aviarum/core';
import { onGround, partOfStop } from './stopId';

/** How the thing at a stop is taken out, where it can be. */
export function removalOf(plan: Plan, stop: string): { change: Change } | null {
  const part = partOfStop(stop);
  if (part?.on === 'corner')
    return canRemoveCorner(plan, part.corner)
      ? { change: { verb: 'remove-corner', corner: part.corner } }
      : null;
  if (part?.on === 'opening') return { change: { verb: 'remove-opening', id: part.opening } };
  if (part?.on === 'pin') return { change: { verb: 'remove-pin', id: part.pin } };
  const cover = part && plan.covers.find((c) => c.id === partFields(part).cover);
  if (cover) return offCover(cover, part);
  if (part?.on === 'net-point') return offNet(plan, part);
  if (part?.on === 'energiser') return { change: { verb: 'set-power', to: { at: null } } };
  if (part?.on === 'rods') return { change: { verb: 'set-power', to: { rods: null } } };
  const thing = onGround(part);
  if (!thing) return null;
  const { list, id, point } = thing;
  if (point !== null) return withoutPoint(plan, list, id, point);
  return { change: { verb: 'remove-from-ground', list, id } };
}

/** A corner of a net, while enough are left. */
function offNet(plan: Plan, part: Extract<PartRef, { on: 'net-point' }>): { change: Change } | null {
  const net = plan.nets.find((n) => n.id === part.net);
  const least = net?.form === 'line' ? 2 : 3;
  if (!net?.points || net.points.length <= least) return null;
  const points = net.points.filter((_, i) => i !== part.point);
  return { change: { verb: 'set-net', id: net.id, to: { points } } };
}

/** A corner of a cover, while enough are left; a prop that the keeper set. */
function offCover(cover: Cover, part: PartRef): { change: Change } | null {
  const set = (to: object): { change: Change } => ({
    change: { verb: 'set-cover', id: cover.id, to },
  });
  if (part.on === 'cover-point' && coverIsOver(cover) && (cover.outline?.length ?? 0) > 3)
    return set({ outline: cover.outline?.filter((_, i) => i !== part.point) });
  if (part.on !== 'cover-prop') return null;
  const without = <T>(list: readonly T[] | null) => list?.filter((_, i) => i !== part.nth - 1);
  const stands = coverMakeup(cover).stands;
  return stands?.own ? set({ [stands.field]: without(stands.own) }) : null;
}

/** One point of an outline or a line, while enough are left. */
function withoutPoint(plan: Plan, list: GroundList, id: string, point: number) {
  if (list === 'buildings') {
    const outline = plan.ground.buildings.find((b) => b.id === id)?.outline ?? [];
    if (outline.length <= 3) return null;
    const change: Change = {
      verb: 'set-on-ground',
      list,
      id,
      to: { outline: outline.filter((_, i) => i !== point) },
    };
    return { change };
  }
  if (list !== 'services' && list !== 'boundaries') return null;
  const line = plan.ground[list].find((l) => l.id === id)?.line ?? [];
  if (line.length <= 2) return null;
  const change: Change = {
    verb: 'set-on-ground',
    list,
    id,
    to: { line: line.filter((_, i) => i !== point) },
  };
  return { change };
}
