import { type School } from '../../saying/school';
import { type Cautions } from '../../plan/cautions';
import type { Market } from '../../catalogue/market';
import type { ThreatId } from '../threats/kinds';
import { meshName } from '../../catalogue/names';
import { type Reader } from '../../saying/makeReader';
import { capital, turned } from '../../saying/phrases';
import { verb, who } from '../threats/whom';
import { type KindId, type Skirt, rowOf } from './kinds';
import { shapeOf } from './shape';

export interface Short {
  readonly kind: KindId;
  readonly by: 'width' | 'depth';
  readonly has: number;
  readonly needs: number;
  readonly threats: readonly ThreatId[];
}

/** What is found about skirts. Lengths m. */
export const FINDINGS = {
  'skirt.none': ({ threats }: { readonly threats: readonly ThreatId[] }) =>
    `Nothing stops ${who(threats)} from digging under: there is no skirt.`,
  'skirt.short': ({ kind, by, has, needs, threats }: Short, r: Reader) => {
    const them = verb(threats, 'it', 'them');
    if (kind === 'stone')
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
  'skirt.near-tree': ({ name, distance }: { readonly name: string; readonly distance: number }, r: Reader) =>
    `The trench passes ${r.about(distance)} from the ${name}: roots. Lay an apron here.`,
  'skirt.near-service': (
    { name, distance }: { readonly name: string; readonly distance: number },
    r: Reader,
  ) => `The trench passes ${r.about(distance)} from the ${name}. Lay an apron here.`,
} as const;

/** What skirts take to build, and where their hours are told. */
export const HOURS = {
  'hours.trench': () => 'dig the trench',
  'hours.apron': () => 'lay the apron',
  'hours.stones': () => 'lay stones',
  'hours.concrete-strip': () => 'mix and pour the strip',
} as const;
export const HOURS_FIGURES = {
  'hours.trench': 'skirt',
  'hours.apron': 'skirt',
  'hours.stones': 'skirt',
  'hours.concrete-strip': 'skirt',
} as const;

/** What a working of skirts is made of. Lengths m. */
export const TERMS = {
  'skirt.side': ({ side }: { readonly side: number }) => `skirt along side ${side}`,
  'skirt.corner': ({ side, turn }: { readonly side: number; readonly turn: number }) =>
    side === 0
      ? `run on round a corner of the house, ${turned(turn)}`
      : `run on round the corner of side ${side}, ${turned(turn)}`,
  'skirt.house': ({ name }: { readonly name: string }) => `skirt along ${name}`,
  'skirt.fenced': () => 'fenced length',
  'skirt.trench': () => 'trench',
  'skirt.fill': () => 'volume to fill',
  'skirt.bags': () => 'bags of dry mix for the strip',
  'skirt.loads': () => 'loads of stones',
  'skirt.load-volume': () => 'each',
  'skirt.length': () => 'skirt, before joints',
  'skirt.trench-width': () => 'wide',
  'skirt.trench-depth': () => 'deep',
  'mesh.skirt': () => 'skirt',
  ...HOURS,
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-skirt': ({ skirt }: { readonly skirt: Skirt }, r: Reader, market: Market) =>
    rowOf(skirt).say(skirt, r, 'mesh' in skirt ? meshName(market.mesh(skirt.mesh), r) : ''),
} as const;

/** What can hurt, where this is chosen. */
export const cautions: Cautions = ({ choices }) => {
  const shape = shapeOf(choices.plan.skirt);
  return [
    shape?.trench != null && 'Have buried services located before the trench is dug.',
    shape?.fill?.of === 'concrete' && 'Wet cement burns: gloves and goggles.',
    'Gloves with mesh. Turn cut ends down.',
  ];
};

/** Where keepers disagree about skirts. */
export const SCHOOLS = {
  dig: {
    question: 'Dig it in, or lay it flat?',
    schools: ['Trench, mesh straight down', 'Flat apron', 'Folded, half up, half out', 'Stones'],
    ours: 'A flat apron: as good for most diggers, no trench, works among roots. A trench where it is mown or mink are about.',
  },
  skirtWire: {
    question: 'Which mesh in the ground?',
    schools: ['Thick wire with wide openings', 'Fine mesh'],
    ours: 'By the threats present: thick against dogs, fine against mink and rats, fine of heavy wire against both.',
  },
} as const satisfies Readonly<Record<string, School>>;
