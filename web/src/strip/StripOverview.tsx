import type { StripScene } from '@aviarum/core';

const HIGH = 22;

/** The whole strip in small, with the part that is in view; a press goes there. Keys scroll the strip itself. */
export function StripOverview({
  scene,
  from,
  to,
  onGo,
}: {
  scene: StripScene;
  from: number;
  to: number;
  onGo: (part: number) => void;
}) {
  const rise = Math.max(0.5, scene.high - scene.low);
  const x = (metres: number) => (metres / Math.max(1, scene.length)) * 1000;
  const y = (height: number) => ((scene.high - height) / rise) * HIGH;
  const ground = scene.ground.map((p) => `${x(p.x).toFixed(1)} ${y(p.y).toFixed(1)}`).join('L');
  return (
    <div
      className="overview noprint"
      aria-hidden="true"
      onPointerDown={(event) => {
        const rect = event.currentTarget.getBoundingClientRect();
        onGo((event.clientX - rect.left) / rect.width);
      }}
    >
      <svg viewBox={`0 0 1000 ${HIGH}`} preserveAspectRatio="none" width="100%" height={HIGH}>
        {scene.sides
          .filter((s) => s.kind !== 'fence')
          .map((s) => (
            <rect key={s.id} x={x(s.begins)} width={x(s.length)} y="0" height={HIGH} fill="var(--rule)" />
          ))}
        {scene.posts.map((p, i) => (
          <path
            key={i}
            d={`M${x(p.x).toFixed(1)} ${y(p.foot + p.above).toFixed(1)}V${y(p.foot).toFixed(1)}`}
            stroke="var(--edge)"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <path d={`M${ground}`} fill="none" stroke="var(--ink)" vectorEffect="non-scaling-stroke" />
      </svg>
      <i style={{ left: `${from * 100}%`, right: `${(1 - Math.min(1, to)) * 100}%` }} />
    </div>
  );
}
