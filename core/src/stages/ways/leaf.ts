import type { Gate } from '../../plan/schema';

/** Top of a gate's leaf above its sill, m: as high as the wall unless the keeper says otherwise (rules: Gates and doors). */
export const leafTop = (gate: Pick<Gate, 'height'>, wall: number): number =>
  gate.height === null ? wall : Math.min(gate.height, wall);
