import type { CuttingPool } from '../../cutting/types';
import type { Figures } from '../told';

/** Rolls of mesh that are opened, and what is left of them, m². */
export function rollFigures(pools: readonly CuttingPool[]): Figures {
  const mesh = pools.filter((pool) => pool.kind === 'mesh');
  return {
    rolls: mesh.reduce((count, pool) => count + pool.rolls.length, 0),
    leftOver: mesh.reduce((area, pool) => area + pool.width * pool.rolls.reduce((t, r) => t + r.left, 0), 0),
  };
}
