import { type AnyStep, give, step, variants, adds } from '../engine/step';
import { askedFigures, joined } from '../stages/asked';
import type { Finding, Severity } from '../findings/types';
import * as K from '../keys';
import type { Plan } from '../plan/schema';
import { STAGE_IDS, type StageId } from '../stages/facts';
import { standingsOf } from '../verdicts/rated/standings';
import { type Reckoning, type StageResult, type Workings } from './index';

/** Where it is told who comes in. */
const JUDGED_AT: StageId = 'threats';

const ORDER: Readonly<Record<Severity, number>> = { blocks: 0, mend: 1, know: 2 };

/** @param comeIn  how many of those who are about come in, at once or before the longest night is over */
function stageResults(
  findings: readonly Finding[],
  settled: Plan['settled'],
  comeIn: number,
): Reckoning['stages'] {
  const result = (stage: StageId): StageResult => {
    const found = findings.filter((f) => f.stage === stage && f.severity !== 'know').length;
    const matters = found + (stage === JUDGED_AT ? comeIn : 0);
    return { state: matters > 0 ? 'look' : settled[stage] ? 'settled' : 'open', matters };
  };
  return Object.fromEntries(STAGE_IDS.map((stage) => [stage, result(stage)])) as Record<StageId, StageResult>;
}

/** What is told of a plan, joined from what every stage adds. */
export const TOLD_STEPS: readonly AnyStep[] = [
  step(K.FINDINGS, { found: K.FOUND }, ({ found }) =>
    [...found].sort((a, b) => ORDER[a.severity] - ORDER[b.severity]),
  ),
  step(
    K.STAGES,
    { findings: K.FINDINGS, settled: K.SETTLED, worst: K.WORST, night: K.NIGHT },
    ({ findings, settled, worst, night }) => {
      const { open, within } = standingsOf(worst, night);
      return stageResults(findings, settled, open + within);
    },
  ),
  step(
    K.WORKINGS,
    { headlines: K.HEADLINES, hours: K.HOURS, elapsed: K.ELAPSED, docket: K.DOCKET },
    ({ headlines, hours, elapsed, docket }) =>
      // Each stage brings its own; together they are all.
      Object.assign({}, ...headlines, { hours, elapsed, price: docket.working }) as Workings,
  ),
  step(K.OPENING_LEFT, { left: K.OPENINGS_LEFT }, ({ left }) => Math.max(0, ...left)),
  adds(K.FENCE_FIGURES, { left: K.OPENING_LEFT }, ({ left }) => (left > 0 ? [{ openingLeft: left }] : [])),
  step(K.FENCE_TOTALS, { figures: K.FENCE_FIGURES }, ({ figures }) => joined(figures)),
  step(
    K.TOTALS,
    { fence: K.FENCE_TOTALS, plan: K.PLAN_FIGURES, workings: K.WORKINGS, limits: K.LIMITS },
    ({ fence, plan, workings, limits }) => joined([fence, ...plan, askedFigures(workings, limits)]),
  ),
  variants(K.ALONE, { rings: K.RINGS, bought: K.BOUGHT }, K.FENCE_TOTALS, ({ rings, bought }) =>
    rings.length === 1
      ? []
      : rings.map((ring) => ({
          name: ring.enclosure,
          given: [give(K.RINGS, [ring]), give(K.BOUGHT, bought)],
        })),
  ),
  step(K.RUNS, { rings: K.RINGS, alone: K.ALONE, whole: K.FENCE_TOTALS }, ({ rings, alone, whole }) =>
    rings.map(({ enclosure: id, name }, i) => ({ id, name, figures: alone[i] ?? whole })),
  ),
  step(
    K.ESTIMATE,
    { docket: K.DOCKET, elapsed: K.ELAPSED, left: K.OPENING_LEFT },
    ({ docket, elapsed, left }) => ({
      total: docket.total,
      complete: docket.complete,
      hours: elapsed.value,
      openingLeft: left,
    }),
  ),
];
