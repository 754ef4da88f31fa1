import { type Plan, editionOf } from '@aviarum/core';
import { Link } from '../../pages/Link';
import { Choice } from '../../fields/Choice';
import { EffectOptions } from '../../fields/EffectOptions';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';

/** Where to buy: at one yard, at the other, or each line where the whole with its deliveries is cheapest. */
export function YardFields({ plan }: { plan: Plan }) {
  const reader = useReader();
  const market = useMarket();
  const bought = useReckoning((s) => s.reckoning?.docket.yards);
  const take = usePlan((s) => s.take);
  const holding = usePlan((s) => s.holding);
  const { yards } = editionOf(plan);
  const { buying } = plan;
  if (!market) return null;
  const chosen = (ids: readonly string[]) =>
    ids.length === buying.yards.length && ids.every((id) => buying.yards.includes(id));
  const [first, second] = yards;
  const note = (id: string) => {
    const yard = yards.find((y) => y.id === id);
    if (!yard) return '';
    const tax = yard.tax.rate > 0 ? `, prices ${yard.tax.stated} tax` : '';
    // A plan in feet names no metre.
    const sizes =
      yard.system === 'imperial' ? 'in feet' : plan.units === 'metric' ? 'in metres' : 'in other sizes';
    return `sells ${sizes}${tax}`;
  };
  const options = [
    ...yards.map((y) => ({ ids: [y.id], title: y.name, note: note(y.id) })),
    ...(first && second
      ? [
          {
            ids: [first.id, second.id],
            title: 'Either or both',
            note: 'the cheapest split, one delivery a yard',
          },
        ]
      : []),
  ];
  const used = bought?.map((b) => b.yard) ?? [];
  return (
    <section style={{ gap: 10 }}>
      <EffectOptions
        name="Yards"
        hideName
        options={options.map((o) => ({
          key: o.ids.join('+'),
          title: o.title,
          note: o.note,
          chosen: chosen(o.ids),
          change: { verb: 'set-yards', yards: o.ids },
        }))}
      />
      {buying.yards
        .filter((id) => used.includes(id) || buying.fetched.includes(id))
        .map((id) => market.yard(id))
        .filter((yard) => yard.delivery !== null)
        .map((yard) => (
          <Choice
            key={yard.id}
            name={`Goods from ${yard.name}`}
            value={buying.fetched.includes(yard.id) ? 'fetched' : 'delivered'}
            options={[
              { value: 'delivered', label: `delivered, ${reader.money(yard.delivery ?? 0)} once` },
              { value: 'fetched', label: 'fetched' },
            ]}
            onChoose={(goods) => take({ verb: 'set-fetching', yard: yard.id, goods })}
          />
        ))}
      <Link className="small" to={`/h/${holding}/p/${plan.id}/assumptions`}>
        Change delivery or tax
      </Link>
    </section>
  );
}
