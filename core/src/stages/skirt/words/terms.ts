import { turned } from '../../../saying/phrases';

/** What skirts take to build. */
export const HOURS = {
  'hours.trench': () => 'dig the trench',
  'hours.apron': () => 'lay the apron',
  'hours.stones': () => 'lay stones',
  'hours.concrete-strip': () => 'mix and pour the strip',
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
