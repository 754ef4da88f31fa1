import { useDeferredValue } from 'react';
import {
  type CutRoll,
  type CuttingPool,
  type PriceProof,
  counted,
  leftOver,
  poolName,
  sayLeftOver,
  sayPiece,
  sayProof,
  sayPriceProof,
  smallestLeaf,
} from '@aviarum/core';
import { keepLooking, stopLooking, useImproving } from '../state/improving';
import { usePlan } from '../state/planStore';
import { useMarket } from '../state/market';
import { useReader, useReckoning } from '../state/reckoningStore';
import { hoverLetter, useSelection } from '../state/selection';

/** Each roll as a bar with the pieces cut from it, in the order in which they are unrolled. */
export function Rolls() {
  const cutting = useDeferredValue(useReckoning((s) => s.reckoning?.cutting));
  const proof = useReckoning((s) => s.reckoning?.proof);
  const market = useMarket();
  const reader = useReader();
  if (!cutting || !market) return null;
  return (
    <section style={{ gap: 12 }}>
      {cutting.map((pool) => (
        <div key={pool.id} style={{ display: 'grid', gap: 7, minWidth: 0 }}>
          <div>
            <b>{poolName(pool, reader, market)}</b>
            {pool.kind === 'mesh' && `, ${reader.about(pool.width)} wide`}
          </div>
          {pool.rolls.map((roll, i) => (
            <RollBar key={i} roll={roll} number={i + 1} pool={pool} />
          ))}
          <PoolProof pool={pool} />
        </div>
      ))}
      {proof && <WholeProof proof={proof} />}
    </section>
  );
}

/** How far looking further has come, and a way to stop it; or a way to begin. */
function Looking({ proved }: { proved: boolean }) {
  const reader = useReader();
  const plan = usePlan((s) => s.plan);
  const { looking, progress, stopping, efforts, failed } = useImproving();
  if (looking)
    return (
      <p className="small" role="status">
        Looking further
        {progress
          ? `: ${counted(progress.sets, 'way')} looked at, ${reader.money(Math.max(0, Math.floor(progress.cost - progress.bound)))} still open.`
          : ' …'}{' '}
        <button type="button" className="btn btn-sm" disabled={stopping} onClick={stopLooking}>
          {stopping ? 'Stopping …' : 'Stop'}
        </button>
      </p>
    );
  if (proved) return null;
  return (
    <>
      <button type="button" className="btn btn-sm" onClick={() => void keepLooking()}>
        {plan && efforts[plan.id] ? 'Keep looking, further' : 'Keep looking'}
      </button>
      {failed !== null && <p role="alert">It could not be looked into: {failed}.</p>}
    </>
  );
}

/** Whether the price of a pool is proved; if not, how much it could be off. */
function PoolProof({ pool }: { pool: CuttingPool }) {
  const reader = useReader();
  return (
    <div className={pool.proved ? 'proof' : 'unproved'}>
      <p>{sayProof(pool, reader)}</p>
      {pool.proved && pool.joints > 0 && (
        <p className="soft small">That is the price; joints and left-overs are the best that were found.</p>
      )}
    </div>
  );
}

/** The same of everything that is bought, and a way to look further. */
function WholeProof({ proof }: { proof: PriceProof }) {
  const reader = useReader();
  const plan = usePlan((s) => s.plan);
  const found = useImproving((s) => s.found);
  return (
    <div className={proof.proved ? 'proof' : 'unproved'}>
      <p>{sayPriceProof(proof, reader, plan?.buying.yards.length ?? 1)}</p>
      {found && found.plan === plan && <p role="status">Found: {reader.money(found.gained)} less.</p>}
      <Looking proved={proof.proved} />
    </div>
  );
}

/** How much of a roll's bar a letter and a text beside it take, in hundredths of it, where the panel is narrowest. */
const roomFor = (text: string): number => (30 + 7.2 * text.length) / 3.6;

/** What a piece of a roll is held by: its letter shines where it is pointed at, on sheet and strip as here. */
const held = (letter: string, lit: string | null, togglePiece: (letter: string) => void) => ({
  'data-lit': letter === lit ? 'yes' : 'no',
  'aria-pressed': letter === lit,
  onPointerEnter: () => hoverLetter(letter),
  onPointerLeave: () => hoverLetter(null),
  onFocus: () => hoverLetter(letter),
  onBlur: () => hoverLetter(null),
  onClick: () => togglePiece(letter),
});
type Piece = CutRoll['pieces'][number];
const toMillimetre = (metres: number) => Math.round(metres * 1000) / 1000;

/** A strip as wide as the roll, along its bar. */
function StripOfRoll({ piece, roll }: { piece: Piece; roll: CutRoll }) {
  const reader = useReader();
  const { lit, togglePiece } = useSelection();
  const share = (piece.length / roll.length) * 100;
  const length = reader.about(toMillimetre(piece.length));
  const said = `${sayPiece(piece)}, ${length}`;
  return (
    <button
      type="button"
      style={{ flexBasis: `${share}%`, flexGrow: 0, flexShrink: 0 }}
      aria-label={`Piece ${piece.letter}: ${said}`}
      title={`${piece.letter}: ${said}`}
      {...held(piece.letter, lit, togglePiece)}
    >
      {share > 7 ? <span className="disc">{piece.letter}</span> : share > 3.5 ? piece.letter : null}
      {share > 34 ? <span>{said}</span> : share > roomFor(length) ? <span>{length}</span> : null}
    </button>
  );
}

/** Pieces narrower than the roll, side by side where they lie on it. */
function SmallPieces({
  pieces,
  from,
  to,
  pool,
}: {
  pieces: readonly Piece[];
  from: number;
  to: number;
  pool: CuttingPool;
}) {
  const reader = useReader();
  const { lit, togglePiece } = useSelection();
  const long = Math.max(1e-9, to - from);
  return pieces.map((piece) => {
    const { x, y, along, across } = piece.lies ?? { x: 0, y: 0, along: 0, across: 0 };
    const said = `${sayPiece(piece)}, ${reader.about(toMillimetre(piece.length))}`;
    return (
      <button
        type="button"
        key={piece.letter}
        style={{
          left: `${((x - from) / long) * 100}%`,
          top: `${(y / pool.width) * 100}%`,
          width: `${(along / long) * 100}%`,
          height: `${(across / pool.width) * 100}%`,
        }}
        aria-label={`Piece ${piece.letter}: ${said}, lying ${reader.about(along)} along the roll`}
        title={`${piece.letter}: ${said}`}
        {...held(piece.letter, lit, togglePiece)}
      />
    );
  });
}

function RollBar({ roll, number, pool }: { roll: CutRoll; number: number; pool: CuttingPool }) {
  const reader = useReader();
  const market = useMarket();
  const plan = usePlan((s) => s.plan);
  const uses =
    plan && market && pool.kind === 'mesh'
      ? sayLeftOver(leftOver(pool, roll.left, smallestLeaf(plan), market.widths(pool.product)), reader)
      : '';
  const strips = roll.pieces.filter((p) => p.lies === null);
  const small = roll.pieces.filter((p) => p.lies !== null);
  const begins = strips.reduce((total, p) => total + p.length, 0);
  const reaches = Math.max(begins, ...small.map((p) => (p.lies ? p.lies.x + p.lies.along : 0)));
  return (
    <div className="roll">
      <div className="caption">
        <span className="soft">
          {pool.kind === 'timber' ? 'length' : 'roll'} {number} of {pool.rolls.length},{' '}
          {reader.about(roll.length)}
          {roll.owned !== null && ', from the shed'}
        </span>
        <span>left {reader.about(toMillimetre(roll.left))}</span>
      </div>
      <div className="rollbar">
        {strips.map((piece) => (
          <StripOfRoll key={`${piece.letter} ${piece.from}`} piece={piece} roll={roll} />
        ))}
        {small.length > 0 && (
          <span className="block" style={{ flexBasis: `${((reaches - begins) / roll.length) * 100}%` }}>
            <SmallPieces pieces={small} from={begins} to={reaches} pool={pool} />
          </span>
        )}
        <span className="rest" style={{ flex: 1 }} />
      </div>
      {uses !== '' && <div className="soft small">{uses}</div>}
    </div>
  );
}
