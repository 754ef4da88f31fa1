import {
  type Change,
  type Cover,
  type Part,
  type PartRef,
  type Plan,
  type Vector,
  coverIsOver,
  coverMakeup,
  previewCovers,
  sectionLine,
  sideFrames,
} from '@aviarum/core';
import { type Sight, type Stop, dot, tidy } from '../../sheet/stop';
import { stopId } from '../../sheet/stopId';

type Of<K extends Part['kind']> = Extract<Part, { kind: K }>;
const set = (id: string, to: object): Change => ({ verb: 'set-cover', id, to });
const put = ({ x, y }: Vector) => ({ x: tidy(x), y: tidy(y) });

/** Where posts and props stand: what the corner of a cover falls on. */
function stands(plan: Plan, parts: readonly Part[]): readonly Vector[] {
  const frames = sideFrames(plan);
  return parts.flatMap((p) => {
    if (p.kind === 'cover-prop') return [p.at];
    return p.kind === 'post' ? (frames.get(p.side)?.at(p.along, 0) ?? []) : [];
  });
}

/** Corners of a cover that has an outline of its own. */
function corners(cover: Cover, snaps: readonly Vector[], place: (at: Vector) => string): Stop[] {
  if (!coverIsOver(cover) || !cover.outline) return [];
  const { id, name, outline } = cover;
  return outline.map((at, i): Stop => ({
    id: stopId({ on: 'cover-point', cover: id, point: i }),
    name: `${name}, corner ${i + 1}`,
    value: place(at),
    at,
    look: 'point',
    room: 0.8,
    axis: null,
    snaps,
    move: (to) => set(id, { outline: outline.map((p, k) => (k === i ? put(to) : p)) }),
  }));
}

/** Props and posts under a cover: where one is moved, all stay where they are. */
function props(cover: Cover, parts: readonly Part[], place: (at: Vector) => string): Stop[] {
  const field = coverMakeup(cover).stands?.field;
  if (!field) return [];
  const held = parts.filter(
    (p): p is Of<'cover-prop'> => p.kind === 'cover-prop' && p.part.cover === cover.id,
  );
  return held.map((prop, i): Stop => ({
    id: stopId(prop.part),
    name: `${cover.name}, prop ${i + 1}`,
    value: place(prop.at),
    at: prop.at,
    look: 'post',
    room: 0.8,
    axis: null,
    move: (to) =>
      set(cover.id, { [field]: held.map((p, k) => ({ id: p.id, at: put(k === i ? to : p.at) })) }),
  }));
}

/** Beams, which slide square to themselves: where one is moved, all stay where they are. */
function beams(cover: Cover, parts: readonly Part[], reader: Sight['reader']): Stop[] {
  if (coverMakeup(cover).laid !== 'strips') return [];
  const bars = parts.filter(
    (p): p is Of<'cover-bar'> => p.kind === 'cover-bar' && p.is === 'beam' && p.part.cover === cover.id,
  );
  const whole = parts.find((p): p is Of<'cover'> => p.kind === 'cover' && p.part.cover === cover.id);
  const [first] = bars;
  if (!first || !whole) return [];
  const length = Math.hypot(first.to.x - first.from.x, first.to.y - first.from.y) || 1;
  // Strips run square to beams; the first beam’s own left hand is the way back along them.
  const axis = { x: (first.to.y - first.from.y) / length, y: -(first.to.x - first.from.x) / length };
  const left = Math.min(...whole.points.map((p) => dot(p, axis)));
  const offsets = [...new Set(bars.map((b) => tidy(dot(b.from, axis) - left)))];
  const seen = new Set<number>();
  return bars.flatMap((bar): Stop[] => {
    const offset = tidy(dot(bar.from, axis) - left);
    if (seen.has(offset)) return [];
    seen.add(offset);
    const at = { x: (bar.from.x + bar.to.x) / 2, y: (bar.from.y + bar.to.y) / 2 };
    return [
      {
        id: stopId(bar.part),
        name: `${cover.name}, beam ${seen.size}`,
        value: `${reader.length(offset)} along the strips`,
        at,
        look: 'side',
        room: 0.8,
        axis,
        move: (to) => {
          const moved = tidy(Math.max(0, offset + dot({ x: to.x - at.x, y: to.y - at.y }, axis)));
          const all = offsets.map((o) => (o === offset ? moved : o)).sort((a, b) => a - b);
          return set(cover.id, { beams: all });
        },
      },
    ];
  });
}

/** The two ends of the line along which the section is drawn. */
function section(plan: Plan, place: (at: Vector) => string): Stop[] {
  const line = sectionLine(plan);
  return (['from', 'to'] as const).map((end, point): Stop => {
    const part: PartRef = { on: 'section', point };
    return {
      id: stopId(part),
      name: `Section, ${end === 'from' ? 'its start' : 'its end'}`,
      value: place(line[end]),
      at: line[end],
      look: 'thing',
      room: 1,
      axis: null,
      move: (to) => ({
        verb: 'set-section',
        section: { from: put(line.from), to: put(line.to), [end]: put(to) },
      }),
    };
  });
}

/** What of covers can be moved: corners, beams, props, and the line of the section. */
export function stops({ plan, parts, reader }: Sight): Stop[] {
  const place = (at: Vector) => `${reader.length(at.x)} across, ${reader.length(at.y)} up`;
  const snaps = stands(plan, parts);
  return [
    ...plan.covers.flatMap((cover) => [
      ...corners(cover, snaps, place),
      ...beams(cover, parts, reader),
      ...props(cover, parts, place),
    ]),
    ...section(plan, place),
  ].map((stop) => ({ ...stop, with: previewCovers }));
}
