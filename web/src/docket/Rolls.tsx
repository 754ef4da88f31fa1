import { type CutRoll, type CuttingPool, poolName, sayPiece, sayProof } from '@aviarum/core';
import { useMarket, useReader, useReckoning } from '../state/reckoningStore';
import { hoverLetter, useSelection } from '../state/selection';

/** Each roll as a bar with the pieces cut from it, in the order in which they are unrolled. */
export function Rolls() {
  const cutting = useReckoning((s) => s.reckoning?.cutting);
  const market = useMarket();
  const reader = useReader();
  if (!cutting || !market) return null;
  return (
    <section style={{ gap: 12 }}>
      {cutting.map((pool) => (
        <div key={pool.id} style={{ display: 'grid', gap: 7, minWidth: 0 }}>
          <div>
            <b>{poolName(pool, reader, market)}</b>
            {pool.kind === 'mesh' && `, ${reader.length(pool.width)} wide`}
          </div>
          {pool.rolls.map((roll, i) => (
            <RollBar key={i} roll={roll} number={i + 1} pool={pool} />
          ))}
          <div className={pool.proved ? 'proof' : 'soft small'}>{sayProof(pool, reader)}</div>
        </div>
      ))}
    </section>
  );
}

function RollBar({ roll, number, pool }: { roll: CutRoll; number: number; pool: CuttingPool }) {
  const reader = useReader();
  const { lit, togglePiece } = useSelection();
  return (
    <div className="roll">
      <div className="caption">
        <span className="soft">
          {pool.kind === 'timber' ? 'length' : 'roll'} {number} of {pool.rolls.length},{' '}
          {reader.length(roll.length)}
        </span>
        <span>left {reader.length(Math.round(roll.left * 1000) / 1000)}</span>
      </div>
      <div className="rollbar">
        {roll.pieces.map((piece) => {
          const share = (piece.length / roll.length) * 100;
          const said = `${sayPiece(piece)}, ${reader.length(Math.round(piece.length * 1000) / 1000)}`;
          return (
            <button
              type="button"
              key={`${piece.letter} ${piece.from}`}
              style={{ flexBasis: `${share}%`, flexGrow: 0, flexShrink: 0 }}
              data-lit={piece.letter === lit ? 'yes' : 'no'}
              aria-pressed={piece.letter === lit}
              aria-label={`Piece ${piece.letter}: ${said}`}
              title={`${piece.letter}: ${said}`}
              onPointerEnter={() => hoverLetter(piece.letter)}
              onPointerLeave={() => hoverLetter(null)}
              onFocus={() => hoverLetter(piece.letter)}
              onBlur={() => hoverLetter(null)}
              onClick={() => togglePiece(piece.letter)}
            >
              {share > 7 ? <span className="disc">{piece.letter}</span> : share > 3.5 ? piece.letter : null}
              {share > 34 ? (
                <span>{said}</span>
              ) : share > 18 ? (
                <span>{reader.length(Math.round(piece.length * 1000) / 1000)}</span>
              ) : null}
            </button>
          );
        })}
        <span className="rest" style={{ flex: 1 }} />
      </div>
    </div>
  );
}
