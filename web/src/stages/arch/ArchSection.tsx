import {
  type Arch,
  type Part,
  type Plan,
  type SectionScene,
  acrossArch,
  apply,
  previewArches,
  sectionScene,
} from '@aviarum/core';
import { useMemo, useState } from 'react';
import { SectionPicture } from '../../sheet/SectionPicture';
import { toGround, type View } from '../../sheet/view';
import { shownPlan, usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useArchInHand } from './inHand';
import { type Pulled, baseBy, basePulled, feetOf, toBase } from './pull';

const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
/** What a key moves, m; with Shift finer. */
const BY = 0.05;
const FINE = 0.01;

interface Holds {
  readonly plan: Plan;
  readonly arch: Arch;
  readonly scene: SectionScene;
  readonly view: View;
  readonly onPull: (base: number) => void;
  readonly onLeave: (keep: 'keep' | 'drop') => void;
}

/** A foot and the crown, which are pulled by pointer and keys: one moves with the other. */
function Handles({ plan, arch, scene, view, onPull, onLeave }: Holds) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const [held, setHeld] = useState<Pulled | null>(null);
  const at = feetOf(scene);
  if (!at) return null;
  const [left, right, crown] = at;
  const base = right.x - left.x;
  const handles = [
    { pulled: 'foot', name: 'Base', at: right, value: base },
    { pulled: 'crown', name: 'Height', at: crown, value: crown.y - left.y + arch.board },
  ] as const;
  const pull = (pulled: Pulled, event: React.PointerEvent<SVGGElement>) => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (!box) return;
    const to = toGround(view, { x: event.clientX - box.left, y: event.clientY - box.top });
    const next = basePulled(plan, arch, { pulled, to }, scene);
    if (next !== null) onPull(next);
  };
  return handles.map(({ pulled, name, at: p, value }) => (
    <g
      key={pulled}
      className="handle"
      data-look={pulled === 'foot' ? 'side' : 'height'}
      data-state={held === pulled ? 'moving' : 'idle'}
      role="slider"
      tabIndex={0}
      aria-label={`${name} of the arch`}
      aria-valuenow={Math.round(value * 100) / 100}
      aria-valuetext={reader.length(value)}
      transform={`translate(${p.x * view.scale} ${-p.y * view.scale})`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(pulled);
      }}
      onPointerMove={(event) => held === pulled && pull(pulled, event)}
      onPointerUp={() => {
        setHeld(null);
        onLeave('keep');
      }}
      onPointerCancel={() => {
        setHeld(null);
        onLeave('drop');
      }}
      onKeyDown={(event) => {
        const way = STEPS[event.key];
        if (way === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        // A higher arch stands on a narrower base.
        const by = way * (event.shiftKey ? FINE : BY) * (pulled === 'foot' ? 1 : -1);
        const next = baseBy(plan, arch, by);
        if (next !== null) take(toBase(arch.id, next));
      }}
    >
      <circle r="22" fill="transparent" />
      <path className="knob" d="M0 -11L11 0L0 11L-11 0Z" />
    </g>
  ));
}

/** An arch from the side, along the line across its middle, with the keeper standing in it: its feet and its crown are pulled. */
export function ArchSection() {
  const settled = usePlan(shownPlan);
  const parts = useReckoning((s) => s.reckoning?.parts);
  const take = usePlan((s) => s.take);
  const arch = useArchInHand(settled);
  const [base, setBase] = useState<number | null>(null);
  const scene = useMemo(() => {
    const line = settled && arch ? acrossArch(settled, arch.id) : null;
    return settled && line ? sectionScene(settled, parts ?? [], line) : null;
  }, [settled, arch, parts]);
  // Under the hand the curve alone is drawn anew, each frame, in the picture as it was.
  const moving = useMemo(() => {
    if (!settled || !arch || !scene || base === null) return null;
    const plan = apply(settled, toBase(arch.id, base));
    const shown = sectionScene(
      plan,
      previewArches(plan).filter((p: Part) => p.kind === 'arch'),
      scene.line,
    );
    return { ...shown, extent: scene.extent };
  }, [settled, arch, scene, base]);
  if (!settled) return null;
  if (!arch || !scene) return <p className="sheetnote">Add an arch, and it is seen here from the side.</p>;
  return (
    <SectionPicture
      scene={moving ?? scene}
      name={settled.enclosures.find((e) => e.id === arch.enclosure)?.name ?? 'the arch'}
      over={(view) => (
        <Handles
          plan={settled}
          arch={arch}
          scene={moving ?? scene}
          view={view}
          onPull={setBase}
          onLeave={(keep) => {
            if (keep === 'keep' && base !== null) take(toBase(arch.id, base));
            setBase(null);
          }}
        />
      )}
    />
  );
}
