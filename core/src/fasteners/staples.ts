import type { FenceLine } from '../ground/fenceLines';
import type { SkirtStage } from '../skirt/stage';
import type { HungBand } from '../walls/rows';
import type { WallGroup } from '../walls/groups';
import type { BoardCourse } from '../walls/boards';
import type { HungWalls } from '../walls/stage';
import type { Way } from '../ways/stage';
import { type Term, product, sum, value } from '../working';
import { PITCH, countPast, onePast } from './along';
import { type PostsOn, postsByWall } from './postsOn';
import type { FastenedBy } from './stage';

type Walls = Pick<HungWalls, 'groups'>;

/** Staples are closer on the lowest band, m. */
const pitchOf = (band: HungBand) => (band.index === 0 ? PITCH.low : PITCH.high);

const timberOf = (on: PostsOn, lines: readonly FenceLine[]): number =>
  [...on(lines)].filter((p) => p.product.material === 'timber').length;

/** On one post, for one band. */
const eachPost = (band: HungBand) => {
  const height = band.top - band.bottom;
  const params = { height, spacing: pitchOf(band) };
  return { params, term: onePast('fasten.each-post', height, pitchOf(band), params) };
};

/** Every timber post takes each band that is not a panel. */
function onPosts(on: PostsOn, walls: Walls, rigid: ReadonlySet<HungBand>): Term[] {
  const bandsOf = (group: WallGroup) => group.bands.filter((band) => !rigid.has(band));
  const asks = (group: WallGroup) =>
    bandsOf(group).reduce((n, band) => n + countPast(band.top - band.bottom, pitchOf(band)), 0);
  return postsByWall(on, walls.groups, asks).flatMap(({ wall, posts }) => {
    const timber = posts.filter((p) => p.product.material === 'timber').length;
    return bandsOf(wall).map((band) => {
      const { params, term } = eachPost(band);
      return product('fasten.posts', 'piece', params, [
        value('fasten.post-count', timber, 'piece', {}),
        term,
      ]);
    });
  });
}

/** Along each board a bay: the band that meets it, and the skirt on a board at the ground. */
function onBoards(walls: Walls, boards: readonly BoardCourse[], skirts: SkirtStage): Term[] {
  const skirted = sidesWithMesh(skirts);
  const groupOf = new Map(walls.groups.flatMap((g) => g.lines.map((line) => [line.id, g] as const)));
  return boards.flatMap(({ at, lines, runs }) => {
    const byId = new Map(lines.map((l) => [l.id, l]));
    return runs.flatMap((run) => {
      const id = run.part.side;
      const line = byId.get(id);
      const bands = groupOf.get(id)?.bands ?? [];
      const band = at === 'ground' ? bands[0] : bands[bands.length - 1];
      if (!line || !band) return [];
      const { length } = run;
      const wall = onePast('fasten.board', length, pitchOf(band), { at, length });
      if (at === 'top' || !run.spans.some((span) => skirted.has(span.side))) return [wall];
      return [wall, onePast('fasten.board', length, PITCH.low, { at: 'skirt', length })];
    });
  });
}

/** Sides along which a skirt of mesh lies. */
const sidesWithMesh = ({ courses }: SkirtStage): ReadonlySet<string> =>
  new Set(
    courses
      .filter((c) => c.shape.mesh !== null)
      .flatMap((c) => c.lines.flatMap((line) => line.members.map((m) => m.ringSide.side.id))),
  );

/** The half of a folded skirt that goes up the wall is stapled to posts; a skirt along a house, to its boards. */
function onSkirts(on: PostsOn, skirts: SkirtStage): Term[] {
  return skirts.courses.flatMap(({ skirt, shape, lines, chains }) => {
    const terms: Term[] = [];
    if (skirt.kind === 'folded') {
      const params = { height: shape.up, spacing: PITCH.low };
      terms.push(
        product('fasten.posts', 'piece', params, [
          value('fasten.post-count', timberOf(on, lines), 'piece', {}),
          onePast('fasten.each-post', shape.up, PITCH.low, params),
        ]),
      );
    }
    for (const { of, length } of chains.flatMap((c) => c.edges)) {
      if ('wall' in of) terms.push(onePast('fasten.board', length, PITCH.low, { at: 'house', length }));
    }
    return terms;
  });
}

/** A built leaf: each band on two stiles, and along three rails. */
function onLeaves(walls: Walls, ways: readonly Way[]): Term[] {
  const groupOf = new Map(
    walls.groups.flatMap((g) =>
      g.lines.flatMap((l) => l.openings.map(({ opening }) => [opening.id, g] as const)),
    ),
  );
  return ways.flatMap(({ opening, leaf }) => {
    if (opening.kind !== 'gate' || opening.make === 'kit') return [];
    const group = groupOf.get(opening.id);
    const bands = (group?.bands ?? []).filter((band) => Math.max(0, band.bottom) < leaf.height - 1e-9);
    const stiles = bands.map((band) => {
      const height = Math.min(band.top, leaf.height) - Math.max(0, band.bottom);
      return product('fasten.stiles', 'piece', { height }, [
        value('fasten.post-count', 2, 'piece', {}),
        onePast('fasten.stiles', height, pitchOf(band), { height }),
      ]);
    });
    const rails = product('fasten.rails', 'piece', { length: leaf.width }, [
      value('fasten.rows', 3, 'piece', {}),
      onePast('fasten.rails', leaf.width, PITCH.high, { length: leaf.width }),
    ]);
    return [...stiles, rails];
  });
}

/** @see domain.md 6: per timber post and band ⌈h/p⌉ + 1 and per board bay ⌈l/p⌉ + 1 */
export function staples(
  on: PostsOn,
  { walls, boards, skirts, ways }: Pick<FastenedBy, 'walls' | 'boards' | 'skirts' | 'ways'>,
  rigid: ReadonlySet<HungBand>,
): Term {
  return sum('fasten.need', 'piece', {}, [
    ...onPosts(on, walls, rigid),
    ...onBoards(walls, boards, skirts),
    ...onSkirts(on, skirts),
    ...onLeaves(walls, ways),
  ]);
}
