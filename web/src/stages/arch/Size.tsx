import { type Arch, type Plan, archBent, archPlace, archRow, chordFor } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { set, useFigures } from './archFigures';
import { toBase } from './pull';

/** Base and height, of which one follows from the other; length, board, and which way it runs. */
export function Size({ arch, plan }: { arch: Arch; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const place = archPlace(plan, arch.id);
  const top = useFigures(arch)('headroom');
  const bent = archBent(plan, arch);
  if (!place) return null;
  const lay = (to: object) => take({ verb: 'place-arch', id: arch.id, to });
  const most = arch.board + bent / 2;
  return (
    <div className="fields">
      <LengthField name="Base" value={place.base} least={0.3} most={20} onCommit={(base) => lay({ base })} />
      <LengthField
        name="Height"
        value={top === null ? null : Math.round(top * 100) / 100}
        least={arch.board + 0.05}
        most={most}
        onCommit={(high) => {
          const base = chordFor(bent, high - arch.board);
          // Higher than it can be: as high as it is at its narrowest.
          take(toBase(arch.id, Math.round((base ?? bent * 0.35) * 1000) / 1000));
        }}
      />
      <LengthField
        name="Length"
        value={place.length}
        least={0.3}
        most={60}
        onCommit={(length) => lay({ length })}
      />
      <PlanLength
        of={`arches.${arch.kind}.board`}
        name="Board"
        value={arch.board}
        onCommit={(board) => take(set(arch, { board }))}
      />
      {archRow(arch).measures.map(({ field, name, set: when }) => (
        <PlanLength
          key={field}
          of={`arches.${arch.kind}.${field}`}
          name={name}
          value={(arch as unknown as Readonly<Record<string, number | null>>)[field] ?? null}
          placeholder="as sold"
          onCommit={(length) => take(set(arch, { [field]: length }))}
          {...(when === 'or none' && { onClear: () => take(set(arch, { [field]: null })) })}
        />
      ))}
    </div>
  );
}
