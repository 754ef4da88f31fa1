import { straightsNear } from '../../../ground/boxes';
import type { Ring, RingSide } from '../../../ground/survey';
import { type Vector, toSegment } from '../../../ground/vector';
import { type Opening, partsFence } from '../../ways/plan/kinds';
import type { HotWire } from '../plan/choice';

/** More than the width of a gate goes under it: down one post and up the other, m. */
export const LEAD_MORE = 1;

/** A post so near to the line of a side stands on it, m. */
const ON_SIDE = 0.02;

/** Where a gate parts the fence, whatever hangs in it. Side coordinates, m. */
export interface GateGap {
  readonly side: string;
  readonly along: number;
  readonly width: number;
}

export const gateGaps = (openings: readonly Opening[]): readonly GateGap[] =>
  openings.filter(partsFence).map(({ side, along, width }) => ({ side, along, width }));

/** A hot wire along its sides. Lengths m. */
export interface Wired {
  readonly wire: HotWire;
  /** Sides that are fenced, each once, as they lie in a ring. */
  readonly sides: readonly RingSide[];
  /** Sides named that no fence stands on. */
  readonly bare: readonly string[];
  readonly fenced: number;
  /** One strand of it, gates left out. */
  readonly strand: number;
  /** All strands together. */
  readonly length: number;
  readonly gates: readonly GateGap[];
  /** Cable under gates. */
  readonly lead: number;
  readonly insulators: number;
  /** Each strand is jointed at every corner, where it is made off, and to both ends of a cable under a gate. */
  readonly joints: number;
}

interface WiredBy {
  readonly rings: readonly Ring[];
  readonly gates: readonly GateGap[];
  /** Where posts stand. */
  readonly posts: readonly Vector[];
}

/** Outside a corner a strand is longer than the fence, inside it is shorter, by twice the offset times the tangent of half the turn. */
export const roundCorner = (turn: number, offset: number): number => 2 * offset * Math.tan(turn / 2);

/** Sides of one ring that follow each other among those chosen, with the turn from one to the next. */
function turnsBetween(ring: Ring, chosen: ReadonlySet<string>): readonly number[] {
  return ring.sides.flatMap((side, i) => {
    const next = ring.sides[(i + 1) % ring.sides.length];
    if (!next || next === side || !chosen.has(side.side.id) || !chosen.has(next.side.id)) return [];
    return [side.turn];
  });
}

/** Posts that stand on each side, by its id. */
type PostsBySide = ReadonlyMap<string, readonly Vector[]>;

function postsBySide({ rings, posts }: WiredBy): PostsBySide {
  const sides = rings.flatMap((ring) => ring.sides);
  const near = straightsNear(
    sides.map(({ start, end }) => ({ from: start, to: end })),
    ON_SIDE,
  );
  const standing = new Map<string, Vector[]>();
  for (const post of posts)
    for (const k of near(post)) {
      const side = sides[k];
      if (!side || toSegment(post, side.start, side.end) >= ON_SIDE) continue;
      const there = standing.get(side.side.id);
      if (there) there.push(post);
      else standing.set(side.side.id, [post]);
    }
  return standing;
}

function wiredOf(wire: HotWire, { rings, gates: all }: WiredBy, standing: PostsBySide): Wired {
  const wanted = new Set(wire.sides);
  const seen = new Set<string>();
  const sides: RingSide[] = [];
  let turned = 0;
  let corners = 0;
  for (const ring of rings) {
    const here = ring.sides.filter(
      (s) => wanted.has(s.side.id) && s.side.kind === 'fence' && !seen.has(s.side.id),
    );
    here.forEach((s) => seen.add(s.side.id));
    sides.push(...here);
    const turns = turnsBetween(ring, new Set(here.map((s) => s.side.id)));
    corners += turns.filter((turn) => Math.abs(turn) > 1e-6).length;
    for (const turn of turns) turned += roundCorner(turn, wire.offset);
  }
  const fenced = sides.reduce((t, s) => t + s.length, 0);
  const gates = all.filter((o) => seen.has(o.side));
  const under = wire.gates === 'under';
  const strand = Math.max(0, fenced + turned - (under ? gates.reduce((t, g) => t + g.width, 0) : 0));
  const strands = wire.heights.length;
  return {
    wire,
    sides,
    bare: wire.sides.filter((id) => !seen.has(id)),
    fenced,
    strand,
    length: strand * strands,
    gates,
    lead: under ? gates.reduce((t, g) => t + g.width + LEAD_MORE, 0) : 0,
    insulators: new Set(sides.flatMap((s) => standing.get(s.side.id) ?? [])).size * strands,
    joints: strands * (corners + (under ? 2 * gates.length : 0)),
  };
}

/** Every hot wire of the plan along the sides of these runs. */
export function wired(wires: readonly HotWire[], by: WiredBy): readonly Wired[] {
  const standing = postsBySide(by);
  return wires.map((wire) => wiredOf(wire, by, standing));
}
