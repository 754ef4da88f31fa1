import { EPSILON } from '../units/round';
import { MATERIALS } from './materials';

/** What tells one kind of post from the others, whatever its size. Lengths m, weights kg. */
export interface PostKindRow {
  /** As a title. @param size  as the reader is told it */
  readonly named: (size: string) => string;
  readonly material: 'timber' | 'steel';
  /** How it comes to stand: dug into a hole, driven, or on a driven spike. */
  readonly standing: 'dug' | 'driven' | 'spike';
  readonly clipsIncluded: number;
  /** Across it and across its hole, from the size of either, m². */
  readonly area: (size: number) => number;
  /** How deep it stands for so high above the ground, before what a cover, a frost or a gate adds (rules: Posts). */
  readonly depth: (above: number) => number;
  /** No wall higher than this is carried by it, and what is taken instead; null where there is no such bound. */
  readonly highest: { readonly above: number; readonly instead: string } | null;
  /** Of a metre of it, kg. */
  readonly weight: (size: number) => number;
}

const { steel, timber } = MATERIALS;
/** Steel studded T section, kg/m. */
const T_POST = 1.9;
const TUBE_WALL = 0.002;
/** A driven spike's depth under a low wall and under one so high, m. */
const SPIKE = { short: 0.6, long: 0.75, from: 1.2 } as const;
const T = { short: 0.45, long: 0.6, from: 1.8 } as const;

const circle = (diameter: number) => (Math.PI * diameter ** 2) / 4;
const square = (side: number) => side ** 2;
const third = (above: number) => Math.max(0.6, above / 3);
const stepped =
  ({ short, long, from }: { readonly short: number; readonly long: number; readonly from: number }) =>
  (above: number) =>
    above >= from - EPSILON ? long : short;

const DUG = {
  material: 'timber',
  standing: 'dug',
  clipsIncluded: 0,
  area: circle,
  depth: third,
  highest: null,
} as const;

export const POST_KINDS = {
  'steel-t': {
    ...DUG,
    named: () => 'Steel T',
    material: 'steel',
    standing: 'driven',
    clipsIncluded: 5,
    depth: stepped(T),
    weight: () => T_POST,
  },
  round: {
    ...DUG,
    named: (size) => `Round treated ${size}`,
    weight: (size) => circle(size) * timber,
  },
  square: {
    ...DUG,
    named: (size) => `Sawn treated ${size}`,
    area: square,
    weight: (size) => square(size) * timber,
  },
  'half-round': {
    ...DUG,
    named: (size) => `Half-round timber ${size}`,
    weight: (size) => (circle(size) / 2) * timber,
  },
  tube: {
    ...DUG,
    named: (size) => `Steel tube ${size}`,
    material: 'steel',
    weight: (size) => Math.PI * (size - TUBE_WALL) * TUBE_WALL * steel,
  },
  spike: {
    ...DUG,
    named: (size) => `Sawn ${size} on a driven spike`,
    standing: 'spike',
    area: square,
    depth: stepped(SPIKE),
    highest: { above: 1.5, instead: 'sawn-100' },
    weight: (size) => square(size) * timber,
  },
} as const satisfies Readonly<Record<string, PostKindRow>>;
export type PostKind = keyof typeof POST_KINDS;

export const postKindOf = ({ kind }: { readonly kind: PostKind }): PostKindRow => POST_KINDS[kind];
