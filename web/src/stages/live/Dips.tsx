import { type Change, type LiveNet, counted, nextId } from '@aviarum/core';
import { Choice } from '../../fields/Choice';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { Decision } from '../Decision';

const MENDS = [
  { value: 'none', label: 'noted' },
  { value: 'strut', label: 'strut' },
  { value: 'peg', label: 'peg' },
  { value: 'fill', label: 'filled' },
] as const;

/** Hollows under the foot strand as the keeper found them. */
export function Dips({ net }: { net: LiveNet }) {
  const take = usePlan((s) => s.take);
  const setAll = (dips: LiveNet['dips']): Change => ({ verb: 'set-net', id: net.id, to: { dips } });
  const open = net.dips.filter((d) => d.mend === 'none').length;
  return (
    <Decision
      name="Hollows under it"
      answer={
        net.dips.length === 0 ? 'none noted' : `${counted(net.dips.length, 'hollow')}, ${open} not mended`
      }
    >
      <p className="small">
        Walk it with a fist under the lowest strand: what lets a fist through lets a nose through.
      </p>
      {net.dips.map((dip) => {
        const put = (to: Partial<typeof dip>) =>
          take(setAll(net.dips.map((d) => (d.id === dip.id ? { ...d, ...to } : d))));
        return (
          <div key={dip.id} className="dip">
            <div className="fields">
              <PlanLength
                of="nets.dips.along"
                name="Along the net"
                value={dip.along}
                onCommit={(along) => put({ along })}
              />
              <PlanLength of="nets.dips.gap" name="Gap" value={dip.gap} onCommit={(gap) => put({ gap })} />
            </div>
            <Choice
              name="Mend"
              hideName
              value={dip.mend}
              options={MENDS}
              onChoose={(mend) => put({ mend })}
            />
            <button
              type="button"
              className="linebtn"
              onClick={() => take(setAll(net.dips.filter((d) => d.id !== dip.id)))}
            >
              Forget it
            </button>
          </div>
        );
      })}
      <div className="mends">
        <button
          type="button"
          className="btn"
          disabled={net.dips.length >= 200}
          onClick={() =>
            take(setAll([...net.dips, { id: nextId('d', net.dips), along: 0, gap: 0.06, mend: 'none' }]))
          }
        >
          Note a hollow
        </button>
      </div>
    </Decision>
  );
}
