import { type Chosen, type Facet, choicesFor } from '../plan/effective';
import type { Enclosure, Side } from '../plan/schema';
import { type Standing, addedTo } from '../stages/outline/plan/standing';

/** Which sides go on alike into each other, by classes: sides of one class have the same. Sides that are not named are of class 0. */
export interface Partings {
  /** All that a fence line has alike along its length: spacing, walls, boards and how they take a slope. */
  readonly lines: ReadonlyMap<string, number>;
  /** What makes one wall of two: only where another begins is a straight corner a corner. */
  readonly walls: ReadonlyMap<string, number>;
}

/** What parts lines: what lies on the ground parts them again, and posts never do. */
export interface PartedBy {
  readonly spacing: Chosen<Facet<'spacing'>>;
  readonly bands: Chosen<Facet<'bands'>>;
  readonly boards: Chosen<Facet<'boards'>>;
  readonly slope: Chosen<Facet<'slope'>>;
}

/** Numbers texts from 0 in the order in which they come. */
function classes(): (text: string) => number {
  const known = new Map<string, number>();
  return (text) => {
    const number = known.get(text) ?? known.size;
    known.set(text, number);
    return number;
  };
}

const isApart = ({ enclosure, side }: Chosen<object>): boolean =>
  Object.keys(enclosure).length > 0 || Object.keys(side).length > 0;

/** What stands on a side already, as a text; none where it is built. */
const standingText = (side: Side): string =>
  side.kind === 'fence' && side.standing ? JSON.stringify(side.standing) : '';

export function partingsOf(
  { sides, enclosures }: { readonly sides: readonly Side[]; readonly enclosures: Enclosure[] },
  by: PartedBy,
): Partings {
  const lines = new Map<string, number>();
  const walls = new Map<string, number>();
  const stands = sides.some((side) => standingText(side) !== '');
  if (!stands && !Object.values(by).some(isApart)) return { lines, walls };
  const [lineClass, wallClass] = [classes(), classes()];
  for (const side of sides) {
    const { id, kind } = side;
    if (kind !== 'fence') continue; // arches have no choice of posts or walls
    const spacing = choicesFor({ choices: by.spacing, enclosures }, id);
    const bands = choicesFor({ choices: by.bands, enclosures }, id);
    const { boards } = choicesFor({ choices: by.boards, enclosures }, id);
    const { slope } = choicesFor({ choices: by.slope, enclosures }, id);
    const there = standingText(side);
    lines.set(id, lineClass(JSON.stringify([spacing.spacing, spacing.bays, bands, boards, slope, there])));
    walls.set(id, wallClass(JSON.stringify([bands.bands, bands.overhang, there])));
  }
  return { lines, walls };
}

/** What is chosen along each line, once for all sides of a line, which have it alike. */
export function alongLines<C extends object, L extends { readonly id: string }>(
  lines: readonly L[],
  choices: Chosen<C>,
  enclosures: Enclosure[],
): ReadonlyMap<L, C> {
  return new Map(lines.map((line) => [line, choicesFor({ choices, enclosures }, line.id)]));
}

interface MayStand {
  readonly standing: Standing | null;
}

/** Posts of a fence that stands are as far apart as they were found. */
export const spacingsFound = <L extends MayStand>(
  chosen: ReadonlyMap<L, Facet<'spacing'>>,
): ReadonlyMap<L, Facet<'spacing'>> =>
  asFound(chosen, (facet, { spacing }) => ({ ...facet, spacing, bays: 'equal' }));

/** On a fence that stands only what is added to it is hung. */
export const bandsAdded = <L extends MayStand>(
  chosen: ReadonlyMap<L, Facet<'bands'>>,
): ReadonlyMap<L, Facet<'bands'>> =>
  asFound(chosen, (facet, standing) => ({ ...facet, bands: addedTo(standing), overhang: 0 }));

function asFound<L extends MayStand, C>(
  chosen: ReadonlyMap<L, C>,
  of: (facet: C, standing: Standing) => C,
): ReadonlyMap<L, C> {
  if ([...chosen.keys()].every(({ standing }) => standing === null)) return chosen;
  return new Map(
    [...chosen].map(([line, facet]) => [line, line.standing === null ? facet : of(facet, line.standing)]),
  );
}
