import { editionOf } from '../../catalogue/editionOf';
import type { Change } from '../../plan/changes/types';
import { nextId } from '../../plan/ids';
import type { Plan } from '../../plan/schema';
import { tidy } from '../../units/round';
import { KINDS, type KindId } from './kinds';
import { NET, coverWanted } from './wanted';

/** What a new cover is called. */
const NAMES: Readonly<Record<KindId, string>> = {
  strips: 'mesh lid',
  net: 'net',
  panels: 'panel lid',
  sheet: 'sheet roof',
  tarp: 'tarp',
  wrap: 'winter wrap',
};

/** Top of the walls as chosen for the whole plan, m: where a new cover lies. */
export const wallTop = ({ choices }: Pick<Plan, 'choices'>): number =>
  tidy(Math.max(0.4, choices.plan.bands.at(-1)?.top ?? 1.8));

/** A name that no other cover of the plan bears. */
function freeName({ covers }: Plan, kind: KindId): string {
  const taken = new Set(covers.map((c) => c.name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? NAMES[kind] : `${NAMES[kind]} ${n}`;
    if (!taken.has(name)) return name;
  }
}

/** A cover of a kind over the first run that has none, at the height of the walls; null where no run is laid out. */
export function newCover(plan: Plan, kind: KindId): Extract<Change, { verb: 'add-cover' }> | null {
  // An arch is its own roof.
  const posted = plan.enclosures.filter((e) => !plan.arches.some((a) => a.enclosure === e.id));
  const bare = posted.find((e) => !plan.covers.some((c) => c.enclosure === e.id && 'height' in c));
  const enclosure = (bare ?? posted[0] ?? plan.enclosures[0])?.id;
  if (enclosure === undefined) return null;
  const id = nextId('v', plan.covers);
  const over = { id, name: freeName(plan, kind), enclosure, outline: null, height: wallTop(plan) };
  return { verb: 'add-cover', cover: KINDS[kind].usual(over) };
}

/** The cover that what is about asks for, where the edition sells what it is made of. */
export function proposed(plan: Plan): readonly Change[] {
  const { kind, mesh } = coverWanted(plan) ?? NET;
  const change = newCover(plan, kind);
  if (!change) return [];
  const cover = 'mesh' in change.cover ? { ...change.cover, mesh } : change.cover;
  return editionOf(plan).meshes.some((m) => m.id === cover.mesh) ? [{ ...change, cover }] : [];
}
