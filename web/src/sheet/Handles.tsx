import { type Change, type Plan, type SheetSide, printLength, surveyRings } from '@aviarum/core';
import { useDrag } from '@use-gesture/react';
import { useRef } from 'react';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { snap } from './view';

interface HandleProps {
  readonly x: number;
  readonly y: number;
  /** Unit vector on screen along which it moves. */
  readonly axis: { readonly x: number; readonly y: number };
  readonly scale: number;
  /** Of the knob, px; smaller where many stand close. */
  readonly size: number;
  readonly label: string;
  readonly value: number;
  readonly valueText: string;
  readonly changeFor: (by: number) => Change;
  readonly wordsFor: (by: number) => string;
}

/** A knob that is dragged along one axis, or moved with the arrow keys; one undo step from press to release. */
function Handle({ x, y, axis, scale, size, label, value, valueText, changeFor, wordsFor }: HandleProps) {
  const { system } = useReader();
  const take = usePlan((s) => s.take);
  const hold = usePlan((s) => s.hold);
  const letGo = usePlan((s) => s.letGo);
  const by = useRef(0);
  const drag = useDrag(
    ({ movement: [mx, my], last, canceled, event }) => {
      event.stopPropagation();
      by.current = snap((mx * axis.x + my * axis.y) / scale, system, scale);
      if (canceled) letGo();
      else if (!last) hold(changeFor(by.current));
      else if (Math.abs(by.current) > 1e-9) take(changeFor(by.current), wordsFor(by.current));
      else letGo();
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  const step = system === 'metric' ? 0.1 : 0.0254;
  const reach = size * 1.4;
  const nudge = (amount: number) => take(changeFor(amount), wordsFor(amount));
  return (
    <g
      {...drag()}
      className="handle"
      transform={`translate(${x} ${y})`}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Number(value.toFixed(4))}
      aria-valuetext={valueText}
      onKeyDown={(event) => {
        const direction = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
        if (direction === undefined) return;
        event.preventDefault();
        nudge(direction * step * (event.shiftKey ? 10 : 1));
      }}
    >
      <rect x={-reach} y={-reach} width={2 * reach} height={2 * reach} fill="transparent" />
      <rect className="knob" x={-size / 2} y={-size / 2} width={size} height={size} transform="rotate(45)" />
    </g>
  );
}

/** Sides that can be pulled out or pushed in, on the outline stage. */
export function SideHandles({ sides, scale }: { sides: readonly SheetSide[]; scale: number }) {
  const reader = useReader();
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  if (!plan) return null;
  return (
    <g>
      {sides
        .filter((s) => s.movable)
        .map((side) => (
          <Handle
            key={side.id}
            x={((side.start.x + side.end.x) / 2) * scale}
            y={(-(side.start.y + side.end.y) / 2) * scale}
            axis={{ x: side.outward.x, y: -side.outward.y }}
            scale={scale}
            size={Math.max(7, Math.min(16, (side.length * scale) / 3))}
            label={`Side ${side.number}: pull out or push in`}
            value={acrossOf(plan, side)}
            valueText={`${printLength(acrossOf(plan, side), reader.system)} across from here`}
            changeFor={(by) => ({ verb: 'move-side', side: side.id, by })}
            wordsFor={(by) =>
              `move side ${side.number} ${printLength(Math.abs(by), reader.system)} ${by > 0 ? 'out' : 'in'}`
            }
          />
        ))}
    </g>
  );
}

/** How deep the run is behind a side, m: what its handle changes. */
function acrossOf(plan: Plan, side: SheetSide): number {
  const corners = surveyRings(plan).flatMap((r) => r.sides.map((s) => s.start));
  return Math.max(
    0,
    ...corners.map((c) => (side.start.x - c.x) * side.outward.x + (side.start.y - c.y) * side.outward.y),
  );
}

/** Gates that can be slid along their side, on the ways-in stage. */
export function GateHandles({
  sides,
  plan,
  scale,
}: {
  sides: readonly SheetSide[];
  plan: Plan;
  scale: number;
}) {
  const reader = useReader();
  const committed = usePlan((s) => s.draft?.plan ?? s.plan);
  return (
    <g>
      {plan.openings.map((opening) => {
        const side = sides.find((s) => s.id === opening.side);
        const now = committed?.openings.find((o) => o.id === opening.id);
        const own = plan.sides.find((s) => s.id === opening.side);
        if (!side || !now || !own || side.length === 0) return null;
        const from = plan.corners.find((c) => c.id === own.from);
        const end = plan.corners.find((c) => c.id === own.to);
        if (!from || !end) return null;
        const dir = { x: (end.x - from.x) / side.length, y: (end.y - from.y) / side.length };
        const middle = opening.along + opening.width / 2;
        return (
          <Handle
            key={opening.id}
            x={(from.x + dir.x * middle) * scale}
            y={-(from.y + dir.y * middle) * scale}
            axis={{ x: dir.x, y: -dir.y }}
            scale={scale}
            size={16}
            label={`Gate on side ${side.number}: slide along the fence`}
            value={now.along}
            valueText={`${printLength(now.along, reader.system)} from the corner`}
            changeFor={(by) => ({
              verb: 'set-opening',
              id: opening.id,
              to: { along: Math.max(0, Math.min(side.length - now.width, now.along + by)) },
            })}
            wordsFor={() => 'move the gate'}
          />
        );
      })}
    </g>
  );
}
