import { type Finding, finding } from '../../findings/types';
import type { FenceLine } from '../../ground/fenceLines';
import type { Change } from '../../plan/changes/types';
import type { DoorPlace } from '../../plan/openingPlace';
import type { SetOut } from '../posts/shown/setOut';
import type { WallTop } from '../walls/shown/wallTop';
import { reachOf } from './shown/leaf';
import { EPSILON, tidy } from '../../units/round';

/** Room for its frame beside a post, m. */
const FRAME = 0.05;

/** Pop doors and hatches hang in the mesh between two posts, below its top: what is in their way, and where they fit. */
export function doorFindings(
  { lines, posts }: SetOut,
  tops: ReadonlyMap<FenceLine, WallTop>,
): readonly Finding[] {
  return lines.flatMap((line) =>
    line.doors.flatMap(({ opening, from, to }): Finding[] => {
      const on = posts.filter((p) => p.line === line).map((p) => p.lineAlong);
      const found = aboveWall(opening, line.number, tops.get(line)?.top ?? 0);
      if (on.some((along) => along > from && along < to)) {
        const params = { side: line.number, way: opening.kind };
        const part = { on: 'opening', opening: opening.id } as const;
        found.push(
          finding('flap.on-post', { severity: 'mend', stage: 'ways', part }, params, () =>
            beside(opening, line, from, on),
          ),
        );
      }
      return found;
    }),
  );
}

/** A flap that reaches above the mesh has nothing to hang in. */
function aboveWall(door: DoorPlace, side: number, wall: number): Finding[] {
  const { top } = reachOf(door, wall);
  if (top <= wall + EPSILON) return [];
  const params = { side, way: door.kind, top, wall };
  const lower =
    door.bottom !== null && wall >= door.height
      ? { bottom: tidy(wall - door.height) }
      : { ...(door.bottom === null ? {} : { bottom: 0 }), height: tidy(wall) };
  return [
    finding(
      'flap.above-wall',
      { severity: 'mend', stage: 'ways', part: { on: 'opening', opening: door.id } },
      params,
      [{ verb: 'set-opening', id: door.id, to: lower }],
    ),
  ];
}

function beside(door: DoorPlace, line: FenceLine, from: number, posts: readonly number[]): Change[] {
  const member = line.members.find((m) => m.ringSide.side.id === door.side);
  if (!member) return [];
  const { ringSide, offset } = member;
  const free = posts
    .flatMap((along) => [along + FRAME, along - FRAME - door.width])
    .filter((a) => a >= offset && a + door.width <= offset + ringSide.length)
    .filter((a) => posts.every((p) => p <= a || p >= a + door.width))
    .sort((a, b) => Math.abs(a - from) - Math.abs(b - from));
  const [near] = free;
  if (near === undefined) return [];
  const inRing = near - offset;
  const along = ringSide.forward ? inRing : ringSide.length - inRing - door.width;
  return [{ verb: 'set-opening', id: door.id, to: { along: tidy(along) } }];
}
