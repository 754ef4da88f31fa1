import type { FenceLine } from '../ground/fenceLines';
import type { PostStage } from '../posts/stage';
import type { SkirtStage } from '../skirt/stage';
import type { HungBand } from '../walls/rows';
import type { WallGroup } from '../walls/groups';
import type { WallStage } from '../walls/stage';
import type { Way } from '../ways/stage';
import { type Term, product, sum, value } from '../working';
import { PITCH, onePast } from './along';

/** Staples are closer on the lowest band, m. */
const pitchOf = (band: HungBand) => (band.index === 0 ? PITCH.low : PITCH.high);

/** Every timber post takes each band that is not a panel. */
function onPosts(posts: PostStage, group: WallGroup, rigid: ReadonlySet<HungBand>): Term[] {
  const timber = posts.posts.filter(
    (p) => group.lines.includes(p.line) && p.product.material === 'timber',
  ).length;
  return group.bands
    .filter((band) => !rigid.has(band))
    .map((band) => {
      const height = band.top - band.bottom;
      const params = { height, spacing: pitchOf(band) };
      return product('fasten.posts', 'piece', params, [
        value('fasten.post-count', timber, 'piece', {}),
        onePast('fasten.each-post', height, pitchOf(band), params),
      ]);
    });
}

/** Along each board a bay: the band that meets it, and the skirt on a board at the ground. */
function onBoards(walls: WallStage): Term[] {
  const groupOf = new Map(walls.groups.flatMap((g) => g.lines.map((line) => [line.id, g] as const)));
  return walls.boards.flatMap(({ at, lines, runs }) =>
    runs.flatMap((run) => {
      const id = /^side:([^/]+)/.exec(run.part)?.[1] ?? '';
      const line = lines.find((l) => l.id === id);
      const bands = groupOf.get(id)?.bands ?? [];
      const band = at === 'ground' ? bands[0] : bands[bands.length - 1];
      if (!line || !band) return [];
      const { length } = run;
      const wall = onePast('fasten.board', length, pitchOf(band), { at, length });
      if (at === 'top' || !skirtedBoard(line)) return [wall];
      return [wall, onePast('fasten.board', length, PITCH.low, { at: 'skirt', length })];
    }),
  );
}

const skirtedBoard = ({ choices }: FenceLine) => 'mesh' in choices.skirt;

/** The half of a folded skirt that goes up the wall is stapled to posts; a skirt along a house, to its boards. */
function onSkirts(posts: PostStage, skirts: SkirtStage): Term[] {
  return skirts.courses.flatMap(({ skirt, shape, lines, chains }) => {
    const terms: Term[] = [];
    if (skirt.kind === 'folded') {
      const timber = posts.posts.filter(
        (p) => lines.includes(p.line) && p.product.material === 'timber',
      ).length;
      const params = { height: shape.up, spacing: PITCH.low };
      terms.push(
        product('fasten.posts', 'piece', params, [
          value('fasten.post-count', timber, 'piece', {}),
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
function onLeaves(walls: WallStage, ways: readonly Way[]): Term[] {
  return ways.flatMap(({ opening, leaf }) => {
    if (opening.kind !== 'gate' || opening.make === 'kit') return [];
    const group = walls.groups.find((g) =>
      g.lines.some((l) => l.openings.some((o) => o.opening.id === opening.id)),
    );
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
  posts: PostStage,
  walls: WallStage,
  skirts: SkirtStage,
  ways: readonly Way[],
  rigid: ReadonlySet<HungBand>,
): Term {
  return sum('fasten.need', 'piece', {}, [
    ...walls.groups.flatMap((group) => onPosts(posts, group, rigid)),
    ...onBoards(walls),
    ...onSkirts(posts, skirts),
    ...onLeaves(walls, ways),
  ]);
}
