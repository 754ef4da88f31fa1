import { type AnyStep, adds } from '../../engine/step';
import * as K from '../../keys';
import { THREAT_IDS, isPresent, threatIn } from '../threats/kinds';
import type { Stage } from '../stage';
import { liveDemands } from './demands';
import { type EntriesBy, netEntries, wireEntries } from './entries';
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
import { NONE, laying } from './laying';
import { netPart, sourceParts, wireParts } from './part';

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
