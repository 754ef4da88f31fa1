import { type Plan, editionNamed, editionOf, printNumber } from '@aviarum/core';
import { FigureField, type Parsed } from '../fields/FigureField';
import { MoneyField } from '../fields/MoneyField';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { FigureRow, FigureTable } from './FigureRow';

const percent = (rate: number) => `${printNumber(rate * 100, 1).replace(/\.0$/, '')} %`;

/** A tax rate in percent. */
function TaxField({
  name,
  rate,
  onCommit,
}: {
  name: string;
  rate: number;
  onCommit: (rate: number) => void;
}) {
  const parse = (text: string): Parsed => {
    const bare = text.trim().replace(/\s*%$/, '').replace(',', '.');
    const given = /^(\d+\.?\d*|\.\d+)$/.test(bare) ? Number(bare) : NaN;
    if (!(given >= 0 && given <= 100)) return { ok: false, message: 'Percent from 0 to 100, such as 20.' };
    return { ok: true, value: given / 100 };
  };
  return <FigureField name={name} hideName shown={percent(rate)} parse={parse} onCommit={onCommit} />;
}

/** What each yard of the list asks for delivery and tax. */
export function YardTerms({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const listed = editionNamed(plan.buying.edition)?.yards ?? [];
  return (
    <section aria-labelledby="yardterms">
      <h2 id="yardterms">Delivery and tax</h2>
      <FigureTable of="yard" ours="its list">
        {editionOf(plan).yards.flatMap((yard) => {
          const list = listed.find((y) => y.id === yard.id);
          const own = plan.buying.terms[yard.id];
          return [
            <FigureRow
              key={`${yard.id} delivery`}
              name={`${yard.name}, delivery once`}
              ours={list?.delivery == null ? 'fetched only' : reader.money(list.delivery)}
              touches="price"
              back={own?.delivery === undefined ? null : { verb: 'set-terms', yard: yard.id, delivery: null }}
            >
              <MoneyField
                name={`${yard.name}, delivery once`}
                hideName
                value={yard.delivery}
                currency={plan.currency}
                onCommit={(delivery) => take({ verb: 'set-terms', yard: yard.id, delivery })}
              />
            </FigureRow>,
            <FigureRow
              key={`${yard.id} tax`}
              name={`${yard.name}, tax, prices ${yard.tax.stated} it`}
              ours={percent(list?.tax.rate ?? 0)}
              touches="price"
              back={own?.tax === undefined ? null : { verb: 'set-terms', yard: yard.id, tax: null }}
            >
              <TaxField
                name={`${yard.name}, tax`}
                rate={yard.tax.rate}
                onCommit={(tax) => take({ verb: 'set-terms', yard: yard.id, tax })}
              />
            </FigureRow>,
          ];
        })}
      </FigureTable>
    </section>
  );
}
