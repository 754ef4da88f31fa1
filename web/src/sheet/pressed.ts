import { type Vector, placesNear } from '@aviarum/core';
import type { Stop } from './stop';

/**
 * Which stop a press is meant for: where several lie over each other the nearest, not the one that was drawn last.
 *
 * @returns asks with what was pressed on the page, where that is on the sheet, and how far a handle reaches, m
 */
export function pressedOf(stops: readonly Stop[]) {
  const near = placesNear(stops.map((s) => s.at));
  return (target: Element, at: Vector, within: number): Stop | undefined => {
    const id = target.closest<SVGGElement>('[data-stop]')?.dataset.stop;
    if (id === undefined) return undefined;
    return stops[near(at, within) ?? -1] ?? stops.find((s) => s.id === id);
  };
}
