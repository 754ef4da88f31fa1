import type { MeshProduct, MeshType } from './types';

const mm = (n: number) => Math.round(n * 1000) / 1e6;
/** The trade calls a wide opening by whole inches and a small one by quarters: 200 mm is 8, 25 is 1, 13 is ½. */
const inches = (n: number) => {
  const step = n >= 75 ? 1 : 0.25;
  return Math.round(n / 25.4 / step) * step;
};

type Sold = Pick<MeshProduct, 'widths' | 'lengths'>;

/** @param made  opening up the wall and along it, wire: mm */
function mesh(
  id: string,
  type: MeshType,
  [up, along, wire]: readonly [number, number, number],
  { widths, lengths }: Sold,
): MeshProduct {
  return {
    id,
    type,
    opening: { up: mm(up), along: mm(along) },
    trade: [inches(up), inches(along)],
    wire: mm(wire),
    widths,
    lengths,
  };
}

const HEX_WIDTHS = [0.6, 0.9, 1.2, 1.5, 1.8];

/** The meshes told apart (rules: Mesh); openings and wires in mm here, m in the product. */
export const MESHES: readonly MeshProduct[] = [
  mesh('fine-6', 'fine-welded', [6.5, 6.5, 0.66], { widths: [0.6, 0.9, 1.2], lengths: [5, 15, 30] }),
  mesh('fine-13', 'fine-welded', [13, 13, 1.04], { widths: [0.6, 0.9, 1.2], lengths: [5, 15, 30] }),
  mesh('fine-13-heavy', 'fine-welded', [13, 13, 1.59], { widths: [0.9, 1.2], lengths: [15, 30] }),
  mesh('welded-25x13', 'welded', [25, 13, 1.59], { widths: [0.6, 0.9, 1.2], lengths: [15, 30] }),
  mesh('welded-25', 'welded', [25, 25, 1.59], { widths: [0.6, 0.9, 1.2, 1.8], lengths: [15, 30] }),
  mesh('welded-50x25', 'welded', [50, 25, 2.03], { widths: [0.9, 1.2, 1.5, 1.8], lengths: [15, 30] }),
  mesh('welded-50', 'welded', [50, 50, 2.5], { widths: [0.9, 1.2, 1.5, 1.8], lengths: [15, 25] }),
  mesh('welded-75x50', 'welded', [75, 50, 2.03], { widths: [0.6, 0.9, 1.2], lengths: [15, 30] }),
  mesh('welded-100x50', 'welded', [100, 50, 2.03], { widths: [0.9, 1.2, 1.5, 1.8], lengths: [15, 30] }),
  mesh('hex-13', 'hexagonal', [13, 13, 0.7], { widths: HEX_WIDTHS, lengths: [10, 25, 50] }),
  mesh('hex-25', 'hexagonal', [25, 25, 0.9], { widths: HEX_WIDTHS, lengths: [10, 25, 50] }),
  mesh('hex-50', 'hexagonal', [50, 50, 0.9], { widths: HEX_WIDTHS, lengths: [10, 25, 50] }),
  mesh('chain-50', 'chain-link', [50, 50, 2.5], { widths: [0.9, 1.2, 1.5, 1.8], lengths: [12.5, 25] }),
  mesh('chain-50-heavy', 'chain-link', [50, 50, 3.0], { widths: [0.9, 1.2, 1.5, 1.8], lengths: [12.5, 25] }),
  mesh('stock-woven', 'woven', [200, 150, 2.5], { widths: [0.8, 1.0, 1.2], lengths: [50, 100] }),
];

/** Rigid panels are sold one by one: the width of a roll is their height, the length of a roll their length. */
const PANEL = [4.88];

/** Rigid panels and plastic net: what the edition of 25 November added. */
export const MESHES_2026_11_25: readonly MeshProduct[] = [
  ...MESHES,
  mesh('panel-stock', 'stock-panel', [150, 200, 6], { widths: [1.27], lengths: PANEL }),
  mesh('panel-close', 'close-panel', [100, 100, 5], { widths: [0.86, 1.22], lengths: PANEL }),
  mesh('plastic-20', 'plastic', [20, 20, 1.5], { widths: [2, 4], lengths: [10, 50] }),
];

const NETS = [3, 5, 8];
const closed = (id: string, type: MeshType, thick: number, sold: Sold) => mesh(id, type, [0, 0, thick], sold);

/** What covers are made of (rules: Cover). Nets, tarps and sheets are sold whole: the width and length of a roll are theirs. */
export const MESHES_2026_11_28: readonly MeshProduct[] = [
  ...MESHES_2026_11_25,
  mesh('net-25', 'cover-net', [25, 25, 1.6], { widths: NETS, lengths: [5, 10, 20] }),
  mesh('net-50', 'cover-net', [50, 50, 1.6], { widths: NETS, lengths: [5, 10, 20] }),
  closed('shade-cloth', 'shade-cloth', 0.6, { widths: [2, 4], lengths: [5, 10] }),
  closed('tarp', 'tarp', 0.3, { widths: [3, 4, 5, 6], lengths: [4, 5, 6, 7, 8] }),
  closed('vinyl', 'vinyl', 0.5, { widths: [1.4], lengths: [5, 10] }),
  closed('film', 'film', 0.2, { widths: [2, 4, 6], lengths: [5, 10, 20] }),
  closed('sheet', 'corrugated', 0.5, { widths: [0.76, 1.0], lengths: [1.8, 2.4, 3.0, 3.6] }),
];
