import { type Change, LIVE_NETS, type LiveNet, MOST_PIECES } from '@aviarum/core';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

/** A net with something of it changed. */
export const set = (net: LiveNet, to: Partial<Omit<LiveNet, 'id'>>): Change => ({
  verb: 'set-net',
  id: net.id,
  to,
});

/** Which whole nets it is made of: as few as go round, or so many of a length. */
export function Pieces({ net }: { net: LiveNet }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const lengths = LIVE_NETS[net.kind].sold.map((s) => s.length);
  const pieces = net.pieces ?? [];
  return (
    <div className="field">
      <span className="name">Whole nets</span>
      <div className="mends">
        {net.pieces === null ? (
          <span className="small">As few as go round, those in the shed first.</span>
        ) : (
          pieces.map((piece, i) => (
            <button
              key={`${piece} ${i}`}
              type="button"
              className="btn"
              title="Take this one out"
              onClick={() =>
                take(
                  set(net, {
                    pieces: pieces.length > 1 ? pieces.filter((_, k) => k !== i) : null,
                  }),
                )
              }
            >
              {reader.about(piece)} ✕
            </button>
          ))
        )}
      </div>
      <div className="mends">
        {lengths.map((length) => (
          <button
            key={length}
            type="button"
            className="btn"
            disabled={pieces.length >= MOST_PIECES}
            onClick={() => take(set(net, { pieces: [...pieces, length] }))}
          >
            {net.pieces === null ? 'Just' : 'And'} one of {reader.about(length)}
          </button>
        ))}
        {net.pieces !== null && (
          <button type="button" className="btn" onClick={() => take(set(net, { pieces: null }))}>
            As few as go round
          </button>
        )}
      </div>
    </div>
  );
}
