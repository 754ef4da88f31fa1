import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { lapUp, mass, mesh } from './fields';
import { type Kept, type Measure, type SkirtShape, type Stones, type Wanted, kind, less } from './kind';

const stones = z
  .optional(z.strictObject(mass))
  .apply(meaning('Stones or pavers laid on the apron along the fence, m.'));
const flat = { mesh, width: length(0.1, 3), lapUp, stones };

interface Flat {
  readonly mesh: string;
  readonly width: number;
  readonly lapUp: number;
  readonly stones?: { readonly width: number; readonly height: number } | undefined;
}

const shape = (skirt: Flat, round: SkirtShape['round']): SkirtShape => ({
  // Written out: it is asked for side by side, and spreading costs many times as much.
  mesh: skirt.mesh,
  up: skirt.lapUp,
  depth: 0,
  out: skirt.width,
  path: [
    [0, 0],
    [skirt.width, 0],
  ],
  laid: 'flat',
  turns: skirt.width,
  trench: null,
  fill: skirt.stones
    ? { pack: 'stone', width: skirt.stones.width, height: skirt.stones.height, above: skirt.stones.height }
    : null,
  stapled: false,
  round,
});

const enough = <C extends Flat>(skirt: C, { flat: width }: Wanted): C => ({
  ...skirt,
  width: Math.max(skirt.width, width),
});
const narrower = <C extends Flat>(skirt: C, by: number): C | null => {
  const width = less(skirt.width, by);
  return width === null ? null : { ...skirt, width };
};

const withStones = <C extends Flat>({ stones: _, ...bare }: C, laid: Stones | null) =>
  (laid ? { ...bare, stones: laid } : bare) as C;

const laidFlat = ({ mesh: of, width, lapUp: up }: Kept, wanted: Wanted) => ({
  mesh: of,
  width: width ?? wanted.flat,
  lapUp: up,
});

/** What both kinds have. */
const FLAT = {
  measures: [
    { field: 'width', name: 'Width on the ground', stops: 'flat' },
    { field: 'lapUp', name: 'Lap up the wall' },
  ] satisfies readonly Measure[],
  enough,
  narrower,
  withStones,
  look: 'apron',
  loose: false,
} as const;

export const apron = kind(
  z.strictObject({ kind: z.literal('apron'), ...flat }).apply(meaning('Flat on the ground, `width` out.')),
  {
    title: 'Flat apron',
    note: 'no trench, works among roots; grass grows through',
    say: ({ width }, r, name) => `Lay an apron ${r.length(width)} wide of ${name}`,
    ...FLAT,
    shape: (skirt) => shape(skirt, 'fence'),
    instead: (kept, wanted) => ({ kind: 'apron' as const, ...laidFlat(kept, wanted) }),
  },
);

export const houseApron = kind(
  z
    .strictObject({ kind: z.literal('house-apron'), ...flat })
    .apply(meaning('The same, carried round the house that the run is built on to.')),
  {
    title: 'Apron round the house too',
    note: 'where the house stands on the ground',
    say: ({ width }, r, name) => `Lay an apron ${r.length(width)} wide of ${name}, round the house too`,
    ...FLAT,
    shape: (skirt) => shape(skirt, 'house'),
    instead: (kept, wanted) => ({ kind: 'house-apron' as const, ...laidFlat(kept, wanted) }),
  },
);
