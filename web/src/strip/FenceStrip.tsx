import {
  type Plan,
  type StageId,
  type StripScene,
  netStripScene,
  stripScene,
  surveyRings,
} from '@aviarum/core';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { Separator } from '../shell/Separator';
import { STAGE_VIEWS } from '../stages/stages';
import { useSize } from '../sheet/useSize';
import { usePlan } from '../state/planStore';
import { useReckoning } from '../state/reckoningStore';
import { foldStrip, giveRoom, useRoom } from '../state/room';
import { useSelection } from '../state/selection';
import { AROUND, StripDrawing } from './StripDrawing';
import { StripOverview } from './StripOverview';
import { useHeights } from './useHeights';

const LEAST_PX = 24;
const SIDE = 22;
/** Of the fence itself unless the keeper gives it another, px; in the docket there is less room. */
const USUAL = { docket: 110, other: 150 } as const;
/** How high the strip can be pulled, px. */
const LEAST_HIGH = 110;
const MOST_HIGH = 520;

/**
 * Pixels a metre along, never under 24: what fits in the width, and not so much that it grows taller than there is room. A height that the keeper
 * pulled is filled, however wide that makes it.
 */
export function stripScale(
  scene: StripScene,
  room: { readonly width: number; readonly tall: number; readonly pulled: boolean },
  heights: 1 | 2,
): number {
  const fits = (room.width - 2 * SIDE) / Math.max(1, scene.length);
  const most = room.tall / (heights * Math.max(0.5, scene.high - scene.low));
  return Math.max(LEAST_PX, room.pulled ? most : Math.min(fits, most));
}

/** What can be unrolled: runs, then live nets. */
const fencesOf = (plan: Plan) => [...plan.enclosures, ...plan.nets];

/** So many letters of names stand beside each other in the head of the strip. */
const MOST_LETTERS = 44;

/** Which run or net is shown: beside each other where their names have room, otherwise in a list. */
function RunShown({ plan, shown }: { plan: Plan; shown: string }) {
  const { showRun } = useSelection();
  const fences = fencesOf(plan);
  const letters = fences.reduce((t, { name }) => t + name.length + 3, 0);
  return letters > MOST_LETTERS ? (
    <select
      className="select runs"
      aria-label="Run shown"
      value={shown}
      onChange={(e) => showRun(e.target.value)}
    >
      {fences.map((e) => (
        <option key={e.id} value={e.id}>
          {e.name}
        </option>
      ))}
    </select>
  ) : (
    <div className="choices small runs" role="group" aria-label="Run shown">
      {fences.map((e) => (
        <button key={e.id} type="button" aria-pressed={e.id === shown} onClick={() => showRun(e.id)}>
          {e.name}
        </button>
      ))}
    </div>
  );
}

/** Which run is shown, from where it is seen, how high, and whether it is folded away. */
function StripHead({
  shown,
  index,
  heights,
  onHeights,
}: {
  /** Of the run or net. */
  shown: string;
  index: number;
  heights: 1 | 2;
  onHeights: (heights: 1 | 2) => void;
}) {
  const plan = usePlan((s) => s.plan);
  const draft = usePlan((s) => s.draft);
  const folded = useRoom((s) => s.folded);
  const first = plan ? (surveyRings(plan)[index]?.sides[0]?.startNumber ?? 1) : 1;
  return (
    <header>
      <button
        type="button"
        className="foldbtn"
        aria-expanded={!folded}
        onClick={foldStrip}
        title={folded ? 'Unfold the strip' : 'Fold the strip to its overview'}
      >
        <b>The fence, unrolled</b>
      </button>
      {plan && fencesOf(plan).length > 1 ? (
        <RunShown plan={plan} shown={shown} />
      ) : (
        <span className="soft small stripsaid">
          {draft
            ? 'as it last stood; the draft above cannot be built yet'
            : `from corner ${first}, seen from outside`}
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

/** The run or net that was asked for; otherwise what the stage is about, or the first there is. */
function shownOf(plan: Plan, stage: StageId, asked: string | null): string {
  const there = fencesOf(plan);
  if (asked !== null && there.some((f) => f.id === asked)) return asked;
  return STAGE_VIEWS[stage].shows?.(plan) ?? there[0]?.id ?? '';
}

/** How high the strip is: as the keeper pulled it, or as is usual. */
function useTall(stage: StageId, heights: 1 | 2, scene: StripScene | null) {
  const pulled = useRoom((s) => s.strip);
  const usual = USUAL[stage === 'docket' ? 'docket' : 'other'] * (heights === 2 ? 1.2 : 1);
  // A fence whose posts are drawn at the least scale is not cut off by a strip that is pulled lower.
  const least = scene ? LEAST_PX * heights * Math.max(0.5, scene.high - scene.low) : 0;
  return { tall: Math.max(least, pulled === null ? usual : pulled - AROUND), pulled };
}

/** One run's fence unrolled, left to right from its first corner, over its true ground. */
export function FenceStrip({ stage }: { stage: StageId }) {
  const plan = usePlan((s) => s.plan);
  // Drawn after the figures are: they are looked for first.
  const reckoning = useDeferredValue(useReckoning((s) => s.reckoning));
  const { run } = useSelection();
  const [heights, setHeights] = useHeights();
  const folded = useRoom((s) => s.folded);
  const frame = useRef<HTMLDivElement>(null);
  const { width } = useSize(frame);
  const [seen, setSeen] = useState({ from: 0, to: 1 });
  const shown = plan ? shownOf(plan, stage, run) : '';
  const index = Math.max(0, plan?.enclosures.findIndex((e) => e.id === shown) ?? 0);
  const net = plan?.nets.some((n) => n.id === shown) === true;
  const scene = useMemo(() => {
    if (!plan || !reckoning) return null;
    return net
      ? netStripScene(plan, reckoning.parts, shown)
      : stripScene(plan, reckoning.parts, reckoning.cutting, index);
  }, [plan, reckoning, index, net, shown]);
  const { tall, pulled } = useTall(stage, heights, scene);
  const px = scene ? stripScale(scene, { width, tall, pulled: pulled !== null }, heights) : LEAST_PX;
  const whole = scene ? scene.length * px + 2 * SIDE : 0;
  const scrolls = whole > width + 2;
  const high = scene ? px * heights * (scene.high - scene.low) + AROUND : tall + AROUND;
  return (
    <section className="strip" aria-label="The fence, unrolled" data-folded={folded ? 'yes' : 'no'}>
      {!folded && (
        <Separator
          name="Height of the strip"
          axis="y"
          value={Math.round(high)}
          least={LEAST_HIGH}
          most={MOST_HIGH}
          onSet={(strip) => giveRoom({ strip })}
        />
      )}
      <StripHead shown={shown} index={index} heights={heights} onHeights={setHeights} />
      <div
        className="stripscroll"
        ref={frame}
        hidden={folded}
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
        {scene && !folded && (
          <StripDrawing
            scene={scene}
            px={px}
            up={px * heights}
            margin={Math.max(SIDE, (width - scene.length * px) / 2)}
            lettered={STAGE_VIEWS[stage].lettered}
          />
        )}
      </div>
      {scene && (scrolls || folded) && (
        <StripOverview
          scene={scene}
          from={folded ? 0 : seen.from}
          to={folded ? 1 : seen.to === 1 && seen.from === 0 ? width / whole : seen.to}
          onGo={(part) => {
            const el = frame.current;
            if (folded) giveRoom({ folded: false });
            else if (el) el.scrollLeft = part * el.scrollWidth - el.clientWidth / 2;
          }}
        />
      )}
    </section>
  );
}
