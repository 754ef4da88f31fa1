import { productsOf } from '../../catalogue/products';
import { editionOf } from '../../catalogue/editionOf';
import { nextId } from '../../plan/ids';
import type { Change } from '../../plan/changes/types';
import { assumptionsOf } from '../../plan/effective';
import type { Building, Plan } from '../../plan/schema';
import { freeGround } from '../../ground/freeGround';
import { surveyRings } from '../../ground/survey';
import { type Vector, doubleArea, insideOrOn, lerp, minus, plus, times } from '../../ground/vector';
import { tidy } from '../../units/round';
import { type Arch, KINDS, KIND_IDS, type KindId, makeupOf, rowOf } from './plan/kinds';
import { LIMITS } from './plan/limits';
import { meet, shrunk } from './overlap';
import { type AddArch, type ArchPlace, archOver, archPlace } from './verbs';

/** Where a new arch is put: an end on a house, beside one with a lane between, by itself, or over a run that is there. */
export type Where = 'gable' | 'beside' | 'alone' | 'over';

export interface NewArch {
  readonly where: Where;
  readonly kind: KindId;
  /** The house that it is put by; null for one alone. */
  readonly building: string | null;
  /** The run that it goes over; null for one with a run of its own. */
  readonly run: string | null;
  readonly change: Extract<Change, { readonly verb: 'add-arch' | 'arch-over' }>;
}

/** Clear of what stands already, m. */
const CLEAR = 0.05;

interface Wall {
  readonly from: Vector;
  readonly to: Vector;
  readonly length: number;
  readonly along: Vector;
  readonly out: Vector;
}

function wallsOf({ outline }: Building): readonly Wall[] {
  const hand = doubleArea(outline) < 0 ? -1 : 1;
  return outline.flatMap((from, i): Wall[] => {
    const to = outline[(i + 1) % outline.length] ?? from;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    if (length < 0.3) return [];
    const along = times(minus(to, from), 1 / length);
    return [{ from, to, length, along, out: { x: along.y * hand, y: -along.x * hand } }];
  });
}

const cornersOf = ({ at, direction, base, length }: ArchPlace): readonly Vector[] => {
  const along = { x: Math.cos(direction), y: Math.sin(direction) };
  const over = { x: -along.y, y: along.x };
  return [
    plus(at, times(over, -base / 2)),
    plus(plus(at, times(over, -base / 2)), times(along, length)),
    plus(plus(at, times(over, base / 2)), times(along, length)),
    plus(at, times(over, base / 2)),
  ];
};

/** Whether it stands clear of every run, house and trunk. */
function isClear(plan: Plan, place: ArchPlace): boolean {
  const outline = cornersOf(place);
  const own = shrunk(outline);
  const rings = surveyRings(plan).map((r) => r.sides.map((s) => s.start));
  const houses = plan.ground.buildings.filter((b) => b.stands === 'walls').map((b) => b.outline);
  const trunk = plan.ground.trees.some((t) => insideOrOn(t.at, own, t.trunk / 2 + CLEAR));
  // It may stand against a house, and not against a run, whose sides it would touch.
  return (
    !trunk &&
    !rings.some((ring) => meet(outline, ring, CLEAR)) &&
    !houses.some((house) => meet(own, house, 0))
  );
}

const heading = ({ x, y }: Vector): number => Math.atan2(y, x);

/** Places by a house: its end on a gable, the narrower walls first; or along a wall with a lane between, the longer first. */
function placesBy(
  plan: Plan,
  building: Building,
  where: 'gable' | 'beside',
  size: Pick<ArchPlace, 'base' | 'length'>,
): readonly ArchPlace[] {
  const walls = [...wallsOf(building)].sort((a, b) =>
    where === 'gable' ? a.length - b.length : b.length - a.length,
  );
  const lane = assumptionsOf(plan).barrowLane;
  return walls.map((wall): ArchPlace => {
    const middle = lerp(wall.from, wall.to, 0.5);
    if (where === 'gable') return { ...size, at: middle, direction: heading(wall.out) };
    const off = plus(middle, times(wall.out, lane + size.base / 2));
    return { ...size, at: plus(off, times(wall.along, -size.length / 2)), direction: heading(wall.along) };
  });
}

/** On free ground beside all there is, along the sheet. */
function placeAlone(plan: Plan, size: Pick<ArchPlace, 'base' | 'length'>): ArchPlace {
  const middle = freeGround(plan, { x: size.base / 2, y: size.length / 2 });
  return {
    ...size,
    at: { x: middle.x, y: tidy(middle.y - size.length / 2) },
    direction: Math.PI / 2,
  };
}

/** An arch moved to free ground, where it stands clear. */
export function movedClear(plan: Plan, id: string): readonly Change[] {
  const placeNow = archPlace(plan, id);
  if (!placeNow) return [];
  const { at, direction } = placeAlone(plan, { base: placeNow.base, length: placeNow.length });
  return [{ verb: 'place-arch', id, to: { at, direction } }];
}

/** A name that no other run of the plan bears. */
function freeName({ enclosures }: Plan): string {
  const namesTaken = new Set(enclosures.map((e) => e.name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? 'Arch' : `Arch ${n}`;
    if (!namesTaken.has(name)) return name;
  }
}

function fourIds(kind: string, list: readonly { readonly id: string }[]): [string, string, string, string] {
  const ids: { id: string }[] = [];
  for (let i = 0; i < 4; i++) ids.push({ id: nextId(kind, [...list, ...ids]) });
  return ids.map((i) => i.id) as [string, string, string, string];
}

/** An arch at a place, with a run of its own. */
export function newArch(
  plan: Plan,
  kind: KindId,
  place: ArchPlace,
  building: string | null,
): { readonly verb: 'add-arch' } & AddArch {
  const enclosure = { id: nextId('run', plan.enclosures), name: freeName(plan) };
  const arch: Arch = KINDS[kind].usual({ id: nextId('a', plan.arches), enclosure: enclosure.id });
  const at = { x: tidy(place.at.x), y: tidy(place.at.y) };
  return {
    verb: 'add-arch',
    arch,
    enclosure,
    place: { ...place, at },
    building,
    corners: fourIds('ac', plan.corners),
    sides: fourIds('as', plan.sides),
  };
}

/** Whether the edition sells what an arch of a kind is made of. */
export function offered(plan: Plan, kind: KindId): boolean {
  const usual: Arch = KINDS[kind].usual({ id: 'a', enclosure: 'e' });
  const { panels, pipe } = makeupOf(usual);
  const products = productsOf(editionOf(plan), plan.buying.ownProducts);
  return (
    products.knows('timber', pipe?.timber ?? usual.boards) &&
    products.knows('roll', panels?.mesh ?? usual.skin ?? '')
  );
}

/** Runs on posts that an arch of a kind can go over: rectangles as wide as it can stand. */
function overRuns(plan: Plan, kind: KindId): readonly NewArch[] {
  const products = productsOf(editionOf(plan), plan.buying.ownProducts);
  const free = plan.enclosures.filter((e) => !plan.arches.some((a) => a.enclosure === e.id));
  return free.flatMap(({ id: enclosure, name }): NewArch[] => {
    const arch: Arch = KINDS[kind].usual({ id: nextId('a', plan.arches), enclosure });
    const base = archPlace(archOver(plan, { arch }), arch.id)?.base ?? 0;
    const bent = rowOf(arch).bent(arch, products);
    return base >= bent * LIMITS.least && base <= bent * LIMITS.most
      ? [{ where: 'over', kind, building: null, run: name, change: { verb: 'arch-over', arch } }]
      : [];
  });
}

/** Arches that can be added: on each house with a free gable, beside it, alone, and over a run that is there. */
export function newArches(plan: Plan): readonly NewArch[] {
  return KIND_IDS.filter((kind) => offered(plan, kind)).flatMap((kind): NewArch[] => {
    const { usualBase: base, usualLength: length } = KINDS[kind];
    const size = { base, length };
    const houses = plan.ground.buildings.filter((b) => b.stands === 'walls');
    const by = (['gable', 'beside'] as const).flatMap((where): NewArch[] =>
      houses.flatMap((house): NewArch[] => {
        const place = placesBy(plan, house, where, size).find((p) => isClear(plan, p));
        if (!place) return [];
        // Wider than the wall it stands against, its end closes round the house.
        const onWall = wallsOf(house).some(
          (w) => w.length >= size.base - CLEAR && Math.abs(heading(w.out) - place.direction) < 1e-6,
        );
        const building = where === 'gable' && onWall ? house.id : null;
        return [{ where, kind, building: house.id, run: null, change: newArch(plan, kind, place, building) }];
      }),
    );
    const alone = {
      where: 'alone' as const,
      kind,
      building: null,
      run: null,
      change: newArch(plan, kind, placeAlone(plan, size), null),
    };
    return [...by, alone, ...overRuns(plan, kind)];
  });
}

/** The same arch bent of something else: what is common is kept. */
export function ofKind(arch: Arch, kind: KindId): Arch {
  if (arch.kind === kind) return arch;
  const made: Arch = KINDS[kind].usual({ id: arch.id, enclosure: arch.enclosure });
  const kept = Object.fromEntries(
    Object.entries(arch).filter(([field]) => field !== 'kind' && field !== 'bent' && field in made),
  );
  return { ...made, ...kept };
}
