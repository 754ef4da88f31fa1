import { type Reader } from '../../../saying/reader';
import { type KindId, nameOf } from '../plan/kinds';

export interface WaysHardware {
  readonly way: KindId;
  readonly width: number;
}

/** What ways in take to hang and build. */
export const HOURS = {
  'hours.gates': () => 'hang gates from kits',
  'hours.gates-built': () => 'build and fit gates',
  'hours.pop-doors': () => 'hang pop doors and hatches',
} as const;

/** What a working of ways in is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
  'mesh.leaf': () => 'leaf, from the same rolls',
  'vent.staples': ({ name }: { readonly name: string }) => `battens over ${name}`,
  'vent.count': () => 'alike',
  'vent.round': () => 'staples round each, batten by batten',
  'ways.hardware': ({ way, width }: WaysHardware, r: Reader) =>
    `for the ${nameOf(way)} ${r.length(width)} clear`,
} as const;
