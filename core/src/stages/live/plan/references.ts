import type { PlanReferences } from '../../../plan/known';
import { unique } from '../../../plan/known';
import { energiserOf } from '../../../catalogue/electrics';
import type { HotWire, LiveNet, Power } from './choice';

interface Named {
  readonly nets: readonly LiveNet[];
  readonly hotWires: readonly HotWire[];
  readonly power: Power;
}

/** Nets go round what there is, wires along sides that there are, and an energiser is one. */
export const references: PlanReferences<Named> = ({ nets, hotWires, power }, known, issue) => {
  unique(nets, ['nets'], issue);
  unique(hotWires, ['hotWires'], issue);
  nets.forEach((net, i) => {
    unique(net.dips, ['nets', i, 'dips'], issue);
    net.inside.forEach((ref, k) => {
      if (!known.things.has(ref)) issue(['nets', i, 'inside', k], `no “${ref}” in this plan`);
    });
    if (net.form === 'line' && net.points === null)
      issue(['nets', i, 'points'], 'a line has corners; only a loop is drawn tight round things');
  });
  hotWires.forEach((wire, i) => {
    wire.sides.forEach((side, k) => {
      if (!known.sides.has(side)) issue(['hotWires', i, 'sides', k], `no side “${side}” in this plan`);
      if (wire.sides.indexOf(side) < k) issue(['hotWires', i, 'sides', k], 'is named twice');
    });
  });
  if (power.energiser?.kind === 'sold' && !energiserOf(power.energiser.product))
    issue(['power', 'energiser', 'product'], `“${power.energiser.product}” is no energiser`);
  power.mainsIn.forEach((id, i) => {
    if (!known.things.has(`building:${id}`))
      issue(['power', 'mainsIn', i], `no building “${id}” in this plan`);
  });
};
