import { type Plan, sectionScene, sheetScene } from '@aviarum/core';
import { PAPERS, type PaperName, SCALES, fitPaper, writeSectionSvg, writeSvg } from '@aviarum/core/formats';
import { useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Choice, Pick } from '../fields/Choice';
import { LostPlan } from '../pages/LostPlan';
import { Opening } from '../pages/Opening';
import { useOpenPlan } from '../pages/useOpenPlan';
import { useReckoning } from '../state/reckoningStore';
import { LeafTop } from './LeafTop';

const NAMES = Object.keys(PAPERS) as PaperName[];

/** The plan on one sheet of paper at a stated scale. */
export default function PrintPage() {
  const { holding = '', planId = '' } = useParams();
  const { plan, failed } = useOpenPlan(holding, planId);
  if (failed !== null) return <LostPlan error={failed} holding={holding} planId={planId} />;
  if (!plan) return <Opening what="the plan" />;
  return <Paper plan={plan} back={`/h/${holding}/p/${planId}/outline`} />;
}

function Paper({ plan, back }: { plan: Plan; back: string }) {
  const parts = useReckoning((s) => s.reckoning?.parts);
  const [params, setParams] = useSearchParams();
  const usual: PaperName = plan.units === 'imperial' ? 'Letter' : 'A4';
  const paper = NAMES.find((n) => n === params.get('paper')) ?? usual;
  const asked = Number(params.get('scale'));
  const what = params.get('what') === 'section' ? 'section' : 'plan';
  const fits = useMemo(() => {
    const { extent } = what === 'section' ? sectionScene(plan, parts ?? []) : sheetScene(plan, []);
    return fitPaper(extent, plan.units, paper);
  }, [plan, parts, paper, what]);
  const scale = Number.isInteger(asked) && asked >= 5 && asked <= 20000 ? asked : fits.scale;
  const svg = useMemo(
    () => (parts ? (what === 'section' ? writeSectionSvg : writeSvg)(plan, parts, { paper, scale }) : ''),
    [plan, parts, paper, scale, what],
  );
  const set = (name: string, value: string) =>
    setParams(
      (before) => {
        const next = new URLSearchParams(before);
        next.set(name, value);
        if (name !== 'scale') next.delete('scale');
        return next;
      },
      { replace: true },
    );
  const scales = [...new Set<number>([...SCALES[plan.units], fits.scale, scale])].sort((a, b) => a - b);
  return (
    <div className="pagebody printbody">
      {/* The printer is told the paper, or it would shrink the sheet and the scale with it. */}
      <style>{`@page { size: ${fits.wide}mm ${fits.high}mm; margin: 0 }`}</style>
      <LeafTop plan={plan} back={back} leaf="Print" />
      <main className="printpage">
        <h1 className="sr-only noprint">{plan.name}, to print</h1>
        <div className="fields noprint printset">
          <Choice
            name="Print"
            value={what}
            options={[
              { value: 'plan', label: 'the plan' },
              { value: 'section', label: 'the section' },
            ]}
            onChoose={(value) => set('what', value)}
          />
          <Choice
            name="Paper"
            value={paper}
            options={NAMES.map((value) => ({ value, label: value }))}
            onChoose={(value) => set('paper', value)}
          />
          <Pick
            name="Scale"
            value={String(scale)}
            options={scales.map((s) => ({
              value: String(s),
              label: `1 : ${s}${s === fits.scale ? ', the largest that fits' : s < fits.scale ? ', larger than the sheet' : ''}`,
            }))}
            onChoose={(value) => set('scale', value)}
          />
          <button type="button" className="btn btn-accent" onClick={() => window.print()}>
            Print at full size
          </button>
        </div>
        {/* Our own drawing; every name in it was escaped when it was written. */}
        <div
          className="paper"
          role="img"
          aria-label={`${plan.name}${what === 'section' ? ', section' : ''} at 1 to ${scale}`}
          dangerouslySetInnerHTML={{ __html: svg }}
        />
      </main>
    </div>
  );
}
