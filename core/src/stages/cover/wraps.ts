import type { Ask, Demand, Reason } from '../../buying/demand';
import { PITCH, onePast, packed } from '../../fasteners/along';
import type { FenceLine } from '../../ground/fenceLines';
import { EPSILON } from '../../units/round';
import { type Term, product, sum, value } from '../../working';
import type { WallTop } from '../walls/shown/wallTop';
import type { SetOut } from '../posts/shown/setOut';
import type { Wrap } from './laid';
import { timberRun, wrapRun } from './runs';

/** One side of a wrapped wall: as long, and as high as it is wrapped, m; with the posts between its ends. */
export interface Wrapped {
  readonly line: FenceLine;
  readonly height: number;
  readonly posts: number;
}

export interface WrapsBy {
  readonly lines: readonly FenceLine[];
  readonly tops: ReadonlyMap<FenceLine, WallTop>;
  readonly setOut: SetOut;
  readonly enclosures: readonly {
    readonly id: string;
    readonly ring: readonly { readonly side: string }[];
  }[];
}

/** The lines that a wrap goes along, below its gap under the top. */
export function wrappedBy(
  { cover, made: { how } }: Wrap,
  { lines, tops, setOut, enclosures }: WrapsBy,
): readonly Wrapped[] {
  const ring = new Set(enclosures.find((e) => e.id === cover.enclosure)?.ring.map((s) => s.side));
  const wanted = (side: string) => ring.has(side) && (how.sides === null || how.sides.includes(side));
  return lines
    .filter((line) => line.members.some(({ ringSide }) => wanted(ringSide.side.id)))
    .flatMap((line): Wrapped[] => {
      const height = (tops.get(line)?.top ?? 0) - how.gap;
      const posts = setOut.posts.filter(
        (p) => p.line === line && p.lineAlong > EPSILON && p.lineAlong < line.length - EPSILON,
      ).length;
      return height > EPSILON ? [{ line, height, posts }] : [];
    });
}

/** Of film, m² (rules: Cover). Wrap = side × (height − gap). */
export const wrapArea = (wrapped: readonly Wrapped[]): number =>
  wrapped.reduce((t, { line, height }) => t + line.length * height, 0);

/** Lengths of the battens of one side: along its four edges and up each post between. */
const battensOf = ({ line, height, posts }: Wrapped): readonly number[] => [
  line.length,
  line.length,
  ...Array.from({ length: posts + 2 }, () => height),
];

/** Longer battens are in pieces of at most so much, m. */
const BATTEN = 2.4;

const piecesOf = (length: number): readonly number[] => {
  const count = Math.max(1, Math.ceil(length / BATTEN - EPSILON));
  return Array.from({ length: count }, () => length / count);
};

/** Film, battens and staples of a wrap. */
export function wrapDemands({ cover, made }: Wrap, wrapped: readonly Wrapped[]): readonly Demand[] {
  if (wrapped.length === 0) return [];
  const reason: Reason = { stage: 'cover', part: { on: 'cover', cover: cover.id } };
  const byHeight = new Map<string, Wrapped[]>();
  for (const one of wrapped) {
    const key = one.height.toFixed(4);
    byHeight.set(key, [...(byHeight.get(key) ?? []), one]);
  }
  const film = [...byHeight.values()].map((these): Demand => {
    const length = these.reduce((t, { line }) => t + line.length, 0);
    return {
      ...reason,
      buy: 'strip',
      mesh: made.mesh,
      width: these[0]?.height ?? 0,
      lap: PITCH.ring,
      runs: these.map(({ line }, i) => ({
        ...wrapRun({ on: 'cover-strip', cover: cover.id, nth: i + 1 }, line.length, i),
        joints: 'anywhere',
      })),
      takes: { least: length, most: length },
      need: () => [
        sum(
          'mesh.cover',
          'm',
          { name: cover.name },
          these.map(({ line }): Term => value('mesh.side', line.length, 'm', { side: line.number })),
        ),
      ],
    };
  });
  const battens = wrapped.flatMap(battensOf);
  const staples = battens.map((length) =>
    onePast('fasten.board', length, PITCH.high, { at: 'batten', length }),
  );
  const sticks: Ask = {
    ...reason,
    buy: 'timber',
    timber: made.how.batten,
    runs: battens
      .flatMap(piecesOf)
      .map((length, i) => timberRun({ on: 'cover-batten', cover: cover.id, nth: i + 1 }, length, i)),
  };
  return [...film, packed(reason, 'staple', staples), sticks];
}

/** Hours to put a wrap up, by its area. */
export const wrapHours = ({ cover }: Wrap, wrapped: readonly Wrapped[], each: Term): Term =>
  product('hours.net', 'h', { name: cover.name }, [value('cover.film', wrapArea(wrapped), 'm²', {}), each]);
