import type { Plan } from '@aviarum/core';
import { useState } from 'react';
import { Pick } from '../../fields/Choice';
import { currencies } from '../../fields/currencies';
import { usePlan } from '../../state/planStore';

/** The plan's currency: chosen while it has no prices of its own in one. */
export function CurrencyField({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const [choosing, setChoosing] = useState(false);
  const stated = plan.buying.ownPrices.filter((p) => p.currency !== undefined).length;
  if (stated > 0)
    return (
      <div>
        <p className="small">
          This plan holds {stated === 1 ? 'one price' : `${stated} prices`} of yours in {plan.currency}, and a
          plan has one currency. Leave them out to choose another.
        </p>
        <button type="button" className="btn" onClick={() => take({ verb: 'set-currency', currency: 'XXX' })}>
          Leave my prices out
        </button>
      </div>
    );
  return (
    <>
      {!choosing ? (
        <div className="toolrow">
          <span>Currency: {plan.currency === 'XXX' ? 'none named' : plan.currency}</span>
          <button type="button" className="btn" onClick={() => setChoosing(true)}>
            Choose the currency
          </button>
        </div>
      ) : (
        <Pick
          name="Currency"
          value={plan.currency}
          options={currencies()}
          onChoose={(currency) => {
            setChoosing(false);
            take({ verb: 'set-currency', currency });
          }}
        />
      )}
      {plan.currency !== 'XXX' && (
        <p className="soft small">
          The lists that come with Aviarum are examples and name no currency: their figures are read as{' '}
          {plan.currency}. Put in your yard’s under Shed and prices.
        </p>
      )}
    </>
  );
}
