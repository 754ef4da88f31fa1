import { apply } from '../plan/changes';
import { emptyPlan } from '../starts/newPlan';
import type { Plan } from '../plan/schema';
import { type Arch, type ArchOf, KINDS } from '../stages/arch/plan/kinds';
import { PLAIN } from './aRun';

/** From foot to foot and along them, m. */
export interface ArchSize {
  readonly base: number;
  readonly length: number;
}

type Set<K extends 'panel' | 'hoop'> = Partial<Omit<ArchOf<K>, 'kind' | 'id' | 'enclosure'>>;

/** One arch alone, its first foot along x from the origin; nothing else is in the plan, and no skirt. */
export function underArch(arch: Arch, { base, length }: ArchSize, stature = 1.75): Plan {
  const empty = emptyPlan('arch', 'Arch', 'metric');
  const plan: Plan = {
    ...empty,
    stature,
    choices: { ...empty.choices, plan: { ...empty.choices.plan, ...PLAIN, skirt: { kind: 'none' } } },
  };
  return apply(plan, {
    verb: 'add-arch',
    arch,
    enclosure: { id: 'run', name: 'Arch' },
    place: { at: { x: 0, y: base / 2 }, direction: 0, base, length },
    building: null,
    corners: ['c1', 'c2', 'c3', 'c4'],
    sides: ['s1', 's2', 's3', 's4'],
  });
}

export const panels = (size: ArchSize, to: Set<'panel'> = {}, stature?: number): Plan =>
  underArch({ ...KINDS.panel.usual({ id: 'a', enclosure: 'run' }), ...to }, size, stature);
export const hoops = (size: ArchSize, to: Set<'hoop'> = {}): Plan =>
  underArch({ ...KINDS.hoop.usual({ id: 'a', enclosure: 'run' }), ...to }, size);
