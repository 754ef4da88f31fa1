import { LAYERS } from '../stages/facts';

export type Layer = (typeof LAYERS)[number];

/** Order along the fence: what it is, on which line or of which thing, and how far along it or which of them. */
export type Place = readonly [layer: number, line: number, along: number];

export const placeAt = (layer: Layer, line: number, along = 0): Place => [LAYERS.indexOf(layer), line, along];

export const byPlace = (a: Place, b: Place): number => a[0] - b[0] || a[1] - b[1] || a[2] - b[2];
