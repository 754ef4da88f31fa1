import type { FenceLine } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import { insideOrOn, plus, times } from '../../ground/vector';
import type { Building } from '../../plan/schema';
import type { Laid } from './plan/shape';
import { isLaid, shapeOf } from './plan/shape';
import type { SkirtCourse } from './rolls';
import type { SkirtLines } from './skirtLines';

/** Where a skirt ends with nothing to close it. */
export interface OpenEnd {
  readonly line: FenceLine;
  readonly corner: string;
  readonly building: Building;
  readonly skirt: Laid;
  /** How far the house would have to go on, m. */
  readonly width: number;
}

export interface EndsBy {
  readonly rings: readonly Ring[];
  readonly buildings: readonly Building[];
  readonly skirted: SkirtLines;
  /** Lines whose skirt goes on along the house. */
  readonly carried: ReadonlySet<FenceLine>;
}

/** Lines whose skirt goes on along the house that they end at. */
export const carriedOn = (courses: readonly Pick<SkirtCourse, 'chains'>[]): ReadonlySet<FenceLine> =>
  new Set(
    courses
      .flatMap((c) => c.chains)
      .filter((chain) => chain.edges.some((e) => e.of.on === 'house'))
      .flatMap((chain) => chain.edges.flatMap((e) => (e.of.on === 'line' ? [e.of.line] : []))),
  );

/** An apron ends against a house wall; where the wall is not as wide as the apron, an animal digs round its end. */
export function openEnds({ rings, buildings, skirted, carried }: EndsBy): readonly OpenEnd[] {
  const sides = rings.flatMap((ring) =>
    ring.sides.map((side, i) => ({ side, next: ring.sides[(i + 1) % ring.sides.length] })),
  );
  const check = (line: FenceLine, at: 'start' | 'end'): OpenEnd[] => {
    const skirt = skirted.skirts.get(line);
    if (!skirt || !isLaid(skirt) || carried.has(line)) return [];
    const { out: width } = shapeOf(skirt);
    if (width === 0) return [];
    const corner = at === 'start' ? line.startCorner : line.endCorner;
    const meets = sides.find(
      ({ side }) =>
        side.side.kind === 'building' && (side.startCorner === corner || side.endCorner === corner),
    );
    const side = meets?.side.side;
    const building = side?.kind === 'building' ? buildings.find((b) => b.id === side.building) : undefined;
    if (!building) return [];
    const foot = at === 'start' ? line.start : line.end;
    const outer = plus(foot, times(line.outward, width));
    return insideOrOn(outer, building.outline, 0.005) ? [] : [{ line, corner, building, skirt, width }];
  };
  return skirted.walks.flatMap((walk) => {
    const first = walk.lines[0];
    const last = walk.lines[walk.lines.length - 1];
    if (walk.cyclic || !first || !last) return [];
    return [...check(first, 'start'), ...check(last, 'end')];
  });
}
