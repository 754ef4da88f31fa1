import { type Change, type GroundList, type Plan, canRemoveCorner } from '@aviarum/core';

const LISTS: Readonly<Record<string, GroundList>> = {
  building: 'buildings',
  tree: 'trees',
  service: 'services',
  boundary: 'boundaries',
  spot: 'spotHeights',
};

/** How the thing at a path is taken out, where it can be. */
export function removalOf(plan: Plan, path: string): { change: Change; words: string } | null {
  const [kind = '', rest = ''] = path.split(/:(.*)/s);
  const [id = '', part] = rest.split('/');
  if (kind === 'corner')
    return canRemoveCorner(plan, id)
      ? { change: { verb: 'remove-corner', corner: id }, words: 'take a corner out' }
      : null;
  if (kind === 'opening') return { change: { verb: 'remove-opening', id }, words: 'take the way in out' };
  if (kind === 'post') {
    const pin = /\/pin:(.+)$/.exec(rest)?.[1];
    return pin === undefined
      ? null
      : { change: { verb: 'remove-pin', id: pin }, words: 'let the post find its own place' };
  }
  const list = LISTS[kind];
  if (!list) return null;
  const point = Number(part);
  if (part !== undefined && Number.isInteger(point)) return withoutPoint(plan, list, id, point);
  return { change: { verb: 'remove-from-ground', list, id }, words: 'take it out' };
}

/** One point of an outline or a line, while enough are left. */
function withoutPoint(plan: Plan, list: GroundList, id: string, point: number) {
  const words = 'take a point out';
  if (list === 'buildings') {
    const outline = plan.ground.buildings.find((b) => b.id === id)?.outline ?? [];
    if (outline.length <= 3) return null;
    const change: Change = {
      verb: 'set-on-ground',
      list,
      id,
      to: { outline: outline.filter((_, i) => i !== point) },
    };
    return { change, words };
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
  return { change, words };
}
