import { type FenceLine, onSide } from './ground/fenceLines';
import type { StandingPost } from './posts/stage';
import type { Part } from './reckoning';
import type { SkirtStage } from './skirt/stage';
import { clearSpans, spansOnSides } from './walls/runs';
import type { WallStage } from './walls/stage';

const postPart = (post: StandingPost): Part => ({
  kind: 'post',
  path: post.part,
  number: post.number,
  role: post.role,
  side: post.side,
  along: post.along,
  above: post.above,
  depth: post.depth,
  size: post.product.size,
  product: post.product.id,
});

function meshParts(walls: WallStage): Part[] {
  return walls.courses.flatMap(({ group, band, row, rowIndex }) =>
    group.lines.flatMap(clearSpans).flatMap(({ line, from, to }) =>
      spansOnSides(line, from, to).map((span): Part => ({
        kind: 'mesh',
        path: `side:${span.side}/band:${band.band.id}/row:${rowIndex}`,
        ...span,
        bottom: row.bottom,
        top: row.top,
        mesh: band.band.mesh,
      })),
    ),
  );
}

/** An apron's strips with what they run on past corners, in side coordinates; a buried skirt straight down. */
function skirtParts(skirts: SkirtStage): Part[] {
  return skirts.courses.flatMap((course) =>
    course.strips.flatMap((strip) => {
      const { skirt } = course;
      const flat = skirt.kind === 'apron';
      const shape = { out: flat ? skirt.width : 0, depth: flat ? 0 : skirt.depth, mesh: skirt.mesh };
      return strip.lines.flatMap((line) =>
        spansOnSides(line, 0, line.length).map((span): Part => ({
          kind: 'skirt',
          path: `side:${span.side}/skirt`,
          ...span,
          ...shape,
        })),
      );
    }),
  );
}

function openingParts(lines: readonly FenceLine[], walls: WallStage): Part[] {
  return lines.flatMap((line) =>
    line.openings.map(({ opening, from }): Part => {
      const near = onSide(line, from + 1e-6);
      const top = walls.groups.find((g) => g.lines.includes(line))?.top ?? 0;
      return {
        kind: 'opening',
        path: `opening:${opening.id}`,
        side: near.side,
        from: opening.along,
        to: opening.along + opening.width,
        top,
      };
    }),
  );
}

/** Everything that stands, hangs or lies along the fence. */
export function makeParts(
  posts: readonly StandingPost[],
  lines: readonly FenceLine[],
  walls: WallStage,
  skirts: SkirtStage,
): readonly Part[] {
  return [...skirtParts(skirts), ...meshParts(walls), ...openingParts(lines, walls), ...posts.map(postPart)];
}
