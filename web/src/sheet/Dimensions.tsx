import { partOfStop } from './stopId';
import { type SheetScene, type SheetSide, lengthText } from '@aviarum/core';
import { memo } from 'react';
import { useReader } from '../state/reckoningStore';

const HIGH = 22;

interface Label {
  readonly id: string;
  readonly figure: string;
  readonly wide: number;
  readonly x: number;
  readonly y: number;
  readonly angle: number;
}

/** Read from the foot of the page or from its right: never upside down. */
function upright(side: SheetSide): number {
  const angle = (-Math.atan2(side.end.y - side.start.y, side.end.x - side.start.x) * 180) / Math.PI;
  if (angle > 89.5) return angle - 180;
  return angle < -90.5 ? angle + 180 : angle;
}

/**
 * Side lengths: each only where its side is longer than its label, outside the run, or inside where another is already there.
 *
 * @param always  sides that are labelled however short: those in hand or open
 */
export function placeLabels(
  sides: readonly SheetSide[],
  scale: number,
  text: (length: number) => string,
  always: readonly string[] = [],
): readonly Label[] {
  const placed: (Label & { readonly reach: { readonly x: number; readonly y: number } })[] = [];
  for (const side of sides) {
    if (side.kind === 'building') continue;
    const figure = text(side.length);
    const wide = figure.length * 8.6 + 14;
    if (side.length * scale < wide + 6 && !always.includes(side.id)) continue;
    const angle = upright(side);
    const turn = (angle * Math.PI) / 180;
    const reach = {
      x: (Math.abs(Math.cos(turn)) * wide + Math.abs(Math.sin(turn)) * HIGH) / 2,
      y: (Math.abs(Math.sin(turn)) * wide + Math.abs(Math.cos(turn)) * HIGH) / 2,
    };
    const middle = {
      x: ((side.start.x + side.end.x) / 2) * scale,
      y: (-(side.start.y + side.end.y) / 2) * scale,
    };
    for (const out of [side.reach * scale + 22, -26]) {
      const [x, y] = [middle.x + side.outward.x * out, middle.y - side.outward.y * out];
      const meets = placed.some(
        (p) => Math.abs(p.x - x) < p.reach.x + reach.x + 3 && Math.abs(p.y - y) < p.reach.y + reach.y + 3,
      );
      if (meets) continue;
      placed.push({ id: side.id, figure, wide, x, y, angle, reach });
      break;
    }
  }
  return placed;
}

export const Dimensions = memo(function Dimensions({
  scene,
  scale,
  only,
  open,
}: {
  scene: SheetScene;
  scale: number;
  /** During a drag, the sides that change. */
  only: readonly string[] | null;
  /** Path of the thing that is open. */
  open: string | null;
}) {
  const reader = useReader();
  const sides = only ? scene.sides.filter((s) => only.includes(s.id)) : scene.sides;
  const part = partOfStop(open);
  const always = only ?? (part?.on === 'side' ? [part.side] : []);
  return (
    <g>
      {placeLabels(sides, scale, (length) => lengthText(length, reader.system).figure, always).map(
        (label) => (
          <g
            key={label.id}
            data-side={label.id}
            transform={`translate(${label.x} ${label.y}) rotate(${label.angle})`}
          >
            <rect className="d-dim" x={-label.wide / 2} y={-HIGH / 2} width={label.wide} height={HIGH} />
            <text className="figure" textAnchor="middle" y="5">
              {label.figure}
            </text>
          </g>
        ),
      )}
    </g>
  );
});
