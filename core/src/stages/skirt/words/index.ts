import type { ThreatId } from '../../threats/plan/kinds';
import { type Reader } from '../../../saying/makeReader';
import { capital } from '../../../saying/phrases';
import { verb, who } from '../../threats/words/whom';
import { KINDS, type KindId } from '../plan/kinds';

export { SCHOOLS, cautions } from './advice';

export interface Short {
  readonly kind: KindId;
  readonly by: 'width' | 'depth';
  readonly has: number;
  readonly needs: number;
  readonly threats: readonly ThreatId[];
}

export interface SkirtCutDown {
  readonly building: string;
  readonly width: number;
  readonly roll: number;
  readonly less: number;
  readonly by: number;
}

/** What is found about skirts. Lengths m. */
export const FINDINGS = {
  'skirt.none': ({ threats }: { readonly threats: readonly ThreatId[] }) =>
    `Nothing stops ${who(threats)} from digging under: there is no skirt.`,
  'skirt.short': ({ kind, by, has, needs, threats }: Short, r: Reader) => {
    const them = verb(threats, 'it', 'them');
    if (KINDS[kind].loose)
      return `${capital(who(threats))} ${verb(threats, 'goes', 'go')} under or between stones ${r.length(has)} wide; an apron ${r.length(needs)} wide stops ${them}.`;
    return `${capital(who(threats))} ${verb(threats, 'digs', 'dig')} under a skirt ${r.length(has)} ${by === 'width' ? 'wide' : 'deep'}; ${r.length(needs)} stops ${them}.`;
  },
  'skirt.end-open': (
    { building, width }: { readonly side: number; readonly building: string; readonly width: number },
    r: Reader,
  ) =>
    `The end of the skirt is open: ${building} is not wider than the run by ${r.length(width)} here. Carry the apron round the house or lay stones.`,
  'skirt.no-roll': ({ width, widest }: { readonly width: number; readonly widest: number }, r: Reader) =>
    `The skirt needs a strip ${r.length(width)} wide and the widest roll is ${r.length(widest)}.`,
  'house.earth-floor': ({
    name,
    threats,
  }: {
    readonly name: string;
    readonly threats: readonly ThreatId[];
  }) => `${name} has a floor of earth: ${who(threats)} ${verb(threats, 'digs', 'dig')} in under its walls.`,
  'skirt.cut-down': ({ building, width, roll, less, by }: SkirtCutDown, r: Reader) =>
    `The strip round ${building}, ${r.length(width)} wide, is cut from a roll of ${r.length(roll)}. From one of ${r.length(less)} the skirt would lie ${r.length(by)} less far out.`,
  'skirt.near-tree': ({ name, distance }: { readonly name: string; readonly distance: number }, r: Reader) =>
    `The trench passes ${r.about(distance)} from the ${name}, among its roots. Lay an apron here.`,
  'skirt.near-service': (
    { name, distance }: { readonly name: string; readonly distance: number },
    r: Reader,
  ) =>
    distance < 0.005
      ? `The trench crosses the ${name}. Lay an apron here.`
      : `The trench passes ${r.about(distance)} from the ${name}. Lay an apron here.`,
} as const;
