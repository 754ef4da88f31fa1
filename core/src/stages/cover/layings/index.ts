import type { OverLaid } from '../plan/kinds';
import type { CoverShape } from '../over/shape';
import type { Laying } from './laying';
import { corners } from './corners';
import { net } from './net';
import { piece } from './piece';
import { sheets } from './sheets';
import { strips } from './strips';

/** Every manner in which what lies over a run is laid. */
const LAYINGS: { readonly [L in OverLaid]: Laying<L> } = { strips, net, sheets, piece, corners };

/** The one place that joins a cover to the manner in which it is laid. */
export const layingOf = ({ made }: CoverShape): Laying<OverLaid> => LAYINGS[made.laid];
