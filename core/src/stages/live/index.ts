import { layOver } from '../../engine/layOver';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { THREAT_IDS, isPresent, threatIn } from '../threats/kinds';
import type { Stage } from '../stage';
import { liveDemands } from './demands';
import { type EntriesBy, netEntries, wireEntries } from './entries';
import { netFigures, powerFigures, wireFigures } from './figures';
import { gapFindings } from './found/ground';
import { powerFindings } from './found/power';
import {
  crossing,
  endFindings,
  lengthFindings,
  lineFindings,
  shapelessFindings,
  thingFindings,
} from './found/route';
import { wireFindings } from './found/wires';
import { netHours, powerHours, wireHours } from './hours';
import * as L from './keys';
import { netPart, sourceParts, wireParts } from './part';
import { takePieces } from './pieces';
import { energyOf } from './power/energy';
import { clearancesOf } from './route/clear';
import { gapsOf } from './route/ground';
import { shaped } from './route/shape';
import { thingsOf } from './route/things';
import { gateGaps, wired } from './wires/wires';

const NONE = { pieces: [], owned: 0 } as const;

/** Where nets stand and wires run, whatever they are bought as. */
const laying: readonly AnyStep[] = [
  step(L.NETS, { plan: K.PLAN }, ({ plan }) => plan.nets, layOver),
  step(L.HOT_WIRES, { plan: K.PLAN }, ({ plan }) => plan.hotWires, layOver),
  step(L.POWER, { plan: K.PLAN }, ({ plan }) => plan.power, layOver),
  step(L.LATITUDE, { plan: K.PLAN }, ({ plan }) => plan.place.latitude),
  step(L.OBSTACLES, { plan: K.PLAN }, ({ plan }) => plan.ground.obstacles, layOver),
  step(
    L.THINGS,
    { buildings: K.BUILDINGS, trees: K.TREES, obstacles: L.OBSTACLES, rings: K.RINGS },
    thingsOf,
  ),
  step(L.SHAPED, { nets: L.NETS, things: L.THINGS }, ({ nets, things }) => shaped(nets, things)),
  adds(K.ROAMED, { shaped: L.SHAPED }, ({ shaped: { shapes } }) =>
    // By night birds are shut in their house; what a line closes off is between things that were there.
    shapes.flatMap(({ net, area }) => (net.when === 'night' ? [] : [net.form === 'line' ? Infinity : area])),
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
          const { pieces } = taken.byNet.get(shape.net.id) ?? NONE;
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
  step(L.GATES, { openings: K.OPENINGS }, ({ openings }) => gateGaps(openings), layOver),
  step(
    L.WIRED,
    { wires: L.HOT_WIRES, rings: K.RINGS, gates: L.GATES, setOut: K.SET_OUT },
    ({ wires, rings, gates, setOut }) => wired(wires, { rings, gates, posts: setOut.posts.map((p) => p.at) }),
  ),
  step(
    L.ENERGY,
    { taken: L.TAKEN, shaped: L.SHAPED, wired: L.WIRED, power: L.POWER, at: L.LATITUDE, assumed: K.ASSUMED },
    ({ taken, shaped: { shapes }, wired: wires, power, at, assumed }) => {
      // Nets by day and by night take turns: the longer of the two counts.
      const of = (when: 'always' | 'day' | 'night') =>
        shapes
          .filter((s) => s.net.when === when)
          .reduce((t, s) => t + (taken.byNet.get(s.net.id)?.pieces ?? []).reduce((sum, p) => sum + p, 0), 0);
      const length =
        of('always') + Math.max(of('day'), of('night')) + wires.reduce((t, w) => t + w.length, 0);
      return length > 0 ? energyOf(power, length, at, assumed) : null;
    },
  ),
];

/** What is found about them. */
const found: readonly AnyStep[] = [
  adds(
    K.FOUND,
    {
      shaped: L.SHAPED,
      things: L.THINGS,
      lines: K.BOUNDARIES,
      taken: L.TAKEN,
      clearances: L.CLEARANCES,
      gaps: L.GAPS,
    },
    ({ shaped: { shapes, shapeless }, things, lines, taken, clearances, gaps }) => [
      ...shapelessFindings(shapeless, things),
      ...crossing(shapes),
      ...shapes.flatMap((shape) => [
        ...lengthFindings(shape, taken.byNet.get(shape.net.id) ?? NONE, things),
        ...thingFindings(shape, clearances.get(shape.net.id) ?? [], things),
        ...lineFindings(shape, lines),
        ...endFindings(shape, things, lines),
        ...gapFindings(shape, gaps.get(shape.net.id) ?? []),
      ]),
    ],
  ),
  adds(
    K.FOUND,
    {
      energy: L.ENERGY,
      power: L.POWER,
      shaped: L.SHAPED,
      latitude: L.LATITUDE,
      assumed: K.ASSUMED,
      buildings: K.BUILDINGS,
      services: K.SERVICES,
    },
    ({ energy, shaped: { shapes }, ...by }) => (energy ? powerFindings({ ...by, energy, shapes }) : []),
  ),
  adds(K.FOUND, { wired: L.WIRED, tops: K.TOPS }, ({ wired: wires, tops }) => {
    const topOf = (side: string): number | null => {
      for (const [line, { top }] of tops)
        if (line.members.some((m) => m.ringSide.side.id === side)) return top;
      return null;
    };
    return wireFindings(wires, topOf);
  }),
  adds(
    K.ENTRIES,
    {
      shaped: L.SHAPED,
      taken: L.TAKEN,
      wired: L.WIRED,
      energy: L.ENERGY,
      power: L.POWER,
      gaps: L.GAPS,
      clearances: L.CLEARANCES,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
    },
    ({
      shaped: { shapes },
      taken,
      wired: wires,
      energy,
      power,
      gaps,
      clearances,
      threats,
      threatFigures,
    }) => {
      const by: EntriesBy = {
        shapes,
        wired: wires,
        energy,
        snow: power.snow,
        gaps,
        clearances,
        present: THREAT_IDS.filter((id) => isPresent({ threats }, id)),
        rowOf: (id) => threatIn({ threatFigures }, id),
        shortNets: new Set(
          shapes
            .filter(({ net, length }) => {
              const sum = (taken.byNet.get(net.id)?.pieces ?? []).reduce((t, p) => t + p, 0);
              return sum < length - 1e-4;
            })
            .map(({ net }) => net.id),
        ),
      };
      return [...netEntries(by), ...wireEntries(by)];
    },
  ),
];

/** What is bought of them, and what they take to set up. */
const asked: readonly AnyStep[] = [
  adds(
    K.DEMANDS,
    { shaped: L.SHAPED, taken: L.TAKEN, wired: L.WIRED, power: L.POWER, energy: L.ENERGY },
    ({ shaped: { shapes }, ...by }) => liveDemands({ ...by, shapes }),
  ),
  adds(
    K.STAGE_HOURS,
    { shaped: L.SHAPED, taken: L.TAKEN, wired: L.WIRED, energy: L.ENERGY, assumed: K.ASSUMED },
    ({ shaped: { shapes }, taken, wired: wires, energy, assumed }) => [
      ...shapes.map((shape) => netHours(shape, taken.byNet.get(shape.net.id) ?? NONE, assumed)),
      ...wires.map((wire) => wireHours(wire, assumed)),
      ...(energy ? [powerHours(energy, assumed)] : []),
    ],
  ),
  adds(
    K.PLAN_FIGURES,
    { shaped: L.SHAPED, taken: L.TAKEN, gaps: L.GAPS, wired: L.WIRED, energy: L.ENERGY },
    ({ shaped: { shapes }, taken, gaps, wired: wires, energy }) => [
      ...shapes.map((shape) =>
        netFigures(shape, taken.byNet.get(shape.net.id) ?? NONE, gaps.get(shape.net.id) ?? []),
      ),
      ...wires.map(wireFigures),
      ...(energy ? [powerFigures(energy)] : []),
    ],
  ),
];

const parts: readonly AnyStep[] = [
  adds(
    K.PARTS,
    { shaped: L.SHAPED, taken: L.TAKEN, gaps: L.GAPS, wired: L.WIRED, power: L.POWER },
    ({ shaped: { shapes }, taken, gaps, wired: wires, power }) => [
      ...shapes.map((shape) =>
        netPart(shape, taken.byNet.get(shape.net.id)?.pieces ?? [], gaps.get(shape.net.id) ?? []),
      ),
      ...wires.flatMap(wireParts),
      ...sourceParts(power, shapes, wires),
    ],
  ),
];

/** Electric netting and hot wires: where they go, what is under them, and what keeps them live. */
export const live: Stage = { steps: [...laying, ...found, ...asked], parts };
