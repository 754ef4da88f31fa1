import type { Barrier, Door, Footing, Lid, LiveLine, Pane, WallHead } from '../findings/barrier';
import type { Way } from '../findings/entry';
import type { Plan } from '../plan/schema';
import { rateDoor, rateUnderDoor } from './rate/doors';
import { rateFooting } from './rate/footing';
import { isWhole, meetsLid, rateGap, rateHead, rateLid } from './rate/heads';
import type { Comer } from './rate/layers';
import { rateLine } from './rate/lines';
import type { ByWay } from './rate/panes';
import { type Rated, because, bestOf, open } from './rated/types';

/** What a yard is judged by. */
export interface YardBy {
  readonly soil: Plan['ground']['soil'];
  /** What the live line read last, kV; null where nobody read it. */
  readonly reading: number | null;
}

/** The barriers of one run, or of what belongs to none. */
export interface Yard {
  readonly enclosure: string | null;
  readonly panes: readonly Pane[];
  readonly feet: readonly Footing[];
  readonly heads: readonly WallHead[];
  readonly lids: readonly Lid[];
  readonly doors: readonly Door[];
  readonly lines: readonly LiveLine[];
}

export const ofKind = <K extends Barrier['of']>(all: readonly Barrier[], of: K) =>
  all.filter((b): b is Extract<Barrier, { of: K }> => b.of === of);

/** Run by run, and what belongs to none. */
export function yardsOf(barriers: readonly Barrier[]): readonly Yard[] {
  const by = new Map<string | null, Barrier[]>();
  for (const barrier of barriers) {
    const known = by.get(barrier.enclosure);
    if (known) known.push(barrier);
    else by.set(barrier.enclosure, [barrier]);
  }
  return [...by].map(([enclosure, all]) => ({
    enclosure,
    panes: ofKind(all, 'pane'),
    feet: ofKind(all, 'foot'),
    heads: ofKind(all, 'top'),
    lids: ofKind(all, 'lid'),
    doors: ofKind(all, 'door'),
    lines: ofKind(all, 'line').filter(({ round }) => round !== 'nothing'),
  }));
}

/** A line that stands by day alone does not meet what comes by night, and the other way about. */
const isMet = ({ when }: LiveLine, { row }: Comer): boolean =>
  when === 'always' || row.when === 'any' || row.when === 'warm season' || row.when === when;

/** Up whenever a threat may come: what comes at any hour finds a line that stands by day alone down by night. */
const isAlwaysUp = ({ when }: LiveLine, { row }: Comer): boolean => when === 'always' || row.when === when;

/** The best that a live line round a run or a paddock does about a threat; null where none is up whenever it comes. */
export const lineOf = ({ lines }: Yard, comer: Comer, { reading }: Pick<YardBy, 'reading'>): Rated | null =>
  bestOf(lines.filter((line) => isAlwaysUp(line, comer)).map((line) => rateLine(comer, line, reading))) ??
  null;

export type Found = readonly [barrier: Barrier, entry: Way, rated: Rated];

/** What comes over the walls, or from above. */
function fromAbove(yard: Yard, comer: Comer): Found[] {
  const { heads, lids } = yard;
  const [lid] = lids;
  const flies = comer.row.moves === 'flies';
  if (!lid || !isWhole(lids)) {
    const over = heads.flatMap((head): Found[] => {
      const rated = rateHead(comer, head);
      return rated ? [[head, 'over', rated]] : [];
    });
    if (!flies) return over;
    const at = lid ?? heads[0];
    return at ? [[at, 'above', open(because(lid ? 'above.part' : 'above.nothing', {}))]] : [];
  }
  if (!meetsLid(comer, heads)) {
    return heads.flatMap((head): Found[] => {
      const rated = rateHead(comer, head);
      return rated ? [[head, 'over', rated]] : [];
    });
  }
  const rated = lids.map((one) => [one, rateLid(comer, one.layers)] as const);
  const ways: readonly Way[] = flies ? ['above'] : ['above', 'over'];
  return ways.flatMap((way): Found[] => [
    ...rated.map(([one, each]): Found => [one, way, each]),
    ...heads.flatMap((head): Found[] => {
      const gap = head.gap > 0 ? rateGap(comer, head.gap) : null;
      return gap ? [[head, way, gap]] : [];
    }),
  ]);
}

/** Everything in a yard that a threat meets, each with how it meets it. */
export function foundIn(
  yard: Yard,
  comer: Comer,
  { soil, reading }: YardBy,
  panes: (pane: Pane) => ByWay,
): Found[] {
  const found: Found[] = [];
  // A paddock is closed by its net alone.
  const alone = yard.lines.filter((line) => line.round === 'paddock');
  if (alone.length > 0 && comer.row.moves !== 'flies')
    return alone
      .filter((line) => isMet(line, comer))
      .map((line) => [line, 'through', rateLine(comer, line, reading)]);
  for (const pane of yard.panes) for (const [way, rated] of panes(pane)) found.push([pane, way, rated]);
  for (const foot of yard.feet) {
    const rated = rateFooting(comer, foot, soil);
    if (rated) found.push([foot, 'under', rated]);
  }
  for (const door of yard.doors) {
    const shut = rateDoor(comer, door);
    if (shut) found.push([door, 'door', shut]);
    const under = rateUnderDoor(comer, door);
    if (under) found.push([door, 'under', under]);
  }
  found.push(...fromAbove(yard, comer));
  return found;
}
