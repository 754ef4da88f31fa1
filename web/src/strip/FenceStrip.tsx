import { type StageId, type StripScene, stripScene, surveyRings } from '@aviarum/core';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { STAGE_VIEWS } from '../stages/stages';
import { useSize } from '../sheet/useSize';
import { usePlan } from '../state/planStore';
import { useReckoning } from '../state/reckoningStore';
import { useSelection } from '../state/selection';
import { StripDrawing } from './StripDrawing';
import { StripOverview } from './StripOverview';
import { useHeights } from './useHeights';

const LEAST_PX = 24;
const SIDE = 22;

/** Pixels a metre along: the whole fence if it fits, never under 24, and not so much that it grows too tall. */
export function stripScale(scene: StripScene, width: number, tall: number, heights: 1 | 2): number {
  const fits = (width - 2 * SIDE) / Math.max(1, scene.length);
  const most = tall / (heights * Math.max(0.5, scene.high - scene.low));
  return Math.max(LEAST_PX, Math.min(fits, most));
}

/** Which run is shown, from where it is seen, and how high. */
function StripHead({
  index,
  heights,
  onHeights,
}: {
  index: number;
  heights: 1 | 2;
  onHeights: (heights: 1 | 2) => void;
}) {
  const plan = usePlan((s) => s.plan);
  const draft = usePlan((s) => s.draft);
  const { showRun } = useSelection();
  const first = plan ? (surveyRings(plan)[index]?.sides[0]?.startNumber ?? 1) : 1;
  return (
    <header>
      <b>The fence, unrolled</b>
      {plan && plan.enclosures.length > 1 ? (
        <div className="choices small runs" role="group" aria-label="Run shown">
          {plan.enclosures.map((e, i) => (
            <button key={e.id} type="button" aria-pressed={i === index} onClick={() => showRun(e.id)}>
              {e.name}
            </button>
          ))}
        </div>
      ) : (
        <span className="soft small stripsaid">
          {draft
            ? 'as it last stood; the draft above cannot be built yet'
            : `from corner ${first}, seen from outside. Letters match the cut list.`}
        </span>
      )}
      <div className="choices small noprint" role="group" aria-label="Heights">
        {([1, 2] as const).map((n) => (
          <button key={n} type="button" aria-pressed={heights === n} onClick={() => onHeights(n)}>
            {n === 1 ? 'to scale' : 'heights doubled'}
          </button>
        ))}
      </div>
    </header>
  );
}

/** One run's fence unrolled, left to right from its first corner, over its true ground. */
export function FenceStrip({ stage }: { stage: StageId }) {
  const plan = usePlan((s) => s.plan);
  // Drawn after the figures are: they are looked for first.
  const reckoning = useDeferredValue(useReckoning((s) => s.reckoning));
  const { run } = useSelection();
  const [heights, setHeights] = useHeights();
  const frame = useRef<HTMLDivElement>(null);
  const { width } = useSize(frame);
  const [seen, setSeen] = useState({ from: 0, to: 1 });
  const index = Math.max(0, plan?.enclosures.findIndex((e) => e.id === run) ?? 0);
  const scene = useMemo(
    () => (plan && reckoning ? stripScene(plan, reckoning.parts, reckoning.cutting, index) : null),
    [plan, reckoning, index],
  );
  const tall = (stage === 'docket' ? 110 : 165) * (heights === 2 ? 1.2 : 1);
  const px = scene ? stripScale(scene, width, tall, heights) : LEAST_PX;
  const whole = scene ? scene.length * px + 2 * SIDE : 0;
  const scrolls = whole > width + 2;
  return (
    <section className="stripplace" aria-label="The fence, unrolled">
      <StripHead index={index} heights={heights} onHeights={setHeights} />
      <div
        className="stripscroll"
        ref={frame}
        tabIndex={scrolls ? 0 : -1}
        role="group"
        aria-label="Fence strip"
        onScroll={(event) => {
          const el = event.currentTarget;
          setSeen({
            from: el.scrollLeft / el.scrollWidth,
            to: (el.scrollLeft + el.clientWidth) / el.scrollWidth,
          });
        }}
      >
        {scene && (
          <StripDrawing
            scene={scene}
            px={px}
            up={px * heights}
            margin={Math.max(SIDE, (width - scene.length * px) / 2)}
            lettered={STAGE_VIEWS[stage].lettered}
          />
        )}
      </div>
      {scene && scrolls && (
        <StripOverview
          scene={scene}
          from={seen.from}
          to={seen.to === 1 && seen.from === 0 ? width / whole : seen.to}
          onGo={(part) => {
            const el = frame.current;
            if (el) el.scrollLeft = part * el.scrollWidth - el.clientWidth / 2;
          }}
        />
      )}
    </section>
  );
}
