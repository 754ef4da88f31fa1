import { type Plan, type SheetScene, previewFence, sheetScene } from '@aviarum/core';

/** Sides that change with what is in hand, and those beside them, whose corners do. */
export interface Touched {
  readonly own: readonly string[];
  readonly beside: readonly string[];
}

/** The sides that meet any of these. */
function besideOf(plan: Plan, sides: readonly string[]): readonly string[] {
  const corners = new Set(plan.sides.filter((s) => sides.includes(s.id)).flatMap((s) => [s.from, s.to]));
  return plan.sides.filter((s) => corners.has(s.from) || corners.has(s.to)).map((s) => s.id);
}

/** What a drag of the thing at a path changes of the fence; nothing for a tree or a house. */
export function touchedBy(plan: Plan, path: string): Touched {
  const [kind = '', rest = ''] = path.split(/:(.*)/s);
  const known: Readonly<Record<string, () => readonly string[]>> = {
    corner: () => plan.sides.filter((s) => s.from === rest || s.to === rest).map((s) => s.id),
    side: () => besideOf(plan, [rest]),
    opening: () => plan.openings.filter((o) => o.id === rest).map((o) => o.side),
    post: () => [/^side:([^/]+)/.exec(rest)?.[1] ?? ''],
  };
  const own = known[kind]?.();
  return own ? { own, beside: besideOf(plan, own) } : { own: [], beside: [] };
}

function only(scene: SheetScene, keep: (side: string) => boolean, run: 'with-run' | 'without'): SheetScene {
  const sides = scene.layers.side.filter((s) => keep(s.part.slice('side:'.length)));
  return {
    ...scene,
    layers: { ...scene.layers, side: sides, run: run === 'with-run' ? scene.layers.run : [] },
  };
}

/** The part of the fence that stays while something is in hand: drawn once. */
export function stillScene(plan: Plan, { own }: Touched): SheetScene {
  const parts = previewFence(plan).filter((p) => !own.includes(p.side));
  const scene = sheetScene(plan, parts);
  const gates = scene.layers.gate.filter((g) => !openingsOn(plan, own).has(g.part));
  return only({ ...scene, layers: { ...scene.layers, gate: gates } }, (id) => !own.includes(id), 'without');
}

/** The part that goes with the hand: drawn anew each frame. */
export function movingScene(plan: Plan, { own, beside }: Touched): SheetScene {
  const parts = previewFence(plan).filter((p) => beside.includes(p.side));
  const scene = sheetScene(plan, parts);
  const gates = scene.layers.gate.filter((g) => openingsOn(plan, own).has(g.part));
  return only({ ...scene, layers: { ...scene.layers, gate: gates } }, (id) => own.includes(id), 'with-run');
}

const openingsOn = (plan: Plan, sides: readonly string[]) =>
  new Set(plan.openings.filter((o) => sides.includes(o.side)).map((o) => `opening:${o.id}`));
