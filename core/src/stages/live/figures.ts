import type { Figures, FiguresMade } from '../told';
import type { Energy } from './power/energy';
import type { LaidNet } from './laid';
import { gapWorst } from './route/ground';
import type { Wired } from './wires/wires';

/** Length, area, nets and what is over of one net. */
export function netFigures(laid: LaidNet): Figures {
  const { net, length, area, struts, tightest, pieces, surplus, gaps } = laid;
  const figures: FiguresMade = {
    [`liveNet.${net.id}.length`]: length,
    [`liveNet.${net.id}.nets`]: pieces.length,
    [`liveNet.${net.id}.surplus`]: surplus,
    [`liveNet.${net.id}.gapWorst`]: gapWorst(gaps),
    [`liveNet.${net.id}.struts`]: struts.length + net.dips.filter((d) => d.mend === 'strut').length,
    [`liveNet.${net.id}.mown`]: length,
  };
  if (net.form === 'loop') figures[`liveNet.${net.id}.area`] = area;
  if (tightest) figures[`liveNet.${net.id}.tightest`] = tightest.length;
  return figures;
}

export const wireFigures = ({ wire, strand, insulators, lead, length, joints }: Wired): Figures => ({
  [`hotWire.${wire.id}.strand`]: strand,
  [`hotWire.${wire.id}.length`]: length,
  [`hotWire.${wire.id}.insulators`]: insulators,
  [`hotWire.${wire.id}.lead`]: lead,
  [`hotWire.${wire.id}.joints`]: joints,
});

/** What the fence takes of its energiser. Without `power.batteryDays` the battery is never flat, or there is none. */
export function powerFigures({ output, rods, draw, battery, length, made }: Energy): Figures {
  const figures: FiguresMade = {
    'power.length': length,
    'power.output': output,
    'power.rods': rods,
    'power.draw': draw,
  };
  if (made) figures['power.made'] = made.output;
  if (battery?.days != null) figures['power.batteryDays'] = battery.days;
  return figures;
}
