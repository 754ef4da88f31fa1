import { surveyRings } from '../ground/survey';
import type { CuttingPool } from '../cutting/types';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';

/** A length of the unrolled ring, left to right from the first corner. All m. */
export interface StripSide {
  readonly id: string;
  readonly number: number;
  readonly kind: string;
  /** Where it begins along the strip. */
  readonly begins: number;
  readonly length: number;
  readonly forward: boolean;
  readonly label: string;
}

export interface StripPost {
  readonly part: string;
  readonly number: number;
  readonly role: string;
  readonly x: number;
  readonly above: number;
  readonly depth: number;
  readonly size: number;
}

export interface StripPanel {
  readonly part: string;
  readonly from: number;
  readonly to: number;
  readonly bottom: number;
  readonly top: number;
  readonly mesh: string;
}

export interface StripGate {
  readonly part: string;
  readonly from: number;
  readonly to: number;
  readonly top: number;
}

/** A lettered piece where it hangs; `joint` says it is joined to the piece before it. */
export interface StripPiece {
  readonly letter: string;
  readonly pool: string;
  readonly use: string;
  readonly from: number;
  readonly to: number;
  readonly height: number;
  readonly joint: number | null;
}

export interface StripScene {
  readonly sides: readonly StripSide[];
  readonly posts: readonly StripPost[];
  readonly panels: readonly StripPanel[];
  readonly skirts: readonly (StripPanel & { readonly flat: boolean })[];
  readonly gates: readonly StripGate[];
  readonly pieces: readonly StripPiece[];
  readonly length: number;
  readonly top: number;
  readonly depth: number;
}

/** One ring unrolled: the same parts as on the sheet, seen from outside and in front. */
export function stripScene(
  plan: Plan,
  parts: readonly Part[],
  cutting: readonly CuttingPool[],
  ringIndex = 0,
): StripScene {
  const ring = surveyRings(plan)[ringIndex];
  let begins = 0;
  const sides = (ring?.sides ?? []).map((s): StripSide => {
    const building = s.side.kind === 'building' ? s.side.building : undefined;
    const label =
      building === undefined ? '' : (plan.ground.buildings.find((b) => b.id === building)?.name ?? '');
    const side = {
      id: s.side.id,
      number: s.number,
      kind: s.side.kind,
      begins,
      length: s.length,
      forward: s.forward,
      label,
    };
    begins += s.length;
    return side;
  });
  const bySide = new Map(sides.map((s) => [s.id, s]));
  /** Side coordinates to the strip; undefined for a side of another ring. */
  const across = (id: string, from: number, to: number) => {
    const side = bySide.get(id);
    if (!side) return undefined;
    return side.forward
      ? { from: side.begins + from, to: side.begins + to }
      : { from: side.begins + side.length - to, to: side.begins + side.length - from };
  };

  const posts: StripPost[] = [];
  const panels: StripPanel[] = [];
  const skirts: (StripPanel & { flat: boolean })[] = [];
  const gates: StripGate[] = [];
  for (const part of parts) {
    const at =
      part.kind === 'post'
        ? across(part.side, part.along, part.along)
        : across(part.side, part.from, part.to);
    if (!at) continue;
    switch (part.kind) {
      case 'post':
        posts.push({
          part: part.path,
          number: part.number,
          role: part.role,
          x: at.from,
          above: part.above,
          depth: part.depth,
          size: part.size,
        });
        break;
      case 'mesh':
        panels.push({ part: part.path, ...at, bottom: part.bottom, top: part.top, mesh: part.mesh });
        break;
      case 'skirt':
        skirts.push({
          part: part.path,
          ...at,
          bottom: -part.depth,
          top: 0,
          mesh: part.mesh,
          flat: part.out > 0,
        });
        break;
      case 'opening':
        gates.push({ part: part.path, ...at, top: part.top });
        break;
    }
  }
  // The corner where the strip begins is where it ends as well, unless it ends at a building.
  const first = posts.find((p) => p.x < 1e-6 && p.part.startsWith('corner:'));
  const last = sides[sides.length - 1];
  if (first && last?.kind === 'fence') posts.push({ ...first, x: begins });

  const rowHeights = new Map<string, number>();
  for (const part of parts) {
    if (part.kind === 'mesh')
      rowHeights.set(part.path.replace(/^side:[^/]+\//, ''), (part.bottom + part.top) / 2);
  }
  const heightOf = (part: string): number => {
    const row = /band:[^/]+\/row:\d+/.exec(part);
    return row ? (rowHeights.get(row[0]) ?? 0.5) : 0;
  };
  const pieces = cutting.flatMap((pool) =>
    pool.rolls.flatMap((roll) =>
      roll.pieces.flatMap((piece): StripPiece[] => {
        const spans = piece.spans.flatMap((span) => across(span.side, span.from, span.to) ?? []);
        const [head] = spans;
        if (!head) return [];
        // A piece round a corner lies in several spans that follow each other; one that passes the strip's ends, in two.
        const joined: { from: number; to: number }[] = [];
        for (const span of spans) {
          const before = joined[joined.length - 1];
          if (before && Math.abs(before.to - span.from) < 1e-6) before.to = span.to;
          else joined.push({ ...span });
        }
        return joined.map((span, i) => ({
          letter: piece.letter,
          pool: pool.id,
          use: piece.use,
          from: span.from,
          to: span.to,
          height: heightOf(piece.part),
          joint: piece.jointed && i === 0 ? span.from : null,
        }));
      }),
    ),
  );
  return {
    sides,
    posts,
    panels,
    skirts,
    gates,
    pieces,
    length: begins,
    top: Math.max(0.5, ...panels.map((p) => p.top), ...posts.map((p) => p.above)),
    depth: Math.max(0.3, ...posts.map((p) => p.depth), ...skirts.map((s) => -s.bottom)),
  };
}
