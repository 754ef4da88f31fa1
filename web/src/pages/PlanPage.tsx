import { STAGE_IDS, STAGE_NAMES, type StageId } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { type ComponentType, Suspense, lazy, useEffect } from 'react';
import { Navigate, useParams } from 'react-router';
import { holdings } from '../api/client';
import { DocketBar } from '../shell/DocketBar';
import { TheLine } from '../shell/TheLine';
import { TopBar } from '../shell/TopBar';
import { GroundSheet } from '../sheet/GroundSheet';
import { useReckoning } from '../state/reckoningStore';
import { FenceStrip } from '../strip/FenceStrip';
import { Trouble } from './Trouble';
import { useOpenPlan } from './useOpenPlan';

/** Each stage's panel is loaded when its peg is pressed. */
const OutlinePanel = lazy(async () => ({
  default: (await import('../stages/outline/OutlinePanel')).OutlinePanel,
}));
const DocketPaper = lazy(async () => ({ default: (await import('../docket/DocketPaper')).DocketPaper }));
const BirdsPanel = lazy(async () => ({ default: (await import('../stages/BirdsPanel')).BirdsPanel }));
const DocketPanel = lazy(async () => ({
  default: (await import('../stages/docket/DocketPanel')).DocketPanel,
}));
const GroundPanel = lazy(async () => ({
  default: (await import('../stages/ground/GroundPanel')).GroundPanel,
}));
const PostsPanel = lazy(async () => ({ default: (await import('../stages/posts/PostsPanel')).PostsPanel }));
const SkirtPanel = lazy(async () => ({ default: (await import('../stages/skirt/SkirtPanel')).SkirtPanel }));
const ThreatsPanel = lazy(async () => ({ default: (await import('../stages/ThreatsPanel')).ThreatsPanel }));
const WallsPanel = lazy(async () => ({ default: (await import('../stages/walls/WallsPanel')).WallsPanel }));
const WaysPanel = lazy(async () => ({ default: (await import('../stages/ways/WaysPanel')).WaysPanel }));

const PANELS: Readonly<Record<StageId, ComponentType<{ base: string }>>> = {
  birds: BirdsPanel,
  threats: ThreatsPanel,
  ground: GroundPanel,
  outline: OutlinePanel,
  posts: PostsPanel,
  walls: WallsPanel,
  skirt: SkirtPanel,
  ways: WaysPanel,
  docket: DocketPanel,
};

const isStage = (text: string | undefined): text is StageId => STAGE_IDS.some((stage) => stage === text);

/** One plan: the line, the ground sheet, the stage in hand, the fence strip and the docket. */
export function PlanPage() {
  const { holding = '', planId = '', stage } = useParams();
  const { plan, failed } = useOpenPlan(holding, planId);
  const sums = useReckoning((s) => s.failed);
  const names = useQuery({ queryKey: ['holdings'], queryFn: holdings });

  const title = plan?.name;
  useEffect(() => {
    document.title = title && isStage(stage) ? `${STAGE_NAMES[stage]}, ${title} · Aviarum` : 'Aviarum';
  }, [title, stage]);

  if (failed !== null) return <Trouble error={failed} back={`/h/${holding}`} />;
  if (!isStage(stage)) return <Navigate to={`/h/${holding}/p/${planId}/outline`} replace />;
  if (!plan) return <p className="page soft">Opening the plan …</p>;
  const base = `/h/${holding}/p/${planId}`;
  const StagePanel = PANELS[stage];
  return (
    <div className="shell" data-units={plan.units}>
      <TopBar holding={holding} holdingName={names.data?.find((h) => h.id === holding)?.name ?? '…'} />
      <TheLine stage={stage} base={base} />
      <main className="workplace">
        {stage === 'docket' ? (
          <div className="docketplace">
            <Suspense fallback={null}>
              <DocketPaper />
            </Suspense>
          </div>
        ) : (
          <div className="sheetplace">
            <GroundSheet stage={stage} />
            {sums !== null && (
              <div className="sheetnote finding" data-severity="blocks" role="alert">
                <p>The sums failed: {sums}. Undo the last step; the plan itself is safe.</p>
              </div>
            )}
          </div>
        )}
        <Suspense fallback={<aside className="panel" aria-label={STAGE_NAMES[stage]} />}>
          <StagePanel base={base} />
        </Suspense>
        <FenceStrip stage={stage} />
      </main>
      <DocketBar base={base} />
    </div>
  );
}
