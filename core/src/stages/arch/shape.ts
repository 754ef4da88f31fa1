import type { Ring, RingSide } from '../../ground/survey';
import { type Vector, insideOrOn, lerp, toSegment } from '../../ground/vector';
import type { Building } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import { type Curve, elastica, heightAt, widthAt } from './curve/elastica';
import { type Arch, type ArchMakeup, type Made, type Ribs, rowOf } from './plan/kinds';
import { type NoArch, squareOf } from './verbs/square';

/** An end of an arch: hung by us, closed by the wall of a house that is as wide and as high, or left open. */
export interface ArchEnd {
  readonly side: RingSide;
  readonly closed: 'hung' | 'wall' | 'open';
  /** The house that it meets; null where it meets none. */
  readonly building: Building | null;
}

/** An arch by its measures, whatever it is bought as. Lengths m. */
export interface ArchShape {
  readonly arch: Arch;
  readonly made: ArchMakeup;
  /** What its run is called. */
  readonly name: string;
  /** Its place among all arches of the plan. */
  readonly nth: number;
  readonly feet: readonly [RingSide, RingSide];
  readonly ends: readonly [ArchEnd, ArchEnd];
  /** From foot to foot on the level, and along them, as it is laid out. */
  readonly base: number;
  readonly wanted: number;
  /** How much higher the second foot stands than the first. */
  readonly tilt: number;
  readonly ribs: Ribs;
  /** Of a panel or hoop. */
  readonly bent: number;
  /** Null where it is no arch: what is bent is no longer than its base. */
  readonly curve: Curve | null;
  /** Of its crown above the ground, boards counted; 0 where there is no curve. */
  readonly top: number;
}

/** A wall and an end that lie within this of each other are one place, m. */
const MEETS = 0.05;

type HeightAt = (p: Vector) => number;

const along = (outline: readonly Vector[], p: Vector): number =>
  Math.min(
    ...outline.map((a, i) => {
      const b = outline[(i + 1) % outline.length] ?? a;
      return toSegment(p, a, b);
    }),
  );

/** What an end meets: a house whose wall is as wide closes it where its ridge is as high. */
function endOf(side: RingSide, buildings: readonly Building[], top: number): ArchEnd {
  const { kind } = side.side;
  if (kind === 'open') return { side, closed: 'open', building: null };
  if (kind === 'wall') return { side, closed: 'wall', building: null };
  if (side.side.kind !== 'building') return { side, closed: 'hung', building: null };
  const { building: id } = side.side;
  const building = buildings.find((b) => b.id === id) ?? null;
  const on = building
    ? [0, 0.5, 1].every((t) => along(building.outline, lerp(side.start, side.end, t)) < MEETS)
    : false;
  const closes = on && building !== null && building.height >= top - EPSILON;
  return { side, closed: closes ? 'wall' : 'hung', building };
}

export interface ShapedBy {
  readonly rings: readonly Ring[];
  readonly buildings: readonly Building[];
  readonly ground: HeightAt;
  readonly made: Made;
}

/** An arch over its run; null where its run is not among the rings, and why where it is no rectangle between two feet. */
export function shapeOf(arch: Arch, nth: number, by: ShapedBy): ArchShape | NoArch | null {
  const ring = by.rings.find((r) => r.enclosure === arch.enclosure);
  if (!ring) return null;
  const square = squareOf(ring);
  if (typeof square === 'string') return square;
  const [a, end, b, other] = square;
  const [base, wanted] = [(end.length + other.length) / 2, (a.length + b.length) / 2];
  const [low, high] = [lerp(a.start, a.end, 0.5), lerp(b.start, b.end, 0.5)].map(by.ground) as [
    number,
    number,
  ];
  const tilt = high - low;
  const row = rowOf(arch);
  const bent = row.bent(arch, by.made);
  // Both feet turn freely: the curve is that over the slope between them, turned with it.
  const curve = elastica(bent, Math.hypot(base, tilt));
  const top = curve ? curve.rise + arch.board : 0;
  return {
    arch,
    made: row.made(arch),
    name: ring.name,
    nth,
    feet: [a, b],
    ends: [endOf(end, by.buildings, top), endOf(other, by.buildings, top)],
    base,
    wanted,
    tilt,
    ribs: row.ribs(arch, by.made, wanted),
    bent,
    curve,
    top,
  };
}

/** How wide it is so high above the ground, m; 0 where it is nowhere as high. */
export const widthOver = ({ curve, arch }: ArchShape, height: number): number =>
  curve ? widthAt(curve, height - arch.board) : 0;

/** How high it is above the ground so far beside its middle, m. */
export function headroomAt({ curve, arch, base }: ArchShape, beside: number): number {
  if (!curve) return 0;
  // Beside the feet of one that leans out there is no headroom: nobody walks behind the board.
  if (Math.abs(beside) > base / 2 + EPSILON) return 0;
  return heightAt(curve, (beside * curve.chord) / base) + arch.board;
}

/** Headroom of an opening in an end, by both its edges, m from the side's beginning. */
export const headroomOver = (
  shape: ArchShape,
  { along: from, width }: { readonly along: number; readonly width: number },
): number =>
  Math.min(headroomAt(shape, from - shape.base / 2), headroomAt(shape, from + width - shape.base / 2));

/** Ends that are closed by mesh of ours. */
export const hungEnds = ({ ends }: ArchShape): readonly ArchEnd[] => ends.filter((e) => e.closed === 'hung');

/** Its outline on the sheet. */
export const outlineOf = ({ feet, ends }: ArchShape): readonly Vector[] => [
  feet[0].start,
  ends[0].side.start,
  feet[1].start,
  ends[1].side.start,
];

/** Whether a place lies under it. */
export const isUnder = (shape: ArchShape, p: Vector, within = 0): boolean =>
  insideOrOn(p, outlineOf(shape), within);
