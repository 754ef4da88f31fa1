import type { PackId } from './packs';

/** Electric netting as it is told apart in a yard: it cannot be cut, so each length is a thing of its own. Lengths m. */
export interface LiveNetKind {
  readonly id: LiveNetId;
  readonly name: string;
  /** As a sentence calls it. */
  readonly said: string;
  readonly note: string;
  readonly height: number;
  readonly spike: 'single' | 'double';
  /** Clear opening of the squares along the foot: `up` by `along`. */
  readonly foot: { readonly up: number; readonly along: number };
  /** Height of its highest and of its lowest live strand. */
  readonly strands: { readonly lowest: number; readonly highest: number };
  /** From one of its own posts to the next. */
  readonly spacing: number;
  /** Every length made, shortest first. */
  readonly sold: readonly { readonly length: number; readonly pack: PackId }[];
}

export const LIVE_NET_IDS = ['single-107', 'double-107', 'double-122', 'close-107'] as const;
export type LiveNetId = (typeof LIVE_NET_IDS)[number];

const LOW = { height: 1.07, strands: { lowest: 0.1, highest: 1.07 } } as const;
const USUAL_FOOT = { up: 0.06, along: 0.075 } as const;

export const LIVE_NETS: Readonly<Record<LiveNetId, LiveNetKind>> = {
  'single-107': {
    id: 'single-107',
    name: 'Live net 1.07 m, single spike',
    said: 'net 1.07 high on single spikes',
    note: 'for birds kept in shelters',
    ...LOW,
    spike: 'single',
    foot: USUAL_FOOT,
    spacing: 25 / 7,
    sold: [
      { length: 25, pack: 'net-single-107-25' },
      { length: 30, pack: 'net-single-107-30' },
      { length: 50, pack: 'net-single-107-50' },
    ],
  },
  'double-107': {
    id: 'double-107',
    name: 'Live net 1.07 m, double spike',
    said: 'net 1.07 high on double spikes',
    note: 'stands in stony and in soft ground',
    ...LOW,
    spike: 'double',
    foot: USUAL_FOOT,
    spacing: 25 / 7,
    sold: [
      { length: 25, pack: 'net-double-107-25' },
      { length: 50, pack: 'net-double-107-50' },
    ],
  },
  'double-122': {
    id: 'double-122',
    name: 'Live net 1.22 m, double spike',
    said: 'net 1.22 high on double spikes',
    note: 'where birds roam in it, or dogs and coyotes press',
    height: 1.22,
    strands: { lowest: 0.1, highest: 1.22 },
    spike: 'double',
    foot: USUAL_FOOT,
    spacing: 25 / 8,
    sold: [
      { length: 25, pack: 'net-double-122-25' },
      { length: 30, pack: 'net-double-122-30' },
      { length: 50, pack: 'net-double-122-50' },
    ],
  },
  'close-107': {
    id: 'close-107',
    name: 'Live net 1.07 m, close at the foot',
    said: 'net 1.07 high, close at the foot',
    note: 'chicks stay in',
    ...LOW,
    spike: 'double',
    foot: { up: 0.03, along: 0.05 },
    spacing: 25 / 8,
    sold: [
      { length: 25, pack: 'net-close-107-25' },
      { length: 50, pack: 'net-close-107-50' },
    ],
  },
};
