import { type Reader } from '../../../saying/reader';
import { type SideParam } from '../../../saying/sentences';

export interface OutlineAlongGround {
  readonly side: number;
  readonly level: number;
  readonly rise: number;
}

/** What the outline takes to stake out. */
export const HOURS = {
  'hours.stake-out': () => 'stake out',
} as const;

/** What a working of outline is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
  'outline.area': () => 'area of the run',
  'outline.enclosure-area': ({ name }: { readonly name: string }) => name,
  'outline.triangle': ({
    first,
    from,
    to,
  }: {
    readonly first: number;
    readonly from: number;
    readonly to: number;
  }) => `triangle of corners ${first}, ${from} and ${to}`,
  'outline.width': () => 'width',
  'outline.depth': () => 'depth',
  'outline.perimeter': () => 'all round',
  'outline.fence': () => 'fence',
  'outline.side': ({ side }: SideParam) => `side ${side}`,
  'outline.ground': () => 'fence, along the ground',
  'outline.along-ground': ({ side, level, rise }: OutlineAlongGround, r: Reader) =>
    `side ${side}, ${r.length(level)} on the level, ${rise < 0 ? 'falling' : 'rising'} ${r.length(Math.abs(rise))}`,
} as const;
