import { type Cut, upright } from '../../drawing/scene/cut';
import type { InkKind } from '../../drawing/scene/inks';
import type { Primitive } from '../../drawing/scene/scene';
import { type Vector, dot, lerp, minus, times } from '../../ground/vector';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';
import type { ArchPart } from './told';

/** Film is drawn so far outside the curve, and boards so thick, m. */
const FILM = 0.05;
const THICK = 0.04;
/** Steps of a curve that is cut aslant. */
const STEPS = 80;
/** Cut so nearly along its length, a curve is drawn by its height over the line and not by its own points. */
const ASLANT = 0.3;
const PROP = 0.05;
/** A prop so far off the line is still seen, m. */
const SEEN = 0.7;

interface Frame {
  /** Of the middle of its near end along the section, how far each metre across and along it goes, and where it is cut. */
  readonly across: Vector;
  readonly along: Vector;
  readonly origin: Vector;
  readonly base: number;
  readonly length: number;
}

function frameOf({ outline: [a, b, , d] }: ArchPart): Frame {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const base = Math.hypot(d.x - a.x, d.y - a.y);
  return {
    origin: lerp(a, d, 0.5),
    along: times(minus(b, a), 1 / Math.max(length, 1e-9)),
    across: times(minus(d, a), 1 / Math.max(base, 1e-9)),
    base,
    length,
  };
}

/** A place of the sheet across and along an arch, from the middle of its near end. */
const inFrame = ({ origin, across, along }: Frame, p: Vector): Vector => ({
  x: dot(minus(p, origin), across),
  y: dot(minus(p, origin), along),
});

/** Points of the curve where a section cuts it square or aslant; null where the line runs along it. */
function cutCurve(part: ArchPart, frame: Frame, cut: Cut): readonly Vector[] | null {
  const way = times(minus(cut.to, cut.from), 1 / Math.max(cut.length, 1e-9));
  const square = dot(way, frame.across);
  if (Math.abs(square) < ASLANT) return null;
  const start = inFrame(frame, cut.from);
  const at = (across: number): { readonly along: number; readonly y: number } => {
    const along = (across - start.x) / square;
    return { along, y: start.y + along * dot(way, frame.along) };
  };
  const [low, high] = [at(-frame.base / 2), at(frame.base / 2)];
  const inside = (v: number) => v >= -1e-6 && v <= frame.length + 1e-6;
  const onLine = ({ along }: { readonly along: number }) => along >= -1e-6 && along <= cut.length + 1e-6;
  if (![low, high].every((p) => inside(p.y) && onLine(p))) return null;
  const [foot, other] = [low, high].map((p) => cut.ground(cut.at(p.along))) as [number, number];
  // Turned with the slope between its feet.
  const tilt = Math.atan2(other - foot, frame.base);
  const [cos, sin] = [Math.cos(tilt), Math.sin(tilt)];
  const level = (foot + other) / 2 + part.board;
  return part.curve.map(({ x, y }) => {
    const across = x * cos - y * sin;
    return { x: at(across).along, y: level + x * sin + y * cos };
  });
}

/** Its height over a line that runs more along than across it. */
function overLine(part: ArchPart, frame: Frame, cut: Cut): readonly Vector[] {
  const high = (beside: number): number => {
    const x = Math.abs(beside);
    const right = part.curve.slice(Math.floor(part.curve.length / 2));
    const i = right.findIndex((p) => p.x >= x);
    const [a, b] = [right[i - 1], right[i]];
    if (!b) return 0;
    return a ? a.y + ((b.y - a.y) * (x - a.x)) / Math.max(b.x - a.x, 1e-9) : b.y;
  };
  const points: Vector[] = [];
  for (let i = 0; i <= STEPS; i++) {
    const along = (cut.length * i) / STEPS;
    const { x, y } = inFrame(frame, cut.at(along));
    if (Math.abs(x) > frame.base / 2 || y < 0 || y > frame.length) continue;
    points.push({ x: along, y: cut.ground(cut.at(along)) + part.board + high(x) });
  }
  return points;
}

/** The same curve so far outside itself. */
function outside(points: readonly Vector[], by: number): readonly Vector[] {
  const hand = (points[points.length - 1]?.x ?? 0) >= (points[0]?.x ?? 0) ? 1 : -1;
  return points.map((p, i) => {
    const [a, b] = [points[Math.max(0, i - 1)] ?? p, points[Math.min(points.length - 1, i + 1)] ?? p];
    const long = Math.max(Math.hypot(b.x - a.x, b.y - a.y), 1e-9);
    return { x: p.x - (hand * by * (b.y - a.y)) / long, y: p.y + (hand * by * (b.x - a.x)) / long };
  });
}

/** Boards and stakes under both feet, the ridge under the crown and a prop that stands by, and how wide one stands. */
function timbers(
  part: ArchPart,
  curve: readonly Vector[],
  frame: Frame,
  cut: Cut,
): readonly Primitive<InkKind>[] {
  const [left, right] = [curve[0], curve[curve.length - 1]];
  if (!left || !right) return [];
  const name = formatPart(part.part);
  const crown = curve.reduce((a, p) => (p.y > a.y ? p : a), left);
  const out = Math.sign(right.x - left.x) || 1;
  const feet = (
    [
      [left, -1],
      [right, 1],
    ] as const
  ).flatMap(([foot, hand]): Primitive<InkKind>[] => {
    const ground = foot.y - part.board;
    const beside = foot.x + hand * out * THICK;
    return [
      ...(part.board > 0
        ? [
            {
              shape: 'polygon',
              kind: 'cut-rail',
              part: name,
              points: upright(foot.x, THICK / 2, ground, foot.y),
            } as const,
          ]
        : []),
      {
        shape: 'polygon',
        kind: 'cut-post',
        part: name,
        points: upright(beside, THICK / 2, ground - part.deep, foot.y + 0.03),
      },
    ];
  });
  const seen = inFrame(frame, cut.at(crown.x));
  const prop = part.props.some((along) => Math.abs(along - seen.y) < SEEN);
  const foot = cut.ground(cut.at(crown.x));
  const ridge: Primitive<InkKind>[] =
    part.ridge > 0
      ? [
          ...(prop
            ? [
                {
                  shape: 'polygon',
                  kind: 'cut-post',
                  part: name,
                  points: upright(crown.x, PROP, foot, crown.y - part.ridge),
                } as const,
              ]
            : []),
          {
            shape: 'polygon',
            kind: 'cut-rail',
            part: name,
            points: upright(crown.x, 0.03, crown.y - part.ridge, crown.y),
          },
        ]
      : [];
  const level = foot + part.head;
  const half = (part.wide / 2) * Math.abs((right.x - left.x) / Math.max(frame.base, 1e-9));
  const wide: Primitive<InkKind>[] =
    part.wide > 0
      ? [
          {
            shape: 'line',
            kind: 'wide',
            part: name,
            points: [
              { x: (left.x + right.x) / 2 - half, y: level },
              { x: (left.x + right.x) / 2 + half, y: level },
            ],
          },
        ]
      : [];
  return [...feet, ...ridge, ...wide];
}

/** An arch where the section goes through it: its curve, film over it, boards and stakes, ridge and props. */
export function section(part: Part, cut: Cut): readonly Primitive<InkKind>[] {
  if (part.kind !== 'arch') return [];
  const frame = frameOf(part);
  const name = formatPart(part.part);
  const across = cutCurve(part, frame, cut);
  const curve = across ?? overLine(part, frame, cut);
  if (curve.length < 2) return [];
  return [
    ...(across ? timbers(part, across, frame, cut) : []),
    { shape: 'line', kind: 'cut-curve', part: name, points: curve, label: part.name },
    ...(part.film === 'on'
      ? [
          {
            shape: 'line',
            kind: 'cut-film',
            part: name,
            points: outside(curve, FILM),
            label: 'film',
          } as const,
        ]
      : []),
  ];
}
