import { type Plan, type Reader, type Scope, type Skirt, skirtWanted } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

interface Measure {
  readonly name: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly set: (value: number) => Skirt;
}

const LAP = { name: 'Lap up the wall', least: 0, most: 0.5 } as const;

/** The measures that a skirt of each kind has. */
function measuresOf(skirt: Skirt, plan: Plan, reader: Reader): readonly Measure[] {
  const stops = (kind: 'apron' | 'buried') => `${reader.length(skirtWanted(plan, kind))} stops what is about`;
  switch (skirt.kind) {
    case 'none':
      return [];
    case 'apron':
    case 'house-apron':
      return [
        {
          name: `Width on the ground; ${stops('apron')}`,
          value: skirt.width,
          least: 0.1,
          most: 3,
          set: (width) => ({ ...skirt, width }),
        },
        { ...LAP, value: skirt.lapUp, set: (lapUp) => ({ ...skirt, lapUp }) },
      ];
    case 'buried':
      return [
        {
          name: `Depth; ${stops('buried')}`,
          value: skirt.depth,
          least: 0.1,
          most: 1.5,
          set: (depth) => ({ ...skirt, depth }),
        },
        { ...LAP, value: skirt.lapUp, set: (lapUp) => ({ ...skirt, lapUp }) },
      ];
    case 'toe':
      return [
        { name: 'Depth', value: skirt.depth, least: 0.1, most: 1.5, set: (depth) => ({ ...skirt, depth }) },
        { name: 'Toe, outward', value: skirt.out, least: 0.05, most: 1.5, set: (out) => ({ ...skirt, out }) },
        { ...LAP, value: skirt.lapUp, set: (lapUp) => ({ ...skirt, lapUp }) },
      ];
    case 'folded':
      return [
        { name: 'Up the wall', value: skirt.up, least: 0.1, most: 1.5, set: (up) => ({ ...skirt, up }) },
        {
          name: `Out on the ground; ${stops('apron')}`,
          value: skirt.out,
          least: 0.1,
          most: 1.5,
          set: (out) => ({ ...skirt, out }),
        },
      ];
    case 'stone':
      return [
        { name: 'Width', value: skirt.width, least: 0.05, most: 1, set: (width) => ({ ...skirt, width }) },
        {
          name: 'Height',
          value: skirt.height,
          least: 0.05,
          most: 1,
          set: (height) => ({ ...skirt, height }),
        },
      ];
    case 'concrete':
      return [
        { name: 'Width', value: skirt.width, least: 0.05, most: 1, set: (width) => ({ ...skirt, width }) },
        {
          name: `Depth; ${stops('buried')}`,
          value: skirt.depth,
          least: 0.05,
          most: 1.5,
          set: (depth) => ({ ...skirt, depth }),
        },
      ];
  }
}

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
          onCommit={(length) =>
            take({ verb: 'set-skirt', scope, skirt: set(length) }, 'change a measure of the skirt')
          }
        />
      ))}
    </div>
  );
}
