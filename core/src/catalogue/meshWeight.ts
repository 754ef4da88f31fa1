import { MATERIALS } from './materials';
import { type MeshTypeRow, MESH_TYPES } from './meshTypes';
import type { MeshProduct } from './types';

const round = (diameter: number) => (Math.PI * diameter ** 2) / 4;

/**
 * Weight of a square metre of mesh, kg, from its wire: two sets of wires crossing in welded, woven and panels; in hexagons of opening `a`
 * there are 2/a m of wire, a third more for the twists; in chain link 2/a with a fifth more for the bends.
 */
export function meshWeight({ type, opening, wire }: MeshProduct): number {
  const { of, weave, weight }: MeshTypeRow = MESH_TYPES[type];
  if (weave === 'closed') return weight ?? 0;
  const length = {
    hexagons: 2.67 / opening.up,
    diamonds: 2.4 / opening.up,
    squares: 1 / (opening.up + wire) + 1 / (opening.along + wire),
  }[weave];
  return length * round(wire) * MATERIALS[of];
}
