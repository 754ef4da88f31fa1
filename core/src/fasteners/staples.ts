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

/** Timber posts on each line. */
function timberOn({ posts }: PostStage): ReadonlyMap<FenceLine, number> {
  const counts = new Map<FenceLine, number>();
  for (const {
    line,
    product: { material },
  } of posts)
    if (material === 'timber') counts.set(line, (counts.get(line) ?? 0) + 1);
  return counts;
}

const postsAlong = (timber: ReadonlyMap<FenceLine, number>, lines: readonly FenceLine[]): number =>
  lines.reduce((total, line) => total + (timber.get(line) ?? 0), 0);

/** Every timber post takes each band that is not a panel. */
function onPosts(timber: number, group: WallGroup, rigid: ReadonlySet<HungBand>): Term[] {
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
  return walls.boards.flatMap(({ at, lines, runs }) => {
    const byId = new Map(lines.map((l) => [l.id, l]));
    return runs.flatMap((run) => {
      const id = /^side:([^/]+)/.exec(run.part)?.[1] ?? '';
      const line = byId.get(id);
      const bands = groupOf.get(id)?.bands ?? [];
      const band = at === 'ground' ? bands[0] : bands[bands.length - 1];
      if (!line || !band) return [];
      const { length } = run;
      const wall = onePast('fasten.board', length, pitchOf(band), { at, length });
      if (at === 'top' || !skirtedBoard(line)) return [wall];
      return [wall, onePast('fasten.board', length, PITCH.low, { at: 'skirt', length })];
    });
  });
}

const skirtedBoard = ({ choices }: FenceLine) => 'mesh' in choices.skirt;

/** The half of a folded skirt that goes up the wall is stapled to posts; a skirt along a house, to its boards. */
function onSkirts(timber: ReadonlyMap<FenceLine, number>, skirts: SkirtStage): Term[] {
  return skirts.courses.flatMap(({ skirt, shape, lines, chains }) => {
    const terms: Term[] = [];
    if (skirt.kind === 'folded') {
      const params = { height: shape.up, spacing: PITCH.low };
      terms.push(
        product('fasten.posts', 'piece', params, [
          value('fasten.post-count', postsAlong(timber, lines), 'piece', {}),
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
  posts: PostStage,
  walls: WallStage,
  skirts: SkirtStage,
  ways: readonly Way[],
  rigid: ReadonlySet<HungBand>,
): Term {
  const timber = timberOn(posts);
  return sum('fasten.need', 'piece', {}, [
    ...walls.groups.flatMap((group) => onPosts(postsAlong(timber, group.lines), group, rigid)),
    ...onBoards(walls),
    ...onSkirts(timber, skirts),
    ...onLeaves(walls, ways),
  ]);
}
