import { type Arch, type Plan, partFields } from '@aviarum/core';
import { partOfStop } from '../../sheet/stopId';
import { useSelection } from '../../state/selection';

/** The arch that is open; the first one until another is. */
export function useArchInHand(plan: Plan | null): Arch | null {
  const { at } = useSelection();
  const part = partOfStop(at);
  const id = part ? partFields(part).arch : null;
  return plan?.arches.find((a) => a.id === id) ?? plan?.arches[0] ?? null;
}
