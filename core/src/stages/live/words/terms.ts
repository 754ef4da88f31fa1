import type { Reader } from '../../../saying/reader';

export interface LiveLong {
  readonly length: number;
}
export interface LiveNetNamed {
  readonly name: string;
}

/** What workings of live nets are made of. Lengths m. */
export const TERMS = {
  'live.nets': () => 'whole nets',
  'live.struts': () => 'struts at corners and hollows',
  'live.pegs': () => 'pegs at hollows',
  'live.insulators': () => 'insulators, one a post and strand',
  'live.wire': ({ length }: LiveLong, r: Reader) => `metres of wire, each strand ${r.about(length)}`,
  'live.lead-gates': () => 'metres of cable under gates: its width and 1 m each',
  'live.lead-out': () => 'metres of cable from energiser to net',
  'live.lead-rods': () => 'metres of cable from energiser to rods, and 3 m from rod to rod',
  'live.handles': () => 'handles over gates, one a strand',
  'live.signs': () => 'signs, one for each 50 m begun',
  'live.tester': () => 'to read it by',
  'live.energiser': () => 'to make it live',
  'live.battery': () => 'to run it',
  'live.solar': () => 'to charge the battery',
  'power.rods': () => 'rods of 1 m',
  'hours.live-nets': ({ name }: LiveNetNamed) => `set up ${name}`,
  'hours.hot-wire': ({ name }: LiveNetNamed) => `draw ${name}`,
  'hours.live-power': () => 'energiser and rods',
  'live.set-up': () => 'nets to set up, each 50 m',
} as const;
