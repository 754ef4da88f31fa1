import { type AnyStep, adds } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';
import { liveDemands } from './demands';
import { lineBarriers } from './barriers';
import { netFigures, powerFigures, wireFigures } from './figures';
import { gapFindings } from './found/ground';
import { powerFindings } from './found/power';
import { endFindings } from './found/ends';
import { lengthFindings, shapelessFindings } from './found/lengths';
import { crossing, lineFindings } from './found/lines';
import { thingFindings } from './found/things';
import { wireFindings } from './found/wires';
import { netHours, powerHours, wireHours } from './hours';
import * as L from './keys';
import { laying } from './laying';
import { netPart, sourceParts, wireParts } from './part';

/** What is found about them. */
const found: readonly AnyStep[] = [
  adds(
    K.FOUND,
    { laid: L.LAID, shaped: L.SHAPED, things: L.THINGS, lines: K.BOUNDARIES },
    ({ laid, shaped: { shapes, shapeless }, things, lines }) => [
      ...shapelessFindings(shapeless, things),
      ...crossing(shapes),
      ...laid.flatMap((net) => [
        ...lengthFindings(net, things),
        ...thingFindings(net, things),
        ...lineFindings(net, lines),
        ...endFindings(net, things, lines),
        ...gapFindings(net),
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
    K.BARRIERS,
    { laid: L.LAID, wired: L.WIRED, energy: L.ENERGY, power: L.POWER, rings: K.RINGS },
    lineBarriers,
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
    { laid: L.LAID, wired: L.WIRED, energy: L.ENERGY, assumed: K.ASSUMED },
    ({ laid, wired: wires, energy, assumed }) => [
      ...laid.map((net) => netHours(net, assumed)),
      ...wires.map((wire) => wireHours(wire, assumed)),
      ...(energy ? [powerHours(energy, assumed)] : []),
    ],
  ),
  adds(
    K.PLAN_FIGURES,
    { laid: L.LAID, wired: L.WIRED, energy: L.ENERGY },
    ({ laid, wired: wires, energy }) => [
      ...laid.map(netFigures),
      ...wires.map(wireFigures),
      ...(energy ? [powerFigures(energy)] : []),
    ],
  ),
];

const parts: readonly AnyStep[] = [
  adds(K.PARTS, { laid: L.LAID, wired: L.WIRED, power: L.POWER }, ({ laid, wired: wires, power }) => [
    ...laid.map(netPart),
    ...wires.flatMap(wireParts),
    ...sourceParts(power, laid, wires),
  ]),
];

/** Electric netting and hot wires: where they go, what is under them, and what keeps them live. */
export const live: Stage = { steps: [...laying, ...found, ...asked], parts };
