import type { ThreatId, VerdictAsked } from '@aviarum/core';
import { create } from 'zustand';

/** Which mark of the night sheet is open, and whether the birds are shut in. */
interface Night {
  readonly open: VerdictAsked | null;
  readonly birds: 'shut in' | 'left out';
}

export const useNight = create<Night>()(() => ({ open: null, birds: 'left out' }));
export const openVerdict = (open: VerdictAsked | null): void => useNight.setState({ open });
export const birdsAre = (birds: Night['birds']): void => useNight.setState({ birds });

export const isOpen = (open: VerdictAsked | null, threat: ThreatId, keys: readonly string[]): boolean =>
  open !== null && open.threat === threat && keys.includes(`${open.entry} ${open.part}`);
