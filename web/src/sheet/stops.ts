import {
  type Building,
  type Change,
  type Part,
  type PartRef,
  type Plan,
  type Reader,
  ROLE_NAMES,
  type SheetScene,
  type StageId,
  type Vector,
  capital,
  nextId,
  sideFrames,
  terrainOf,
} from '@aviarum/core';
import { sameThing, stopId } from './stopId';

/** Something on the sheet that can be chosen, and mostly moved: by pointer, by keys, or by a number in the panel. */
export interface Stop {
  /** Its part, as `stopId` writes it. */
  readonly id: string;
  /** What it is called aloud. */
  readonly name: string;
  readonly value: string;
  readonly at: Vector;
  readonly look: 'corner' | 'side' | 'post' | 'gate' | 'thing' | 'point' | 'height';
  /** How much room it has before it meets the next, m. */
  readonly room: number;
  /** The line that it moves along, as a unit vector; null where it moves freely. */
  readonly axis: Vector | null;
  /** Null where it can be chosen but not moved. */
  readonly move: ((to: Vector) => Change) | null;
  /** What moving it is called when undone. */
  readonly words: string;
}

interface Sight {
  readonly plan: Plan;
  readonly scene: SheetScene;
  readonly parts: readonly Part[];
  readonly reader: Reader;
  /** The thing that is open: a house shows its corners only then. */
  readonly open: string | null;
}

const dot = (a: Vector, b: Vector) => a.x * b.x + a.y * b.y;
const tidy = (n: number) => Math.round(n * 1e4) / 1e4;
export const degrees = (radians: number) => `${Math.round((radians * 180) / Math.PI)}°`;

/** Corners and sides in turn, so that the arrow keys walk along the fence. */
function outlineStops({ plan, scene, reader }: Sight): Stop[] {
  const corners = new Map(scene.corners.map((c) => [c.id, c]));
  const done = new Set<string>();
  return scene.sides.flatMap((side): Stop[] => {
    const own = plan.sides.find((s) => s.id === side.id);
    const start = [own?.from, own?.to]
      .map((id) => corners.get(id ?? ''))
      .find((c) => c !== undefined && Math.hypot(c.at.x - side.start.x, c.at.y - side.start.y) < 1e-9);
    const stops: Stop[] = [];
    if (start && !done.has(start.id)) {
      done.add(start.id);
      stops.push({
        id: stopId({ on: 'corner', corner: start.id }),
        name: `Corner ${start.number}, ${degrees(start.angle)}`,
        value: `${reader.length(start.at.x)} across, ${reader.length(start.at.y)} up`,
        at: start.at,
        look: 'corner',
        room: start.reach / 2,
        axis: null,
        move: (to) => ({ verb: 'move-corner', corner: start.id, to: { x: tidy(to.x), y: tidy(to.y) } }),
        words: `move corner ${start.number}`,
      });
    }
    const at = { x: (side.start.x + side.end.x) / 2, y: (side.start.y + side.end.y) / 2 };
    stops.push({
      id: stopId({ on: 'side', side: side.id }),
      name: `Side ${side.number}, ${reader.length(side.length)}`,
      value: side.movable ? 'pulls out and pushes in' : 'cannot be pulled; move its corners',
      at,
      look: 'side',
      room: side.length / 2,
      axis: side.outward,
      move: side.movable
        ? (to) => ({
            verb: 'move-side',
            side: side.id,
            by: tidy(dot({ x: to.x - at.x, y: to.y - at.y }, side.outward)),
          })
        : null,
      words: `move side ${side.number}`,
    });
    return stops;
  });
}

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
    words: `move the ${thing.name}`,
  }));
}

const reshape = (building: Building, outline: Vector[]): Change => ({
  verb: 'set-on-ground',
  list: 'buildings',
  id: building.id,
  to: { outline },
});

function groundStops(sight: Sight): Stop[] {
  const { plan, reader, open } = sight;
  const { buildings, trees, services, boundaries, spotHeights } = plan.ground;
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
      words: `move ${b.name}`,
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
      words: `change ${b.name}`,
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
    words: `move the ${t.name}`,
  }));
  const terrain = terrainOf(spotHeights);
  const lowest = Math.min(...spotHeights.map((s) => s.height), Infinity);
  const spots = spotHeights.map((s, i): Stop => ({
    id: stopId({ on: 'spot', spot: s.id }),
    name: `Height ${i + 1}`,
    value: `${reader.length(terrain.level ? 0 : s.height - lowest)} above the lowest`,
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
    words: 'move a height',
  }));
  return [
    ...houses,
    ...stems,
    ...services.flatMap((s) => lineStops(sight, 'services', servicePoint, s)),
    ...boundaries.flatMap((b) => lineStops(sight, 'boundaries', boundaryPoint, b)),
    ...spots,
  ];
}

/** Posts in order along the fence; line posts slide along their side and stay where they are put. */
function postStops({ plan, parts, reader }: Sight): Stop[] {
  const frames = sideFrames(plan);
  return parts.flatMap((part): Stop[] => {
    if (part.kind !== 'post') return [];
    const frame = frames.get(part.side);
    if (!frame) return [];
    const ref = part.part;
    const pin = ref.on === 'pin' ? plan.postPins.find((p) => p.id === ref.pin) : undefined;
    const at = frame.at(part.along, 0);
    const slides = part.role === 'line';
    return [
      {
        id: stopId(ref),
        name: `${capital(ROLE_NAMES[part.role][0])} ${part.number}`,
        value: `${reader.length(part.along)} from the corner${pin ? ', set by hand' : ''}`,
        at,
        look: 'post',
        room: 0.8,
        axis: frame.direction,
        move: slides
          ? (to) => {
              const by = dot({ x: to.x - at.x, y: to.y - at.y }, frame.direction);
              const along = tidy(Math.max(0.05, Math.min(frame.length - 0.05, part.along + by)));
              const id = pin?.id ?? nextId('p', plan.postPins);
              return {
                verb: 'set-pin',
                pin: { id, side: part.side, along, post: pin?.post ?? { kind: 'new' } },
              };
            }
          : null,
        words: `move post ${part.number}`,
      },
    ];
  });
}

function openingStops({ plan, scene, reader }: Sight): Stop[] {
  const frames = sideFrames(plan);
  return plan.openings.flatMap((o): Stop[] => {
    const frame = frames.get(o.side);
    const number = scene.sides.find((s) => s.id === o.side)?.number ?? 0;
    if (!frame) return [];
    const at = frame.at(o.along + o.width / 2, 0);
    return [
      {
        id: stopId({ on: 'opening', opening: o.id }),
        name: `${o.kind === 'gate' ? 'Gate' : 'Pop door'} on side ${number}`,
        value: `${reader.length(o.along)} from the corner`,
        at,
        look: 'gate',
        room: o.width,
        axis: frame.direction,
        move: (to) => {
          const by = dot({ x: to.x - at.x, y: to.y - at.y }, frame.direction);
          const along = tidy(Math.max(0, Math.min(frame.length - o.width, o.along + by)));
          return { verb: 'set-opening', id: o.id, to: { along } };
        },
        words: o.kind === 'gate' ? 'move the gate' : 'move the pop door',
      },
    ];
  });
}

const BY_STAGE: Readonly<Partial<Record<StageId, (sight: Sight) => Stop[]>>> = {
  ground: groundStops,
  outline: outlineStops,
  posts: postStops,
  ways: openingStops,
};

/** What can be touched on the sheet: only what the stage is about. */
export const stopsFor = (stage: StageId, sight: Sight): readonly Stop[] => BY_STAGE[stage]?.(sight) ?? [];
