/** Bodies that are told apart at a glance. */
export type Silhouette =
  'canine' | 'feline' | 'stout' | 'long' | 'rodent' | 'snake' | 'pig' | 'bear' | 'bird' | 'person';

/** How a threat comes (rules: Threats). Lengths m. */
export interface ThreatRow {
  readonly name: string;
  /** What it leaves behind, by which a keeper knows it. */
  readonly sign: string;
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
  /** What its young get through: where chicks sleep this counts instead. */
  readonly young: number | null;
  /** What takes feed alone is worth knowing, no more, and is let in beside a gate's leaf. */
  readonly takes: 'birds' | 'feed';
  /** Gnaws through plastic of any kind, and through thin hexagonal wire. */
  readonly chews: boolean;
  /** Opens a one-step catch. */
  readonly opens: boolean;
  /** Stopped by a lock. */
  readonly steals: boolean;
  /** How it comes: on the ground, or through the air. */
  readonly moves: 'walks' | 'flies';
  /** Goes up any open mesh, any post and any rough wall: nothing but a cover that holds it keeps it out. */
  readonly climbs: boolean;
  /** A wall up to this height it jumps, m; null when it does not jump. */
  readonly over: number | null;
  /** Jumps at a wall and pulls itself up: a higher one holds it only where it hangs outward. */
  readonly scrambles: boolean;
  /** What it looks like against the sky, and from nose to tail, wing to wing or head to foot, m. */
  readonly shape: Silhouette;
  readonly long: number;
  /** When it comes. */
  readonly when: 'night' | 'day' | 'any' | 'warm season';
  /** How far it digs in an hour in loam, m. */
  readonly digs: number;
  /** Brings disease in its droppings and takes no bird itself: it is kept out by a closed roof. */
  readonly soils: boolean;
}

const metres = (mm: number | null): number | null => (mm === null ? null : Math.round(mm * 1000) / 1e6);

const NOTHING: Omit<ThreatRow, 'name' | 'sign'> = {
  squeeze: null,
  reach: null,
  dig: null,
  apron: null,
  wire: null,
  tears: false,
  smallPrey: false,
  young: null,
  takes: 'birds',
  chews: false,
  opens: false,
  steals: false,
  moves: 'walks',
  climbs: false,
  over: null,
  scrambles: false,
  soils: false,
  when: 'night',
  digs: 0.3,
  shape: 'canine',
  long: 1,
};

/** @param of  lengths in mm, digging in m an hour; what is left out is no matter to it */
function threat(name: string, sign: string, of: Partial<typeof NOTHING>): ThreatRow {
  const row = { ...NOTHING, ...of };
  return {
    ...row,
    name,
    sign,
    squeeze: metres(row.squeeze),
    reach: metres(row.reach),
    dig: metres(row.dig),
    apron: metres(row.apron),
    wire: metres(row.wire),
    young: metres(row.young),
    over: metres(row.over),
  };
}

/** Of any weight; one over 30 kg breaks thicker wire. */
const DOG = {
  shape: 'canine',
  long: 1.1,
  digs: 1,
  when: 'any',
  squeeze: 120,
  reach: 75,
  dig: 400,
  apron: 500,
  wire: 1.5,
  tears: true,
  over: 1800,
} as const;

/** Everything that may be about, in the order in which the keeper is asked. */
export const THREATS = {
  fox: threat('fox', 'birds carried off, feathers in a trail, or many killed and left', {
    shape: 'canine',
    long: 1.1,
    digs: 0.5,
    squeeze: 75,
    reach: 60,
    dig: 450,
    apron: 450,
    wire: 1,
    tears: true,
    over: 1800,
    scrambles: true,
  }),
  coyote: threat('coyote', 'birds carried off whole', {
    shape: 'canine',
    long: 1.3,
    digs: 1,
    squeeze: 150,
    reach: 75,
    dig: 450,
    apron: 600,
    wire: 1.4,
    tears: true,
    over: 2400,
    scrambles: true,
  }),
  dog: threat('dog', 'many dead, little eaten, wire torn or pushed', DOG),
  'heavy-dog': threat('heavy dog', 'many dead, welds broken, wire pushed in', { ...DOG, long: 1.4, wire: 2 }),
  raccoon: threat('raccoon', 'heads or limbs pulled through mesh, catches opened', {
    shape: 'stout',
    long: 0.8,
    squeeze: 90,
    reach: 25,
    dig: 150,
    apron: 300,
    wire: 1,
    tears: true,
    opens: true,
    climbs: true,
  }),
  opossum: threat('opossum', 'eggs crushed, one bird opened', {
    shape: 'stout',
    long: 0.75,
    squeeze: 75,
    reach: 40,
    dig: 100,
    apron: 300,
    wire: 0.9,
    tears: true,
    smallPrey: true,
    climbs: true,
  }),
  skunk: threat('skunk', 'eggs and chicks gone, a shallow scrape', {
    shape: 'stout',
    long: 0.6,
    squeeze: 75,
    reach: 40,
    dig: 250,
    apron: 300,
    wire: 0.9,
    tears: true,
    smallPrey: true,
    over: 300,
  }),
  badger: threat('badger', 'mesh pushed or ripped low, wide digging', {
    shape: 'stout',
    long: 0.85,
    digs: 3,
    squeeze: 130,
    reach: 60,
    dig: 600,
    apron: 900,
    wire: 1.8,
    tears: true,
    over: 1000,
  }),
  mink: threat('mink', 'whole flock killed, neck bites, laid side by side', {
    shape: 'long',
    long: 0.55,
    when: 'any',
    squeeze: 25,
    reach: 25,
    dig: 300,
    apron: 450,
    wire: 0.6,
    tears: true,
    climbs: true,
  }),
  weasel: threat('weasel or stoat', 'small neck bites, no gap seen', {
    shape: 'long',
    long: 0.3,
    when: 'any',
    squeeze: 19,
    reach: 19,
    apron: 300,
    wire: 0.5,
    climbs: true,
  }),
  marten: threat('marten', 'killed and cached, entry high up', {
    shape: 'long',
    long: 0.7,
    squeeze: 40,
    reach: 40,
    dig: 100,
    apron: 300,
    wire: 0.9,
    tears: true,
    climbs: true,
    over: 1800,
  }),
  rat: threat('rat', 'chicks and eggs gone, burrows, gnawing', {
    shape: 'rodent',
    long: 0.38,
    squeeze: 15,
    reach: 15,
    dig: 450,
    apron: 300,
    wire: 0.9,
    smallPrey: true,
    young: 13,
    chews: true,
    climbs: true,
  }),
  mouse: threat('mouse', 'feed loss only', {
    shape: 'rodent',
    long: 0.16,
    squeeze: 7,
    dig: 150,
    wire: 0.5,
    smallPrey: true,
    takes: 'feed',
    climbs: true,
  }),
  snake: threat('snake', 'eggs or chicks gone without trace', {
    shape: 'snake',
    long: 1.0,
    when: 'warm season',
    squeeze: 13,
    smallPrey: true,
    climbs: true,
  }),
  cat: threat('cat', 'chicks and small birds only', {
    shape: 'feline',
    long: 0.75,
    when: 'any',
    squeeze: 75,
    reach: 50,
    wire: 0.7,
    smallPrey: true,
    climbs: true,
    over: 1800,
  }),
  lynx: threat('bobcat or lynx', 'bird covered with litter', {
    shape: 'feline',
    long: 1.0,
    squeeze: 120,
    reach: 75,
    dig: 150,
    apron: 300,
    wire: 1.4,
    tears: true,
    climbs: true,
    over: 2400,
  }),
  pig: threat('wild pig', 'fence lifted, ground rooted', {
    shape: 'pig',
    long: 1.4,
    squeeze: 250,
    dig: 300,
    apron: 900,
    wire: 3,
    tears: true,
    over: 900,
  }),
  bear: threat('bear', 'housing broken open', { shape: 'bear', long: 1.8, tears: true, climbs: true }),
  hawk: threat('hawk or buzzard', 'plucked ring of feathers, breast eaten', {
    shape: 'bird',
    long: 1.2,
    when: 'day',
    squeeze: 60,
    moves: 'flies',
  }),
  eagle: threat('eagle', 'bird gone by day', {
    shape: 'bird',
    long: 2.0,
    when: 'day',
    squeeze: 150,
    moves: 'flies',
  }),
  owl: threat('owl', 'head and neck eaten', { shape: 'bird', long: 0.95, squeeze: 75, moves: 'flies' }),
  crow: threat('crow or magpie', 'eggs and chicks gone', {
    shape: 'bird',
    long: 0.9,
    when: 'day',
    squeeze: 60,
    reach: 40,
    smallPrey: true,
    moves: 'flies',
  }),
  'wild-birds': threat(
    'wild birds (disease)',
    'none; a housing order asks for a solid cover and openings that no sparrow gets through',
    { shape: 'bird', long: 0.22, when: 'any', squeeze: 26, moves: 'flies', soils: true },
  ),
  person: threat('person (theft)', 'birds gone, catches undone', {
    shape: 'person',
    long: 1.75,
    when: 'any',
    opens: true,
    steals: true,
  }),
} as const;
export type ThreatId = keyof typeof THREATS;
export const THREAT_IDS = Object.keys(THREATS) as readonly ThreatId[];

export const PRESENCES = ['seen', 'likely', 'absent'] as const;
export type Presence = (typeof PRESENCES)[number];

/** Likely nearly everywhere: so set until the keeper says what is about. */
export const USUAL_THREATS: Readonly<Partial<Record<ThreatId, Presence>>> = { fox: 'likely', rat: 'likely' };

/** Figures of a threat that a keeper can set otherwise, m. */
export const THREAT_FIGURES = ['squeeze', 'reach', 'dig', 'apron', 'wire'] as const;
export type ThreatFigure = (typeof THREAT_FIGURES)[number];

/** A plan, as far as it says who is about, and what its keeper thinks they can do. */
export interface Threatened {
  readonly threats: Readonly<Partial<Record<ThreatId, Presence | undefined>>>;
  readonly threatFigures: Readonly<
    Partial<Record<ThreatId, Readonly<Partial<Record<ThreatFigure, number | undefined>>> | undefined>>
  >;
}

/** A threat with the keeper’s figures laid over ours; what does not matter to it stays so. */
export function threatIn({ threatFigures }: Pick<Threatened, 'threatFigures'>, id: ThreatId): ThreatRow {
  const own = threatFigures[id];
  if (!own) return THREATS[id];
  const row: ThreatRow = THREATS[id];
  const figure = (of: ThreatFigure) => (row[of] === null ? null : (own[of] ?? row[of]));
  return {
    ...row,
    squeeze: figure('squeeze'),
    reach: figure('reach'),
    dig: figure('dig'),
    apron: figure('apron'),
    wire: figure('wire'),
    // A keeper who says what gets through says it for the young as well.
    young: own.squeeze === undefined || row.young === null ? row.young : Math.min(row.young, own.squeeze),
  };
}

export const isPresent = (plan: Pick<Threatened, 'threats'>, threat: ThreatId): boolean =>
  (plan.threats[threat] ?? 'absent') !== 'absent';
