import { type Finding, finding } from '../findings/types';
import type { Change } from '../plan/changes/types';
import type { PopDoor } from '../plan/schema';
import type { SettingOut } from '../posts/setOut';
import { tidy } from '../units/round';

/** Room for its frame beside a post, m. */
const FRAME = 0.05;

/** A pop door hangs in the mesh between two posts; where a post stands in it, it moves along. */
export function popDoorFindings({ lines, posts }: SettingOut): readonly Finding[] {
  return lines.flatMap((line) =>
    line.popDoors.flatMap(({ opening, from, to }): Finding[] => {
      const on = posts.filter((p) => p.line === line).map((p) => p.lineAlong);
      const met = on.filter((along) => along > from && along < to);
      if (met.length === 0) return [];
      return [
        finding(
          'pop-door.on-post',
          'mend',
          'ways',
          `opening:${opening.id}`,
          { side: line.number },
          beside(opening, line, from, on),
        ),
      ];
    }),
  );
}

function beside(
  door: PopDoor,
  line: SettingOut['lines'][number],
  from: number,
  posts: readonly number[],
): Change[] {
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
