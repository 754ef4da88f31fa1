import { type Plan, type StakeMark, stakeMarks, stakeOut, usualMarks } from '@aviarum/core';
import { useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Link } from '../pages/Link';
import { Pick } from '../fields/Choice';
import { LostPlan } from '../pages/LostPlan';
import { Opening } from '../pages/Opening';
import { useOpenPlan } from '../pages/useOpenPlan';
import { useReader, useReckoning } from '../state/reckoningStore';
import { SaveTrouble } from '../shell/SaveTrouble';
import { ThemeButton } from '../shell/ThemeButton';
import { LeafTop } from './LeafTop';
import { StakeRows } from './StakeRows';
import { Checks, StringRows } from './StringRows';

/** What goes back to the yard: every stake, post and check, ticked off as they are set; made for a telephone and for paper. */
export default function YardPage() {
  const { holding = '', planId = '' } = useParams();
  const { plan, failed } = useOpenPlan(holding, planId);
  const back = `/h/${holding}/p/${planId}/outline`;
  if (failed !== null) return <LostPlan error={failed} holding={holding} planId={planId} />;
  if (!plan) return <Opening what="the plan" />;
  return (
    <div className="pagebody yardbody" data-units={plan.units}>
      <LeafTop plan={plan} back={back} leaf="Yard">
        <button type="button" className="barbtn" onClick={() => window.print()}>
          Print
        </button>
        <ThemeButton />
      </LeafTop>
      <main className="yard">
        <SaveTrouble holding={holding} />
        <StakeOutSheet plan={plan} />
        <p className="noprint">
          <Link className="btn" to={back}>
            Back to the sheet
          </Link>{' '}
          <Link className="btn" to={`/h/${holding}/p/${planId}/print`}>
            Print the plan to scale
          </Link>
        </p>
      </main>
    </div>
  );
}

/** The two marks that are chosen, kept in the address. */
function useMarks(plan: Plan) {
  const [params, setParams] = useSearchParams();
  const offered = useMemo(() => stakeMarks(plan), [plan]);
  const usual = useMemo(() => usualMarks(plan), [plan]);
  const find = (id: string | null) => offered.find((m) => m.id === id);
  const a = find(params.get('a')) ?? usual?.[0];
  const b = find(params.get('b')) ?? usual?.[1];
  const choose = (which: 'a' | 'b', id: string) =>
    setParams(
      (before) => {
        const next = new URLSearchParams(before);
        next.set(which, id);
        return next;
      },
      { replace: true },
    );
  return { offered, a, b, choose };
}

function StakeOutSheet({ plan }: { plan: Plan }) {
  const parts = useReckoning((s) => s.reckoning?.parts);
  const { offered, a, b, choose } = useMarks(plan);
  const reader = useReader();
  const out = useMemo(() => (parts && a && b ? stakeOut(plan, parts, [a, b]) : null), [plan, parts, a, b]);
  const options = offered.map((m: StakeMark) => ({ value: m.id, label: m.name }));
  const sloping = out?.stakes.some((s) => s.tapes.some((tape, i) => tape - (s.level[i] ?? tape) > 0.002));
  const near = out !== null && out.between < 0.3;
  return (
    <>
      <div>
        <h1>Stake-out</h1>
        <p className="soft" style={{ margin: '4px 0 0' }}>
          {plan.name}. Two tapes to each stake, then the strings, then the posts along them.
        </p>
      </div>
      <section aria-label="Marks">
        <div className="fields">
          <Pick name="Mark A" value={a?.id ?? ''} options={options} onChoose={(id) => choose('a', id)} />
          <Pick name="Mark B" value={b?.id ?? ''} options={options} onChoose={(id) => choose('b', id)} />
        </div>
        {out && (
          <p className="small">
            A to B reads <b className="figure">{reader.tape(out.between)}</b>. In front is left of the way
            from A to B.
            {sloping &&
              ' Tapes to stakes and diagonals are pulled straight over the slope, from foot to foot; marks along strings are held level.'}
          </p>
        )}
        {near && (
          <p className="wrong" role="alert">
            The two marks are too near to each other to measure from. Choose marks further apart.
          </p>
        )}
      </section>
      {out && !near && (
        <>
          <StakeRows plan={plan} out={out} />
          <Checks plan={plan} out={out} />
          <StringRows plan={plan} out={out} />
        </>
      )}
      <div className="cautions">
        <b>Take care</b>
        <ul>
          <li>Have buried services located before anything is dug or driven.</li>
          <li>Check the boundary: the old fence is often not on the line.</li>
        </ul>
      </div>
    </>
  );
}
