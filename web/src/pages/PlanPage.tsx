import { STAGE_IDS, STAGE_NAMES, type StageId } from '@aviarum/core';
import { Suspense, lazy, useEffect } from 'react';
import { Navigate, useParams } from 'react-router';
import { DocketBar } from '../shell/DocketBar';
import { TheLine } from '../shell/TheLine';
import { TopBar } from '../shell/TopBar';
import { GroundSheet } from '../sheet/GroundSheet';
import { isPlan } from '../state/ahead';
import { leftAt, rememberStage } from '../state/leftAt';
import { lookAt, useRoom } from '../state/room';
import { useReckoning } from '../state/reckoningStore';
import { STAGE_VIEWS } from '../stages/stages';
import { fetched } from './fetched';
import { ErrorBoundary } from './ErrorBoundary';
import { LostPlan } from './LostPlan';
import { Opening } from './Opening';
import { Picture } from './Picture';
import { useHoldingName } from './useHoldingName';
import { useOpenPlan } from './useOpenPlan';

/** The strip has nothing to show before the sums are there: it comes while they are worked out. */
const FenceStrip = lazy(async () => ({ default: (await import('../strip/FenceStrip')).FenceStrip }));
/** Keeps the strip's place, so that what stands above it does not move when it comes. */
const STRIP_TO_COME = (
  <section className="stripplace tocome" aria-label="The fence, unrolled" aria-busy>
    <header>
      <b>The fence, unrolled</b>
    </header>
  </section>
);
const VIEWS = ['sheet', 'section'] as const;
const Keys = lazy(() => import('../shell/Keys'));
const DocketPaper = fetched(async () => (await import('../docket/DocketPaper')).DocketPaper);

const isStage = (text: string | undefined): text is StageId => STAGE_IDS.some((stage) => stage === text);

/** The sums did not come to an end, or broke: figures that are old say so. */
function SumsTrouble({ why }: { why: string }) {
  return (
    <div className="sheetnote finding" data-severity="blocks" role="alert">
      <p>
        The sums failed: {why}. The figures are those of an earlier step. Undo the last step; the plan itself
        is safe.
      </p>
    </div>
  );
}

/** The plan from above; at a stage that has one, the section where the keeper looks at it from the side. */
function SheetOrSection({ stage, whole }: { stage: StageId; whole: boolean }) {
  const { section } = STAGE_VIEWS[stage];
  const chosen = useRoom((s) => s.views[stage]);
  if (!section) return <GroundSheet stage={stage} whole={whole} />;
  const { first, sheet: FromTheSide } = section;
  const view = chosen ?? first;
  return (
    <>
      {view === 'section' ? (
        <Suspense fallback={null}>
          <FromTheSide />
        </Suspense>
      ) : (
        <GroundSheet stage={stage} whole={whole} />
      )}
      <div className="viewpick noprint" role="group" aria-label="Look at it">
        {VIEWS.map((one) => (
          <button key={one} type="button" aria-pressed={view === one} onClick={() => lookAt(stage, one)}>
            {one === 'sheet' ? 'From above' : (section.called ?? 'From the side')}
          </button>
        ))}
      </div>
    </>
  );
}

/** Fetches what the page shows at this address, so that it is shown at once. */
export async function fetchPlanPage(pathname: string): Promise<void> {
  const stage = pathname.split('/')[5];
  if (!isPlan(pathname) || !isStage(stage)) return;
  const panel = STAGE_VIEWS[stage].panel.fetch();
  await (stage === 'docket' ? Promise.all([panel, DocketPaper.fetch()]) : panel);
}

/** One plan: the line, the ground sheet, the stage in hand, the fence strip and the docket. */
export function PlanPage() {
  const { holding = '', planId = '', stage } = useParams();
  const { plan, failed } = useOpenPlan(holding, planId);
  const sums = useReckoning((s) => s.failed);
  const name = useHoldingName(holding);
  const steps = useReckoning((s) => s.version);
  const views = useRoom((s) => s.views);

  const title = plan?.name;
  useEffect(() => {
    document.title = title && isStage(stage) ? `${STAGE_NAMES[stage]}, ${title} · Aviarum` : 'Aviarum';
  }, [title, stage]);

  const inHand = isStage(stage) ? stage : null;
  useEffect(() => {
    if (inHand !== null) rememberStage(holding, planId, inHand);
  }, [holding, planId, inHand]);

  if (failed !== null) return <LostPlan error={failed} holding={holding} planId={planId} />;
  if (!isStage(stage))
    return <Navigate to={`/h/${holding}/p/${planId}/${leftAt(holding, planId)}`} replace />;
  if (!plan) return <Opening what="the plan" />;
  const base = `/h/${holding}/p/${planId}`;
  const { panel: StagePanel } = STAGE_VIEWS[stage];
  const { section } = STAGE_VIEWS[stage];
  const ownStrip = section?.strip === 'own' && (views[stage] ?? section.first) === 'section';
  // Round a house by itself there is nothing to unroll.
  const fenced = plan.enclosures.length + plan.nets.length > 0 && !ownStrip;
  // Tried again with every step and every stage.
  const key = `${stage} ${steps}`;
  return (
    <div className="shell" data-units={plan.units}>
      <TopBar holding={holding} holdingName={name ?? '…'}>
        <Suspense fallback={null}>
          <Keys base={base} />
        </Suspense>
      </TopBar>
      <TheLine stage={stage} base={base} />
      <main className="workplace" data-first={STAGE_VIEWS[stage].first}>
        {stage === 'docket' ? (
          <div className="docketplace">
            {sums !== null && <SumsTrouble why={sums} />}
            <ErrorBoundary what="The docket" of={key}>
              <Suspense fallback={null}>
                <DocketPaper />
              </Suspense>
            </ErrorBoundary>
          </div>
        ) : (
          <Picture what="the sheet" className="sheetplace">
            {(whole) => (
              <>
                <ErrorBoundary what="The sheet" of={key}>
                  <SheetOrSection stage={stage} whole={whole} />
                </ErrorBoundary>
                {sums !== null && <SumsTrouble why={sums} />}
              </>
            )}
          </Picture>
        )}
        <ErrorBoundary what={STAGE_NAMES[stage]} of={key}>
          <Suspense fallback={<aside className="panelplace" aria-label={STAGE_NAMES[stage]} />}>
            <StagePanel base={base} />
          </Suspense>
        </ErrorBoundary>
        {fenced && (
          <ErrorBoundary what="The strip" of={key}>
            <Suspense fallback={STRIP_TO_COME}>
              <Picture what="the strip" className="stripplace">
                {() => <FenceStrip stage={stage} />}
              </Picture>
            </Suspense>
          </ErrorBoundary>
        )}
      </main>
      <ErrorBoundary what="The docket bar" of={key}>
        <DocketBar base={base} />
      </ErrorBoundary>
    </div>
  );
}
