import type { Products } from '../../catalogue/products';
import { type Vector, lerp, plus, times } from '../../ground/vector';
import type { Part } from '../../reckoning';
import { pointsOf } from './curve/elastica';
import { propsOf, ridgeSpan } from './frame/frame';
import type { Skin } from './skin/skin';
import { type ArchShape, hungEnds, outlineOf, widthOver } from './shape';

/** Points of a drawn curve. */
const STEPS = 96;
const DEEP = 0.45;
/** Letters of an end stand so far outside it, m. */
const BESIDE = 0.3;

/** Where ribs begin along a foot, and where the last one ends. */
const ribsOf = ({ made, ribs, wanted }: ArchShape): readonly number[] => {
  const count = made.pipe ? ribs.count : ribs.count + 1;
  return Array.from({ length: count }, (_, i) => Math.min(i * ribs.module, Math.max(wanted, ribs.built)));
};

/** The curve of an end along its side, from foot to foot: where it leans out, no further than its feet. */
function endTop({ base, arch }: ArchShape, curve: readonly Vector[]): readonly Vector[] {
  const last = curve.length - 1;
  return curve.map(({ x, y }, i) => ({
    x: i === 0 ? 0 : i === last ? base : Math.max(0, Math.min(base, x + base / 2)),
    y: y + arch.board,
  }));
}

/** Strips of the skin as they lie side by side along the arch, and those of its ends beside the middle of them. */
function stripParts(shape: ArchShape, skin: Skin): readonly Part[] {
  const { arch, feet, ribs, ends } = shape;
  const [foot, other] = feet;
  const piece = (of: 'strip' | 'end', nth: number, points: readonly Vector[]): Part => ({
    kind: 'arch-strip',
    part: { on: 'arch-piece', arch: arch.id, of, nth },
    points,
  });
  const step = skin.width - arch.lap;
  const across = (along: number): readonly Vector[] => {
    const share = Math.min(1, along / Math.max(ribs.built, 1e-9));
    return [lerp(foot.start, foot.end, share), lerp(other.end, other.start, share)];
  };
  const over = Array.from({ length: skin.strips }, (_, i) =>
    piece('strip', i + 1, [...across(i * step), ...[...across(i * step + skin.width)].reverse()]),
  );
  const hung = ends.filter((e) => e.closed === 'hung');
  const low = hung.flatMap(({ side }, k) =>
    Array.from({ length: skin.rows }, (_, i) => {
      const at = plus(lerp(side.start, side.end, (i + 1) / (skin.rows + 1)), times(side.outward, BESIDE));
      return piece('end', k * skin.rows + i + 1, [at]);
    }),
  );
  return [...over, ...low];
}

/** An arch from above and cut through, and what its sides show when they are unrolled. */
export function archParts(
  shape: ArchShape,
  products: Pick<Products, 'timber'>,
  stature: number,
  skin: Skin | null,
): readonly Part[] {
  const { arch, made, curve, top, feet, name, tilt, wanted } = shape;
  if (!curve) return [];
  const part = { on: 'arch', arch: arch.id } as const;
  const mesh = arch.skin ?? made.panels?.mesh ?? null;
  const [a, b, c, d] = outlineOf(shape);
  if (!a || !b || !c || !d) return [];
  const points = pointsOf(curve, STEPS);
  const side = (
    { is, of, length }: { readonly is: 'foot' | 'end'; readonly of: string; readonly length: number },
    line: readonly Vector[],
    ribs: readonly number[],
  ): Part => ({
    kind: 'arch-side',
    part,
    is,
    side: of,
    from: 0,
    to: length,
    top: line,
    board: arch.board,
    ribs,
    mesh,
  });
  return [
    {
      kind: 'arch',
      part,
      name,
      form: arch.kind,
      outline: [a, b, c, d],
      ribs: ribsOf(shape),
      curve: points,
      board: arch.board,
      tilt,
      film: arch.film === null ? 'none' : 'on',
      ridge: arch.ridge === null ? 0 : products.timber(arch.ridge).width,
      props: Array.from({ length: propsOf(shape) }, (_, i) => (i + 1) * ridgeSpan(shape)),
      deep: DEEP,
      head: stature,
      wide: widthOver(shape, stature),
    },
    ...feet.map((foot) =>
      side(
        { is: 'foot', of: foot.side.id, length: foot.length },
        [
          { x: 0, y: top },
          { x: wanted, y: top },
        ],
        ribsOf(shape),
      ),
    ),
    ...(skin ? stripParts(shape, skin) : []),
    ...hungEnds(shape).map((end) =>
      side({ is: 'end', of: end.side.side.id, length: end.side.length }, endTop(shape, points), []),
    ),
  ];
}
