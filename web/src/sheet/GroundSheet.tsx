import {
  type Extent,
  type Part,
  type Plan,
  type SheetScene,
  type StageId,
  type UnitSystem,
  groundScene,
  sheetScene,
} from '@aviarum/core';
import { Maximize, Minus, Plus } from 'lucide-react';
import {
  type ComponentProps,
  Suspense,
  lazy,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import { shownPlan, usePlan } from '../state/planStore';
import { useReader, useReckoning } from '../state/reckoningStore';
import { useSelection } from '../state/selection';
import { hideCovers, useRoom } from '../state/room';
import { AreaWords } from './AreaWords';
import { NetWords } from './NetWords';
import { CornerWords } from './CornerWords';
import { Dimensions } from './Dimensions';
import { Grid, NorthArrow, ScaleBar, SlopeLegend } from './Frame';
import { Guides } from './Guides';
import { FenceLayer, GroundLayer, SheetPatterns, polyline } from './layers';
import { Letters } from './Letters';
import { LitPart } from './LitPart';
import { Stops } from './Stops';
import type { Stop } from './stop';
import { useRelief } from './useRelief';
import { type InHand, useView } from './useView';
import { type MakeStops, STAGE_VIEWS } from '../stages/stages';
import { useSize } from './useSize';
import { fetched } from '../pages/fetched';
import { type Size, type View, fit } from './view';

/** What the sheet is touched with: fetched once it is drawn, and there before any handle is. */
const SheetTouch = fetched(async () => (await import('./SheetTouch')).SheetTouch);
const TapeLayer = lazy(() => import('../survey/TapeLayer'));
/** Comes with the relief, which level ground has none of. */
const ReliefLayer = lazy(async () => ({ default: (await import('./ReliefLayer')).ReliefLayer }));

const NO_PARTS: never[] = [];
/** Narrower than this the sheet is for looking, with number fields below it, px. */
const PHONE = 600;

/** What makes a stage’s stops, once it has come. */
function useMakeStops(stage: StageId): MakeStops | null {
  const [come, setCome] = useState<{ readonly stage: StageId; readonly make: MakeStops } | null>(null);
  useEffect(() => {
    let current = true;
    // A handle that is seen can be taken.
    void Promise.all([STAGE_VIEWS[stage].stops?.(), SheetTouch.fetch()]).then(
      ([make]) => current && make && setCome({ stage, make }),
    );
    return () => void (current = false);
  }, [stage]);
  return come?.stage === stage ? come.make : null;
}

/** What of the sheet can be touched at a stage. */
function useStops(stage: StageId, settled: Plan | null, parts: readonly Part[], touched: boolean) {
  const reader = useReader();
  const { at: open } = useSelection();
  const make = useMakeStops(stage);
  return useMemo(() => {
    if (!settled || !touched || !make) return [];
    const scene = sheetScene(settled, []);
    return make({ plan: settled, scene, parts, reader, open });
  }, [settled, touched, make, parts, reader, open]);
}

/** The ground's relief, once it is worked out, and which of its slopes mesh minds. */
function useSlopes(settled: Plan | null, extent: Extent | null, wanted: boolean) {
  const relief = useRelief(settled?.ground.spotHeights, extent, wanted);
  const steep = useMemo(
    () =>
      (['steps-welded', 'steps-hexagonal', 'too-steep'] as const).filter((k) =>
        relief?.tints.some((t) => t.steepness === k),
      ),
    [relief],
  );
  return { relief, steep };
}

/** The line along which the section is drawn, between its two ends. */
function SectionLine({ stops, scale }: { stops: readonly Stop[]; scale: number }) {
  const [a, b] = stops.filter((s) => s.id.startsWith('section/')).map(({ at }) => at);
  if (!a || !b) return null;
  return <path className="d-sectionline" d={polyline([a, b], scale)} />;
}

type Over = ComponentProps<typeof FenceLayer>['over'];

/** Covers with all that holds them up where that is what the stage is about; their outline elsewhere. */
function useOver(stage: StageId): Over {
  const shown = useRoom((s) => s.over);
  if (shown === 'hidden') return 'hidden';
  return STAGE_VIEWS[stage].over ?? 'outline';
}

/** Nearer, further, and all of it, and covers. */
function SheetTools({
  zoom,
  showAll,
  covers,
}: {
  zoom: (by: number) => void;
  showAll: () => void;
  /** How covers are shown; null where there are none. */
  covers: Over | null;
}) {
  return (
    <div className="sheettools noprint">
      {covers !== null && (
        <button type="button" className="wordy" aria-pressed={covers !== 'hidden'} onClick={hideCovers}>
          {covers === 'hidden' ? 'Show covers' : 'Hide covers'}
        </button>
      )}
      <button type="button" aria-label="Nearer" onClick={() => zoom(1.3)}>
        <Plus size={18} />
      </button>
      <button type="button" aria-label="Further" onClick={() => zoom(1 / 1.3)}>
        <Minus size={18} />
      </button>
      <button type="button" aria-label="Show the whole run" onClick={showAll}>
        <Maximize size={16} />
      </button>
    </div>
  );
}

interface Words {
  readonly stage: StageId;
  readonly plan: Plan;
  readonly scene: SheetScene;
  readonly scale: number;
  readonly still: boolean;
  readonly phone: boolean;
  /** Nothing is held, and nothing is a draft. */
  readonly calm: boolean;
}

/** What is written and lettered on the sheet over the drawing. */
function SheetWords({ stage, plan, scene, scale, still, phone, calm }: Words) {
  const reckoning = useReckoning((s) => s.reckoning);
  const { at: open } = useSelection();
  const lettered = STAGE_VIEWS[stage].lettered && calm;
  const quiet = calm && !still;
  return (
    <>
      {quiet && (stage === 'outline' || stage === 'ground') && (
        <CornerWords scene={scene} scale={scale} angles={stage === 'outline' && !phone} open={open} />
      )}
      {quiet && reckoning && (
        <>
          <AreaWords scene={scene} enclosures={reckoning.enclosures} scale={scale} />
          <NetWords plan={plan} scene={scene} parts={reckoning.parts} scale={scale} />
        </>
      )}
      {lettered && reckoning && (
        <Letters
          plan={plan}
          parts={reckoning.parts}
          cutting={reckoning.cutting}
          scale={scale}
          show={stage === 'docket' ? 'letters' : 'lit-only'}
        />
      )}
    </>
  );
}

/** The fence as it is drawn: while something is in hand the main thread sets out what goes with it; let go, the worker's answer follows. */
function useFence(plan: Plan | null, settled: Plan | null, inHand: InHand | null, parts: readonly Part[]) {
  const held = usePlan((s) => s.held);
  const { touched, stillScene, movingScene, stop } = inHand ?? {};
  const along = stop?.with;
  const stays = useMemo(
    () => (settled && touched && stillScene ? stillScene(settled, touched) : null),
    [settled, touched, stillScene],
  );
  const scene = useMemo(() => {
    if (!plan) return null;
    return held && touched && movingScene
      ? movingScene(plan, touched, along?.(plan) ?? [])
      : sheetScene(plan, parts);
  }, [plan, held, touched, movingScene, along, parts]);
  return { stays, scene };
}

/** What was read by tape, where anything was. */
function Tape({ plan, scale }: { plan: Plan; scale: number }) {
  const { tape } = plan.ground;
  if (tape.marks.length === 0) return null;
  return (
    <Suspense>
      <TapeLayer tape={tape} scale={scale} />
    </Suspense>
  );
}

/** North, the scale, and what hatching means, round the drawing. */
function Surround({
  plan,
  view,
  size,
  system,
  phone,
  steep,
}: {
  plan: Plan;
  view: View;
  size: Size;
  system: UnitSystem;
  phone: boolean;
  steep: ComponentProps<typeof SlopeLegend>['steep'];
}) {
  return (
    <>
      <NorthArrow x={size.width - 34} turn={plan.ground.north} />
      {!phone && <SlopeLegend steep={steep} height={size.height} />}
      <ScaleBar view={view} height={size.height} system={system} least={phone ? 16 : 34} />
    </>
  );
}

/** The frame stays put during a drag: it fits the plan as it stood. */
function useFrame(size: Size, still: boolean) {
  const settled = usePlan((s) => s.draft?.plan ?? s.plan);
  const extent = useMemo(() => (settled ? sheetScene(settled, []).extent : null), [settled]);
  const fitted = extent ? fit(extent, size, still ? 14 : 64) : { scale: 40, x: 0, y: 0 };
  return { settled, extent, fitted };
}

interface SheetProps {
  readonly stage: StageId;
  readonly still?: true;
  /** It fills a phone’s screen, where it is touched as on a wide one. */
  readonly whole?: boolean;
}

/** The plan to scale: a picture of things, in which what the stage is about can be touched. */
export function GroundSheet({ stage, still: isStill, whole }: SheetProps) {
  const still = isStill === true;
  const plan = usePlan(shownPlan);
  const held = usePlan((s) => s.held);
  const draft = usePlan((s) => s.draft);
  const reckoned = useReckoning((s) => s.reckoning?.parts);
  const { system } = useReader();
  const { at: open, openThing } = useSelection();
  const box = useRef<SVGSVGElement>(null);
  const size = useSize(box);
  const phone = size.width < PHONE;
  const looking = still || (phone && !whole);

  const parts = draft ? NO_PARTS : (reckoned ?? NO_PARTS);
  const shownGround = plan?.ground;
  const ground = useMemo(() => (shownGround ? groundScene(shownGround) : null), [shownGround]);
  const { settled, extent, fitted } = useFrame(size, still);

  const stops = useStops(stage, settled, parts, !looking);
  const { view, zoom, showAll, inHand, setOwn, setInHand } = useView(fitted);
  const touched = inHand?.touched;
  const { stays, scene } = useFence(plan, settled, inHand, parts);
  const { relief, steep } = useSlopes(settled, extent, !still);
  const onOpen = useCallback((id: string | null) => openThing(id), [openThing]);
  const over = useOver(stage);

  if (!plan || !scene || !ground || !settled) return null;
  const { scale } = view;
  const calm = !held && !draft;
  const named = stage === 'ground' && !still ? 'under' : 'middle';
  return (
    <>
      <svg
        ref={box}
        className={`drawing ${draft && !held ? 'd-draft' : ''}`}
        role="group"
        aria-label={`Ground sheet of ${plan.name}`}
      >
        <SheetPatterns />
        <Grid view={view} width={size.width} height={size.height} system={system} />
        <g transform={`translate(${view.x} ${view.y})`}>
          {relief && !inHand && (
            <Suspense fallback={null}>
              <ReliefLayer {...{ relief, scene, ground, scale }} words={!phone && !still} />
            </Suspense>
          )}
          {stays && <FenceLayer scene={stays} scale={scale} over={over} />}
          <FenceLayer scene={scene} scale={scale} over={over} />
          <GroundLayer {...{ scene: ground, scale }} words={!still} named={named} />
          {!still && <Dimensions scene={scene} scale={scale} only={touched?.own ?? null} open={open} />}
          <SheetWords {...{ stage, plan, scene, scale, still, phone, calm }} />
          {stage === 'outline' && !still && <Tape plan={settled} scale={scale} />}
          <SectionLine stops={stops} scale={scale} />
          <LitPart scene={scene} scale={scale} />
          {!inHand && stops.length > 0 && (
            <Stops stops={stops} plan={settled} scale={scale} open={open} onOpen={onOpen} />
          )}
          {inHand && <Guides held={inHand.held} stop={inHand.stop} scale={scale} plan={plan} />}
        </g>
        {!still && <Surround {...{ plan, view, size, system, phone }} steep={calm ? steep : []} />}
      </svg>
      <Suspense fallback={null}>
        <SheetTouch {...{ box, view, stops, setOwn, setInHand, onOpen }} still={looking} wheel={!still} />
      </Suspense>
      {!still && (
        <SheetTools
          zoom={(by) => zoom(by, size)}
          showAll={showAll}
          covers={plan.covers.length > 0 ? over : null}
        />
      )}
    </>
  );
}
