import { LIVE_NETS, type LiveNetKind } from '../../../catalogue/liveNets';
import type { Vector } from '../../../ground/vector';
import type { LiveNet } from '../plan/choice';
import { areaOf, cornersAlong, crossesItself, lengthOf, turnsOf } from './loop';
import type { Thing } from './things';
import { type Tightest, tightestRound } from './tightest';

/** A corner that turns by more takes a strut, radians: 30°. */
const STRUT_TURN = Math.PI / 6;

/** A net where it stands. Lengths m, area m². */
export interface NetShape {
  readonly net: LiveNet;
  readonly kind: LiveNetKind;
  readonly nth: number;
  readonly points: readonly Vector[];
  readonly length: number;
  /** Of a loop; 0 of a line. */
  readonly area: number;
  /** Corners that take a strut, by how far along it they are. */
  readonly struts: readonly number[];
  /** The shortest loop round what has to be inside; null where nothing has to be. */
  readonly tightest: Tightest | null;
}

/** A net that has no shape: nothing is reckoned of it but that. */
export interface Shapeless {
  readonly net: LiveNet;
  readonly why: 'crosses' | 'nothing-inside';
}

export interface Shaped {
  readonly shapes: readonly NetShape[];
  readonly shapeless: readonly Shapeless[];
}

/** What has to be inside a net. */
export const meantInside = (net: LiveNet, things: readonly Thing[]): readonly Thing[] =>
  things.filter((t) => net.inside.includes(t.id));

function shapeOf(net: LiveNet, nth: number, things: readonly Thing[]): NetShape | Shapeless['why'] {
  const tightest = tightestRound(meantInside(net, things));
  const snapped = net.points === null;
  const points = net.points ?? tightest?.points;
  if (!points) return 'nothing-inside';
  if (crossesItself(points, net.form)) return 'crosses';
  const along = cornersAlong(points, net.form);
  const struts = turnsOf(points, net.form).flatMap((turn, i) =>
    turn > STRUT_TURN + 1e-9 ? [along[i] ?? 0] : [],
  );
  return {
    net,
    kind: LIVE_NETS[net.kind],
    nth,
    points,
    length: snapped && tightest ? tightest.length : lengthOf(points, net.form),
    area: net.form === 'line' ? 0 : snapped && tightest ? tightest.area : areaOf(points),
    struts,
    tightest,
  };
}

/** Every net of the plan, by its geometry alone. */
export function shaped(nets: readonly LiveNet[], things: readonly Thing[]): Shaped {
  const shapes: NetShape[] = [];
  const shapeless: Shapeless[] = [];
  nets.forEach((net, nth) => {
    const shape = shapeOf(net, nth, things);
    if (typeof shape === 'string') shapeless.push({ net, why: shape });
    else shapes.push(shape);
  });
  return { shapes, shapeless };
}
