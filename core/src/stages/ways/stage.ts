import { type Foot } from '../../ground/foot';
import { THREATS } from '../threats/plan/kinds';
import { type OpeningLimits, passing } from '../threats/shown/openings';
import type { Unmet } from '../../buying/unmet';
import type { Products } from '../../catalogue/products';
import { type Finding, finding } from '../../findings/types';
import { type FenceLine, standingOn, standsOf } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import type { Assumptions } from '../../plan/assumptions';
import type { Change } from '../../plan/changes/types';
import type { Plan } from '../../plan/schema';
import { catchFindings, leafFindings, placeFindings } from './gates';
import {
  type Having,
  type Opening,
  hangingOf,
  kitOf,
  partsFence,
  rowOf,
  leavesGap,
  isCaught,
  hasSill,
} from './plan/kinds';
import type { Joinery, Leaf } from './plan/kinds/kind';
import { gatesFor } from './gateFor';
import { leafTop } from './shown/leaf';
import { BOARD_TIMBER } from '../../catalogue/timbers';

/** An opening with the kit or the timber that closes it. */
export interface HungOpening {
  readonly opening: Opening;
  /** The product of its kit; null for what is built. */
  readonly kit: string | null;
  /** Clear size and overlap, m. */
  readonly leaf: Leaf;
  readonly joinery: Joinery;
}

/** The gap that is usual round a leaf, m. */
const USUAL_GAP = 0.013;

/** @param nearest  clear width of the kit sold that comes nearest, m; null where none is */
function noKit(opening: Opening, nearest: number | null): Finding {
  const mends: Change[] = [
    ...(nearest === null ? [] : [{ verb: 'set-opening', id: opening.id, to: { width: nearest } } as const]),
    { verb: 'set-opening', id: opening.id, to: { make: 'built' } },
  ];
  const params = { way: opening.kind, width: opening.width, nearest };
  return finding(
    'way.no-kit',
    { severity: 'mend', stage: 'ways', part: { on: 'opening', opening: opening.id } },
    params,
    mends,
  );
}

/** What gets through beside a shut leaf; what takes feed alone is left out (rules: Gates and doors). */
function gapFindings(opening: Having<'gap'>, limits: OpeningLimits): Finding[] {
  const threats = limits.threats.filter((t) => THREATS[t.threat].takes !== 'feed');
  const part = { on: 'opening', opening: opening.id } as const;
  return passing({ ...limits, threats }, opening.gap, 'within-reach').map((passed): Finding => {
    const { code, severity, limit, mendTo } = passed;
    const tighter = mendTo > USUAL_GAP ? USUAL_GAP : (rowOf(opening).tightest ?? USUAL_GAP);
    const mends =
      tighter < mendTo ? [{ verb: 'set-opening', id: opening.id, to: { gap: tighter } } as const] : [];
    const of = { of: 'gate', way: opening.kind, opening: opening.gap, from: 0 } as const;
    return finding(code, { severity, stage: 'ways', part }, { ...of, threats: passed.threats, limit }, mends);
  });
}

/** What ways in are closed by. */
export interface HungBy {
  readonly openings: readonly Opening[];
  /** How high what each is in stands over it, by its id, m. */
  readonly walls: ReadonlyMap<string, number>;
  readonly products: Products;
  readonly assumed: Assumptions;
}

/** The line that each side is of. */
const lineOfSides = (lines: readonly FenceLine[]): ReadonlyMap<string, FenceLine> =>
  new Map(lines.flatMap((line) => line.members.map((m) => [m.ringSide.side.id, line] as const)));

/** Gates, pop doors and hatches: their kits or what they are built from. */
export function openingsHung({ openings, walls, products, assumed }: HungBy): readonly HungOpening[] {
  return openings.map((opening): HungOpening => {
    const wall = walls.get(opening.id) ?? 0;
    const hanging = hangingOf(opening);
    const leaf = {
      width: opening.width + assumed.leafOverlap,
      height: hanging.hangs === 'posts' ? leafTop(hanging, wall) : hanging.height + assumed.leafOverlap,
    };
    const board = products.timber(BOARD_TIMBER).width;
    return { opening, kit: kitOf(opening), leaf, joinery: rowOf(opening).joinery(opening, leaf, board) };
  });
}

export interface OpeningsSeenBy extends Omit<HungBy, 'products' | 'assumed'> {
  readonly lines: readonly FenceLine[];
  /** What no yard bought at has. */
  readonly unmet: readonly Unmet[];
  readonly rings: readonly Ring[];
  readonly feet: ReadonlyMap<string, Foot>;
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
}

/** What is weak about the ways in, opening by opening, and runs without a gate. */
export function openingFindings(by: OpeningsSeenBy): readonly Finding[] {
  const { openings, unmet, lines, walls, rings, feet, limits, threats } = by;
  const lineOf = lineOfSides(lines);
  const noKits = new Map(
    unmet.flatMap(({ buy, part, nearest }) =>
      buy === 'kit' && part.on === 'opening' ? [[part.opening, nearest] as const] : [],
    ),
  );
  const each = openings.flatMap((opening): Finding[] => {
    const line = lineOf.get(opening.side);
    const wall = walls.get(opening.id) ?? 0;
    const nearest = noKits.get(opening.id);
    return [
      ...(leavesGap(opening) ? gapFindings(opening, limits) : []),
      ...(isCaught(opening) ? catchFindings({ threats }, opening) : []),
      ...(line && partsFence(opening) ? placeFindings(opening, line) : []),
      ...(line && hasSill(opening) ? leafFindings(opening, line, wall, feet.get(opening.side)) : []),
      ...(nearest === undefined ? [] : [noKit(opening, nearest)]),
    ];
  });
  const ungated = rings.flatMap((ring): Finding[] => {
    const fenced = ring.sides.filter((s) => standsOf(s.side) !== null);
    // Into an arch, which may be low, anything that opens leads.
    const gated = fenced.some(({ side }) =>
      openings.some((o) => o.side === side.id && (partsFence(o) || side.kind === 'arch-end')),
    );
    // What stands all round has a gate that stands.
    if (gated || fenced.every(({ side }) => standingOn(side) !== null)) return [];
    const part = { on: 'enclosure', enclosure: ring.enclosure } as const;
    return [
      finding(
        'fence.no-gate',
        { severity: 'mend', stage: 'ways', part },
        { name: ring.name },
        gatesFor(ring),
      ),
    ];
  });
  return [...each, ...ungated];
}
