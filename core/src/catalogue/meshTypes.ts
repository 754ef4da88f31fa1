/** What tells one type of mesh from the others, whatever its opening and wire. */
export interface MeshTypeRow {
  /** As a title, and within a sentence. */
  readonly name: string;
  readonly said: string;
  readonly of: 'steel' | 'plastic';
  /** How its wires run: its picture and its weight follow. */
  readonly weave: 'squares' | 'hexagons' | 'diamonds' | 'closed';
  /** Of a square metre of what is closed, kg; null for mesh, whose weight follows from its wire. */
  readonly weight: number | null;
  /** The steepest grade that it follows, rise over run (rules: Slope and survey). Rigid panels do not rack. */
  readonly follows: number;
  /** Sold as panels that butt at posts and go round no corner. */
  readonly rigid: boolean;
  /** Torn by animals marked so, whatever its wire (rules: Threats). */
  readonly torn: boolean;
  /** Rain and droppings do not pass. */
  readonly tight: boolean;
  /** Welded: offered in the ground, and as a mend where an animal gets through. */
  readonly welded: boolean;
  /** Woven so that posts may stand 3.0 m apart (rules: Posts). */
  readonly spans: boolean;
  /** Pulled so hard that every corner is braced. */
  readonly pulled: boolean;
  /** Hung as a wall; otherwise over a run alone. */
  readonly wall: boolean;
  /** What kind of cover it can make, apart from mesh laid in strips. */
  readonly covers: 'net' | 'panels' | 'sheet' | 'tarp' | 'film' | 'strips' | 'nothing';
  /** A keeper may add one that no yard lists. */
  readonly own: boolean;
}

const row = (of: Partial<MeshTypeRow> & Pick<MeshTypeRow, 'name' | 'said' | 'follows'>): MeshTypeRow => ({
  of: 'steel',
  weave: 'squares',
  weight: null,
  covers: 'strips',
  rigid: false,
  torn: false,
  tight: false,
  welded: false,
  spans: false,
  pulled: false,
  wall: true,
  own: true,
  ...of,
});

/** What is closed: over a run or round it, never a wall of its own. */
const cloth = (
  of: Pick<MeshTypeRow, 'name' | 'said' | 'weight' | 'covers'> & Partial<MeshTypeRow>,
): MeshTypeRow => row({ follows: 0.25, of: 'plastic', weave: 'closed', wall: false, own: false, ...of });

/** Every type of mesh, and of what is laid over a run like it. */
export const MESH_TYPES = {
  'fine-welded': row({ name: 'Fine welded', said: 'fine welded mesh', follows: 0.05, welded: true }),
  welded: row({ name: 'Welded', said: 'welded mesh', follows: 0.05, welded: true }),
  hexagonal: row({
    name: 'Hexagonal',
    said: 'hexagonal mesh',
    follows: 0.12,
    weave: 'hexagons',
    torn: true,
  }),
  'chain-link': row({
    name: 'Chain link',
    said: 'chain link',
    follows: 0.25,
    weave: 'diamonds',
    spans: true,
  }),
  woven: row({ name: 'Woven stock', said: 'woven stock mesh', follows: 0.25, spans: true, pulled: true }),
  'stock-panel': row({
    name: 'Rigid stock panel',
    said: 'a rigid stock panel',
    follows: 0,
    rigid: true,
    covers: 'panels',
    own: false,
  }),
  'close-panel': row({
    name: 'Rigid close panel',
    said: 'a rigid close panel',
    follows: 0,
    rigid: true,
    covers: 'panels',
    own: false,
  }),
  'cover-net': row({
    name: 'Knotted cover net',
    said: 'knotted net',
    follows: 0.25,
    of: 'plastic',
    wall: false,
    covers: 'net',
    own: false,
  }),
  plastic: row({
    name: 'Extruded plastic net',
    said: 'plastic net',
    follows: 0.25,
    of: 'plastic',
    torn: true,
  }),
  'shade-cloth': cloth({ name: 'Shade cloth', said: 'shade cloth', weight: 0.09, covers: 'tarp' }),
  tarp: cloth({ tight: true, name: 'Tarp', said: 'a tarp', weight: 0.14, covers: 'tarp' }),
  vinyl: cloth({ tight: true, name: 'Clear vinyl', said: 'clear vinyl', weight: 0.6, covers: 'tarp' }),
  film: cloth({ tight: true, name: 'Clear film', said: 'clear film', weight: 0.19, covers: 'film' }),
  corrugated: cloth({
    tight: true,
    name: 'Corrugated sheet',
    said: 'corrugated sheet',
    weight: 4.9,
    covers: 'sheet',
    of: 'steel',
    rigid: true,
  }),
} as const satisfies Readonly<Record<string, MeshTypeRow>>;

export type MeshType = keyof typeof MESH_TYPES;
export const MESH_TYPE_IDS = Object.keys(MESH_TYPES) as [MeshType, ...MeshType[]];

/** Film, cloth and sheet: rain, snow and wind do not pass. */
export const isClosed = (of: { readonly type: MeshType }): boolean => typeOf(of).weave === 'closed';

/** The row of a type. */
export const typeOf = ({ type }: { readonly type: MeshType }): MeshTypeRow => MESH_TYPES[type];
