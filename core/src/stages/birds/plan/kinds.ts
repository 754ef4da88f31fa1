/** What a kind of bird asks of its run (rules: Birds). Areas m² a bird, heights and openings m. */
export interface BirdRow {
  readonly one: string;
  readonly many: string;
  readonly confined: number;
  readonly partDay: number;
  /** Height of wall that keeps it in without a cover; null when it must be covered. */
  readonly wall: number | null;
  /** Largest opening that holds it. */
  readonly opening: number;
  /** Small enough for rats, cats, crows and their like to take. */
  readonly small: boolean;
  /** Chicks: what is young itself gets in at them. */
  readonly young: boolean;
  /** m² a bird by the school of space, instead of the factors. */
  readonly bySchool: Readonly<Record<SpaceSchool, number>> | null;
}

/** m² for each meat chicken in a drag shelter, instead of the factors. */
const DRAG_SHELTER: Readonly<Record<SpaceSchool, number>> = {
  snug: 0.12,
  usual: 0.19,
  roomy: 0.25,
  'free-range': 0.25,
};

type Asked = Omit<BirdRow, 'one' | 'many' | 'small' | 'young' | 'bySchool'>;

/** What is left out: neither small nor young, its room by the factors. */
const bird = (one: string, many: string, of: Asked & Partial<BirdRow>): BirdRow => ({
  small: false,
  young: false,
  bySchool: null,
  ...of,
  one,
  many,
});

/** Every kind of bird, in the order in which the keeper is offered them. */
export const BIRDS = {
  'hen-light': bird('light hen', 'light hens', { confined: 1, partDay: 0.5, wall: 2, opening: 0.05 }),
  'hen-heavy': bird('heavy hen', 'heavy hens', { confined: 1.2, partDay: 0.6, wall: 1.2, opening: 0.075 }),
  bantam: bird('bantam', 'bantams', { confined: 0.7, partDay: 0.35, wall: 2, opening: 0.04, small: true }),
  grower: bird('grower', 'growers', { confined: 0.5, partDay: 0.25, wall: 1.8, opening: 0.04 }),
  chick: bird('chick', 'chicks', {
    confined: 0.1,
    partDay: 0.1,
    wall: 1.2,
    opening: 0.02,
    small: true,
    young: true,
  }),
  quail: bird('quail', 'quail', { confined: 0.1, partDay: 0.1, wall: null, opening: 0.013, small: true }),
  duck: bird('duck', 'ducks', { confined: 1.4, partDay: 0.7, wall: 1, opening: 0.06 }),
  goose: bird('goose', 'geese', { confined: 4, partDay: 2, wall: 1, opening: 0.1 }),
  turkey: bird('turkey', 'turkeys', { confined: 2.5, partDay: 1.5, wall: 1.8, opening: 0.075 }),
  'meat-chicken': bird('meat chicken', 'meat chickens', {
    confined: 0.19,
    partDay: 0.19,
    wall: null,
    opening: 0.05,
    bySchool: DRAG_SHELTER,
  }),
} as const;
export type BirdKind = keyof typeof BIRDS;
export const BIRD_KINDS = Object.keys(BIRDS) as readonly BirdKind[];

export const SPACE_SCHOOLS = ['snug', 'usual', 'roomy', 'free-range'] as const;
export type SpaceSchool = (typeof SPACE_SCHOOLS)[number];

export const SPACE_FACTORS: Readonly<Record<Exclude<SpaceSchool, 'free-range'>, number>> = {
  snug: 0.7,
  usual: 1,
  roomy: 2.5,
};

/** The free-range code: m² a hen. */
export const FREE_RANGE_AREA = 4;
