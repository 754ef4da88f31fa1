import { apply } from '../../plan/changes/apply';
import type { Building } from '../../plan/schema';
import { usualOfHouse } from '../../stages/choices';
import { tidy } from '../../units/round';
import { ASKS } from '../asks';
import { bird, buried, gable } from '../picture';
import { AT_FOOT, type Start } from '../start';

/** Taken where nothing is known, m. */
const WALL = 1.8;
const OTHER = 1.2;

/** A coop by itself: what digs under it is stopped, with no fence at all. */
export const coop: Start = {
  name: 'Guard a coop',
  line: 'an apron all round it, no fence',
  asks: ['house', 'houseDepth'],
  taken: AT_FOOT,
  picture: [gable(2.6, 5.4, 1.5, 2.4), buried(1.7, 6.3), bird(1, 0.5), bird(6.6, 0.44)],
  propose: (bare, { house, houseDepth }) => {
    const wide = house ?? ASKS.house.usual(bare.units) ?? WALL;
    const deep = houseDepth ?? ASKS.houseDepth.usual(bare.units) ?? OTHER;
    const thing: Building = {
      id: 'house',
      name: 'Coop',
      outline: [
        { x: 0, y: 0 },
        { x: wide, y: 0 },
        { x: wide, y: deep },
        { x: 0, y: deep },
      ],
      eaves: 1.5,
      height: tidy(1.5 + deep / 3),
      stands: 'walls',
      ...usualOfHouse(bare.choices.plan),
    };
    return apply(bare, { verb: 'add-to-ground', list: 'buildings', thing });
  },
};
