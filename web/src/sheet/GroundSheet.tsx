import { type StageId, areaText, counted, lengthText, previewParts, sheetScene } from '@aviarum/core';
import { useGesture } from '@use-gesture/react';
import { Maximize, Minus, Plus } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { shownPlan, usePlan } from '../state/planStore';
import { useReader, useReckoning } from '../state/reckoningStore';
import { Dimensions } from './Dimensions';
import { GateHandles, SideHandles } from './Handles';
import { FenceLayer, GroundLayer, SheetPatterns } from './layers';
import { Letters } from './Letters';
import { useSize } from './useSize';
import { type View, fit, stepFor, zoomAbout } from './view';

const LETTERED: readonly StageId[] = ['walls', 'skirt', 'docket'];
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
  const box = useRef<SVGSVGElement>(null);
  const size = useSize(box);
  const [own, setOwn] = useState<View | null>(null);

  // While held the main thread sets posts out itself; let go, the worker's answer follows.
  const parts = useMemo(() => {
    if (held) return previewParts(held);
    return draft ? NO_PARTS : (reckoning?.parts ?? NO_PARTS);
  }, [held, draft, reckoning]);
  const scene = useMemo(() => (plan ? sheetScene(plan, parts) : null), [plan, parts]);
  // The frame stays put during a drag: it fits the plan as it stood.
  const settled = usePlan((s) => s.draft?.plan ?? s.plan);
  const extent = useMemo(() => (settled ? sheetScene(settled, []).extent : null), [settled]);
  const view = own ?? (extent ? fit(extent, size, still ? 14 : 64) : { scale: 40, x: 0, y: 0 });
  const live = useRef(view);
  useEffect(() => {
    live.current = view;
  });

  useGesture(
    {
      onDrag: ({ delta: [dx, dy], pinching, event }) => {
        if (pinching || still || size.width < PHONE || (event.target as Element).closest('.handle')) return;
        const v = live.current;
        setOwn({ ...v, x: v.x + dx, y: v.y + dy });
      },
      onWheel: ({ event, delta: [, dy] }) => {
        if (still) return;
        event.preventDefault();
        const rect = box.current?.getBoundingClientRect();
        setOwn(
          zoomAbout(live.current, Math.exp(-dy / 500), {
            x: event.clientX - (rect?.left ?? 0),
            y: event.clientY - (rect?.top ?? 0),
          }),
        );
      },
      onPinch: ({ origin: [ox, oy], movement: [ms], memo }) => {
        if (still) return undefined;
        const from = (memo as View | undefined) ?? live.current;
        const rect = box.current?.getBoundingClientRect();
        setOwn(zoomAbout(from, ms, { x: ox - (rect?.left ?? 0), y: oy - (rect?.top ?? 0) }));
        return from;
      },
    },
    {
      target: box,
      wheel: { eventOptions: { passive: false } },
      drag: { filterTaps: true, pointer: { keys: false } },
    },
  );

  if (!plan || !scene) return null;
  const { scale } = view;
  const middle = { x: size.width / 2, y: size.height / 2 };
  const zoom = (factor: number) => setOwn(zoomAbout(view, factor, middle));
  const apron = plan.choices.plan.skirt.kind === 'apron' ? plan.choices.plan.skirt.width : 0;
  const lettered = LETTERED.includes(stage) && !held && !draft;
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
          <FenceLayer scene={scene} scale={scale} />
          <GroundLayer scene={scene} scale={scale} words={still ? 'no' : 'yes'} />
          {!still && <Dimensions scene={scene} scale={scale} away={apron} />}
          {!still && !draft && !held && reckoning && scene.extent.right - scene.extent.left > 90 / scale && (
            <AreaWords scene={scene} scale={scale} />
          )}
          {lettered && reckoning && (
            <Letters
              plan={plan}
              cutting={reckoning.cutting}
              scale={scale}
              show={still ? 'lit-only' : 'letters'}
            />
          )}
          {stage === 'outline' && !still && size.width >= PHONE && (
            <SideHandles sides={scene.sides} scale={scale} />
          )}
          {stage === 'ways' && !still && size.width >= PHONE && (
            <GateHandles sides={scene.sides} plan={plan} scale={scale} />
          )}
        </g>
        {!still && <NorthArrow x={size.width - 34} />}
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
          <button type="button" aria-label="Nearer" onClick={() => zoom(1.3)}>
            <Plus size={18} />
          </button>
          <button type="button" aria-label="Further" onClick={() => zoom(1 / 1.3)}>
            <Minus size={18} />
          </button>
          <button type="button" aria-label="Show the whole run" onClick={() => setOwn(null)}>
            <Maximize size={16} />
          </button>
        </div>
      )}
    </>
  );
}

function AreaWords({ scene, scale }: { scene: ReturnType<typeof sheetScene>; scale: number }) {
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!figures) return null;
  // In the middle of the run's longest reach: good enough for a rectangle and an L.
  const xs = scene.sides.map((s) => s.start.x);
  const ys = scene.sides.map((s) => s.start.y);
  const x = Math.min(...xs) + (Math.max(...xs) - Math.min(...xs)) * 0.36;
  const y = Math.min(...ys) + (Math.max(...ys) - Math.min(...ys)) * 0.38;
  const area = areaText(figures.area ?? 0, reader.system);
  return (
    <g transform={`translate(${x * scale} ${-y * scale})`} pointerEvents="none">
      <text textAnchor="middle" fontWeight="800" style={{ fontSize: 17 }}>
        {area.figure} {area.unit}
      </text>
      {figures.areaPerBird !== undefined && (
        <text textAnchor="middle" y="20">
          {counted(figures.birds ?? 0, 'bird')}, {reader.area(figures.areaPerBird)} each
        </text>
      )}
    </g>
  );
}

interface Frame {
  readonly view: View;
  readonly height: number;
  readonly system: 'metric' | 'imperial';
}

function Grid({ view, width, height, system }: Frame & { width: number }) {
  const step = stepFor(view.scale, system, 26);
  const bold = system === 'metric' ? 5 : 10;
  const lines = (origin: number, extent: number) => {
    const px = step * view.scale;
    const first = Math.ceil(-origin / px);
    return Array.from({ length: Math.max(0, Math.floor((extent - origin) / px) - first + 1) }, (_, i) => ({
      n: first + i,
      at: origin + (first + i) * px,
    }));
  };
  const path = (which: 'fine' | 'bold') => {
    const wanted = (n: number) => (n % bold === 0) === (which === 'bold');
    const down = lines(view.x, width)
      .filter((l) => wanted(l.n))
      .map((l) => `M${l.at.toFixed(1)} 0V${height}`);
    const across = lines(view.y, height)
      .filter((l) => wanted(l.n))
      .map((l) => `M0 ${l.at.toFixed(1)}H${width}`);
    return [...down, ...across].join('');
  };
  return (
    <g aria-hidden="true">
      <path className="d-grid" d={path('fine')} />
      <path className="d-grid-bold" d={path('bold')} />
    </g>
  );
}

function ScaleBar({ view, height, system, least }: Frame & { least: number }) {
  const step = stepFor(view.scale, system, least);
  const px = step * view.scale;
  const { figure, unit } = lengthText(step * 4, system);
  return (
    <g
      transform={`translate(18 ${height - 22})`}
      className="scalebar"
      role="img"
      aria-label={`Scale: the bar is ${figure} ${unit}`}
    >
      {[0, 1, 2, 3].map((i) => (
        <rect
          key={i}
          x={i * px}
          width={px}
          height="6"
          fill={i % 2 === 0 ? 'var(--ink)' : 'var(--sheet)'}
          stroke="var(--ink)"
        />
      ))}
      <text
        x={4 * px + 8}
        y="8"
        className="figure"
        stroke="none"
        data-scale-px={4 * px}
        data-scale-m={step * 4}
      >
        {figure.replace(/\.00$/, '')} {unit}
      </text>
    </g>
  );
}

function NorthArrow({ x }: { x: number }) {
  return (
    <g transform={`translate(${x} 44)`} role="img" aria-label="North is up">
      <path d="M0 -18L9 14L0 7L-9 14Z" fill="var(--ink)" />
      <text textAnchor="middle" y="-22" fontWeight="800">
        N
      </text>
    </g>
  );
}
