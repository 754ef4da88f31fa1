import { type Arch, type Plan, archPlace, inUnits } from '@aviarum/core';
import { DayPick } from '../../fields/DayPick';
import { HeadingField } from '../../fields/HeadingField';
import { PlaceFields } from '../../fields/PlaceFields';
import { PlanCount } from '../../fields/PlanCount';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { set } from './archFigures';

/** Measures of skin, low band, film, stakes and props, of what there is. */
export function More({ arch }: { arch: Arch }) {
  const take = usePlan((s) => s.take);
  const units = usePlan((s) => s.plan?.units ?? 'metric');
  const field = (name: string, of: 'lap' | 'turnDown' | 'lowHeight') => (
    <PlanLength
      of={`arches.${arch.kind}.${of}`}
      name={name}
      value={arch[of]}
      onCommit={(length) => take(set(arch, { [of]: length }))}
    />
  );
  const count = (name: string, of: 'stakes' | 'straps' | 'props', placeholder: string) => (
    <PlanCount
      of={`arches.${arch.kind}.${of}`}
      name={name}
      value={arch[of]}
      placeholder={placeholder}
      onCommit={(n) => take(set(arch, { [of]: n }))}
      onClear={() => take(set(arch, { [of]: null }))}
    />
  );
  return (
    <div className="fields">
      {arch.skin !== null && (
        <>
          {field('Lap of strips', 'lap')}
          {field('Turned down', 'turnDown')}
          <PlanLength
            of={`arches.${arch.kind}.roll`}
            name="Roll width"
            value={arch.roll}
            placeholder="the cheapest"
            onCommit={(roll) => take(set(arch, { roll }))}
            onClear={() => take(set(arch, { roll: null }))}
          />
        </>
      )}
      {arch.low !== null && field('Low band, height', 'lowHeight')}
      {arch.foot === 'stakes' && count('Stakes along a foot', 'stakes', inUnits('one each 1.2 m', units))}
      {arch.ridge !== null && count('Props', 'props', inUnits('one each 2.4 m', units))}
      {arch.film !== null && (
        <>
          {count('Straps', 'straps', inUnits('one each 2.4 m', units))}
          <DayPick name="Film goes on" value={arch.on} onChoose={(on) => take(set(arch, { on }))} />
          <DayPick name="Film comes off" value={arch.off} onChoose={(off) => take(set(arch, { off }))} />
        </>
      )}
    </div>
  );
}

/** Where it stands, and taking it away. */
export function Where({ arch, plan }: { arch: Arch; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const place = archPlace(plan, arch.id);
  if (!place) return null;
  const lay = (to: object) => take({ verb: 'place-arch', id: arch.id, to });
  return (
    <>
      <div className="fields">
        <HeadingField
          name="Runs towards"
          value={place.direction}
          onCommit={(direction) => lay({ direction })}
        />
        <PlaceFields at={{ x: place.at.x, y: place.at.y }} onPut={(at) => lay({ at })} />
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={() => take({ verb: 'remove-arch', id: arch.id })}>
          Remove the arch, keep its run
        </button>
        {plan.enclosures.length > 1 && (
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'remove-enclosure', enclosure: arch.enclosure })}
          >
            Remove it with its run
          </button>
        )}
      </div>
    </>
  );
}
