import {
  type OwnedPiece,
  type Plan,
  capital,
  cutText,
  LENGTHS,
  sayLine,
  sayOwned,
  sayUnits,
} from '@aviarum/core';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Link } from '../pages/Link';
import { putPiece } from '../api/stock';
import { LostPlan } from '../pages/LostPlan';
import { Opening } from '../pages/Opening';
import { troubleOf } from '../pages/Trouble';
import { useOpenPlan } from '../pages/useOpenPlan';
import { SaveTrouble } from '../shell/SaveTrouble';
import { ThemeButton } from '../shell/ThemeButton';
import { usePlan } from '../state/planStore';
import { useMarket } from '../state/market';
import { useReader, useReckoning } from '../state/reckoningStore';
import type { ReckoningView } from '../workers/view';
import { type AtYard, SHELVED, atYards, leftOf } from './bought';
import { LeafTop } from './LeafTop';
import { TickBox } from './Tick';

function YardList({ plan, at }: { plan: Plan; at: AtYard }) {
  const reader = useReader();
  const market = useMarket();
  const take = usePlan((s) => s.take);
  if (!market) return null;
  const name = at.yard === '' ? 'No yard has a price for these' : market.yard(at.yard).name;
  const left = at.list.filter((b) => !plan.bought.includes(b.tick));
  const toPay = left.reduce((sum, b) => sum + (b.price ?? 0), 0);
  return (
    <section aria-label={name}>
      <h2>{name}</h2>
      <p className="soft small">
        {left.length === 0
          ? 'All ticked.'
          : `${left.length} of ${at.list.length} still to buy, ${reader.money(toPay)} for goods, as the yard states it.`}
      </p>
      <div className="ticks">
        {at.list.map((b) => {
          const done = plan.bought.includes(b.tick);
          const said = sayLine(b.line, reader, market);
          return (
            <TickBox
              key={b.tick}
              done={done}
              name={`${said.name}, bought`}
              onTick={() => take({ verb: 'tick-bought', line: b.tick, done: done ? 'no' : 'yes' })}
            >
              <b>{capital(said.name)}</b>
              <span className="buyamount">{sayUnits(b.units, b.line, reader)}</span>
              <span className="buyprice">{b.price === null ? 'no price' : reader.money(b.price)}</span>
            </TickBox>
          );
        })}
      </div>
    </section>
  );
}

/** What was bought and is left over goes to the shed, once. */
function LeftOver({ plan, reckoning }: { plan: Plan; reckoning: ReckoningView }) {
  const holding = usePlan((s) => s.holding);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const market = useMarket();
  const [trouble, setTrouble] = useState<string | null>(null);
  const shelved = plan.bought.includes(SHELVED);
  const left = leftOf(plan, reckoning);
  if (!market || (left.length === 0 && !shelved)) return null;
  const pieces = left.map((spare, i): OwnedPiece => ({
    ...spare,
    id: `l${i}-${plan.id}`.slice(0, 40),
    note: cutText(spare.note, LENGTHS.note),
  }));
  const put = async () => {
    setTrouble(null);
    try {
      for (const piece of pieces) await putPiece(holding, piece);
      take({ verb: 'tick-bought', line: SHELVED, done: 'yes' });
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  return (
    <section aria-label="Left over">
      <h2>Left over once it is built</h2>
      {shelved ? (
        <p role="status">
          It is in the shed. <Link to={`/h/${holding}/stock`}>See the shed</Link>
        </p>
      ) : (
        <>
          <ul className="leftlist">
            {pieces.map((piece) => (
              <li key={piece.id}>{capital(sayOwned(piece, reader, market))}</li>
            ))}
          </ul>
          <button type="button" className="btn btn-primary" onClick={() => void put()}>
            Put it in the shed
          </button>
        </>
      )}
      {trouble !== null && (
        <p className="wrong" role="alert">
          {trouble}
        </p>
      )}
    </section>
  );
}

/** The docket as it is taken to the yards on a telephone: each line ticked as it is loaded. */
export default function BuyingPage() {
  const { holding = '', planId = '' } = useParams();
  const { plan, failed } = useOpenPlan(holding, planId);
  const reckoning = useReckoning((s) => s.reckoning);
  const back = `/h/${holding}/p/${planId}/docket`;
  if (failed !== null) return <LostPlan error={failed} holding={holding} planId={planId} />;
  if (!plan) return <Opening what="the plan" />;
  return (
    <div className="pagebody yardbody" data-units={plan.units}>
      <LeafTop plan={plan} back={back} leaf="Buying">
        <ThemeButton />
      </LeafTop>
      <main className="yard buying">
        <SaveTrouble holding={holding} />
        <div>
          <h1>At the yard</h1>
          <p className="soft">{plan.name}. Tick each line as it is loaded.</p>
        </div>
        {!reckoning && <Opening what="the docket" />}
        {reckoning && (
          <>
            {atYards(reckoning.docket.lines).map((at) => (
              <YardList key={at.yard} plan={plan} at={at} />
            ))}
            <LeftOver plan={plan} reckoning={reckoning} />
          </>
        )}
        <p className="noprint">
          <Link className="btn" to={back}>
            Back to the docket
          </Link>
        </p>
      </main>
    </div>
  );
}
