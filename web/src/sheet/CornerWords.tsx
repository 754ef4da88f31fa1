import type { SheetScene } from '@aviarum/core';
import { memo } from 'react';
import { stopId } from './stopId';
import { degrees } from './stop';

/** Angles only where a corner has room for one, px. */
const ROOM = 62;
const NUMBER_ROOM = 26;

/** Corner numbers outside the run and angles inside it; both only where there is room, and at the open corner always. */
export const CornerWords = memo(function CornerWords({
  scene,
  scale,
  angles,
  open,
}: {
  scene: SheetScene;
  scale: number;
  angles: boolean;
  open: string | null;
}) {
  return (
    <g pointerEvents="none">
      {scene.corners.map((c) => {
        const [x, y] = [c.at.x * scale, -c.at.y * scale];
        const chosen = open === stopId({ on: 'corner', corner: c.id });
        const room = c.reach * scale;
        const away = (px: number) => `translate(${x + c.inward.x * px} ${y - c.inward.y * px + 4.5})`;
        return (
          <g key={c.id}>
            {(room > NUMBER_ROOM || chosen) && (
              <text className="d-corner-word" textAnchor="middle" transform={away(-17)}>
                {c.number}
              </text>
            )}
            {angles && (room > ROOM || chosen) && Math.abs(c.angle - Math.PI) > 0.01 && (
              <text className="d-angle-word figure" textAnchor="middle" transform={away(30)}>
                {degrees(c.angle)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
});
