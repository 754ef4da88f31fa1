import type { Arch, Change } from '@aviarum/core';
import { useReckoning } from '../../state/reckoningStore';

export const set = (arch: Arch, to: object): Change => ({ verb: 'set-arch', id: arch.id, to });

/** A figure of one arch, or null where it has none. */
export function useFigures(arch: Arch) {
  const figures = useReckoning((s) => s.reckoning?.figures);
  return (
    name:
      | 'rise'
      | 'ratio'
      | 'endAngle'
      | 'headroom'
      | 'standingWidth'
      | 'volume'
      | 'panels'
      | 'length'
      | 'skinStrips'
      | 'skinLength'
      | 'endStrips'
      | 'endStripLength'
      | 'stakes'
      | 'straps'
      | 'weight'
      | 'pull',
  ): number | null => figures?.[`arch.${arch.id}.${name}`] ?? null;
}
