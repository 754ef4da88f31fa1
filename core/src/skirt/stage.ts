import type { Market } from '../catalogue/market';
import { cheapestCover } from '../cutting/covers';
import type { Run } from '../cutting/types';
import { type FenceLine, keysOf } from '../ground/fenceLines';
import type { Skirt } from '../plan/schema';
import type { SettingOut } from '../posts/setOut';
import { EPSILON } from '../units/round';
import { type Lies, groundSpans } from '../walls/runs';
import { type Term, sum } from '../working';
import { type SkirtStrip, apronStrips, buriedStrips, outerEdge } from './strips';

type Laid = Exclude<Skirt, { kind: 'none' }>;

/** All strips of one skirt choice: cut from one product and width. */
export interface SkirtCourse {
  readonly skirt: Laid;
  readonly lines: readonly FenceLine[];
  /** Fenced length along the ground, m. */
  readonly ground: number;
  readonly strips: readonly SkirtStrip[];
  readonly runs: readonly Run[];
  /** Width or depth with the lap up the wall, m. */
  readonly stripWidth: number;
  /** The roll it is cut from, m; undefined when no roll is wide enough. */
  readonly rollWidth: number | undefined;
  readonly widest: number;
  /** Where pegs go, m; 0 for a buried skirt. */
  readonly outerEdge: number;
  readonly open: boolean;
}

export interface SkirtStage {
  readonly courses: readonly SkirtCourse[];
  readonly length: Term;
}

function rollWidth(market: Market, mesh: string, stripWidth: number, length: number): number | undefined {
  let best: { width: number; cost: number } | undefined;
  for (const width of market.widths(mesh)) {
    if (width < stripWidth - EPSILON) continue;
    const units = market.rolls(mesh, width);
    const cost = units.some((u) => u.price === null) ? width * length : cheapestCover(units, length).cost;
    if (!best || cost < best.cost - EPSILON) best = { width, cost };
  }
  return best?.width;
}

function courseOf(
  market: Market,
  setting: SettingOut,
  lies: Lies,
  skirt: Laid,
  chosen: ReadonlySet<FenceLine>,
): SkirtCourse {
  const on = (line: FenceLine) => chosen.has(line);
  const along = (line: FenceLine) => lies.get(line)?.profile.ground ?? line.length;
  const width = (line: FenceLine) => (skirt.kind === 'apron' && on(line) ? skirt.width : undefined);
  const strips = setting.walks.flatMap((walk) =>
    skirt.kind === 'apron' ? apronStrips(walk, width, along) : buriedStrips(walk, on, along),
  );
  const stripWidth = (skirt.kind === 'apron' ? skirt.width : skirt.depth) + skirt.lapUp;
  const length = strips.reduce((total, s) => total + s.length, 0);
  const places = new Map(setting.lines.map((line, i) => [line, i]));
  return {
    skirt,
    lines: setting.lines.filter(on),
    ground: setting.lines.filter(on).reduce((total, line) => total + along(line), 0),
    strips,
    stripWidth,
    rollWidth: rollWidth(market, skirt.mesh, stripWidth, length),
    widest: Math.max(...market.widths(skirt.mesh)),
    outerEdge:
      skirt.kind === 'apron'
        ? setting.walks.reduce((total, walk) => total + outerEdge(walk, width, along), 0)
        : 0,
    open: setting.walks.some((walk) => !walk.cyclic),
    runs: strips.map((strip): Run => ({
      part: `side:${strip.line.id}/skirt`,
      use: 'skirt',
      length: strip.length,
      startAllowance: 0,
      endAllowance: 0,
      joints: 'anywhere',
      place: 20000 + (places.get(strip.line) ?? 0),
      spans: strip.lines.flatMap((line) => {
        const lie = lies.get(line);
        return lie ? groundSpans(lie, 0, line.length) : [];
      }),
      leans: [],
    })),
  };
}

/** Skirts along the fence as chosen, with the strips they are cut from. */
export function skirtStage(market: Market, setting: SettingOut, lies: Lies): SkirtStage {
  const keys = keysOf(setting.lines, (choices) => choices.skirt);
  const kinds = new Map<string, { skirt: Laid; lines: Set<FenceLine> }>();
  for (const line of setting.lines) {
    const { skirt } = line.choices;
    if (skirt.kind === 'none') continue;
    const key = keys.get(line) ?? '';
    const kind = kinds.get(key) ?? { skirt, lines: new Set() };
    kind.lines.add(line);
    kinds.set(key, kind);
  }
  const courses = [...kinds.values()].map(({ skirt, lines }) =>
    courseOf(market, setting, lies, skirt, lines),
  );
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
