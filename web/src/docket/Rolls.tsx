import {
  type CutRoll,
  type StackProof,
  leftOver,
  poolName,
  printNumber,
  sayLeftOver,
  sayChange,
  sayPiece,
  sayProof,
  sayStacks,
  smallestLeaf,
} from '@aviarum/core';
import { WIDTHS, keepLooking, keepLookingWidths, stopLooking, useImproving } from '../state/improving';
import { usePlan } from '../state/planStore';
import { useMarket, useReader, useReckoning } from '../state/reckoningStore';
import { hoverLetter, useSelection } from '../state/selection';
import type { PoolView } from '../workers/view';

/** Each roll as a bar with the pieces cut from it, in the order in which they are unrolled. */
export function Rolls() {
  const cutting = useReckoning((s) => s.reckoning?.cutting);
  const stacks = useReckoning((s) => s.reckoning?.stacks);
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
          <Proof pool={pool} />
        </div>
      ))}
      {stacks && <Widths stacks={stacks} />}
    </section>
  );
}

/** How far looking further has come, and a way to stop it; or a way to begin. */
function Looking({
  of,
  things,
  open,
  begin,
}: {
  of: string;
  things: string;
  open: boolean;
  begin: () => Promise<void>;
}) {
  const reader = useReader();
  const { looking, progress, efforts, failed } = useImproving();
  if (looking === of)
    return (
      <p className="small" role="status">
        Looking further
        {progress
          ? `: ${printNumber(progress.sets, 0)} ${things}, ${reader.money(Math.max(0, Math.floor(progress.cost - progress.bound)))} still open.`
          : ' …'}{' '}
        <button type="button" className="btn btn-sm" onClick={stopLooking}>
          Stop
        </button>
      </p>
    );
  if (!open) return null;
  return (
    <>
      <button type="button" className="btn btn-sm" onClick={() => void begin()}>
        {efforts[of] ? 'Keep looking, further' : 'Keep looking'}
      </button>
      {failed?.of === of && <p role="alert">It could not be looked into: {failed.why}.</p>}
    </>
  );
}

/** Whether the price is proved; if not, how much it could be off, and a way to look further. */
function Proof({ pool }: { pool: PoolView }) {
  const reader = useReader();
  return (
    <div className={pool.proved ? 'proof' : 'unproved'}>
      <p>{sayProof(pool, reader)}</p>
      {pool.proved && pool.joints > 0 && (
        <p className="soft small">That is the price; joints and left-overs are the best that were found.</p>
      )}
      <Looking
        of={pool.id}
        things="sets of rolls decided"
        open={pool.open}
        begin={() => keepLooking(pool.id)}
      />
    </div>
  );
}

/** The same of the choice of widths, with those that were found to cost less. */
function Widths({ stacks }: { stacks: StackProof }) {
  const reader = useReader();
  const market = useMarket();
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const better = useImproving((s) => s.better);
  const found = better && better.plan === plan ? better.found : null;
  const words = found && market ? sayChange(found.change, reader, market) : '';
  return (
    <div className={stacks.proved ? 'proof' : 'unproved'}>
      <p>{sayStacks(stacks, reader)}</p>
      {found && (
        <p>
          Found: {reader.money(found.saves)} less.{' '}
          <button type="button" className="btn btn-sm" onClick={() => take(found.change, words)}>
            {words}
          </button>
        </p>
      )}
      <Looking of={WIDTHS} things="other widths cut up" open={!stacks.proved} begin={keepLookingWidths} />
    </div>
  );
}

/** How much of a roll's bar a letter and a text beside it take, in hundredths of it, where the panel is narrowest. */
const roomFor = (text: string): number => (30 + 7.2 * text.length) / 3.6;

function RollBar({ roll, number, pool }: { roll: CutRoll; number: number; pool: PoolView }) {
  const reader = useReader();
  const market = useMarket();
  const plan = usePlan((s) => s.plan);
  const { lit, togglePiece } = useSelection();
  const uses =
    plan && market && pool.kind === 'mesh'
      ? sayLeftOver(leftOver(pool, roll.left, smallestLeaf(plan), market.widths(pool.product)), reader)
      : '';
  const strips = roll.pieces.filter((p) => p.lies === null);
  const small = roll.pieces.filter((p) => p.lies !== null);
  const begins = strips.reduce((total, p) => total + p.length, 0);
  const reaches = Math.max(begins, ...small.map((p) => (p.lies ? p.lies.x + p.lies.along : 0)));
  const said = (p: CutRoll['pieces'][number]) =>
    `${sayPiece(p)}, ${reader.length(Math.round(p.length * 1000) / 1000)}`;
  const handlers = (letter: string) => ({
    'data-lit': letter === lit ? 'yes' : 'no',
    'aria-pressed': letter === lit,
    onPointerEnter: () => hoverLetter(letter),
    onPointerLeave: () => hoverLetter(null),
    onFocus: () => hoverLetter(letter),
    onBlur: () => hoverLetter(null),
    onClick: () => togglePiece(letter),
  });
  return (
    <div className="roll">
      <div className="caption">
        <span className="soft">
          {pool.kind === 'timber' ? 'length' : 'roll'} {number} of {pool.rolls.length},{' '}
          {reader.length(roll.length)}
          {roll.owned !== null && ', from the shed'}
        </span>
        <span>left {reader.length(Math.round(roll.left * 1000) / 1000)}</span>
      </div>
      <div className="rollbar">
        {strips.map((piece) => {
          const share = (piece.length / roll.length) * 100;
          const length = reader.length(Math.round(piece.length * 1000) / 1000);
          return (
            <button
              type="button"
              key={`${piece.letter} ${piece.from}`}
              style={{ flexBasis: `${share}%`, flexGrow: 0, flexShrink: 0 }}
              aria-label={`Piece ${piece.letter}: ${said(piece)}`}
              title={`${piece.letter}: ${said(piece)}`}
              {...handlers(piece.letter)}
            >
              {share > 7 ? <span className="disc">{piece.letter}</span> : share > 3.5 ? piece.letter : null}
              {share > 34 ? (
                <span>{said(piece)}</span>
              ) : share > roomFor(length) ? (
                <span>{length}</span>
              ) : null}
            </button>
          );
        })}
        {small.length > 0 && (
          <span className="block" style={{ flexBasis: `${((reaches - begins) / roll.length) * 100}%` }}>
            {small.map((piece) => {
              const { x, y, along, across } = piece.lies ?? { x: 0, y: 0, along: 0, across: 0 };
              const long = Math.max(1e-9, reaches - begins);
              return (
                <button
                  type="button"
                  key={piece.letter}
                  style={{
                    left: `${((x - begins) / long) * 100}%`,
                    top: `${(y / pool.width) * 100}%`,
                    width: `${(along / long) * 100}%`,
                    height: `${(across / pool.width) * 100}%`,
                  }}
                  aria-label={`Piece ${piece.letter}: ${said(piece)}, lying ${reader.length(along)} along the roll`}
                  title={`${piece.letter}: ${said(piece)}`}
                  {...handlers(piece.letter)}
                />
              );
            })}
          </span>
        )}
        <span className="rest" style={{ flex: 1 }} />
      </div>
      {uses !== '' && <div className="soft small">{uses}</div>}
    </div>
  );
}
