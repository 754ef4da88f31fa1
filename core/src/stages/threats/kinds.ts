/** How a threat comes (rules: Threats). Lengths m. */
export interface ThreatRow {
  /** Smallest rigid opening or gap it gets through; null when openings do not matter to it. */
  readonly squeeze: number | null;
  /** Smallest opening through which it takes a bird. */
  readonly reach: number | null;
  /** Depth it digs under a fence; null when it does not. */
  readonly dig: number | null;
  /** Width of flat apron that stops its digging. */
  readonly apron: number | null;
  /** Thinnest welded wire that it does not break; null when any wire does. */
  readonly wire: number | null;
  /** Tears hexagonal netting and plastic. */
  readonly tears: boolean;
  /** Takes eggs, chicks, quail and bantams only: where grown birds alone are shut in it is worth knowing, no more. */
  readonly smallPrey: boolean;
}

export const THREAT_IDS = [
  'fox',
  'coyote',
  'dog',
  'raccoon',
  'opossum',
  'skunk',
  'badger',
  'mink',
  'weasel',
  'marten',
  'rat',
  'mouse',
  'snake',
  'cat',
  'lynx',
  'pig',
  'bear',
  'hawk',
  'eagle',
  'owl',
  'crow',
  'wild-birds',
  'person',
] as const;
export type ThreatId = (typeof THREAT_IDS)[number];
export const PRESENCES = ['seen', 'likely', 'absent'] as const;
export type Presence = (typeof PRESENCES)[number];

type Row = readonly [
  squeeze: number | null,
  reach: number | null,
  dig: number | null,
  apron: number | null,
  wire: number | null,
  tears: 'T' | '-',
  prey: 'any' | 'small',
];

/** In millimetres. */
const ROWS: Readonly<Record<ThreatId, Row>> = {
  fox: [75, 60, 450, 450, 1.0, 'T', 'any'],
  coyote: [150, 75, 450, 600, 1.4, 'T', 'any'],
  dog: [120, 75, 400, 500, 1.5, 'T', 'any'],
  raccoon: [90, 25, 150, 300, 1.0, 'T', 'any'],
  opossum: [75, 40, 100, 300, 0.9, 'T', 'small'],
  skunk: [75, 40, 250, 300, 0.9, 'T', 'small'],
  badger: [130, 60, 600, 900, 1.8, 'T', 'any'],
  mink: [25, 25, 300, 450, 0.6, 'T', 'any'],
  weasel: [19, 19, null, 300, 0.5, '-', 'any'],
  marten: [40, 40, 100, 300, 0.9, 'T', 'any'],
  rat: [15, 15, 450, 300, 0.9, '-', 'small'],
  mouse: [7, null, 150, null, 0.5, '-', 'small'],
  snake: [13, null, null, null, null, '-', 'small'],
  cat: [75, 50, null, null, 0.7, '-', 'small'],
  lynx: [120, 75, 150, 300, 1.4, 'T', 'any'],
  pig: [250, null, 300, 900, 3.0, 'T', 'any'],
  bear: [null, null, null, null, null, 'T', 'any'],
  hawk: [60, null, null, null, null, '-', 'any'],
  eagle: [150, null, null, null, null, '-', 'any'],
  owl: [75, null, null, null, null, '-', 'any'],
  crow: [60, 40, null, null, null, '-', 'small'],
  'wild-birds': [26, null, null, null, null, '-', 'any'],
  person: [null, null, null, null, null, '-', 'any'],
};

const metres = (n: number | null) => (n === null ? null : Math.round(n * 1000) / 1e6);

export const THREATS = Object.fromEntries(
  THREAT_IDS.map((id): [ThreatId, ThreatRow] => {
    const [squeeze, reach, dig, apron, wire, tears, prey] = ROWS[id];
    return [
      id,
      {
        squeeze: metres(squeeze),
        reach: metres(reach),
        dig: metres(dig),
        apron: metres(apron),
        wire: metres(wire),
        tears: tears === 'T',
        smallPrey: prey === 'small',
      },
    ];
  }),
) as Readonly<Record<ThreatId, ThreatRow>>;

/** A rat under eight weeks passes 13 mm; where chicks sleep this counts instead of the grown rat's figure. */
export const YOUNG_RAT_SQUEEZE = 0.013;

/** A plan, as far as it says who is about. */
export interface Threatened {
  readonly threats: Readonly<Partial<Record<ThreatId, Presence | undefined>>>;
}

export const isPresent = (plan: Threatened, threat: ThreatId): boolean =>
  (plan.threats[threat] ?? 'absent') !== 'absent';
