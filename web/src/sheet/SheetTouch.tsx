import { createUseGesture, dragAction, pinchAction, wheelAction } from '@use-gesture/react';
import { type RefObject, useEffect, useMemo, useRef } from 'react';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { type Grip, dragTo, grip } from './drag';
import { movingScene, stillScene } from './heldScene';
import { pressedOf } from './pressed';
import type { Stop } from './stop';
import type { Moved } from './useView';
import { type View, toGround, zoomAbout } from './view';

interface Props extends Pick<Moved, 'view' | 'setOwn' | 'setInHand'> {
  readonly box: RefObject<SVGSVGElement | null>;
  readonly stops: readonly Stop[];
  readonly onOpen: (id: string | null) => void;
  /** The sheet is for looking: nothing is dragged. */
  readonly still: boolean;
  readonly wheel: boolean;
}

/** Only what the sheet is touched with. */
const useGesture = createUseGesture([dragAction, pinchAction, wheelAction]);

/** As far as a handle can be taken from its middle, px. */
const REACH = 16;

/** What a press takes hold of. */
function takenAt(stop: Stop | undefined): Grip | 'ground' {
  const { plan, draft } = usePlan.getState();
  const shown = draft?.plan ?? plan;
  return stop && shown ? grip(shown, stop) : 'ground';
}

/** Looking round by drag, wheel and pinch; taking things by their handles, one undo step from press to release. It draws nothing. */
export function SheetTouch({ box, view, setOwn, setInHand, stops, onOpen, still, wheel }: Props) {
  const { system } = useReader();
  const take = usePlan((s) => s.take);
  const hold = usePlan((s) => s.hold);
  const letGo = usePlan((s) => s.letGo);
  const live = useRef({ view, stops });
  useEffect(() => {
    live.current = { view, stops };
  });
  const pressed = useMemo(() => pressedOf(stops), [stops]);
  const corner = () => box.current?.getBoundingClientRect() ?? { left: 0, top: 0 };
  /** From the corner of the sheet's window, px. */
  const within = ([x, y]: readonly [number, number]) => ({ x: x - corner().left, y: y - corner().top });

  const drag = (taken: Grip, moved: readonly [number, number], phase: 'on' | 'last' | 'canceled') => {
    const { scale } = live.current.view;
    const by = { x: moved[0] / scale, y: -moved[1] / scale };
    const held = phase === 'canceled' ? null : dragTo(taken, by, system, scale);
    if (!held || phase !== 'on') {
      setInHand(null);
      if (held && Math.hypot(held.at.x - taken.stop.at.x, held.at.y - taken.stop.at.y) > 1e-9)
        take(held.change);
      else letGo();
      return;
    }
    hold(held.change);
    setInHand({ stop: taken.stop, held, touched: taken.touched, stillScene, movingScene });
  };

  useGesture(
    {
      onDrag: ({ first, last, tap, canceled, movement, initial, delta: [dx, dy], pinching, event, memo }) => {
        if (pinching || still) return undefined;
        let gripped = memo as Grip | 'ground' | undefined;
        if (first || gripped === undefined) {
          const { scale } = live.current.view;
          gripped = takenAt(
            pressed(event.target as Element, toGround(live.current.view, within(initial)), REACH / scale),
          );
        }
        if (tap) {
          if (gripped !== 'ground') onOpen(gripped.stop.id);
          else if (last) onOpen(null);
        } else if (gripped !== 'ground')
          drag(gripped, movement, canceled ? 'canceled' : last ? 'last' : 'on');
        else {
          const v = live.current.view;
          setOwn({ ...v, x: v.x + dx, y: v.y + dy });
        }
        return gripped;
      },
      onWheel: ({ event, delta: [, dy] }) => {
        if (!wheel) return;
        event.preventDefault();
        setOwn(zoomAbout(live.current.view, Math.exp(-dy / 500), within([event.clientX, event.clientY])));
      },
      onPinch: ({ origin: [ox, oy], movement: [ms], memo }) => {
        if (!wheel) return undefined;
        const from = (memo as View | undefined) ?? live.current.view;
        setOwn(zoomAbout(from, ms, within([ox, oy])));
        return from;
      },
    },
    {
      target: box,
      wheel: { eventOptions: { passive: false } },
      drag: { filterTaps: true, pointer: { keys: false } },
    },
  );
  return null;
}
