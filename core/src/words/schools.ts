/** Where keepers disagree: the schools side by side, what is taken unless the keeper says otherwise, and why (domain.md 18). */
export interface School {
  readonly question: string;
  readonly schools: readonly string[];
  readonly ours: string;
}

export const SCHOOLS = {
  posts: {
    question: 'Steel or timber posts?',
    schools: ['Steel T: fast, does not rot', 'Timber: takes gates and rails'],
    ours: 'T for lines, timber at gates and corners: each where it is strong.',
  },
  setting: {
    question: 'How are posts set?',
    schools: ['Tamped soil', 'Concrete', 'Spikes'],
    ours: 'Soil; concrete for gates, which are pulled at every day.',
  },
  hex: {
    question: 'Is hexagonal netting any good?',
    schools: ['Fine over a rigid panel', 'Never'],
    ours: 'Only to hold birds, or over panels: alone, a fox tears it.',
  },
  hanging: {
    question: 'Round the corners, or cut there?',
    schools: [
      'Round corners: fewer cuts, harder to pull',
      'Cut at each corner: easy to pull, one joint a corner',
    ],
    ours: 'Round corners, which leaves fewer ends; cut where one person pulls alone.',
  },
  pull: {
    question: 'How hard is mesh pulled?',
    schools: ['Hand-tight, a little slack: gives in wind and knocks', 'Winched taut'],
    ours: 'Hand-tight for welded mesh: hauled like field fence, its welds pop.',
  },
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
  door: {
    question: 'An automatic pop door?',
    schools: ['Trusted', 'Never'],
    ours: 'Allowed, with a look every day and a check that it fails shut.',
  },
} as const satisfies Readonly<Record<string, School>>;
export type SchoolId = keyof typeof SCHOOLS;
