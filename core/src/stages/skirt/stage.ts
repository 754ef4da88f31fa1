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
import { type SkirtChain, type SkirtEdge, aroundHouse, skirtChains } from './edges';
import type { SkirtLines } from './skirtLines';
import { type Fill, type Laid, type SkirtShape, isLaid, shapeOf, stripWidthOf } from './plan/shape';
import {
  type SkirtStrip,
  type Stretch,
  type Turning,
  type HasSkirt,
  apronStretches,
  apronStrips,
  edgeTerm,
  roundStrips,
  volumeAlong,
} from './strips';

/** All of one skirt choice: its strips are cut from one product and width, whichever roll that is. */
export interface LaidCourse {
  readonly skirt: Laid;
  readonly shape: SkirtShape;
  readonly lines: readonly FenceLine[];
  /** The house that it lies round by itself; null along a fence. */
  readonly building: Building | null;
  /** Length along the ground that it closes, m. */
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

/** What a course lies along. */
interface Along {
  readonly lines: readonly FenceLine[];
  /** The house that it lies round by itself; null along a fence. */
  readonly building: Building | null;
  readonly chains: readonly SkirtChain[];
  readonly hasSkirt: HasSkirt;
  readonly turning: Turning;
  /** What a trench is dug along, m. */
  readonly sides: readonly Term[];
  readonly placeOf: (edge: SkirtEdge | undefined, i: number) => Place;
}

function laid({ profiles, assumed }: SkirtsBy, skirt: Laid, at: Along): LaidCourse {
  const { chains, hasSkirt, turning, sides } = at;
  const shape = shapeOf(skirt);
  const strips =
    shape.mesh === null
      ? []
      : chains.flatMap((chain) =>
          shape.turns > 0 ? apronStrips(chain, hasSkirt, turning) : roundStrips(chain, hasSkirt),
        );
  const volume = (code: 'skirt.trench' | 'skirt.fill', width: number, depth: number) =>
    volumeAlong(code, sides, { width, depth });
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
    lines: at.lines,
    building: at.building,
    ground: sides.reduce((total, side) => total + side.value, 0),
    chains,
    strips,
    stripWidth,
    stretches,
    trench: shape.trench && volume('skirt.trench', shape.trench.width, shape.trench.depth),
    fill,
    bags: fill && bagsFor(fill, shape.fill.pack, assumed),
    runs: strips.map((strip, i) => stripRun(strip, profiles, at.placeOf(strip.edges[0], i), atJoint)),
  };
}

/** Along the fence, and round the house that it is built on to. */
function courseOf(by: SkirtsBy, skirt: Laid, chosen: ReadonlySet<FenceLine>): LaidCourse {
  const { profiles, rings, buildings } = by;
  const { skirts, lines: all } = by.skirted;
  const shape = shapeOf(skirt);
  const along = (line: FenceLine) => profiles.get(line)?.ground ?? line.length;
  // Each once: corners ask for their two lines again and again.
  const byChoice = new Map<Skirt, number>([[skirt, shape.turns]]);
  const turnsOf = (own: Skirt) => {
    const known = byChoice.get(own) ?? shapeOf(own)?.turns ?? 0;
    byChoice.set(own, known);
    return known;
  };
  const turns = new Map([...skirts].map(([line, own]) => [line, turnsOf(own)]));
  const places = new Map(all.map((line, i) => [line, i]));
  const lines = all.filter((line) => chosen.has(line));
  return laid(by, skirt, {
    lines,
    building: null,
    chains: skirtChains(all, along, shape.round, { rings, buildings }).filter((chain) =>
      chain.edges.some(({ of }) => of.on === 'line' && chosen.has(of.line)),
    ),
    hasSkirt: ({ of }) => (of.on === 'line' ? chosen.has(of.line) : true),
    turning: ({ of }) => (of.on === 'house' ? shape.turns : (turns.get(of.line) ?? 0)),
    sides: lines.map((line) => value('skirt.side', along(line), 'm', { side: line.number })),
    placeOf: (edge, i) =>
      edge?.of.on === 'line' ? placeAt('skirt', places.get(edge.of.line) ?? 0) : placeAt('house-skirt', i),
  });
}

/** Round a house by itself, whatever is built on to it. */
function houseCourse(by: SkirtsBy, skirt: Laid, building: Building, first: number): LaidCourse {
  const { turns } = shapeOf(skirt);
  const chains = aroundHouse(building, by.rings);
  return laid(by, skirt, {
    lines: [],
    building,
    chains,
    hasSkirt: () => true,
    turning: () => turns,
    sides: chains.flatMap((chain) => chain.edges.map(edgeTerm)),
    placeOf: (_, i) => placeAt('house-skirt', first + i),
  });
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
  for (const building of by.buildings) {
    const { skirt } = building;
    if (!skirt || !isLaid(skirt)) continue;
    const before = courses.reduce((n, course) => n + course.strips.length, 0);
    courses.push(houseCourse(by, skirt, building, before));
  }
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
