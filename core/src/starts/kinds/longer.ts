import { apply } from '../../plan/changes/apply';
import { tidy } from '../../units/round';
import { PLAIN_GATE } from '../../stages/ways/plan/kinds/gate';
import { ASKS } from '../asks';
import { bird, buried, gate, mesh, post } from '../picture';
import { FENCED, type Start, laidAlone, wallsTo } from '../start';
import { standingAllRound } from './stands';

/** Taken where nothing is known, m. */
const HEIGHT = 1.5;
const MORE = 3;
/** The band at the top ends above the one below it, m. */
const LEAST_WALL = 0.9;
/** The gate that hangs there, clear, m. */
const GATE = 0.8;

/** The run made longer at one end: three sides of the old one stand, its end comes down, three new ones are built. */
export const longer: Start = {
  name: 'Make the run longer',
  line: 'three sides stay; the end moves out',
  asks: ['width', 'depth', 'stands', 'longer'],
  taken: FENCED,
  picture: [
    mesh(0.8, 4, 1.5),
    mesh(4, 7.2, 1.75),
    buried(4.1, 7.7),
    ...gate(1.6, 2.5, 1.5),
    post(0.8, 1.55),
    post(4, 1.85),
    post(7.2, 1.85),
    bird(3.2, 0.45),
    bird(5, 0.5),
    bird(6.2, 0.4),
  ],
  propose: (bare, sizes) => {
    const { laid, width } = laidAlone(bare, sizes);
    const height = sizes.stands ?? ASKS.stands.usual(bare.units) ?? HEIGHT;
    // The new part is as high as the old.
    const stood = wallsTo(standingAllRound(laid, height), Math.max(LEAST_WALL, height));
    const beside = apply(stood, {
      verb: 'add-beside',
      side: 's2',
      depth: sizes.longer ?? ASKS.longer.usual(bare.units) ?? MORE,
      enclosure: { id: 'longer', name: 'New part' },
      corners: ['n1', 'n2'],
      sides: ['n1', 'n2', 'n3'],
    });
    const joined = apply(beside, { verb: 'join-enclosures', side: 's2' });
    const clear = Math.min(GATE, tidy(width - 0.2));
    return apply(joined, {
      verb: 'add-opening',
      opening: {
        ...PLAIN_GATE,
        make: 'built',
        found: { catches: 'one-step', lock: 'none', sill: 'board', closer: 'none' },
        id: 'g1',
        side: 's1',
        along: tidy((width - clear) / 2),
        width: clear,
      },
    });
  },
};
