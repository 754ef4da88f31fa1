import { swings } from '../plan/kinds';
import { distance } from '../../../ground/vector';
import type { Plan } from '../../../plan/schema';
import { splitSide } from '../../outline/verbs/corners';
import { addBeside } from '../../outline/verbs/enclosures';

/** A gate nearer to the end of its side takes the corner that is there, m. */
const AT_CORNER = 0.05;

/** Names for what a lobby adds. */
export interface LobbyIds {
  readonly enclosure: string;
  readonly opening: string;
  /** Where the gate's side is parted, then the two outer corners. */
  readonly corners: readonly [string, string, string, string];
  /** The parts of the gate's side after the first, then the three sides of the lobby. */
  readonly sides: readonly [string, string, string, string, string];
}

/** A small run outside a gate, with a second gate: birds that slip through one meet the other. */
export interface AddLobby {
  readonly opening: string;
  readonly depth: number;
  readonly ids: LobbyIds;
}

function lengthOf(plan: Plan, id: string): number {
  const side = plan.sides.find((s) => s.id === id);
  const from = plan.corners.find((c) => c.id === side?.from);
  const to = plan.corners.find((c) => c.id === side?.to);
  return from && to ? distance(from, to) : 0;
}

/**
 * A double gate: the gate's own width of fence becomes a side of its own, a small run is built outside it, and a second
 * gate like the first closes that. The first then swings into the run, the second out.
 */
export function addLobby(plan: Plan, { opening, depth, ids }: AddLobby): Plan {
  const find = (p: Plan) => p.openings.find((o) => o.id === opening);
  const gate = find(plan);
  if (!gate || !swings(gate)) return plan;
  let parted = plan;
  if (gate.along > AT_CORNER)
    parted = splitSide(parted, {
      side: gate.side,
      along: gate.along,
      corner: ids.corners[0],
      second: ids.sides[0],
    });
  const own = find(parted) ?? gate;
  if (lengthOf(parted, own.side) - own.along - own.width > AT_CORNER)
    parted = splitSide(parted, {
      side: own.side,
      along: own.along + own.width,
      corner: ids.corners[1],
      second: ids.sides[1],
    });
  const beside = addBeside(parted, {
    side: own.side,
    depth,
    enclosure: { id: ids.enclosure, name: 'Lobby' },
    corners: [ids.corners[2], ids.corners[3]],
    sides: [ids.sides[2], ids.sides[3], ids.sides[4]],
  });
  const along = Math.max(0, (lengthOf(beside, ids.sides[3]) - gate.width) / 2);
  return {
    ...beside,
    openings: [
      ...beside.openings.map((o) => (o.id === opening ? { ...gate, ...own, swing: 'in' as const } : o)),
      { ...gate, id: ids.opening, side: ids.sides[3], along, swing: 'out' },
    ],
  };
}
