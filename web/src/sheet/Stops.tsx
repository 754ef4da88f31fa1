import type { Plan } from '@aviarum/core';
import { type KeyboardEvent, memo, useRef, useState } from 'react';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { hoverPart } from '../state/selection';
import { nudge } from './nudge';
import { removalOf } from './removal';
import { drawnAs } from './stopId';
import type { Stop } from './stop';

const SIZES: Readonly<Record<Stop['look'], number>> = {
  corner: 13,
  side: 15,
  post: 12,
  gate: 16,
  thing: 16,
  point: 11,
  height: 11,
};
const LEAST = 6;
/** Of what can be opened but not moved. */
const UNMOVED = 9;

const sizeOf = (stop: Stop, scale: number) =>
  Math.max(LEAST, Math.min(stop.move ? SIZES[stop.look] : UNMOVED, stop.room * scale * 0.55));

interface HandleProps {
  readonly stop: Stop;
  readonly scale: number;
  readonly state: 'moving' | 'open' | 'idle';
  readonly pressed: boolean;
  /** The one that Tab comes to. */
  readonly entered: boolean;
  readonly onFocus: () => void;
  readonly onBlur: () => void;
  readonly onKeyDown: (event: KeyboardEvent<SVGGElement>) => void;
}

function Handle({ stop, scale, state, pressed, entered, onFocus, onBlur, onKeyDown }: HandleProps) {
  const size = sizeOf(stop, scale);
  const reach = Math.max(size * 0.7, Math.min(16, stop.room * scale * 0.5));
  return (
    <g
      className="handle"
      data-stop={stop.id}
      data-look={stop.look}
      data-state={state}
      transform={`translate(${stop.at.x * scale} ${-stop.at.y * scale})`}
      role={stop.axis ? 'slider' : 'button'}
      tabIndex={entered ? 0 : -1}
      aria-label={state === 'moving' ? `${stop.name}, in hand: arrows move it` : stop.name}
      {...(stop.axis
        ? {
            'aria-valuenow': Number((stop.at.x * stop.axis.x + stop.at.y * stop.axis.y).toFixed(3)),
            'aria-valuetext': stop.value,
          }
        : { 'aria-pressed': pressed, 'aria-description': stop.value })}
      onFocus={() => {
        onFocus();
        hoverPart(drawnAs(stop.id));
      }}
      onBlur={() => {
        onBlur();
        hoverPart(null);
      }}
      onPointerEnter={() => hoverPart(drawnAs(stop.id))}
      onPointerLeave={() => hoverPart(null)}
      onKeyDown={onKeyDown}
    >
      <title>{`${stop.name}: ${stop.value}`}</title>
      <circle r={reach} fill="transparent" />
      <Knob look={stop.look} size={size} />
    </g>
  );
}

interface Props {
  readonly stops: readonly Stop[];
  readonly plan: Plan;
  readonly scale: number;
  readonly open: string | null;
  readonly onOpen: (id: string | null) => void;
}

/**
 * What can be touched. Tab enters once; arrows walk from thing to thing; Enter opens one, and arrows then move it; Escape
 * sets it down, and once more leaves the drawing.
 */
export const Stops = memo(function Stops({ stops, plan, scale, open, onOpen }: Props) {
  const { system } = useReader();
  const take = usePlan((s) => s.take);
  const [focused, setFocused] = useState<string | null>(null);
  const [moving, setMoving] = useState<string | null>(null);
  const group = useRef<SVGGElement>(null);
  const has = (id: string | null) => stops.some((s) => s.id === id);
  const current = has(focused) ? focused : has(open) ? open : stops[0]?.id;

  const goTo = (index: number) => {
    const stop = stops[(index + stops.length) % stops.length];
    if (stop) group.current?.querySelector<SVGGElement>(`[data-stop="${CSS.escape(stop.id)}"]`)?.focus();
  };
  const onKey = (event: KeyboardEvent<SVGGElement>) => {
    const index = stops.findIndex((s) => s.id === event.currentTarget.dataset.stop);
    const stop = stops[index];
    if (!stop || event.ctrlKey || event.metaKey || event.altKey) return;
    const held = moving === stop.id;
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (held && step !== undefined) {
      const change = nudge(stop, event.key, system, event.shiftKey ? 'large' : 'small');
      if (change) take(change);
    } else if (step !== undefined) goTo(index + step);
    else if (event.key === 'Home') goTo(0);
    else if (event.key === 'End') goTo(stops.length - 1);
    else if (event.key === 'Enter' || event.key === ' ') {
      onOpen(stop.id);
      setMoving(held || !stop.move ? null : stop.id);
    } else if (event.key === 'Delete') {
      const removal = removalOf(plan, stop.id);
      if (removal) take(removal.change);
    } else if (event.key === 'Escape') {
      if (held) setMoving(null);
      else {
        onOpen(null);
        event.currentTarget.blur();
      }
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };

  return (
    <g ref={group} role="group" aria-label="Things to move: arrows walk, Enter takes hold, Escape leaves">
      {stops.map((stop) => {
        const state = moving === stop.id ? 'moving' : open === stop.id ? 'open' : 'idle';
        return (
          <Handle
            key={stop.id}
            stop={stop}
            scale={scale}
            state={state}
            pressed={open === stop.id}
            entered={stop.id === current}
            onFocus={() => setFocused(stop.id)}
            onBlur={() => setMoving(null)}
            onKeyDown={onKey}
          />
        );
      })}
    </g>
  );
});

export function Knob({ look, size }: { look: Stop['look']; size: number }) {
  const half = size / 2;
  if (look === 'height') {
    return (
      <g className="knob">
        <path d={`M0 ${half}L${-half} ${-half}H${half}Z`} />
      </g>
    );
  }
  if (look === 'corner' || look === 'post') {
    return <rect className="knob" x={-half} y={-half} width={size} height={size} />;
  }
  if (look === 'point') return <circle className="knob" r={half} />;
  return <rect className="knob" x={-half} y={-half} width={size} height={size} transform="rotate(45)" />;
}
