import { type StageId, groundScene, sheetScene } from '@aviarum/core';
import { Maximize, Minus, Plus } from 'lucide-react';
import { Suspense, lazy, useCallback, useMemo, useRef } from 'react';
import { shownPlan, usePlan } from '../state/planStore';
import { useReader, useReckoning } from '../state/reckoningStore';
import { useSelection } from '../state/selection';
import { AreaWords } from './AreaWords';
import { CornerWords } from './CornerWords';
import { Dimensions } from './Dimensions';
import { Grid, NorthArrow, ScaleBar, SlopeLegend } from './Frame';
import { Guides } from './Guides';
import { movingScene, stillScene } from './heldScene';
import { FenceLayer, GroundLayer, SheetPatterns } from './layers';
import { Letters } from './Letters';
import { LitPart } from './LitPart';
import { Stops } from './Stops';
import { useRelief } from './useRelief';
import { useSheetGestures } from './useSheetGestures';
import { STAGE_VIEWS } from '../stages/stages';
import { useSize } from './useSize';
import { fit } from './view';

const TapeLayer = lazy(() => import('../survey/TapeLayer'));
/** Comes with the relief, which level ground has none of. */
const ReliefLayer = lazy(async () => ({ default: (await import('./ReliefLayer')).ReliefLayer }));

const NO_PARTS: never[] = [];
/** Narrower than this the sheet is for looking, with number fields below it, px. */
const PHONE = 600;

/** The plan to scale: a picture of things, in which what the stage is about can be touched. */
export function GroundSheet({ stage, still }: { stage: StageId; still?: true }) {
  const plan = usePlan(shownPlan);
  const held = usePlan((s) => s.held);
  const draft = usePlan((s) => s.draft);
  const reckoning = useReckoning((s) => s.reckoning);
  const reader = useReader();
  const { at: open, openThing } = useSelection();
  const box = useRef<SVGSVGElement>(null);
  const size = useSize(box);

  const parts = useMemo(() => (draft ? NO_PARTS : (reckoning?.parts ?? NO_PARTS)), [draft, reckoning]);
  const shownGround = plan?.ground;
  const ground = useMemo(() => (shownGround ? groundScene(shownGround) : null), [shownGround]);
  // The frame stays put during a drag: it fits the plan as it stood.
  const settled = usePlan((s) => s.draft?.plan ?? s.plan);
  const extent = useMemo(() => (settled ? sheetScene(settled, []).extent : null), [settled]);
  const fitted = extent ? fit(extent, size, still ? 14 : 64) : { scale: 40, x: 0, y: 0 };

  const stops = useMemo(
    () =>
      settled && !still && size.width >= PHONE
        ? (STAGE_VIEWS[stage].stops?.({
            plan: settled,
            scene: sheetScene(settled, []),
            parts,
            reader,
            open,
          }) ?? [])
        : [],
    [settled, still, size.width, stage, parts, reader, open],
  );
  const { view, zoom, showAll, inHand } = useSheetGestures({
    box,
    fitted,
    stops,
    onOpen: openThing,
    still: still === true || size.width < PHONE ? 'yes' : 'no',
    wheel: still ? 'no' : 'yes',
  });
  // While something is in hand the main thread sets out what goes with it; let go, the worker's answer follows.
  const touched = inHand?.touched;
  const stays = useMemo(() => (settled && touched ? stillScene(settled, touched) : null), [settled, touched]);
  const scene = useMemo(() => {
    if (!plan) return null;
    return held && touched ? movingScene(plan, touched) : sheetScene(plan, parts);
  }, [plan, held, touched, parts]);
  const heights = settled?.ground.spotHeights;
  const relief = useRelief(heights, extent, !still);
  const steep = useMemo(
    () =>
      (['steps-welded', 'steps-hexagonal', 'too-steep'] as const).filter((k) =>
        relief?.tints.some((t) => t.steepness === k),
      ),
    [relief],
  );
  const onOpen = useCallback((id: string | null) => openThing(id), [openThing]);

  if (!plan || !scene || !ground || !settled) return null;
  const { scale } = view;
  const lettered = STAGE_VIEWS[stage].lettered === 'yes' && !held && !draft;
  const words = still ? 'no' : 'yes';
  const calm = !still && !draft && !held;
  return (
    <>
      <svg
        ref={box}
        className={`drawing ${draft && !held ? 'd-draft' : ''}`}
        role="group"
        aria-label={`Ground sheet of ${plan.name}`}
      >
        <SheetPatterns />
        <Grid view={view} width={size.width} height={size.height} system={reader.system} />
        <g transform={`translate(${view.x} ${view.y})`}>
          {relief && !inHand && (
            <Suspense fallback={null}>
              <ReliefLayer
                relief={relief}
                scene={scene}
                ground={ground}
                scale={scale}
                words={size.width < PHONE ? 'no' : words}
              />
            </Suspense>
          )}
          {stays && <FenceLayer scene={stays} scale={scale} />}
          <FenceLayer scene={scene} scale={scale} />
          <GroundLayer
            scene={ground}
            scale={scale}
            words={words}
            named={stage === 'ground' && !still ? 'under' : 'middle'}
          />
          {!still && <Dimensions scene={scene} scale={scale} only={touched?.own ?? null} open={open} />}
          {calm && (stage === 'outline' || stage === 'ground') && (
            <CornerWords
              scene={scene}
              scale={scale}
              angles={stage === 'outline' && size.width >= PHONE ? 'yes' : 'no'}
              open={open}
            />
          )}
          {calm && reckoning && <AreaWords scene={scene} enclosures={reckoning.enclosures} scale={scale} />}
          {lettered && reckoning && (
            <Letters
              plan={plan}
              cutting={reckoning.cutting}
              scale={scale}
              show={still ? 'lit-only' : 'letters'}
            />
          )}
          {stage === 'outline' && !still && settled.ground.tape.marks.length > 0 && (
            <Suspense>
              <TapeLayer tape={settled.ground.tape} scale={scale} />
            </Suspense>
          )}
          <LitPart scene={scene} scale={scale} />
          {!inHand && stops.length > 0 && (
            <Stops stops={stops} plan={settled} scale={scale} open={open} onOpen={onOpen} />
          )}
          {inHand && <Guides held={inHand.held} stop={inHand.stop} scale={scale} />}
        </g>
        {!still && <NorthArrow x={size.width - 34} turn={plan.ground.north} />}
        {calm && size.width >= PHONE && <SlopeLegend steep={steep} height={size.height} />}
        {!still && (
          <ScaleBar
            view={view}
            height={size.height}
            system={reader.system}
            least={size.width < PHONE ? 16 : 34}
          />
        )}
      </svg>
      {!still && (
        <div className="sheettools noprint">
          <button type="button" aria-label="Nearer" onClick={() => zoom(1.3, size)}>
            <Plus size={18} />
          </button>
          <button type="button" aria-label="Further" onClick={() => zoom(1 / 1.3, size)}>
            <Minus size={18} />
          </button>
          <button type="button" aria-label="Show the whole run" onClick={showAll}>
            <Maximize size={16} />
          </button>
        </div>
      )}
    </>
  );
}
