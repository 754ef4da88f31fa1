import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, useRef } from 'react';

interface Props {
  readonly name: string;
  /** Which way it is pulled: across for a width, up and down for a height. */
  readonly axis: 'x' | 'y';
  /** In force, px. */
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** @param value  null: as usual again */
  readonly onSet: (value: number | null) => void;
}

/** Moved by an arrow key, px. */
const STEP = 16;

/**
 * The edge between two parts of the page, which pulls the second larger toward the first. While it is pulled only the edge itself moves: nothing is
 * laid out or drawn anew before it is let go.
 */
export function Separator({ name, axis, value, least, most, onSet }: Props) {
  const edge = useRef<HTMLDivElement>(null);
  const within = (to: number) => Math.round(Math.max(least, Math.min(most, to)));
  const bind = useDrag(
    ({ movement, last, canceled, tap }) => {
      const el = edge.current;
      if (!el) return;
      const moved = within(value - movement[axis === 'x' ? 0 : 1]) - value;
      el.style.transform = last ? '' : `translate${axis.toUpperCase()}(${-moved}px)`;
      el.dataset.pulled = last ? 'no' : 'yes';
      if (last && !canceled && !tap && moved !== 0) onSet(value + moved);
    },
    { axis, filterTaps: true, pointer: { keys: false } },
  );
  const onKey = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const step = { ArrowUp: STEP, ArrowLeft: STEP, ArrowDown: -STEP, ArrowRight: -STEP }[event.key];
    const to =
      { Home: least, End: most }[event.key] ?? (step === undefined ? undefined : within(value + step));
    if (to === undefined && event.key !== 'Enter') return;
    event.preventDefault();
    onSet(to ?? null);
  };
  return (
    <div
      {...bind()}
      ref={edge}
      className="separator noprint"
      role="separator"
      tabIndex={0}
      aria-label={name}
      aria-orientation={axis === 'x' ? 'vertical' : 'horizontal'}
      aria-valuenow={value}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuetext={`${value} pixels`}
      title="Drag to resize, double-click to reset"
      data-axis={axis}
      onKeyDown={onKey}
      onDoubleClick={() => onSet(null)}
    />
  );
}
