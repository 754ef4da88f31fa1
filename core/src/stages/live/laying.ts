import { insideOrOn } from '../../ground/vector';
import { layOver } from '../../engine/layOver';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import type { LiveNet } from './plan/choice';
import * as L from './keys';
import { HELD_BY_NETS } from './meets';
import { isShort, laidNets } from './laid';
import { takePieces } from './pieces';
import { energyOf } from './power/energy';
import { clearancesOf } from './route/clear';
import { gapsOf } from './route/ground';
import { shaped } from './route/shape';
import { thingsOf } from './route/things';
import { gateGaps, wired } from './wires/wires';

/** Where nets stand and wires run, whatever they are bought as. */
export const laying: readonly AnyStep[] = [
  step(L.NETS, { plan: K.PLAN }, ({ plan }) => plan.nets, layOver),
  step(L.HOT_WIRES, { plan: K.PLAN }, ({ plan }) => plan.hotWires, layOver),
  step(L.POWER, { plan: K.PLAN }, ({ plan }) => plan.power, layOver),
  step(L.LATITUDE, { plan: K.PLAN }, ({ plan }) => plan.place.latitude),
  step(
    L.THINGS,
    { buildings: K.BUILDINGS, trees: K.TREES, obstacles: K.OBSTACLES, rings: K.RINGS },
    thingsOf,
  ),
  step(L.SHAPED, { nets: L.NETS, things: L.THINGS }, ({ nets, things }) => shaped(nets, things)),
  adds(K.ROAMED, { shaped: L.SHAPED }, ({ shaped: { shapes } }) =>
    // By night birds are shut in their house; what a line closes off is between things that were there.
    shapes.flatMap(({ net, kind, area }) =>
      net.when === 'night' ? [] : [{ area: net.form === 'line' ? Infinity : area, height: kind.height }],
    ),
  ),
  step(L.TAKEN, { shaped: L.SHAPED, owned: K.OWNED }, ({ shaped: { shapes }, owned }) =>
    takePieces(shapes, owned),
  ),
  step(
    L.GAPS,
    { shaped: L.SHAPED, taken: L.TAKEN, terrain: K.TERRAIN },
    ({ shaped: { shapes }, taken, terrain }) =>
      new Map(
        shapes.map((shape) => {
          const pieces = taken.byNet.get(shape.net.id) ?? [];
          return [shape.net.id, gapsOf(shape, pieces, terrain)] as const;
        }),
      ),
  ),
  step(
    L.CLEARANCES,
    { shaped: L.SHAPED, things: L.THINGS },
    ({ shaped: { shapes }, things }) =>
      new Map(shapes.map(({ net, points }) => [net.id, clearancesOf(points, net.form, things)] as const)),
  ),
  step(
    L.LAID,
    { shaped: L.SHAPED, taken: L.TAKEN, gaps: L.GAPS, clearances: L.CLEARANCES },
    ({ shaped: { shapes }, taken, ...around }) => laidNets(shapes, taken, around),
  ),
  step(L.GATES, { openings: K.OPENINGS }, ({ openings }) => gateGaps(openings), layOver),
  step(
    L.WIRED,
    { wires: L.HOT_WIRES, rings: K.RINGS, gates: L.GATES, setOut: K.SET_OUT },
    ({ wires, rings, gates, setOut }) => wired(wires, { rings, gates, posts: setOut.posts.map((p) => p.at) }),
  ),
  step(L.LIVE_LENGTH, { laid: L.LAID, wired: L.WIRED }, ({ laid, wired: wires }) => {
    const of = (when: LiveNet['when']) =>
      laid.filter(({ net }) => net.when === when).reduce((t, { total }) => t + total, 0);
    // Nets by day and by night take turns: the longer of the two counts.
    return of('always') + Math.max(of('day'), of('night')) + wires.reduce((t, w) => t + w.length, 0);
  }),
  adds(K.GUARDED, { laid: L.LAID, energy: L.ENERGY, rings: K.RINGS }, ({ laid, energy, rings }) => {
    if (!energy?.made || energy.made.output < energy.output - 1e-9) return [];
    const loops = laid.filter(
      ({ net, ...of }) => net.form === 'loop' && net.when === 'always' && !isShort({ net, ...of }),
    );
    return rings
      .filter((ring) =>
        loops.some(({ points }) => ring.sides.every(({ start }) => insideOrOn(start, points, 0))),
      )
      .map((ring) => ({ enclosure: ring.enclosure, against: HELD_BY_NETS }));
  }),
  step(
    L.ENERGY,
    { length: L.LIVE_LENGTH, power: L.POWER, at: L.LATITUDE, assumed: K.ASSUMED },
    ({ length, power, at, assumed }) => (length > 0 ? energyOf(power, length, at, assumed) : null),
  ),
];
