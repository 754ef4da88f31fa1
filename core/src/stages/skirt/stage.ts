import { type Skirt } from './plan/kinds';
import type { AtJoint, Run } from '../../buying/run';
import { jointPegs, spliceRings } from '../../fasteners/joints';
import { type FenceLine, keysOf } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import { type Place, placeAt } from '../../plan/place';
import type { Assumptions } from '../../plan/assumptions';
import type { Building } from '../../plan/schema';
import type { Profile } from '../../ground/profile';
import { groundSpans } from '../walls/shown/runs';
import { type Term, ratio, sum, upTo, value } from '../../working';
import { type SkirtChain, type SkirtEdge, skirtChains } from './edges';
import type { SkirtLines } from './skirtLines';
import { type Fill, type Laid, type SkirtShape, isLaid, shapeOf, stripWidthOf } from './plan/shape';
import {
  type SkirtStrip,
  type Stretch,
  type Turning,
  type HasSkirt,
  apronStretches,
  apronStrips,
  roundStrips,
  volumeAlong,
} from './strips';

/** All of one skirt choice: its strips are cut from one product and width, whichever roll that is. */
export interface LaidCourse {
  readonly skirt: Laid;
  readonly shape: SkirtShape;
  readonly lines: readonly FenceLine[];
  /** Fenced length along the ground, m. */
  readonly ground: number;
  readonly chains: readonly SkirtChain[];
  readonly strips: readonly SkirtStrip[];
  readonly runs: readonly Run[];
  /** Width of the strip, m; 0 for stones and concrete. */
  readonly stripWidth: number;
  /** Where pegs go; none for a skirt that is buried. */
  readonly stretches: readonly Stretch[];
  /** What is dug, and what stones or concrete it takes, m³. */
  readonly trench: Term | null;
  readonly fill: Term | null;
  /** Bags of dry mix, or loads of stones. */
  readonly bags: Term | null;
}

/** Skirts along the fence, the rolls of their strips left open. */
export interface SkirtLayout {
  readonly courses: readonly LaidCourse[];
  readonly length: Term;
}

function stripRun(strip: SkirtStrip, profiles: Profiles, place: Place, atJoint: readonly AtJoint[]): Run {
  const [first] = strip.edges;
  if (!first) throw new RangeError('a strip lies along one edge at least');
  const { of } = first;
  return {
    part:
      of.on === 'house'
        ? { on: 'house-skirt', building: of.building, wall: of.number }
        : { on: 'skirt', side: of.line.id },
    use: 'skirt',
    length: strip.length,
    startAllowance: 0,
    endAllowance: 0,
    across: null,
    joints: 'anywhere',
    atJoint,
    place,
    spans: strip.edges.flatMap(({ of: on }) => {
      if (on.on === 'house') return [];
      const profile = profiles.get(on.line);
      return profile ? groundSpans(on.line, profile, 0, on.line.length) : [];
    }),
    leans: [],
  };
}

function courseOf(by: SkirtsBy, skirt: Laid, chosen: ReadonlySet<FenceLine>): LaidCourse {
  const { profiles, assumed, rings, buildings } = by;
  const { skirts, lines: all } = by.skirted;
  const shape = shapeOf(skirt);
  const along = (line: FenceLine) => profiles.get(line)?.ground ?? line.length;
  const hasSkirt: HasSkirt = (edge) => (edge.of.on === 'line' ? chosen.has(edge.of.line) : true);
  // Each once: corners ask for their two lines again and again.
  const byChoice = new Map<Skirt, number>([[skirt, shape.turns]]);
  const turnsOf = (own: Skirt) => {
    const known = byChoice.get(own) ?? shapeOf(own)?.turns ?? 0;
    byChoice.set(own, known);
    return known;
  };
  const turns = new Map([...skirts].map(([line, own]) => [line, turnsOf(own)]));
  const turning: Turning = ({ of }) => (of.on === 'house' ? shape.turns : (turns.get(of.line) ?? 0));
  const chains = skirtChains(all, along, shape.round, { rings, buildings }).filter((chain) =>
    chain.edges.some(({ of }) => of.on === 'line' && chosen.has(of.line)),
  );
  const strips =
    shape.mesh === null
      ? []
      : chains.flatMap((chain) =>
          shape.turns > 0 ? apronStrips(chain, hasSkirt, turning) : roundStrips(chain, hasSkirt),
        );
  const places = new Map(all.map((line, i) => [line, i]));
  const placeOf = (edge: SkirtEdge | undefined, i: number) =>
    edge?.of.on === 'line' ? placeAt('skirt', places.get(edge.of.line) ?? 0) : placeAt('house-skirt', i);
  const lines = all.filter((line) => chosen.has(line));
  const volume = (code: 'skirt.trench' | 'skirt.fill', width: number, depth: number) =>
    volumeAlong(code, lines, along, { width, depth });
  const stripWidth = stripWidthOf(shape);
  const stretches =
    shape.laid === 'flat'
      ? chains.flatMap((chain) => apronStretches(chain, shape.out, hasSkirt, turning))
      : [];
  const atJoint = [
    spliceRings(stripWidth, 'skirt'),
    ...(stretches.length > 0 ? [jointPegs(shape.out, 'skirt')] : []),
  ];
  const fill = shape.fill && volume('skirt.fill', shape.fill.width, shape.fill.height);
  return {
    skirt,
    shape,
    lines,
    ground: lines.reduce((total, line) => total + along(line), 0),
    chains,
    strips,
    stripWidth,
    stretches,
    trench: shape.trench && volume('skirt.trench', shape.trench.width, shape.trench.depth),
    fill,
    bags: fill && bagsFor(fill, shape.fill.pack, assumed),
    runs: strips.map((strip, i) => stripRun(strip, profiles, placeOf(strip.edges[0], i), atJoint)),
  };
}

/** A load of stones, m³. */
const STONE_LOAD = 0.5;

const bagsFor = (fill: Term, pack: Fill['pack'], { concreteBagVolume }: Assumptions): Term => {
  const [code, each] = (
    { stone: ['skirt.loads', STONE_LOAD], concrete: ['skirt.bags', concreteBagVolume] } as const
  )[pack];
  const share = ratio(code, 'ratio', {}, [fill, value('skirt.load-volume', each, 'm³', {})]);
  return upTo(code, 'piece', {}, [share]);
};

type Profiles = ReadonlyMap<FenceLine, Profile>;

/** What skirts are laid by: nothing that is sold is in it. */
export interface SkirtsBy {
  readonly skirted: SkirtLines;
  readonly profiles: Profiles;
  readonly rings: readonly Ring[];
  readonly buildings: readonly Building[];
  readonly assumed: Assumptions;
}

/** Skirts along the fence as chosen, with their strips; the rolls of these are chosen with those of the walls. */
export function skirtStage(by: SkirtsBy): SkirtLayout {
  const { lines: all, skirts } = by.skirted;
  const keys = keysOf(all, skirts, (skirt) => skirt);
  const kinds = new Map<string, { skirt: Laid; lines: Set<FenceLine> }>();
  for (const line of all) {
    const skirt = skirts.get(line);
    if (!skirt || !isLaid(skirt)) continue;
    const key = keys.get(line) ?? '';
    const kind = kinds.get(key) ?? { skirt, lines: new Set() };
    kind.lines.add(line);
    kinds.set(key, kind);
  }
  const courses = [...kinds.values()].map(({ skirt, lines }) => courseOf(by, skirt, lines));
  return {
    courses,
    length: sum(
      'skirt.length',
      'm',
      {},
      courses.flatMap((c) => c.strips.map((s) => s.working)),
    ),
  };
}
