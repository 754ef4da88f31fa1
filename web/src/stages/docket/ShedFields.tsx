import { type OwnedPiece, type Plan, type ShedPiece, capital, closesSide, sayOwned } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { queried } from '../../api/queried';
import { shed } from '../../api/stock';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useEffects, useReader } from '../../state/reckoningStore';
import { sameFields } from '../../state/sameFields';

function Shed({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const list = useQuery({ queryKey: ['shed', holding], queryFn: () => shed(holding) });
  const stored = list.data ?? [];
  // What came with a file, or was taken out of the shed since, is still the plan's.
  const others = plan.owned.filter((piece) => !stored.some((s) => s.piece.id === piece.id));
  return (
    <section style={{ gap: 8 }}>
      {stored.length + others.length === 0 ? (
        <p className="soft small">
          Nothing there yet. Rolls, off-cuts, posts and fasteners that you have cost nothing and are used
          where they help.
        </p>
      ) : (
        <ul className="shedlist">
          {stored.map((p) => (
            <ShedRow key={p.piece.id} plan={plan} there="there" {...p} />
          ))}
          {others.map((piece) => (
            <ShedRow
              key={piece.id}
              plan={plan}
              there={list.data ? 'gone' : 'not asked'}
              piece={piece}
              claims={[]}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

function ShedRow({
  plan,
  piece,
  claims,
  there,
}: ShedPiece & { plan: Plan; there: 'there' | 'gone' | 'not asked' }) {
  const reader = useReader();
  const market = useMarket();
  const take = usePlan((s) => s.take);
  const mine = plan.owned.find((o) => o.id === piece.id);
  const change = mine
    ? ({ verb: 'remove-owned', id: piece.id } as const)
    : ({ verb: 'set-owned', piece } as const);
  const [effect] = useEffects([change]);
  if (!market) return null;
  // What the plan counts on is in its own prices, whatever the shed says by now.
  const counted = mine ?? piece;
  if (!market.knows(counted.kind, counted.product)) return <li className="soft small">{strange(counted)}</li>;
  const elsewhere = claims.filter((c) => c.plan !== plan.id);
  const price = effect?.price ?? null;
  const { note } = counted;
  const fit = closesSide(plan, counted);
  return (
    <li>
      <label>
        <input type="checkbox" checked={mine !== undefined} onChange={() => take(change)} />
        <span>
          {capital(sayOwned(counted, reader, market))}
          {fit && (
            <span className="soft small">
              {' '}
              closes side {fit.side} with {reader.about(fit.spare)} to spare
            </span>
          )}
          {note !== '' && <span className="soft small"> {note}</span>}
        </span>
      </label>
      <span className="effect small">
        {price === null
          ? ''
          : price === 0
            ? 'no difference'
            : mine
              ? `saves ${reader.money(price)}`
              : reader.money(price)}
      </span>
      {there === 'gone' && <p className="claimed small">▲ It is not in the shed, or no longer.</p>}
      {mine && !sameFields(mine, piece) && <ChangedPiece piece={piece} />}
      {mine && elsewhere.length > 0 && (
        <p className="claimed small" role="note">
          ▲ {elsewhere.map((c) => c.name).join(' and ')} {elsewhere.length === 1 ? 'counts' : 'count'} on it
          too: it can be used once.
        </p>
      )}
    </li>
  );
}

const strange = ({ product }: OwnedPiece) =>
  `A piece of “${product}”, which this plan’s prices do not know yet.`;

/** A piece that this plan counts on was changed in the shed: offered as it is now, never taken silently. */
function ChangedPiece({ piece }: { piece: OwnedPiece }) {
  const reader = useReader();
  const market = useMarket();
  const take = usePlan((s) => s.take);
  const change = { verb: 'set-owned', piece } as const;
  const known = market?.knows(piece.kind, piece.product) ?? false;
  const [effect] = useEffects(known ? [change] : []);
  if (!market || !known)
    return <p className="claimed small">▲ In the shed it is now something else. {strange(piece)}</p>;
  const price = effect?.price ?? null;
  const more = price !== null && price > 0 ? '+' : '';
  return (
    <div className="changedpiece small">
      <p role="note">
        ▲ In the shed it is now {sayOwned(piece, reader, market)}
        {piece.note !== '' && `, ${piece.note}`}.
      </p>
      <button type="button" className="btn" onClick={() => take(change)}>
        Use it as it is now{price !== null && price !== 0 && ` ${more}${reader.money(price)}`}
      </button>
    </div>
  );
}

/** What lies in the shed, and whether this plan counts on it. */
export const ShedFields = queried(Shed);
