import type { StageId } from '@aviarum/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type View = 'sheet' | 'section';

/** How much room the keeper gives to what, on this device; null for as much as is usual. */
interface Room {
  /** Width of the stage’s panel, px. */
  readonly panel: number | null;
  /** Height of the unrolled fence, px. */
  readonly strip: number | null;
  /** The strip is folded to its overview. */
  readonly folded: boolean;
  /** The plan from above, or the run from the side, where a stage has both. */
  readonly views: Readonly<Partial<Record<StageId, View>>>;
  /** Covers on the sheet. */
  readonly over: 'shown' | 'hidden';
}

export const useRoom = create<Room>()(
  persist<Room>(() => ({ panel: null, strip: null, folded: false, over: 'shown', views: {} }), {
    name: 'aviarum room',
    // Once it was kept as a word.
    version: 1,
    migrate: (kept) => ({ ...(kept as Room), folded: (kept as { folded?: unknown }).folded === 'yes' }),
  }),
);

export const giveRoom = (to: Partial<Room>): void => {
  useRoom.setState(to);
};
export const hideCovers = (): void =>
  giveRoom({ over: useRoom.getState().over === 'hidden' ? 'shown' : 'hidden' });
export const foldStrip = (): void => giveRoom({ folded: !useRoom.getState().folded });

/** Looks at a stage from above or from the side. */
export const lookAt = (stage: StageId, view: View): void =>
  giveRoom({ views: { ...useRoom.getState().views, [stage]: view } });
