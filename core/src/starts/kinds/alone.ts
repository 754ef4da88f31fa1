import { bird, gate, mesh, post, buried, stake } from '../picture';
import { type Start, laidAlone, withGate, FENCED } from '../start';

/** Fence all round: about square, as large as the birds want, or as it is given. */
export const alone: Start = {
  name: 'A run that stands alone',
  line: 'fence all round, the foot closed',
  asks: ['width', 'depth'],
  taken: FENCED,
  picture: [
    mesh(0.8, 7.2, 1.75),
    buried(0.3, 7.7),
    stake(2.2, 1.75),
    stake(6, 1.75),
    ...gate(3.7, 4.7, 1.75),
    post(0.8, 1.85),
    post(3.7, 1.85),
    post(4.7, 1.85),
    post(7.2, 1.85),
    bird(1.4, 0.45),
    bird(2.9, 0.5),
    bird(5.3, 0.4),
  ],
  propose: (bare, sizes) => {
    const { laid, width } = laidAlone(bare, sizes);
    return withGate(laid, 's1', width);
  },
};
