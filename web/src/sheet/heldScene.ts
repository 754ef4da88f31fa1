import {
  type Part,
  type PartRef,
  type Plan,
  type SheetScene,
  formatPart,
  parsePart,
  previewFence,
  sheetScene,
} from '@aviarum/core';
import { partOfStop } from './stopId';

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

/** What a drag of the thing at a stop changes of the fence; nothing for a tree or a house. */
export function touchedBy(plan: Plan, stop: string): Touched {
  const part = partOfStop(stop);
  const own = part && ownSides(plan, part);
  return own ? { own, beside: besideOf(plan, own) } : { own: [], beside: [] };
}

function ownSides(plan: Plan, part: PartRef): readonly string[] | null {
  if (part.on === 'corner')
    return plan.sides.filter((s) => s.from === part.corner || s.to === part.corner).map((s) => s.id);
  if (part.on === 'side') return besideOf(plan, [part.side]);
  if (part.on === 'opening') return plan.openings.filter((o) => o.id === part.opening).map((o) => o.side);
  return part.on === 'pin' || part.on === 'post' ? [part.side] : null;
}

function only(scene: SheetScene, keep: (side: string) => boolean, run: 'with-run' | 'without'): SheetScene {
  const sides = scene.layers.side.filter(({ part }) => {
    const side = parsePart(part);
    return side?.on === 'side' && keep(side.side);
  });
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
export function movingScene(plan: Plan, { own, beside }: Touched, over: readonly Part[]): SheetScene {
  const parts = previewFence(plan).filter((p) => beside.includes(p.side));
  const scene = sheetScene(plan, [...parts, ...over]);
  const gates = scene.layers.gate.filter((g) => openingsOn(plan, own).has(g.part));
  return only({ ...scene, layers: { ...scene.layers, gate: gates } }, (id) => own.includes(id), 'with-run');
}

const openingsOn = (plan: Plan, sides: readonly string[]) =>
  new Set(
    plan.openings
      .filter((o) => sides.includes(o.side))
      .map((o) => formatPart({ on: 'opening', opening: o.id })),
  );
