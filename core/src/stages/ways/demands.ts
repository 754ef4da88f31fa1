import type { Demand, Reason } from '../../buying/demand';
import type { PackId } from '../../catalogue/packs';
import { PITCH, onePast, packed, pitchAt } from '../../fasteners/along';
import type { WallGroup } from '../walls/shown/groups';
import { type Term, product, value } from '../../working';
import { type Opening, partsFence, rowOf } from './plan/kinds';
import type { HungOpening } from './stage';
import { stickRuns } from './sticks';

const reasonOf = (opening: Opening): Reason => ({
  stage: 'ways',
  part: { on: 'opening', opening: opening.id },
});

/** A built leaf: each band on two stiles, and along three rails. */
function leafStaples(groups: readonly WallGroup[], { opening, kit, leaf }: HungOpening): Term[] {
  if (!partsFence(opening) || kit !== null) return [];
  const group = groups.find((g) => g.lines.some((l) => l.openings.some((o) => o.opening.id === opening.id)));
  const bands = (group?.bands ?? []).filter((band) => Math.max(0, band.bottom) < leaf.height - 1e-9);
  const stiles = bands.map((band) => {
    const height = Math.min(band.top, leaf.height) - Math.max(0, band.bottom);
    return product('fasten.stiles', 'piece', { height }, [
      value('fasten.post-count', 2, 'piece', {}),
      onePast('fasten.stiles', height, pitchAt(band.index === 0), { height }),
    ]);
  });
  const rails = product('fasten.rails', 'piece', { length: leaf.width }, [
    value('fasten.rows', 3, 'piece', {}),
    onePast('fasten.rails', leaf.width, PITCH.high, { length: leaf.width }),
  ]);
  return [...stiles, rails];
}

/** What each leaf and flap hangs on and shuts with, beyond what its kit brings. */
const hardware = ({ opening, joinery: { hardware: needed } }: HungOpening): Demand[] =>
  (Object.keys(needed) as (keyof typeof needed)[]).flatMap((pack): Demand[] => {
    const count = needed[pack] ?? 0;
    const params = { way: opening.kind, width: opening.width };
    return count > 0
      ? [packed(reasonOf(opening), pack, [value('ways.hardware', count, 'piece', params)])]
      : [];
  });

/** What is chosen of one that hangs there already, beyond what it was found with. */
function beyondFound(way: HungOpening): HungOpening {
  const { opening, leaf, joinery } = way;
  const before = rowOf(opening).joinery({ ...opening, ...opening.found } as Opening, leaf, leaf.width);
  const had = (name: string) => before.sticks.find((s) => s.name === name)?.count ?? 0;
  const packs = Object.entries(joinery.hardware).map(
    ([pack, count]) => [pack, Math.max(0, count - (before.hardware[pack as PackId] ?? 0))] as const,
  );
  return {
    ...way,
    joinery: {
      // A leaf that hangs has its own boards.
      sticks: joinery.sticks.filter(({ name, use }) => use === 'sill' && had(name) === 0),
      hardware: Object.fromEntries(packs),
    },
  };
}

/** Kits, what is sawn for the rest, and what all of them hang on. @param walls  as meant */
export const openingDemands = (
  ways: readonly HungOpening[],
  walls: readonly WallGroup[],
): readonly Demand[] =>
  ways.flatMap((hung): Demand[] => {
    const found = hung.opening.found !== undefined;
    const way = found ? beyondFound(hung) : hung;
    const { opening, joinery } = way;
    const kit = found ? null : way.kit;
    const line = rowOf(opening).kit?.line;
    const reason = reasonOf(opening);
    const timbers = new Map<string, ReturnType<typeof stickRuns>>();
    for (const stick of stickRuns(opening, joinery))
      timbers.set(stick.timber, [...(timbers.get(stick.timber) ?? []), stick]);
    return [
      ...(kit === null || line === undefined
        ? []
        : [{ ...reason, buy: 'kit', product: kit, width: opening.width, line } as const]),
      ...[...timbers].map(([timber, runs]): Demand => ({ ...reason, buy: 'timber', timber, runs })),
      packed(reason, 'staple', found ? [] : leafStaples(walls, way)),
      ...hardware(way),
    ];
  });
