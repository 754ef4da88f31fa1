import { typeOf } from '../../catalogue/meshTypes';
import { meshOption, meshesOnOffer } from '../../options/asking/meshes';
import { type Asking, type OptionGroup } from '../../options/asking/types';
import { KINDS, KIND_IDS, type Skirt, rowOf, isOfMesh } from './plan/kinds';
import type { Building } from '../../plan/schema';
import { NONE } from './plan/facts';
import { isLaid, shapeOf } from './plan/shape';
import { skirtOfKind } from './plan/wanted';

/** Stones as section 7 lays them, m. */
const STONES = { width: 0.3, height: 0.2 } as const;

/** The same of a skirt that lies round a house by itself. */
export function houseSkirtOptions(asking: Asking, building: Building): readonly OptionGroup[] {
  const skirt = building.skirt ?? NONE;
  const put = (next: Skirt) =>
    ({
      verb: 'set-on-ground',
      list: 'buildings',
      id: building.id,
      to: { skirt: isLaid(next) ? next : null },
    }) as const;
  return skirtOptions({ ...asking, choices: { ...asking.choices, skirt } }).map((group) => ({
    ...group,
    id: `${building.id}-${group.id}`,
    options: group.options.flatMap((option) => {
      const { change } = option;
      if (change.verb !== 'set-skirt') return [];
      // It lies round the house as it is.
      if (shapeOf(change.skirt)?.round === 'house') return [];
      return [{ ...option, change: put(change.skirt) }];
    }),
  }));
}

/** Every question of the skirt in one scope. */
export function skirtOptions(asking: Asking): readonly OptionGroup[] {
  const { plan, market, scope, choices } = asking;
  const { skirt } = choices;
  const set = (next: Skirt) => ({ verb: 'set-skirt', scope, skirt: next }) as const;
  const kinds: OptionGroup = {
    id: 'kind',
    name: 'Skirt',
    options: KIND_IDS.map((kind) => ({
      key: kind,
      title: KINDS[kind].title,
      note: KINDS[kind].note,
      chosen: kind === skirt.kind,
      change: set(skirtOfKind(plan, kind, skirt)),
    })),
  };
  if (!isOfMesh(skirt)) return [kinds];
  const meshes = meshesOnOffer(asking, skirt.mesh).filter(
    (id) => id === skirt.mesh || typeOf(market.mesh(id)).welded,
  );
  const mesh: OptionGroup = {
    id: 'mesh',
    name: 'Mesh',
    options: meshes.map((id) => ({
      ...meshOption(asking, id),
      chosen: id === skirt.mesh,
      change: set({ ...skirt, mesh: id }),
    })),
  };
  const { withStones } = rowOf(skirt);
  if (!withStones) return [kinds, mesh];
  const laid = shapeOf(skirt).fill;
  const stones: OptionGroup = {
    id: 'stones',
    name: 'On the apron',
    options: [
      {
        key: 'none',
        title: 'Grass or chips',
        note: '',
        chosen: !laid,
        change: set(withStones(skirt, null)),
      },
      {
        key: 'stones',
        title: 'Stones along the fence',
        note: 'keeps grass off; heavy',
        chosen: laid !== null,
        change: set(laid ? skirt : withStones(skirt, STONES)),
      },
    ],
  };
  return [kinds, mesh, stones];
}
