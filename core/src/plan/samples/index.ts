import type { OwnedPiece, Plan } from '../schema';
import { bantamCourt } from './bantamCourt';
import { boilerHouse } from './boilerHouse';
import { LEAT_NETS, millLeat } from './millLeat';
import { orchardRun } from './orchardRun';
import { pumpHouse } from './pumpHouse';
import { walledCorner } from './walledCorner';

/** Hollin Bank, a made-up smallholding: the plans that ship as examples. */
export const DEMO_PLANS: readonly Plan[] = [
  orchardRun(),
  boilerHouse(),
  bantamCourt(),
  pumpHouse(),
  millLeat(),
  walledCorner(),
];

/** What lies in the shed of the demo holding; made up. */
export const DEMO_SHED: readonly OwnedPiece[] = [
  {
    id: 'part-roll',
    kind: 'roll',
    product: 'welded-50x25',
    width: 1.2,
    length: 9.3,
    count: 1,
    condition: 'sound',
    note: 'left from the duck pen',
  },
  {
    id: 'old-posts',
    kind: 'post',
    product: 't-40',
    length: 2.4,
    count: 4,
    condition: 'worn',
    note: 'straightened, caps missing',
  },
  ...LEAT_NETS,
  { id: 'staples', kind: 'pack', product: 'staple', count: 120, condition: 'sound', note: 'half a box' },
];
