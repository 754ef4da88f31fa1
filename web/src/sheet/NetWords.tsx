import { type Part, type Plan, type SheetScene, insideOrOn, roomIn } from '@aviarum/core';
import { useMemo } from 'react';

/** As wide as a letter of a name, px. */
const LETTER = 6.6;
/** Room over and under a line of words, px. */
const LINE = 12;

/** A name in so many letters; nothing where hardly one has room. */
const cutTo = (name: string, fits: number): string =>
  name.length <= fits ? name : fits < 4 ? '' : `${name.slice(0, fits - 1).trimEnd()}…`;

type NetPart = Extract<Part, { kind: 'live-net' }>;

/** Where the name of each loop goes: clear of houses, runs and smaller loops inside it. */
function placed(
  parts: readonly Part[],
  buildings: Plan['ground']['buildings'],
  runs: SheetScene['layers']['run'],
) {
  const nets = parts.filter((p): p is NetPart => p.kind === 'live-net');
  if (nets.length < 2) return [];
  const stands = [
    ...buildings.map((h) => h.outline),
    ...runs.flatMap((r) => (r.shape === 'polygon' ? [r.points] : [])),
  ];
  const loops = nets.filter((n) => n.form === 'loop');
  return loops.map(({ part, name, points, area }) => {
    const within = loops
      .map((o) => o.points)
      .filter(([first], i) => (loops[i]?.area ?? 0) < area && first && insideOrOn(first, points, 0));
    return { id: part.net, name, ...roomIn(points, [...stands, ...within]) };
  });
}

interface Props {
  readonly plan: Plan;
  readonly scene: SheetScene;
  readonly parts: readonly Part[];
  readonly scale: number;
}

/** Its name in each loop of net, where there are several and it has room. */
export function NetWords({ plan, scene, parts, scale }: Props) {
  const { run } = scene.layers;
  const { buildings } = plan.ground;
  const named = useMemo(() => placed(parts, buildings, run), [parts, buildings, run]);
  return (
    <g pointerEvents="none">
      {named.map(({ id, name, at, room }) => (
        <text key={id} className="d-area-note" textAnchor="middle" x={at.x * scale} y={-at.y * scale + 4}>
          {room * scale < LINE ? '' : cutTo(name, Math.floor((2 * room * scale - LINE) / LETTER))}
        </text>
      ))}
    </g>
  );
}
