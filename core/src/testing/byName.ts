import type { Figures } from '../index';

/** Figures by any name, to be gone through. */
export const byName = (figures: Figures): Readonly<Record<string, number>> =>
  figures as Readonly<Record<string, number>>;
