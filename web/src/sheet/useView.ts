import { useState } from 'react';
import type { Held } from './drag';
import type { Touched, movingScene, stillScene } from './heldScene';
import type { Stop } from './stop';
import { type Size, type View, zoomAbout } from './view';

/** What is in hand during a drag, and what draws the fence meanwhile: it comes with what drags. */
export interface InHand {
  readonly stop: Stop;
  readonly held: Held;
  readonly touched: Touched;
  readonly stillScene: typeof stillScene;
  readonly movingScene: typeof movingScene;
}

/** Where the sheet is looked at from and what is in hand, as far as the keeper moved either. */
export interface Moved {
  readonly view: View;
  readonly inHand: InHand | null;
  readonly setOwn: (view: View) => void;
  readonly setInHand: (inHand: InHand | null) => void;
  readonly zoom: (factor: number, size: Size) => void;
  readonly showAll: () => void;
}

/** @param fitted  how the whole of it is seen */
export function useView(fitted: View): Moved {
  const [own, setOwn] = useState<View | null>(null);
  const [inHand, setInHand] = useState<InHand | null>(null);
  const view = own ?? fitted;
  return {
    view,
    inHand,
    setOwn,
    setInHand,
    zoom: (factor, size) => setOwn(zoomAbout(view, factor, { x: size.width / 2, y: size.height / 2 })),
    showAll: () => setOwn(null),
  };
}
