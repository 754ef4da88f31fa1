import { type Plan, capital, sayOwned } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { type ShedPiece, shed } from '../../api/stock';
import { usePlan } from '../../state/planStore';
import { useEffects, useMarket, useReader } from '../../state/reckoningStore';

/** What lies in the shed, and whether this plan counts on it. */
export function ShedFields({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const list = useQuery({ queryKey: ['shed', holding], queryFn: () => shed(holding) });
  const stored = list.data ?? [];
  // What came with a file and is not in this shed is still the plan's.
  const others = plan.owned
    .filter((piece) => !stored.some((s) => s.piece.id === piece.id))
    .map((piece): ShedPiece => ({ piece, claims: [] }));
  const pieces = [...stored, ...others];
  return (
    <section style={{ gap: 8 }}>
      <div>
        <b>From the shed</b>
      </div>
      {pieces.length === 0 ? (
        <p className="soft small">
          Nothing there yet. Rolls, off-cuts, posts and fasteners that you have cost nothing and are used
          where they help.
        </p>
      ) : (
        <ul className="shedlist">
          {pieces.map((p) => (
            <ShedRow key={p.piece.id} plan={plan} {...p} />
          ))}
        </ul>
      )}
      <Link className="btn" to={`/h/${holding}/stock`}>
        Shed, prices and own products
      </Link>
    </section>
  );
}

function ShedRow({ plan, piece, claims }: ShedPiece & { plan: Plan }) {
  const reader = useReader();
  const market = useMarket();
  const take = usePlan((s) => s.take);
  const uses = plan.owned.some((o) => o.id === piece.id);
  const change = uses
    ? ({ verb: 'remove-owned', id: piece.id } as const)
    : ({ verb: 'set-owned', piece } as const);
  const [effect] = useEffects([change]);
  if (!market) return null;
  if (!market.knows(piece.kind, piece.product))
    return (
      <li className="soft small">A piece of “{piece.product}”, which this plan’s prices do not know yet.</li>
    );
  const elsewhere = claims.filter((c) => c.plan !== plan.id);
  const price = effect?.price ?? null;
  const said = sayOwned(piece, reader, market);
  return (
    <li>
      <label>
        <input
          type="checkbox"
          checked={uses}
          onChange={() => take(change, uses ? 'leave a piece in the shed' : 'use a piece from the shed')}
        />
        <span>
          {capital(said)}
          {piece.note !== '' && <span className="soft small"> {piece.note}</span>}
        </span>
      </label>
      <span className="effect small">
        {price === null
          ? ''
          : price === 0
            ? 'no difference'
            : uses
              ? `saves ${reader.money(price)}`
              : reader.money(price)}
      </span>
      {uses && elsewhere.length > 0 && (
        <p className="claimed small" role="note">
          ▲ {elsewhere.map((c) => c.name).join(' and ')} {elsewhere.length === 1 ? 'counts' : 'count'} on it
          too: it can be used once.
        </p>
      )}
    </li>
  );
}
