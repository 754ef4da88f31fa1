import { type StripScene, USES, groundUnder } from '@aviarum/core';
import { hoverLetter, useSelection } from '../state/selection';
import type { StripScale } from './scale';

interface Props extends StripScale {
  readonly scene: StripScene;
  readonly up: number;
  readonly lettered: boolean;
}

/** Of a letter's disc, and between the middles of two so that neither covers the other, px. */
const RADIUS = 10;
const APART = 21;
/** Where a letter may stand: a share of its piece, and whether it steps aside of it. */
const PLACES: readonly (readonly [share: number, aside: 0 | 1])[] = [
  [0.5, 1],
  [0.35, 1],
  [0.65, 1],
  [0.2, 1],
  [0.8, 1],
  [0.5, 0],
  [0.3, 0],
];

type Piece = StripScene['pieces'][number];
interface Spot {
  readonly x: number;
  readonly y: number;
}

interface LitProps extends Omit<Props, 'lettered'> {
  readonly piece: Piece;
  /** Of the highest post, m. */
  readonly wallTop: number;
}

/** The piece that is pointed at, and its joint. */
function LitPiece({ scene, x, y, up, piece: p, wallTop }: LitProps) {
  const { lit } = useSelection();
  const ground = (metres: number) => groundUnder(scene.ground, metres);
  const top = y(Math.max(ground(p.from), ground(p.to)) + wallTop);
  const low = USES[p.use].letters === 'ground';
  return (
    <g>
      {p.letter === lit && (
        <rect
          className="s-lit"
          data-lit={p.letter}
          x={x(p.from)}
          y={low ? y(ground((p.from + p.to) / 2)) : top}
          width={x(p.to) - x(p.from)}
          height={low ? 0.5 * up : y(Math.min(ground(p.from), ground(p.to))) - top}
        />
      )}
      {p.joint !== null && p.use === 'band' && (
        <g>
          <path
            className="s-joint"
            d={`M${x(p.joint)} ${y(ground(p.joint) + wallTop)}V${y(ground(p.joint))}`}
          />
          <text x={x(p.joint)} y={y(ground(p.joint) + wallTop) - 6} textAnchor="middle">
            joint
          </text>
        </g>
      )}
    </g>
  );
}

/** Beside the middle post, not on it; further along where another letter is there already; on its own mesh in any case. */
function placesOf(p: Piece, { x, y, scene }: Pick<Props, 'x' | 'y' | 'scene'>): readonly Spot[] {
  const beside = p.use === 'leaf' ? 0 : 12;
  return PLACES.map(([share, aside]) => {
    const at = x(p.from + (p.to - p.from) * share) + aside * beside;
    const inside = Math.max(x(p.from) + RADIUS, Math.min(x(p.to) - RADIUS, at));
    const metres = p.from + ((p.to - p.from) * (inside - x(p.from))) / (x(p.to) - x(p.from));
    const ground = groundUnder(scene.ground, metres);
    return { x: inside, y: USES[p.use].letters === 'ground' ? y(ground) + 15 : y(ground + p.height) };
  });
}

function Letter({ piece: p, at }: { piece: Piece; at: Spot }) {
  const { lit, togglePiece } = useSelection();
  return (
    <g
      className="letterbtn"
      role="button"
      tabIndex={0}
      aria-label={`Piece ${p.letter}, ${USES[p.use].name}`}
      aria-pressed={p.letter === lit}
      transform={`translate(${at.x} ${at.y})`}
      onPointerEnter={() => hoverLetter(p.letter)}
      onPointerLeave={() => hoverLetter(null)}
      onFocus={() => hoverLetter(p.letter)}
      onBlur={() => hoverLetter(null)}
      onClick={() => togglePiece(p.letter)}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && togglePiece(p.letter)}
    >
      <circle className="d-letter" r={RADIUS} />
      <text className="d-letter-word" textAnchor="middle" y="4.5">
        {p.letter}
      </text>
    </g>
  );
}

/** Joints, the piece that is lit, and the letters that tie a piece to its roll. */
export function StripLetters({ scene, x, y, up, lettered }: Props) {
  const spotsTaken: Spot[] = [];
  // A board a bay has its letter on the length it is sawn from, and shines here when that is pointed at.
  const wallTop = Math.max(0.5, ...scene.posts.map((p) => p.above));
  const meshes = scene.pieces.filter((p) => p.use !== 'board');
  return (
    <g>
      {scene.pieces.map((p) => (
        <LitPiece
          key={`${p.letter} ${p.from}`}
          scene={scene}
          x={x}
          y={y}
          up={up}
          piece={p}
          wallTop={wallTop}
        />
      ))}
      {lettered &&
        meshes.map((p) => {
          const place = placesOf(p, { x, y, scene }).find((at) =>
            spotsTaken.every((other) => Math.hypot(other.x - at.x, other.y - at.y) >= APART),
          );
          if (!place) return null;
          spotsTaken.push(place);
          return <Letter key={`${p.letter} ${p.from} disc`} piece={p} at={place} />;
        })}
    </g>
  );
}
