import { apply } from '../../plan/changes/apply';
import { tidy } from '../../units/round';
import { ASKS } from '../asks';
import { bird, gable, gate, mesh, post, buried, stake } from '../picture';
import { type Start, floorWanted, proposedLength, withGate, FENCED } from '../start';

/** House depth drawn until the keeper gives it, m. */
const HOUSE_DEPTH = 1.8;

/** Against the house: the area that the birds want, rounded up, about three to two, with the gate in the far side. */
export const house: Start = {
  name: 'Against the hen house',
  line: 'posts, mesh, the foot closed, one gate',
  asks: ['house'],
  taken: FENCED,
  picture: [
    gable(0.4, 2.2, 1.5, 2.3),
    mesh(2.2, 7.4, 1.75),
    buried(2.3, 7.9),
    stake(3.5, 1.75),
    ...gate(4.8, 5.8, 1.75),
    post(2.2, 1.85),
    post(4.8, 1.85),
    post(5.8, 1.85),
    post(7.4, 1.85),
    bird(2.9, 0.5),
    bird(4.1, 0.42),
  ],
  propose: (bare, sizes) => {
    const { units } = bare;
    const wall = sizes.house ?? ASKS.house.usual(units) ?? HOUSE_DEPTH;
    const wanted = floorWanted(bare);
    // Wider than the house: an apron that ends flush with a house corner is dug round.
    const width = Math.max(proposedLength(Math.sqrt(wanted / 1.5), units), proposedLength(wall + 1, units));
    const depth = proposedLength(wanted / width, units);
    const low = tidy((width - wall) / 2);
    const laid = apply(bare, {
      verb: 'lay-out',
      run: { left: 0, right: depth, low: 0, high: width },
      house: { left: -HOUSE_DEPTH, right: 0, low, high: tidy(low + wall) },
    });
    return withGate(laid, 's2', width);
  },
};
