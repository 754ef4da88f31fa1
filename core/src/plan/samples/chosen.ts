import type { Choices } from '../schema';

/** What the samples choose beside what is usual. */
export const CHOSEN = {
  pumpHouse: {
    skirt: { kind: 'house-apron', mesh: 'welded-75x50', width: 0.45, lapUp: 0.1 },
  },
  walledCorner: {
    bands: [
      { id: 'low', mesh: 'welded-25', top: 0.9, widths: 'cheapest' },
      { id: 'high', mesh: 'welded-50x25', top: 1.5, widths: 'cheapest' },
    ],
    skirt: { kind: 'folded', mesh: 'welded-75x50', up: 0.5, out: 0.5 },
  },
} satisfies Readonly<Record<string, Partial<Choices>>>;
