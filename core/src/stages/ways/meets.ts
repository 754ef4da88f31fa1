import { type Foot } from '../../ground/foot';
import { type Finding, type Mends, finding } from '../../findings/types';
import { standsOf } from '../../ground/fenceLines';
import { toPolyline } from '../../ground/polyline';
import type { Ring, RingSide } from '../../ground/survey';
import { type Vector, insideOrOn, lerp, minus, plus, times, toSegment } from '../../ground/vector';
import type { Assumptions } from '../../plan/assumptions';
import type { PartRef } from '../../plan/partRef';
import type { Change } from '../../plan/changes/types';
import type { Building, Opening, Plan, Tree } from '../../plan/schema';
import { type Having, swings } from './plan/kinds';
import type { Terrain } from '../../ground/level';
import { EPSILON, tidy } from '../../units/round';
import { leafTop } from './shown/leaf';
import { type Hung, type Swing, riseUnder, swingOf, toSwing } from './swing';

/** A leaf may touch what it stands against when open, m. */
const TOUCHES = 0.02;
/** A fence is looked along in steps so long, m. */
const LOOK = 0.05;

/** What stands round a gate, as its leaf may meet it. */
interface Around {
  readonly trees: readonly Tree[];
  readonly buildings: readonly Building[];
  readonly terrain: Terrain;
  readonly assumed: Assumptions;
  readonly side: RingSide;
  /** The other fenced sides. */
  readonly fences: readonly RingSide[];
  /** Top of the leaf, m. */
  readonly top: number;
  /** Stones along the fence, m high; 0 for none. */
  readonly stones: number;
}

type Met =
  | { readonly what: 'thing'; readonly name: string }
  | { readonly what: 'eave'; readonly name: string; readonly eaves: number }
  | { readonly what: 'fence'; readonly other: number }
  | { readonly what: 'stones'; readonly height: number }
  | { readonly what: 'ground'; readonly rise: number };

function tipsOf(swing: Swing): readonly Vector[] {
  const [u, v] = [minus(swing.latch, swing.hinge), minus(swing.open, swing.hinge)];
  return [1, 2, 3].map((i) => {
    const angle = (Math.PI / 2) * (i / 3);
    return plus(swing.hinge, plus(times(u, Math.cos(angle)), times(v, Math.sin(angle))));
  });
}

/** Well inside the sweep: a fence that the leaf opens flush against is not in its way. */
function sweptOver(side: RingSide, swing: Swing): boolean {
  const { x, y } = swing.hinge;
  const { start, end } = side;
  const reach = swing.radius;
  const beyond =
    (start.x - x > reach && end.x - x > reach) ||
    (x - start.x > reach && x - end.x > reach) ||
    (start.y - y > reach && end.y - y > reach) ||
    (y - start.y > reach && y - end.y > reach);
  if (beyond || toSegment(swing.hinge, side.start, side.end) > swing.radius) return false;
  const steps = Math.max(1, Math.ceil(side.length / LOOK));
  const u = times(minus(swing.latch, swing.hinge), 1 / swing.radius);
  const v = times(minus(swing.open, swing.hinge), 1 / swing.radius);
  for (let i = 0; i <= steps; i++) {
    const p = minus(lerp(side.start, side.end, i / steps), swing.hinge);
    const [a, b] = [p.x * u.x + p.y * u.y, p.x * v.x + p.y * v.y];
    if (a > TOUCHES && b > TOUCHES && Math.hypot(a, b) < swing.radius - TOUCHES) return true;
  }
  return false;
}

/** What a leaf meets first of trunks, walls, eaves, other fences, stones and rising ground, if anything. */
function meets(around: Around, hung: Hung, clearance: number, enough = Infinity): Met | undefined {
  const { trees, buildings, terrain, side, fences, top, stones, assumed } = around;
  const swing = swingOf(side, hung);
  const tree = trees.find((t) => toSwing(t.at, swing) < t.trunk / 2 + EPSILON);
  if (tree) return { what: 'thing', name: tree.name };
  const tips = tipsOf(swing);
  for (const b of buildings) {
    const walls = [...b.outline, ...b.outline.slice(0, 1)];
    if (
      b.stands === 'walls' &&
      tips.some((p) => insideOrOn(p, b.outline, 0) && toPolyline(p, walls) > TOUCHES)
    )
      return { what: 'thing', name: b.name };
    const reach = assumed.eaveOverhang;
    // Under a roof on posts a leaf hangs already when it is shut.
    const under =
      (b.stands === 'posts' &&
        [swing.hinge, swing.latch, ...tips].some((p) => insideOrOn(p, b.outline, reach))) ||
      tips.some((p) => toPolyline(p, walls) < reach - EPSILON) ||
      b.outline.some((p) => toSwing(p, swing) < reach - EPSILON);
    if (top > b.eaves + EPSILON && under) return { what: 'eave', name: b.name, eaves: b.eaves };
  }
  const fence = fences.find((s) => sweptOver(s, swing));
  if (fence) return { what: 'fence', other: fence.number };
  if (hung.swing === 'out' && stones > clearance + EPSILON) return { what: 'stones', height: stones };
  const rise = riseUnder(terrain, swing, enough + EPSILON);
  return rise > clearance + EPSILON ? { what: 'ground', rise } : undefined;
}

/** The nearest other way of hanging a gate, or place for it, in which its leaf meets nothing. */
function wayOut(around: Around, gate: Having<'swing'>, plan: Plan): Change[] {
  const { side, assumed } = around;
  const clearance = assumed.leafClearance;
  const free = (to: Partial<Hung>) => !meets(around, { ...gate, ...to }, clearance, clearance);
  const hung: Partial<Hung>[] = [
    { hinge: gate.hinge === 'near' ? 'far' : 'near' },
    { swing: gate.swing === 'out' ? 'in' : 'out' },
    { hinge: gate.hinge === 'near' ? 'far' : 'near', swing: gate.swing === 'out' ? 'in' : 'out' },
  ];
  const most = side.length - gate.width;
  const others = plan.openings.filter((o) => o.side === gate.side && o.id !== gate.id);
  const slid = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20]
    .flatMap((n) => [gate.along - n * 0.25, gate.along + n * 0.25])
    .filter((along) => along >= 0 && along <= most)
    .filter((along) => !others.some((o) => o.along < along + gate.width && along < o.along + o.width))
    .map((along): Partial<Hung> => ({ along: tidy(along) }));
  const mends: Change[] = [];
  for (const list of [hung, slid]) {
    const to = list.find(free);
    if (to) mends.push({ verb: 'set-opening', id: gate.id, to });
  }
  return mends;
}

function say(met: Met, side: number, part: PartRef, mends: Mends): Finding {
  switch (met.what) {
    case 'thing':
      return finding('gate.into', { severity: 'mend', stage: 'ways', part }, { side, name: met.name }, mends);
    case 'eave':
      return finding(
        'gate.under-eave',
        { severity: 'mend', stage: 'ways', part },
        { side, name: met.name, eaves: met.eaves },
        mends,
      );
    case 'fence':
      return finding(
        'gate.into-fence',
        { severity: 'mend', stage: 'ways', part },
        { side, other: met.other },
        mends,
      );
    case 'stones':
      return finding(
        'gate.over-stones',
        { severity: 'mend', stage: 'ways', part },
        { side, height: met.height },
        mends,
      );
    case 'ground':
      return finding(
        'gate.uphill',
        { severity: 'mend', stage: 'ways', part },
        { side, rise: met.rise },
        mends,
      );
  }
}

/** What stands round gates. */
export interface SwingsBy {
  readonly openings: readonly Opening[];
  readonly rings: readonly Ring[];
  /** How high what each is in stands over it, by its id, m. */
  readonly walls: ReadonlyMap<string, number>;
  readonly feet: ReadonlyMap<string, Foot>;
  readonly trees: readonly Tree[];
  readonly buildings: readonly Building[];
  readonly terrain: Terrain;
  readonly assumed: Assumptions;
}

/** Gates whose leaf meets a trunk, a wall, an eave, a fence, stones or rising ground. */
export function swingFindings(by: SwingsBy): readonly Finding[] {
  const { openings, rings, walls, feet, trees, buildings, terrain, assumed } = by;
  const gates = openings.filter(swings);
  if (gates.length === 0) return [];
  const sides = new Map(rings.flatMap((r) => r.sides.map((s) => [s.side.id, s] as const)).reverse());
  const fenced = [...sides.values()].filter((s) => standsOf(s.side) !== null);
  return gates.flatMap((gate): Finding[] => {
    const side = sides.get(gate.side);
    if (!side) return [];
    const around: Around = {
      trees,
      buildings,
      terrain,
      assumed,
      side,
      fences: fenced.filter((s) => s.side.id !== gate.side),
      top: leafTop(gate, walls.get(gate.id) ?? 0),
      stones: feet.get(gate.side)?.stones ?? 0,
    };
    const met = meets(around, gate, assumed.leafClearance);
    if (!met) return [];
    const part = { on: 'opening', opening: gate.id } as const;
    return [say(met, side.number, part, (plan) => wayOut(around, gate, plan))];
  });
}
