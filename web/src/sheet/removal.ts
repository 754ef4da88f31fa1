import { type Change, type GroundList, type Plan, canRemoveCorner } from '@aviarum/core';
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
  const thing = onGround(part);
  if (!thing) return null;
  const { list, id, point } = thing;
  if (point !== null) return withoutPoint(plan, list, id, point);
  return { change: { verb: 'remove-from-ground', list, id } };
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
