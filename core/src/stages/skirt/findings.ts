import { type OpeningLimits, shorterSide, passing } from '../threats/shown/openings';
import { isPresent } from '../threats/plan/kinds';
import { type ThreatId, THREAT_IDS } from '../threats/plan/kinds';
import type { RollMarket } from '../../catalogue/market';
import { type Finding, type Mends, finding } from '../../findings/types';
import type { FenceLine } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import { betweenLines } from '../../ground/polyline';
import { toSegment } from '../../ground/vector';
import { type Change, type Scope, WHOLE_PLAN } from '../../plan/changes/types';
import { isBetween, scopeOf } from '../../plan/effective';
import type { Plan } from '../../plan/schema';
import { SERVICE_REACH } from '../../ground/reach';
import { EPSILON, tidy } from '../../units/round';
import { breaking, finerMesh, tornBy, wireAgainst } from '../threats/shown/strongMesh';
import { rowOf, type Skirt, isDeep, isOfMesh } from './plan/kinds';
import type { SkirtLines } from './skirtLines';
import type { SkirtCourse, SkirtStage } from './rolls';
import { carriedOn, openEnds } from './ends';
import { isLaid, shapeOf } from './plan/shape';
import { digFigure, largeEnough, skirtOfKind, skirtWanted, stopsDigging } from './plan/wanted';

/** What section 7 lays in the ground: thick wire of 50 to 75 for strong diggers, 13 for small ones, 13 heavy for both. */
export const IN_THE_GROUND: ReadonlySet<string> = new Set([
  'fine-13',
  'fine-13-heavy',
  'welded-25',
  'welded-75x50',
]);

/** What skirts are looked at by. */
export interface SkirtSeenBy {
  readonly market: RollMarket;
  readonly rings: readonly Ring[];
  readonly skirted: SkirtLines;
  readonly skirts: SkirtStage;
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
  readonly enclosures: Plan['enclosures'];
  readonly buildings: Plan['ground']['buildings'];
  readonly trees: Plan['ground']['trees'];
  readonly services: Plan['ground']['services'];
}

/** Another skirt where that of a course is chosen. */
const change =
  (course: SkirtCourse, skirt: Skirt) =>
  (plan: Plan): Change[] => {
    const [line] = course.lines;
    if (course.building)
      return [{ verb: 'set-on-ground', list: 'buildings', id: course.building.id, to: { skirt } }];
    return [{ verb: 'set-skirt', scope: line ? scopeOf(plan, line.id, 'skirt') : WHOLE_PLAN, skirt }];
  };

function meshFindings({ market, limits, ...about }: SkirtSeenBy, course: SkirtCourse): Finding[] {
  const { skirt } = course;
  if (!isOfMesh(skirt)) return [];
  const found: Finding[] = [];
  const mesh = market.mesh(skirt.mesh);
  const opening = shorterSide(mesh);
  const finer = (limit: number, threats: readonly ThreatId[]) => (plan: Plan) => {
    const id = finerMesh(market, limit, wireAgainst(about, threats), ({ id: mesh }) =>
      IN_THE_GROUND.has(mesh),
    );
    return id === undefined ? [] : change(course, { ...skirt, mesh: id })(plan);
  };
  // Nobody puts a paw up through the ground: what counts is whether it comes through itself.
  for (const { code, severity, threats, limit, mendTo } of passing(limits, opening, 'beyond-reach')) {
    const params = { of: 'skirt' as const, opening, threats, limit, from: 0 };
    found.push(
      finding(
        code,
        { severity, stage: 'skirt', part: { on: 'skirts' } },
        params,
        finer(mendTo, breaking(about)),
      ),
    );
  }
  const torn = tornBy(about, mesh.type, mesh.wire);
  if (torn) {
    const params = { of: 'skirt' as const, ...torn, wire: mesh.wire };
    const mends = finer(limits.largestOpening ?? 1, torn.threats);
    found.push(
      finding('mesh.torn', { severity: 'mend', stage: 'skirt', part: { on: 'skirts' } }, params, mends),
    );
  }
  return found;
}

/** What digs under a skirt of this shape, and the same skirt large enough; where none is, an apron. */
function measureFindings({ limits, ...about }: SkirtSeenBy, course: SkirtCourse): Finding[] {
  const { skirt, shape } = course;
  const digging = THREAT_IDS.filter(
    (id) =>
      isPresent(about, id) &&
      (digFigure(about, id, 'flat') !== null || digFigure(about, id, 'deep') !== null) &&
      !stopsDigging(about, id, shape),
  );
  const found: Finding[] = [];
  if (digging.length > 0) {
    const enough = largeEnough(about, skirt) ?? skirtOfKind(about, 'apron', skirt);
    const onlyKnow = digging.every((id) => limits.threats.some((t) => t.threat === id && t.onlyKnow));
    const by = shape.depth > 0 && shape.laid !== 'flat' ? (isDeep(enough) ? 'depth' : 'width') : 'width';
    const { depth, out } = shapeOf(enough) ?? { depth: 0, out: 0 };
    const needs = by === 'depth' ? depth : out;
    const params = {
      kind: skirt.kind,
      by,
      has: by === 'depth' ? shape.depth : shape.out,
      needs,
      threats: digging,
    } as const;
    found.push(
      finding(
        'skirt.short',
        { severity: onlyKnow ? 'know' : 'mend', stage: 'skirt', part: { on: 'skirts' } },
        params,
        change(course, enough),
      ),
    );
  }
  if (shape.mesh !== null && course.rollWidth === undefined) {
    const params = { width: course.stripWidth, widest: course.widest };
    found.push(
      finding(
        'skirt.no-roll',
        { severity: 'mend', stage: 'skirt', part: { on: 'skirts' } },
        params,
        narrower(course),
      ),
    );
  }
  return found;
}

/** Cut from a roll far wider than it is where the next narrower one nearly reaches, m. */
const NEARLY = 0.15;

/** Round a house by itself: what the next narrower roll would give, whichever the keeper takes. */
function cutDownFindings({ market }: SkirtSeenBy, course: SkirtCourse): Finding[] {
  const { building, shape, rollWidth, stripWidth, skirt } = course;
  if (!building || shape.mesh === null || rollWidth === undefined) return [];
  const less = Math.max(0, ...market.widths(shape.mesh).filter((w) => w < stripWidth - EPSILON));
  const by = tidy(stripWidth - less);
  if (rollWidth <= stripWidth + EPSILON || by > NEARLY + EPSILON) return [];
  const narrowed = rowOf(skirt).narrower(skirt, by);
  if (!narrowed) return [];
  const params = { building: building.name, width: stripWidth, roll: rollWidth, less, by };
  const part = { on: 'building', building: building.id } as const;
  return [
    finding('skirt.cut-down', { severity: 'know', stage: 'skirt', part }, params, change(course, narrowed)),
  ];
}

/** The widest of the same kind that a roll gives: all of it out or down, up the wall as before. */
function narrower(course: SkirtCourse): Mends {
  const less = tidy(course.stripWidth - course.widest);
  const skirt = rowOf(course.skirt).narrower(course.skirt, less);
  return skirt ? change(course, skirt) : [];
}

/** An apron that ends where nothing closes it. */
const endFindings = ({ skirts: { courses }, ...by }: SkirtSeenBy): Finding[] =>
  openEnds({ ...by, carried: carriedOn(courses) }).map(({ line, corner, building, width, skirt }) => {
    const { mesh, round } = shapeOf(skirt);
    return finding(
      'skirt.end-open',
      { severity: 'mend', stage: 'skirt', part: { on: 'corner', corner } },
      { side: line.number, building: building.name, width },
      mesh !== null && round === 'fence'
        ? (plan) => [
            {
              verb: 'set-skirt',
              scope: scopeOf(plan, line.id, 'skirt'),
              skirt: skirtOfKind(plan, 'house-apron', skirt),
            },
          ]
        : [],
    );
  });

/** Buried mesh near roots or services: an apron is advised (rules: Skirts), on the side where it is near if that is one. */
function diggingFindings({ trees, services }: SkirtSeenBy, course: SkirtCourse): Finding[] {
  const { skirt } = course;
  if (!course.shape.trench) return [];
  const mend =
    (near: readonly FenceLine[]) =>
    (plan: Plan): Change[] => {
      const [only] = near;
      const scope: Scope =
        near.length === 1 && only?.members.length === 1 ? { scope: 'side', of: only.id } : WHOLE_PLAN;
      return [{ verb: 'set-skirt', scope, skirt: skirtOfKind(plan, 'apron', skirt) }];
    };
  const nearTrees = trees.flatMap((tree) => {
    const away = (line: FenceLine) => toSegment(tree.at, line.start, line.end);
    const near = course.lines.filter((line) => away(line) < tree.roots - EPSILON);
    if (near.length === 0) return [];
    const params = { name: tree.name, distance: Math.min(...near.map(away)) };
    return [
      finding(
        'skirt.near-tree',
        { severity: 'mend', stage: 'skirt', part: { on: 'tree', tree: tree.id } },
        params,
        mend(near),
      ),
    ];
  });
  const nearServices = services.flatMap((service) => {
    const away = (line: FenceLine) => betweenLines(line.start, line.end, service.line);
    const near = course.lines.filter((line) => away(line) < SERVICE_REACH - EPSILON);
    if (near.length === 0) return [];
    const params = { name: service.name, distance: Math.min(...near.map(away)) };
    return [
      finding(
        'skirt.near-service',
        { severity: 'mend', stage: 'skirt', part: { on: 'service', service: service.id } },
        params,
        mend(near),
      ),
    ];
  });
  return [...nearTrees, ...nearServices];
}

/** What lies at the foot of a fence that stands stops every digger: as far as it is known (rules: What stands). */
function closedAsFound(by: SkirtSeenBy, { standing }: FenceLine): boolean {
  const foot = standing?.foot;
  if (!foot) return false;
  const shape = { mesh: '', depth: foot.depth ?? 0, out: foot.out };
  return THREAT_IDS.every(
    (id) => !isPresent(by, id) || digFigure(by, id, 'flat') === null || stopsDigging(by, id, shape),
  );
}

/** Everything that is weak about the skirt, with the mend. */
export function skirtFindings(by: SkirtSeenBy): readonly Finding[] {
  const { market, skirted, skirts, limits, enclosures } = by;
  const bare = [...skirted.skirts].filter(
    ([line, skirt]) =>
      !isLaid(skirt) &&
      !line.members.every((m) => isBetween({ enclosures }, m.ringSide.side.id)) &&
      !closedAsFound(by, line),
  );
  const diggers = THREAT_IDS.filter((id) => isPresent(by, id) && digFigure(by, id, 'flat') !== null);
  const none: Finding[] = [];
  if (bare.length > 0 && diggers.length > 0) {
    const apron = (plan: Plan): Change[] => {
      const fit = ({ id }: { readonly id: string }) => IN_THE_GROUND.has(id);
      const mesh =
        finerMesh(market, limits.largestOpening ?? 1, wireAgainst(plan, diggers), fit) ?? 'fine-13';
      const skirt = { kind: 'apron' as const, mesh, width: skirtWanted(plan, 'flat'), lapUp: 0.1 };
      return [skirt, skirtOfKind(plan, 'house-apron', skirt)].map((one) => ({
        verb: 'set-skirt',
        scope: WHOLE_PLAN,
        skirt: one,
      }));
    };
    none.push(
      finding(
        'skirt.none',
        { severity: 'mend', stage: 'skirt', part: { on: 'skirts' } },
        { threats: diggers },
        apron,
      ),
    );
  }
  return [
    ...none,
    ...skirts.courses.flatMap((course) => [
      ...meshFindings(by, course),
      ...measureFindings(by, course),
      ...diggingFindings(by, course),
      ...cutDownFindings(by, course),
    ]),
    ...endFindings(by),
  ];
}
