import { type Building, type Change, type Obstacle, type PartRef, type Vector, capital } from '@aviarum/core';
import { tidy, type Sight, type Stop } from '../../sheet/stop';
import { stopId, sameThing } from '../../sheet/stopId';

const reshape = (building: Building, outline: Vector[]): Change => ({
  verb: 'set-on-ground',
  list: 'buildings',
  id: building.id,
  to: { outline },
});
const centre = (points: readonly Vector[]): Vector => ({
  x: points.reduce((t, p) => t + p.x, 0) / points.length,
  y: points.reduce((t, p) => t + p.y, 0) / points.length,
});
const shifted = (points: readonly Vector[], by: Vector) =>
  points.map((p) => ({ x: tidy(p.x + by.x), y: tidy(p.y + by.y) }));
const withPoint = (points: readonly Vector[], i: number, to: Vector) =>
  points.map((p, k) => (k === i ? { x: tidy(to.x), y: tidy(to.y) } : { x: p.x, y: p.y }));

const servicePoint = (service: string, point: number): PartRef => ({ on: 'service-point', service, point });

const boundaryPoint = (boundary: string, point: number): PartRef => ({
  on: 'boundary-point',
  boundary,
  point,
});

function lineStops(
  { reader, open }: Sight,
  list: 'services' | 'boundaries',
  pointOf: (id: string, point: number) => PartRef,
  thing: { readonly id: string; readonly name: string; readonly line: readonly Vector[] },
): Stop[] {
  return thing.line.map((at, i) => ({
    id: stopId(pointOf(thing.id, i)),
    name: `${capital(thing.name)}, point ${i + 1}`,
    value: `${reader.length(at.x)} across, ${reader.length(at.y)} up`,
    at,
    look: 'point',
    room: sameThing(open, stopId(pointOf(thing.id, i))) ? 1 : 0.6,
    axis: null,
    move: (to) => ({
      verb: 'set-on-ground',
      list,
      id: thing.id,
      to: { line: withPoint(thing.line, i, to) },
    }),
  }));
}

/** A pole or a stack. */
const pole = (o: Obstacle, place: (at: Vector) => string): Stop => ({
  id: stopId({ on: 'obstacle', obstacle: o.id }),
  name: capital(o.name),
  value: place(o.at),
  at: o.at,
  look: 'thing',
  room: 1,
  axis: null,
  move: (to) => ({
    verb: 'set-on-ground',
    list: 'obstacles',
    id: o.id,
    to: { at: { x: tidy(to.x), y: tidy(to.y) } },
  }),
});

/** What stands, lies or was measured on the ground: houses with their corners, trees, lines and heights. */
export function stops(sight: Sight): Stop[] {
  const { plan, reader, open } = sight;
  const { buildings, trees, services, boundaries, obstacles, spotHeights } = plan.ground;
  const place = (at: Vector) => `${reader.length(at.x)} across, ${reader.length(at.y)} up`;
  const houses = buildings.flatMap((b): Stop[] => {
    const middle = centre(b.outline);
    const whole: Stop = {
      id: stopId({ on: 'building', building: b.id }),
      name: b.name,
      value: place(middle),
      at: middle,
      look: 'thing',
      room: 1,
      axis: null,
      move: (to) => reshape(b, shifted(b.outline, { x: to.x - middle.x, y: to.y - middle.y })),
    };
    if (!sameThing(open, whole.id)) return [whole];
    const corners = b.outline.map((at, i): Stop => ({
      id: stopId({ on: 'building-point', building: b.id, point: i }),
      name: `${b.name}, corner ${i + 1}`,
      value: place(at),
      at,
      look: 'point',
      room: 1,
      axis: null,
      move: (to) => reshape(b, withPoint(b.outline, i, to)),
    }));
    return [whole, ...corners];
  });
  const stems = trees.map((t): Stop => ({
    id: stopId({ on: 'tree', tree: t.id }),
    name: capital(t.name),
    value: place(t.at),
    at: t.at,
    look: 'thing',
    room: 1,
    axis: null,
    move: (to) => ({
      verb: 'set-on-ground',
      list: 'trees',
      id: t.id,
      to: { at: { x: tidy(to.x), y: tidy(to.y) } },
    }),
  }));
  const lowest = Math.min(...spotHeights.map((s) => s.height), Infinity);
  const spots = spotHeights.map((s, i): Stop => ({
    id: stopId({ on: 'spot', spot: s.id }),
    name: `Height ${i + 1}`,
    value: `${reader.length(s.height - lowest)} above the lowest`,
    at: s.at,
    look: 'height',
    room: 0.5,
    axis: null,
    move: (to) => ({
      verb: 'set-on-ground',
      list: 'spotHeights',
      id: s.id,
      to: { at: { x: tidy(to.x), y: tidy(to.y) } },
    }),
  }));
  return [
    ...houses,
    ...stems,
    ...obstacles.map((o) => pole(o, place)),
    ...services.flatMap((s) => lineStops(sight, 'services', servicePoint, s)),
    ...boundaries.flatMap((b) => lineStops(sight, 'boundaries', boundaryPoint, b)),
    ...spots,
  ];
}
