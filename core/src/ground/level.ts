import type { Vector } from './vector';

/** A measured point of the ground. All m. */
export interface Spot extends Vector {
  readonly z: number;
}

export type Triangle = readonly [Spot, Spot, Spot];

/** The ground as measured: triangles between spot heights, and the rim that everything outside them is taken from. */
export interface Terrain {
  /** No more than one height is known: the ground counts as level. */
  readonly level: boolean;
  readonly triangles: readonly Triangle[];
  /** Edges of the hull; between spots on one line, the line itself. */
  readonly rim: readonly (readonly [Spot, Spot])[];
  /** Height of the ground, m. */
  heightAt(p: Vector): number;
  /** Where the straight from `a` to `b` passes from one slope into another: fractions of its length, rising, ends left out. */
  breaksAlong(a: Vector, b: Vector): readonly number[];
}

/** Ground of which no more than one height is known, m. */
export const levelAt = (height: number): Terrain => ({
  level: true,
  triangles: [],
  rim: [],
  heightAt: () => height,
  breaksAlong: () => [],
});
