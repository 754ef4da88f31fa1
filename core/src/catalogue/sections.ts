import type { PostProduct, TimberProduct } from './types';

/** What bends and what presses of a section: area m², section modulus m³, second moment m⁴; about the axis that it stands on. */
export interface Section {
  readonly material: Material;
  readonly area: number;
  readonly modulus: number;
  readonly inertia: number;
}

/** What a material bears, Pa, and how stiff it is, Pa (rules: Cover). */
export const STRENGTHS = {
  softwood: { bears: 7e6, stiff: 8e9 },
  steel: { bears: 140e6, stiff: 205e9 },
} as const;
export type Material = keyof typeof STRENGTHS;

/** Wall of the tubes sold, m. */
const TUBE_WALL = 0.002;
/** A studded T of 40 mm, as rolled. */
const T_SECTION: Section = { material: 'steel', area: 2.4e-4, modulus: 1.1e-6, inertia: 3.2e-8 };

function rectangle(width: number, depth: number): Section {
  return {
    material: 'softwood',
    area: width * depth,
    modulus: (width * depth ** 2) / 6,
    inertia: (width * depth ** 3) / 12,
  };
}

function round(diameter: number): Section {
  return {
    material: 'softwood',
    area: (Math.PI * diameter ** 2) / 4,
    modulus: (Math.PI * diameter ** 3) / 32,
    inertia: (Math.PI * diameter ** 4) / 64,
  };
}

function tube(diameter: number): Section {
  const inner = diameter - 2 * TUBE_WALL;
  const inertia = (Math.PI * (diameter ** 4 - inner ** 4)) / 64;
  return {
    material: 'steel',
    area: (Math.PI * (diameter ** 2 - inner ** 2)) / 4,
    modulus: (2 * inertia) / diameter,
    inertia,
  };
}

/** Half of a round, bent square to its flat side. */
function halfRound(diameter: number): Section {
  const r = diameter / 2;
  const inertia = 0.1098 * r ** 4;
  return {
    material: 'softwood',
    area: (Math.PI * r ** 2) / 2,
    modulus: inertia / (r - (4 * r) / (3 * Math.PI)),
    inertia,
  };
}

/** Timber on edge, and tube. */
export const timberSection = ({ kind, thickness, width }: TimberProduct): Section =>
  kind === 'tube' ? tube(width) : rectangle(Math.min(thickness, width), Math.max(thickness, width));

const POSTS: Readonly<Record<PostProduct['kind'], (size: number) => Section>> = {
  'steel-t': () => T_SECTION,
  round,
  square: (size) => rectangle(size, size),
  'half-round': halfRound,
  tube,
  spike: (size) => rectangle(size, size),
};

export const postSection = ({ kind, size }: PostProduct): Section => POSTS[kind](size);
