import type { BandPlace, StackChoice } from './stackProof';
import type { Gathered, WallGroup } from './groups';
import type { Anyway, Stack, StackWant } from './stacks';

/** What widths of roll are asked for: `bought` as estimated with a leaf in every gate, `least` for sure. */
export interface AskedWidths extends Pick<StackChoice, 'places'> {
  readonly wants: { readonly bought: readonly StackWant[]; readonly least: readonly StackWant[] };
  readonly anyway: { readonly bought: Anyway; readonly least: Anyway };
}

const ROWS = ['bought', 'least'] as const;

/**
 * The heights that leave their widths open, and what is taken whatever they are.
 *
 * @param strips  of skirts: their rolls are chosen with those of the walls, which may be cut from the same
 * @param taken   rings and pegs that skirts take anyway
 */
export function askWidths(
  gathered: readonly Gathered[],
  strips: readonly StackWant[],
  taken: Anyway,
): AskedWidths {
  const wants = { bought: [] as StackWant[], least: [] as StackWant[] };
  const places: (BandPlace | null)[] = [];
  const rolls = { bought: new Map(taken.rolls), least: new Map(taken.rolls) };
  const rings = { bought: taken.rings, least: taken.rings };
  for (const group of gathered) {
    // The heights wanted do not depend on the widths: what would reach them just so stands in for these.
    const bands = group.hang((want) => {
      for (const row of ROWS) wants[row].push({ ...want, ...group[row] });
      return [want.height];
    });
    const given = bands.filter(({ band }) => band.widths !== 'cheapest');
    for (const row of ROWS) {
      const { length, seam } = group[row];
      for (const { band, rows } of given) {
        for (const { width } of rows) {
          const key = `${band.mesh} ${width}`;
          rolls[row].set(key, (rolls[row].get(key) ?? 0) + length);
        }
      }
      const seams = bands.length - 1 + given.reduce((n, { rows }) => n + rows.length - 1, 0);
      rings[row] += Math.max(0, seams) * seam;
    }
    for (const { band } of bands)
      if (band.widths === 'cheapest') places.push({ band: band.id, scopes: group.scopes });
  }
  for (const strip of strips) {
    for (const row of ROWS) wants[row].push(strip);
    places.push(null);
  }
  return {
    wants,
    places,
    anyway: {
      bought: { rolls: rolls.bought, rings: rings.bought, pegs: taken.pegs },
      least: { rolls: rolls.least, rings: rings.least, pegs: taken.pegs },
    },
  };
}

/** Hangs all groups with one stack for each of the heights asked for, in their order. */
export function hangWith(gathered: readonly Gathered[], stacks: readonly Stack[]): readonly WallGroup[] {
  let next = 0;
  return gathered.map(({ hang, bought: _, least: _least, scopes: _scopes, ...group }) => ({
    ...group,
    bands: hang(() => stacks[next++]),
  }));
}
