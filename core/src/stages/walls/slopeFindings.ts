import type { Products } from '../../catalogue/products';
import { type Finding, type Mends, finding } from '../../findings/types';
import { type FenceLine, onSide } from '../../ground/fenceLines';
import { hollow, lowest } from '../../ground/profile';
import type { Change } from '../../plan/changes/types';
import { type Facet, scopeOf } from '../../plan/effective';
import { nextId } from '../../plan/ids';
import type { Band, Choices, Plan } from '../../plan/schema';
import { type OpeningLimits, passing } from '../threats/shown/openings';
import { EPSILON, tidy } from '../../units/round';
import type { Falls } from './shown/runs';
import { type LineFall, stiffest } from './slope';

/** A hollow that a boot evens out is none, m. */
const LEAST_HOLLOW = 0.01;
/** Ground that falls less than this is level to the tape. */
const LEAST_GRADE = 0.01;

export interface SlopeSeenBy {
  readonly products: Products;
  readonly falls: Falls;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly limits: OpeningLimits;
}

/** A gap under the mesh counts as an opening of its height. */
function gapFindings(
  limits: OpeningLimits,
  line: FenceLine,
  { of, gap }: { readonly of: 'gap' | 'hollow'; readonly gap: number },
  mends: Mends,
): Finding[] {
  const part = { on: 'side', side: line.id } as const;
  const found = passing(limits, gap, 'within-reach').map(({ code, severity, threats, limit }): Finding => {
    const params = { of, opening: gap, threats, limit, from: 0, side: line.number };
    return finding(code, { severity, stage: 'walls', part }, params, mends);
  });
  if (limits.bird && gap > limits.bird.opening + EPSILON) {
    const params = { kind: limits.bird.kind, opening: gap, holds: limits.bird.opening };
    found.push(finding('birds.through', { severity: 'mend', stage: 'walls', part }, params, mends));
  }
  return found;
}

function hollowFindings(limits: OpeningLimits, { line, profile, bays }: LineFall): Finding[] {
  if (profile.level) return [];
  const hollows = bays.map((bay) => ({ bay, deep: hollow(profile, bay.from, bay.to) }));
  const worst = hollows.reduce(
    (a, b) => (b.deep > a.deep ? b : a),
    hollows[0] ?? { bay: undefined, deep: 0 },
  );
  const { bay } = worst;
  if (!bay || worst.deep < LEAST_HOLLOW) return [];
  const onIt = (plan: Plan): Change[] => {
    const on = onSide(line, lowest(profile, bay.from, bay.to));
    const id = nextId('p', plan.postPins);
    return [{ verb: 'set-pin', pin: { id, side: on.side, along: tidy(on.along), post: { kind: 'new' } } }];
  };
  return gapFindings(limits, line, { of: 'hollow', gap: worst.deep }, onIt);
}

/** What mesh that follows a gentle grade takes more: its own height × grade at the end of each piece (rules: Slope and survey). */
function leanFindings({ line, steepest, profile }: LineFall, bands: readonly Band[]): Finding[] {
  if (profile.level || steepest < LEAST_GRADE) return [];
  const top = bands[bands.length - 1]?.top ?? 0;
  const params = { side: line.number, grade: steepest, extra: top * steepest };
  return [
    finding('slope.leans', { severity: 'know', stage: 'walls', part: { on: 'side', side: line.id } }, params),
  ];
}

function hangFindings({ products, limits, bands: chosen }: SlopeSeenBy, fall: LineFall): Finding[] {
  const { line, drop } = fall;
  const bands = chosen.get(line)?.bands ?? [];
  const { mesh, limit } = stiffest(products, bands);
  const grade = Math.max(fall.steepest, fall.sharp);
  const params = { side: line.number, grade, limit, mesh };
  const part = { on: 'side', side: line.id } as const;
  const set = (slope: Partial<Choices['slope']>) => (plan: Plan) => [
    { verb: 'set-slope', scope: scopeOf(plan, line.id, 'slope'), slope } as const,
  ];
  if (fall.hang === 'follow') {
    if (grade <= limit + EPSILON) return leanFindings(fall, bands);
    return [
      finding('slope.follows', { severity: 'mend', stage: 'walls', part }, params, set({ hang: 'by-mesh' })),
    ];
  }
  if (fall.foot === 'gap') return gapFindings(limits, line, { of: 'gap', gap: drop }, set({ foot: 'mesh' }));
  return [finding('slope.steps', { severity: 'know', stage: 'walls', part }, { ...params, drop })];
}

/** What the slope does to the walls: too steep to follow, steps with their drops, gaps and hollows under the mesh. */
export function slopeFindings(by: SlopeSeenBy): readonly Finding[] {
  return [...by.falls.values()].flatMap((fall) => [
    ...hangFindings(by, fall),
    ...hollowFindings(by.limits, fall),
  ]);
}
