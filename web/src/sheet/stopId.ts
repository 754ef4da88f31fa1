import { type GroundList, type PartOf, type PartRef, formatPart, parsePart, partFields } from '@aviarum/core';

const POST = 'post:';

/** What a stop on the sheet is called by in links and drawings: its part; a post's with `post:` before it. */
export function stopId(part: PartRef): string {
  const isPost =
    part.on === 'corner-post' || part.on === 'gate-post' || part.on === 'pin' || part.on === 'post';
  return `${isPost ? POST : ''}${formatPart(part)}`;
}

/** What the drawings call the part that a stop is of. */
export const drawnAs = (id: string): string => (id.startsWith(POST) ? id.slice(POST.length) : id);

/** The part that a stop is of; null for what a link may hold that is none. */
export const partOfStop = (id: string | null): PartRef | null =>
  id === null ? null : parsePart(drawnAs(id));

/** A thing of the ground, and which of its points where it is one. */
export interface OnGround {
  readonly whole: PartOf<'building' | 'tree' | 'obstacle' | 'service' | 'boundary' | 'spot'>;
  readonly list: GroundList;
  readonly id: string;
  readonly point: number | null;
}

/** Null for a part of the fence. */
export function onGround(part: PartRef | null): OnGround | null {
  if (!part) return null;
  const point = partFields(part).point ?? null;
  if (part.on === 'building' || part.on === 'building-point') {
    const id = part.building;
    return { whole: { on: 'building', building: id }, list: 'buildings', id, point };
  }
  if (part.on === 'service' || part.on === 'service-point') {
    const id = part.service;
    return { whole: { on: 'service', service: id }, list: 'services', id, point };
  }
  if (part.on === 'boundary' || part.on === 'boundary-point') {
    const id = part.boundary;
    return { whole: { on: 'boundary', boundary: id }, list: 'boundaries', id, point };
  }
  if (part.on === 'tree') return { whole: part, list: 'trees', id: part.tree, point };
  if (part.on === 'obstacle') return { whole: part, list: 'obstacles', id: part.obstacle, point };
  return part.on === 'spot' ? { whole: part, list: 'spotHeights', id: part.spot, point } : null;
}

/** Whether two stops are of one thing of the ground. */
export function sameThing(a: string | null, b: string | null): boolean {
  const [one, other] = [a, b].map((id) => onGround(partOfStop(id)));
  return one != null && one.id === other?.id && one.list === other.list;
}
