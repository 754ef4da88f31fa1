import type { Market } from '../catalogue/market';
import { type Finding, finding } from '../findings/types';
import type { FenceLine, FenceWalk } from '../ground/fenceLines';
import type { Ring } from '../ground/survey';
import { betweenLines } from '../ground/polyline';
import { insideOrOn, plus, times, toSegment } from '../ground/vector';
import { type Change, type Scope, WHOLE_PLAN } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { SERVICE_REACH } from '../posts/places';
import type { SettingOut } from '../posts/setOut';
import { type OpeningLimits, THREAT_IDS, isPresent, passing, shorterSide } from '../threats';
import { EPSILON } from '../units/round';
import { finerMesh, tornBy } from '../threats/strongMesh';
import type { SkirtCourse, SkirtStage } from './stage';
import { digFigure, skirtWanted } from './wanted';

/** Where the skirt is the plan's own choice, it can be changed there. */
const change = (course: SkirtCourse, to: Partial<SkirtCourse['skirt']>): Change =>
  ({ verb: 'set-skirt', scope: WHOLE_PLAN, skirt: { ...course.skirt, ...to } }) as Change;

function meshFindings(plan: Plan, market: Market, limits: OpeningLimits, course: SkirtCourse): Finding[] {
  const found: Finding[] = [];
  const mesh = market.mesh(course.skirt.mesh);
  const opening = shorterSide(mesh);
  const through = passing(limits, opening);
  for (const severity of ['mend', 'know'] as const) {
    const these = through.filter((t) => t.onlyKnow === (severity === 'know'));
    if (these.length === 0) continue;
    const limit = Math.min(...these.map((t) => t.limit));
    const threats = these.map((t) => t.threat);
    const finer = finerMesh(market, limit, threats);
    const params = { of: 'skirt' as const, opening, threats, limit, from: 0 };
    found.push(
      finding(
        'opening.passes',
        severity,
        'skirt',
        'skirt',
        params,
        finer ? [change(course, { mesh: finer })] : [],
      ),
    );
  }
  const torn = tornBy(plan, mesh.type, mesh.wire);
  if (torn) {
    const finer = finerMesh(market, limits.largestOpening ?? 1, torn.threats);
    const params = { of: 'skirt' as const, ...torn, wire: mesh.wire };
    found.push(
      finding('mesh.torn', 'mend', 'skirt', 'skirt', params, finer ? [change(course, { mesh: finer })] : []),
    );
  }
  return found;
}

function measureFindings(plan: Plan, limits: OpeningLimits, course: SkirtCourse): Finding[] {
  const { skirt } = course;
  const has = skirt.kind === 'apron' ? skirt.width : skirt.depth;
  const digging = THREAT_IDS.filter(
    (id) => isPresent(plan, id) && (digFigure(id, skirt.kind) ?? 0) > has + EPSILON,
  );
  const found: Finding[] = [];
  if (digging.length > 0) {
    const needs = skirtWanted(plan, skirt.kind);
    const onlyKnow = digging.every((id) => limits.threats.some((t) => t.threat === id && t.onlyKnow));
    const mend = change(course, skirt.kind === 'apron' ? { width: needs } : { depth: needs });
    const params = { kind: skirt.kind, has, needs, threats: digging };
    found.push(finding('skirt.short', onlyKnow ? 'know' : 'mend', 'skirt', 'skirt', params, [mend]));
  }
  if (course.rollWidth === undefined) {
    found.push(
      finding('skirt.no-roll', 'mend', 'skirt', 'skirt', { width: course.stripWidth, widest: course.widest }),
    );
  }
  return found;
}

/** An apron ends against a house wall; where the wall is not as wide as the apron, an animal digs round its end. */
function endFindings(plan: Plan, rings: readonly Ring[], walks: readonly FenceWalk[]): Finding[] {
  const sides = rings.flatMap((ring) =>
    ring.sides.map((side, i) => ({ side, next: ring.sides[(i + 1) % ring.sides.length] })),
  );
  const check = (line: FenceLine, at: 'start' | 'end'): Finding[] => {
    const { skirt } = line.choices;
    if (skirt.kind !== 'apron') return [];
    const corner = at === 'start' ? line.startCorner : line.endCorner;
    const meets = sides.find(
      ({ side }) =>
        side.side.kind === 'building' && (side.startCorner === corner || side.endCorner === corner),
    );
    const side = meets?.side.side;
    const building =
      side?.kind === 'building' ? plan.ground.buildings.find((b) => b.id === side.building) : undefined;
    if (!building) return [];
    const foot = at === 'start' ? line.start : line.end;
    const outer = plus(foot, times(line.outward, skirt.width));
    if (insideOrOn(outer, building.outline, 0.005)) return [];
    const part = `corner:${corner}`;
    return [
      finding('skirt.end-open', 'mend', 'skirt', part, {
        side: line.number,
        building: building.name,
        width: skirt.width,
      }),
    ];
  };
  return walks.flatMap((walk) => {
    const first = walk.lines[0];
    const last = walk.lines[walk.lines.length - 1];
    if (walk.cyclic || !first || !last) return [];
    return [...check(first, 'start'), ...check(last, 'end')];
  });
}

/** Buried mesh near roots or services: an apron is advised (domain.md 7), on the side where it is near if that is one. */
function diggingFindings(plan: Plan, course: SkirtCourse): Finding[] {
  const { skirt } = course;
  if (skirt.kind !== 'buried') return [];
  const mend = (near: readonly FenceLine[]): Change => {
    const [only] = near;
    const scope: Scope =
      near.length === 1 && only?.members.length === 1 ? { scope: 'side', of: only.id } : WHOLE_PLAN;
    const width = skirtWanted(plan, 'apron');
    return {
      verb: 'set-skirt',
      scope,
      skirt: { kind: 'apron', mesh: skirt.mesh, lapUp: skirt.lapUp, width },
    };
  };
  const trees = plan.ground.trees.flatMap((tree) => {
    const away = (line: FenceLine) => toSegment(tree.at, line.start, line.end);
    const near = course.lines.filter((line) => away(line) < tree.roots - EPSILON);
    if (near.length === 0) return [];
    const params = { name: tree.name, distance: Math.min(...near.map(away)) };
    return [finding('skirt.near-tree', 'mend', 'skirt', `tree:${tree.id}`, params, [mend(near)])];
  });
  const services = plan.ground.services.flatMap((service) => {
    const away = (line: FenceLine) => betweenLines(line.start, line.end, service.line);
    const near = course.lines.filter((line) => away(line) < SERVICE_REACH - EPSILON);
    if (near.length === 0) return [];
    const params = { name: service.name, distance: Math.min(...near.map(away)) };
    return [finding('skirt.near-service', 'mend', 'skirt', `service:${service.id}`, params, [mend(near)])];
  });
  return [...trees, ...services];
}

/** Everything that is weak about the skirt, with the mend. */
export function skirtFindings(
  plan: Plan,
  market: Market,
  rings: readonly Ring[],
  setting: SettingOut,
  stage: SkirtStage,
  limits: OpeningLimits,
): readonly Finding[] {
  const bare = setting.lines.filter((line) => line.choices.skirt.kind === 'none');
  const diggers = THREAT_IDS.filter((id) => isPresent(plan, id) && digFigure(id, 'apron') !== null);
  const none: Finding[] = [];
  if (bare.length > 0 && diggers.length > 0) {
    const mesh = finerMesh(market, limits.largestOpening ?? 1, diggers) ?? 'fine-13';
    const skirt = { kind: 'apron' as const, mesh, width: skirtWanted(plan, 'apron'), lapUp: 0.1 };
    none.push(
      finding('skirt.none', 'mend', 'skirt', 'skirt', { threats: diggers }, [
        { verb: 'set-skirt', scope: WHOLE_PLAN, skirt },
      ]),
    );
  }
  return [
    ...none,
    ...stage.courses.flatMap((course) => [
      ...meshFindings(plan, market, limits, course),
      ...measureFindings(plan, limits, course),
      ...diggingFindings(plan, course),
    ]),
    ...endFindings(plan, rings, setting.walks),
  ];
}
