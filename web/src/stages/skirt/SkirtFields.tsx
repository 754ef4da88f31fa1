import { type Plan, type Scope, type Skirt, measuresOf } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

/** The measures that a skirt of its kind has. */
export function SkirtFields({ plan, scope, skirt }: { plan: Plan; scope: Scope; skirt: Skirt }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const measures = measuresOf(skirt, plan, reader);
  if (measures.length === 0) return null;
  return (
    <div className="fields">
      {measures.map(({ name, value, least, most, set }) => (
        <LengthField
          key={name}
          name={name}
          value={value}
          least={least}
          most={most}
          onCommit={(length) => take({ verb: 'set-skirt', scope, skirt: set(length) })}
        />
      ))}
    </div>
  );
}
