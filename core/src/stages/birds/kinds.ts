/** What a kind of bird asks of its run (rules: Birds). Areas m² a bird, heights and openings m. */
export interface BirdRow {
  readonly confined: number;
  readonly partDay: number;
  /** Height of wall that keeps it in without a cover; null when it must be covered. */
  readonly wall: number | null;
  /** Largest opening that holds it. */
  readonly opening: number;
  /** Small enough for rats, cats, crows and their like to take. */
  readonly small: boolean;
}

export const BIRD_KINDS = [
  'hen-light',
  'hen-heavy',
  'bantam',
  'grower',
  'chick',
  'quail',
  'duck',
  'goose',
  'turkey',
  'meat-chicken',
] as const;
export type BirdKind = (typeof BIRD_KINDS)[number];

export const BIRDS: Readonly<Record<BirdKind, BirdRow>> = {
  'hen-light': { confined: 1.0, partDay: 0.5, wall: 2.0, opening: 0.05, small: false },
  'hen-heavy': { confined: 1.2, partDay: 0.6, wall: 1.2, opening: 0.075, small: false },
  bantam: { confined: 0.7, partDay: 0.35, wall: 2.0, opening: 0.04, small: true },
  grower: { confined: 0.5, partDay: 0.25, wall: 1.8, opening: 0.04, small: false },
  chick: { confined: 0.1, partDay: 0.1, wall: 1.2, opening: 0.02, small: true },
  quail: { confined: 0.1, partDay: 0.1, wall: null, opening: 0.013, small: true },
  duck: { confined: 1.4, partDay: 0.7, wall: 1.0, opening: 0.06, small: false },
  goose: { confined: 4.0, partDay: 2.0, wall: 1.0, opening: 0.1, small: false },
  turkey: { confined: 2.5, partDay: 1.5, wall: 1.8, opening: 0.075, small: false },
  'meat-chicken': { confined: 0.19, partDay: 0.19, wall: null, opening: 0.05, small: false },
};

export const SPACE_SCHOOLS = ['snug', 'usual', 'roomy', 'free-range'] as const;
export type SpaceSchool = (typeof SPACE_SCHOOLS)[number];

export const SPACE_FACTORS: Readonly<Record<Exclude<SpaceSchool, 'free-range'>, number>> = {
  snug: 0.7,
  usual: 1,
  roomy: 2.5,
};

/** The free-range code: m² a hen. */
export const FREE_RANGE_AREA = 4;

/** m² for each meat chicken in a drag shelter, instead of the factors. */
export const DRAG_SHELTER_AREAS: Readonly<Record<SpaceSchool, number>> = {
  snug: 0.12,
  usual: 0.19,
  roomy: 0.25,
  'free-range': 0.25,
};
