import { type Term, assumptionsOf, printNumber, sayTerm } from '@aviarum/core';
import { EffectOptions } from '../fields/EffectOptions';
import { usePlan } from '../state/planStore';
import { useReader, useWorking } from '../state/reckoningStore';

/** How a part of the work comes to its hours: `8 × 0.5 h × 1.5`. */
const how = (term: Term, amount: (value: number, unit: Term['unit']) => string) =>
  term.op === 'product' ? term.terms.map((t) => amount(t.value, t.unit)).join(' × ') : '';

/** The hours by part of the work, each with its working, and who builds. */
export function HoursTable() {
  const plan = usePlan((s) => s.plan);
  const reader = useReader();
  const hours = useWorking('headline:hours');
  const elapsed = useWorking('headline:elapsed');
  if (!plan || !hours) return null;
  const parts = hours.terms.length > 0 ? hours.terms : [hours];
  return (
    <section>
      <table className="hours">
        <tbody>
          {parts.map((term, i) => (
            <tr key={i}>
              <th scope="row">{sayTerm(term, reader)}</th>
              <td className="how">{how(term, (value, unit) => reader.amount(value, unit))}</td>
              <td>{printNumber(term.value, 1)} h</td>
            </tr>
          ))}
          <tr className="total">
            <th scope="row">{sayTerm(hours, reader)}</th>
            <td />
            <td>{printNumber(hours.value, 1)} h</td>
          </tr>
          {plan.crew === 'two' && elapsed && (
            <tr className="total">
              <th scope="row">{sayTerm(elapsed, reader)}</th>
              <td className="how">{how(elapsed, (value, unit) => reader.amount(value, unit))}</td>
              <td>{printNumber(elapsed.value, 1)} h</td>
            </tr>
          )}
        </tbody>
      </table>
      <EffectOptions
        name="Who builds"
        options={[
          {
            key: 'alone',
            title: 'One person',
            note: 'hours alone',
            chosen: plan.crew === 'alone',
            change: { verb: 'set-crew', crew: 'alone' },
          },
          {
            key: 'two',
            title: 'Two people',
            note: `with a helper: ${reader.amount(assumptionsOf(plan).secondPerson, 'ratio')} of the hours alone`,
            chosen: plan.crew === 'two',
            change: { verb: 'set-crew', crew: 'two' },
          },
        ]}
      />
      <p className="small soft">
        Rough hours, counted in {plan.ground.soil === 'stony' ? 'stony ground' : plan.ground.soil}; digging
        goes by the soil.
      </p>
    </section>
  );
}
