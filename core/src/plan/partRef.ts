import { PARTS } from '../stages/facts';

/**
 * How each kind of part is written: in links, files, exports and the ids of drawings, and never otherwise. Names in braces are its
 * fields; those of `NUMBERS` are whole numbers, the others ids.
 */
const FORMS = {
  plan: 'plan',
  enclosure: 'enclosure:{enclosure}',
  flock: 'flock:{flock}',
  corner: 'corner:{corner}',
  side: 'side:{side}',
  'corner-post': 'corner:{corner}/post',
  'gate-post': 'opening:{opening}/post:{edge}',
  pin: 'side:{side}/pin:{pin}',
  post: 'side:{side}/post:{nth}',
  band: 'band:{band}',
  'enclosure-band': 'enclosure:{enclosure}/band:{band}',
  'side-band': 'side:{side}/band:{band}',
  row: 'side:{side}/band:{band}/row:{row}',
  run: 'side:{side}/band:{band}/row:{row}/run:{run}',
  found: 'side:{side}/found:{row}',
  sister: 'side:{side}/sister:{nth}',
  rake: 'side:{side}/rake:{nth}',
  patch: 'corner:{corner}/band:{band}/row:{row}',
  board: 'side:{side}/board:{at}/bay:{bay}',
  ...PARTS,
  opening: 'opening:{opening}',
  leaf: 'opening:{opening}/leaf/band:{band}/row:{row}',
  'above-leaf': 'opening:{opening}/above/band:{band}/row:{row}',
  above: 'opening:{opening}/above/band:{band}',
  stick: 'opening:{opening}/{stick}:{nth}',
  extra: 'extra:{extra}/piece:{nth}',
  building: 'building:{building}',
  'house-door': 'building:{building}/door:{door}',
  'house-stick': 'building:{building}/door:{door}/{stick}:{nth}',
  vent: 'building:{building}/vent:{vent}/{nth}',
  'vent-batten': 'building:{building}/vent:{vent}/batten:{nth}',
  'building-point': 'building:{building}/{point}',
  tree: 'tree:{tree}',
  service: 'service:{service}',
  'service-point': 'service:{service}/{point}',
  boundary: 'boundary:{boundary}',
  tunnel: 'boundary:{boundary}/strip:{nth}',
  'boundary-point': 'boundary:{boundary}/{point}',
  obstacle: 'obstacle:{obstacle}',
  spot: 'spot:{spot}',
  pool: 'pool:{pool}',
  product: 'product:{product}',
} as const;

const NUMBERS = ['nth', 'row', 'run', 'bay', 'wall', 'point'] as const;
type NumberName = (typeof NUMBERS)[number];
const isNumber = (name: string): boolean => NUMBERS.some((n) => n === name);

type Names<Form extends string> = Form extends `${string}{${infer Name}}${infer Rest}`
  ? Name | Names<Rest>
  : never;
export type PartKind = keyof typeof FORMS;
type FieldsOf<K extends PartKind> = {
  readonly [N in Names<(typeof FORMS)[K]>]: N extends NumberName ? number : string;
};

/** What a part is, by where it is: a value to be asked, never a text to be taken apart. */
export type PartRef = { [K in PartKind]: { readonly on: K } & FieldsOf<K> }[PartKind];
/** What parts may say of where they are: which of it, follows from their kind. */
export type PartFields = { readonly on: PartKind } & {
  readonly [N in Names<(typeof FORMS)[PartKind]>]?: N extends NumberName ? number : string;
};
export const partFields = (ref: PartRef): PartFields => ref;
export type PartOf<K extends PartKind> = Extract<PartRef, { readonly on: K }>;

/** Where a post stands, which is what it is called by. */
export type PostRef = PartOf<'corner-post' | 'gate-post' | 'pin' | 'post'>;

const NAME = /\{(\w+)\}/;
/** Text and names of each form in turn: texts at even places. */
const PIECES = Object.fromEntries(Object.entries(FORMS).map(([kind, form]) => [kind, form.split(NAME)]));

/** As it is written in links, files and drawings: `side:s1/band:low/row:0`. */
export function formatPart(ref: PartRef): string {
  const fields = ref as unknown as Readonly<Record<string, string | number>>;
  const pieces = PIECES[ref.on] ?? [];
  return pieces.map((piece, i) => (i % 2 === 0 ? piece : String(fields[piece]))).join('');
}

/** What may stand for a name: pools and products are called by more than an id. */
const patternOf = (name: string): string =>
  isNumber(name) ? '(\\d+)' : name === 'pool' || name === 'product' ? '(.+)' : '([\\w-]+)';

const PATTERNS = Object.entries(PIECES).map(([kind, pieces]) => ({
  kind,
  names: pieces.filter((_, i) => i % 2 === 1),
  pattern: new RegExp(`^${pieces.map((piece, i) => (i % 2 === 0 ? piece : patternOf(piece))).join('')}$`),
}));

/** @returns null for what is no part: it may come from a link */
export function parsePart(text: string): PartRef | null {
  for (const { kind, names, pattern } of PATTERNS) {
    const found = pattern.exec(text);
    if (!found) continue;
    const fields = names.map((name, i) => {
      const given = found[i + 1] ?? '';
      return [name, isNumber(name) ? Number(given) : given] as const;
    });
    return { on: kind, ...Object.fromEntries(fields) } as unknown as PartRef;
  }
  return null;
}

/** The side, corner, opening or building that a part is of, as it stands in the plan; null where it is of none. */
export function thingOf(ref: PartRef): PartOf<'side' | 'corner' | 'opening' | 'building'> | null {
  const { side, corner, opening, building } = partFields(ref);
  if (side !== undefined) return { on: 'side', side };
  if (corner !== undefined) return { on: 'corner', corner };
  if (opening !== undefined) return { on: 'opening', opening };
  return building === undefined ? null : { on: 'building', building };
}
