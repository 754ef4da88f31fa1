import type { FenceLine } from './ground/fenceLines';
import type { StandingPost } from './posts/stage';
import type { Part } from './reckoning';
import type { SkirtStage } from './skirt/stage';
import { type Lies, clearSpans, spansOnSides, stepsOn } from './walls/runs';
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
  buy: post.buy,
  cutOff: post.cutOff,
  setting: post.setting,
  origin: post.standing === null ? 'new' : 'standing',
});

function meshParts(walls: WallStage, lies: Lies): Part[] {
  return walls.courses.flatMap(({ group, band, row, rowIndex }) =>
    group.lines.flatMap((line) => {
      const lie = lies.get(line);
      const spans =
        lie && stepsOn(lie)
          ? lie.bays.map(({ from, to }) => ({
              from,
              to,
              level: Math.max(lie.profile.heightAt(from), lie.profile.heightAt(to)),
            }))
          : clearSpans(line).map(({ from, to }) => ({ from, to, level: null }));
      return spans.flatMap(({ from, to, level }) =>
        spansOnSides(line, from, to).map((span): Part => ({
          kind: 'mesh',
          path: `side:${span.side}/band:${band.band.id}/row:${rowIndex}`,
          ...span,
          bottom: row.bottom,
          top: row.top,
          mesh: band.band.mesh,
          level,
        })),
      );
    }),
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
  return lines.flatMap((line) => {
    const wall = walls.groups.find((g) => g.lines.includes(line))?.top ?? 0;
    return [...line.openings, ...line.popDoors].map(({ opening }): Part => ({
      kind: 'opening',
      path: `opening:${opening.id}`,
      side: opening.side,
      from: opening.along,
      to: opening.along + opening.width,
      top: opening.kind === 'gate' ? wall : opening.height,
      way: opening.kind,
    }));
  });
}

/** Everything that stands, hangs or lies along the fence. */
export function makeParts(
  posts: readonly StandingPost[],
  lines: readonly FenceLine[],
  walls: WallStage,
  skirts: SkirtStage,
  lies: Lies,
): readonly Part[] {
  return [
    ...skirtParts(skirts),
    ...meshParts(walls, lies),
    ...openingParts(lines, walls),
    ...posts.map(postPart),
  ];
}
