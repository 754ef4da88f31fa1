import { type StripScene, groundUnder } from '@aviarum/core';
import type { StripScale } from '../strip/scale';

/** The fence as it stands at night, unrolled under the marks: pale posts and wires on a dark ground. */
export function NightFence({
  scene,
  x,
  y,
  wide,
  low,
}: StripScale & { scene: StripScene; wide: number; low: number }) {
  const line = (points: readonly { readonly x: number; readonly y: number }[]) =>
    points.map((p) => `${x(p.x).toFixed(1)} ${y(p.y).toFixed(1)}`).join('L');
  const ground = scene.ground;
  const [first, last] = [ground[0], ground[ground.length - 1]];
  const earth = `M0 ${y(first?.y ?? 0)}L${line(ground)}L${wide} ${y(last?.y ?? 0)}`;
  return (
    <g className="n-fence" aria-hidden>
      <path className="n-earth" d={`${earth}V${low}H0Z`} />
      {scene.panels.map((p) => (
        <path key={`${p.part} ${p.from}`} className="n-mesh" d={`M${line(p.points)}Z`} />
      ))}
      {scene.sides.map((s) =>
        s.kind === 'building' || s.kind === 'wall' ? (
          <g key={s.id}>
            <rect
              className="n-house"
              x={x(s.begins)}
              y={y(scene.high)}
              width={x(s.begins + s.length) - x(s.begins)}
              height={y(groundUnder(ground, s.begins + s.length / 2)) - y(scene.high)}
            />
            {x(s.begins + s.length) - x(s.begins) > 40 && (
              <text x={x(s.begins + s.length / 2)} y={y(scene.high / 2) + 4} textAnchor="middle">
                {s.kind === 'wall' ? 'wall' : s.label.length > 7 ? 'house' : s.label}
              </text>
            )}
          </g>
        ) : null,
      )}
      {scene.gates.map((g) => (
        <path
          key={g.part}
          className="n-gate"
          d={`M${x(g.from)} ${y(g.feet[0] + g.bottom)}V${y(Math.max(...g.feet) + g.top)}H${x(g.to)}V${y(g.feet[1] + g.bottom)}Z`}
        />
      ))}
      {scene.lines.map((l) => (
        <path
          key={`${l.part} ${l.points[0]?.x ?? 0} ${l.kind}`}
          className="n-line"
          data-kind={l.kind}
          d={`M${line(l.points)}`}
        />
      ))}
      <path className="n-ground" d={earth} />
      {scene.posts.map((p) => (
        <path
          key={`${p.part} ${p.x}`}
          className="n-post"
          data-role={p.role}
          d={`M${x(p.x)} ${y(p.foot + p.above)}V${y(p.foot)}`}
        />
      ))}
      {scene.sides.map((s) =>
        x(s.begins + s.length) - x(s.begins) > 14 ? (
          <text key={s.id} className="n-corner" x={x(s.begins)} y={low - 6} textAnchor="middle">
            {s.corner}
          </text>
        ) : null,
      )}
    </g>
  );
}
