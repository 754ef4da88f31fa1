import type { PackId } from '../catalogue/types';
import type { CuttingPool } from '../cutting/types';
import type { FenceLine } from '../ground/fenceLines';
import type { PostStage, StandingPost } from '../posts/stage';
import type { SkirtStage } from '../skirt/stage';
import { type Lies, clearSpans } from '../walls/runs';
import type { HungBand } from '../walls/rows';
import type { WallStage } from '../walls/stage';
import { type Term, largest, product, ratio, sum, upTo, value } from '../working';

/** What is bought in packs, each with its count worked out (domain.md 6). */
export type FastenerNeeds = Readonly<Record<Exclude<PackId, 'concrete' | 'brace' | 'spike'>, Term>>;

/** Staples are closer on the lowest band, m. */
const staplePitch = (band: HungBand) => (band.index === 0 ? 0.1 : 0.15);
const RING_PITCH = 0.15;
const JOINT_RING_PITCH = 0.1;
const PEG_PITCH = 0.5;
const CLIP_PITCH = 0.3;
const LEAST_CLIPS = 5;

type Along = 'fasten.each-post' | 'fasten.seam' | 'fasten.splice';

/** ⌈length / pitch⌉ + 1 along one edge. */
function onePast<C extends Along>(
  code: C,
  length: number,
  pitch: number,
  params: Parameters<typeof value<C>>[3],
): Term {
  return sum(code, 'piece', params, [
    upTo('fasten.gaps', 'piece', { spacing: pitch }, [
      ratio('fasten.gaps', 'ratio', { spacing: pitch }, [
        value('fasten.height', length, 'm', {}),
        value('fasten.distance', pitch, 'm', {}),
      ]),
    ]),
    value('fasten.one-more', 1, 'piece', {}),
  ]);
}

/** Posts counted by what hangs on them. */
function postsByGroup(posts: PostStage, walls: WallStage) {
  const groupOf = new Map(walls.groups.flatMap((group) => group.lines.map((line) => [line, group] as const)));
  return walls.groups.map((group) => ({
    group,
    posts: posts.posts.filter((p) => groupOf.get(p.line) === group),
  }));
}

const isT = (post: StandingPost) => post.product.kind === 'steel-t';

function staples(posts: PostStage, walls: WallStage): Term {
  const terms = postsByGroup(posts, walls).flatMap(({ group, posts: on }) => {
    const timber = on.filter((p) => p.product.material === 'timber').length;
    return group.bands.map((band) => {
      const height = band.top - band.bottom;
      const pitch = staplePitch(band);
      const params = { height, spacing: pitch };
      return product('fasten.posts', 'piece', params, [
        value('fasten.post-count', timber, 'piece', {}),
        onePast('fasten.each-post', height, pitch, params),
      ]);
    });
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** Clips on steel posts beyond those that come with them. */
function clips(posts: PostStage, walls: WallStage): Term {
  const terms = postsByGroup(posts, walls).flatMap(({ group, posts: on }) => {
    const steel = on.filter((p) => p.product.material === 'steel');
    const included = steel[0]?.product.clipsIncluded ?? 0;
    if (steel.length === 0) return [];
    const needed = largest('fasten.clips-needed', 'piece', {}, [
      value('fasten.least-clips', LEAST_CLIPS, 'piece', {}),
      upTo('fasten.gaps', 'piece', { spacing: CLIP_PITCH }, [
        ratio('fasten.gaps', 'ratio', { spacing: CLIP_PITCH }, [
          value('fasten.height', group.top, 'm', {}),
          value('fasten.distance', CLIP_PITCH, 'm', {}),
        ]),
      ]),
    ]);
    const extra = sum('fasten.clips', 'piece', { height: group.top }, [
      needed,
      value('fasten.clips-included', -(steel.every(isT) ? included : 0), 'piece', {}),
    ]);
    return [
      product('fasten.clips', 'piece', { height: group.top }, [
        value('fasten.post-count', steel.length, 'piece', {}),
        extra,
      ]),
    ];
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** Level seams: band over band, widths of a stack, a skirt's lap; and the upright joints that the cutting makes. */
function rings(walls: WallStage, skirts: SkirtStage, lies: Lies, pools: readonly CuttingPool[]): Term {
  const along = (line: FenceLine, from: number, to: number) => {
    const profile = lies.get(line)?.profile;
    return profile ? profile.groundAt(to) - profile.groundAt(from) : to - from;
  };
  const seam = (kind: 'bands' | 'leaf' | 'skirt', length: number) =>
    onePast('fasten.seam', length, RING_PITCH, { kind, length });
  const bands = walls.groups.flatMap((group) => {
    const courses = group.bands.reduce((n, band) => n + band.rows.length, 0);
    const seams = Math.max(0, courses - 1);
    const leaves = walls.courses.find((c) => c.group === group)?.leaves ?? [];
    return Array.from({ length: seams }, () => [
      ...group.runs.map((run) => seam('bands', run.length)),
      ...leaves.map((leaf) => seam('leaf', leaf.length)),
    ]).flat();
  });
  const laps = skirts.courses
    .filter((c) => c.skirt.lapUp > 0)
    .flatMap((c) =>
      c.lines.flatMap((line) =>
        clearSpans(line).map((span) => seam('skirt', along(line, span.from, span.to))),
      ),
    );
  const heights = new Map(
    walls.courses.flatMap((c) => c.runs.map((run) => [run.part, c.row.top - c.row.bottom] as const)),
  );
  const widths = new Map(
    skirts.courses.flatMap((c) => c.runs.map((run) => [run.part, c.stripWidth] as const)),
  );
  const splices = pools
    .flatMap((pool) => pool.rolls.flatMap((roll) => roll.pieces))
    .filter((piece) => piece.jointed)
    .map((piece) => {
      const height = heights.get(piece.part) ?? widths.get(piece.part) ?? 0;
      return onePast('fasten.splice', height, JOINT_RING_PITCH, { height });
    });
  return sum('fasten.need', 'piece', {}, [...bands, ...laps, ...splices]);
}

/** Pegs along the outer edge of an apron and at its joints. */
function pegs(skirts: SkirtStage, pools: readonly CuttingPool[]): Term {
  const terms = skirts.courses.flatMap((course): Term[] => {
    const { skirt } = course;
    if (skirt.kind !== 'apron' || course.outerEdge === 0) return [];
    const parts = new Set(course.runs.map((run) => run.part));
    const joints = pools
      .flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.jointed && parts.has(p.part)).length;
    const count = (length: number) =>
      upTo('fasten.gaps', 'piece', { spacing: PEG_PITCH }, [
        ratio('fasten.gaps', 'ratio', { spacing: PEG_PITCH }, [
          value('fasten.height', length, 'm', {}),
          value('fasten.distance', PEG_PITCH, 'm', {}),
        ]),
      ]);
    const edge = sum('fasten.pegs-edge', 'piece', { edge: course.outerEdge }, [
      count(course.outerEdge),
      value('fasten.pegs-end', course.open ? 1 : 0, 'piece', {}),
    ]);
    if (joints === 0) return [edge];
    const each = sum('fasten.pegs-each-joint', 'piece', { width: skirt.width }, [
      count(skirt.width),
      value('fasten.one-more', 1, 'piece', {}),
    ]);
    return [
      edge,
      product('fasten.pegs-joints', 'piece', { width: skirt.width }, [
        value('fasten.joint-count', joints, 'piece', {}),
        each,
      ]),
    ];
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** Counts of fasteners for what is built; `lines` of the same posts are never counted twice. */
export function fastenerNeeds(
  posts: PostStage,
  walls: WallStage,
  skirts: SkirtStage,
  lies: Lies,
  pools: readonly CuttingPool[],
): FastenerNeeds {
  return {
    staple: staples(posts, walls),
    clip: clips(posts, walls),
    ring: rings(walls, skirts, lies, pools),
    peg: pegs(skirts, pools),
  };
}
