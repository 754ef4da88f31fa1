import { INCH, type Point } from '@aviarum/core';
import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp } from 'lucide-react';
import { useReader } from '../state/reckoningStore';
import { Measures } from './PlanLength';

const NAMES = { x: 'Across', y: 'Up' } as const;
const WAYS = [
  { name: 'left', Sign: ArrowLeft, x: -1, y: 0 },
  { name: 'up', Sign: ArrowUp, x: 0, y: 1 },
  { name: 'down', Sign: ArrowDown, x: 0, y: -1 },
  { name: 'right', Sign: ArrowRight, x: 1, y: 0 },
] as const;

/** Where a thing is on the sheet: as numbers, and moved by a little where there are no arrow keys. */
export function PlaceFields({ at, onPut }: { at: Point; onPut: (at: Point) => void }) {
  const reader = useReader();
  const step = reader.system === 'metric' ? 0.1 : INCH;
  const moved = (value: number, by: number) => Math.round((value + by * step) * 1e5) / 1e5;
  return (
    <>
      <Measures
        of="corners"
        thing={{ x: at.x, y: at.y }}
        names={NAMES}
        onSet={(to) => onPut({ ...at, ...to })}
      />
      <div className="choices nudges" role="group" aria-label={`Move by ${reader.about(step)}`}>
        {WAYS.map(({ name, Sign, x, y }) => (
          <button
            key={name}
            type="button"
            aria-label={`Move ${name} by ${reader.about(step)}`}
            onClick={() => onPut({ x: moved(at.x, x), y: moved(at.y, y) })}
          >
            <Sign size={16} aria-hidden />
          </button>
        ))}
      </div>
    </>
  );
}
