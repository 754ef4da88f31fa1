import type { Skirt } from '../plan/schema';

export type Laid = Exclude<Skirt, { kind: 'none' }>;

/** A skirt seen from its end: how far it goes up, down and out, and what it is made of. All m. */
export interface SkirtShape {
  /** Mesh of its strip; null for stones and concrete. */
  readonly mesh: string | null;
  /** Up the wall. */
  readonly up: number;
  /** Below the ground. */
  readonly depth: number;
  /** Away from the fence: on the ground, or at its depth for a toe. */
  readonly out: number;
  /** Where its outer part lies. */
  readonly lies: 'flat' | 'buried' | 'filled';
  /** Width with which it turns corners like an apron; 0 where it goes round them. */
  readonly turns: number;
  readonly trench: { readonly width: number; readonly depth: number } | null;
  readonly fill: {
    readonly of: 'stone' | 'concrete';
    readonly width: number;
    readonly height: number;
  } | null;
  readonly round: 'fence' | 'house';
}

/** Trench for a straight skirt, and what it is wider than a toe, m (domain.md 7: 0.15; 0.35 for a toe of 0.30). */
const STRAIGHT_TRENCH = 0.15;
const BESIDE_TOE = 0.05;

type Stones = Extract<Laid, { kind: 'apron' }>['stones'];
const bordered = (stones: Stones): SkirtShape['fill'] =>
  stones ? { of: 'stone', width: stones.width, height: stones.height } : null;

const NONE = { up: 0, depth: 0, out: 0, turns: 0, trench: null, fill: null, round: 'fence' } as const;

const flat = (
  skirt: Extract<Laid, { kind: 'apron' | 'house-apron' }>,
  round: SkirtShape['round'],
): SkirtShape => ({
  // Written out: it is asked for side by side, and spreading costs many times as much.
  mesh: skirt.mesh,
  up: skirt.lapUp,
  depth: 0,
  out: skirt.width,
  lies: 'flat',
  turns: skirt.width,
  trench: null,
  fill: bordered(skirt.stones),
  round,
});

type Shapes = { readonly [K in Laid['kind']]: (skirt: Extract<Laid, { kind: K }>) => SkirtShape };

const SHAPES: Shapes = {
  apron: (skirt) => flat(skirt, 'fence'),
  'house-apron': (skirt) => flat(skirt, 'house'),
  buried: ({ mesh, depth, lapUp }) => ({
    ...NONE,
    mesh,
    up: lapUp,
    depth,
    lies: 'buried',
    trench: { width: STRAIGHT_TRENCH, depth },
  }),
  toe: ({ mesh, depth, out, lapUp }) => ({
    ...NONE,
    mesh,
    up: lapUp,
    depth,
    out,
    lies: 'buried',
    turns: out,
    trench: { width: Math.max(STRAIGHT_TRENCH, out + BESIDE_TOE), depth },
  }),
  folded: ({ mesh, up, out }) => ({ ...NONE, mesh, up, out, lies: 'flat', turns: out }),
  stone: ({ width, height }) => ({
    ...NONE,
    mesh: null,
    out: width,
    lies: 'filled',
    fill: { of: 'stone', width, height },
  }),
  concrete: ({ width, depth }) => ({
    ...NONE,
    mesh: null,
    depth,
    lies: 'filled',
    trench: { width, depth },
    fill: { of: 'concrete', width, height: depth },
  }),
};

/** @see domain.md 7: the seven kinds and their geometry */
export function shapeOf(skirt: Laid): SkirtShape {
  const shape = SHAPES[skirt.kind] as (skirt: Laid) => SkirtShape;
  return shape(skirt);
}

/** Width of the strip of mesh that a skirt is cut from, m; 0 where there is none. */
export const stripWidthOf = ({ mesh, up, depth, out }: SkirtShape): number =>
  mesh === null ? 0 : up + depth + out;

/** Width of stones laid on an apron, m; 0 where there are none, or where they are the skirt itself. */
export const borderOf = ({ mesh, fill }: SkirtShape): number =>
  mesh !== null && fill?.of === 'stone' ? fill.width : 0;
