import {
  type Choices,
  type Plan,
  type Scope,
  WHOLE_PLAN,
  surveyRings,
  formatPart,
  parsePart,
} from '@aviarum/core';
import { useEffect, useState } from 'react';
import { Pick } from '../fields/Choice';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { hoverPart } from '../state/selection';

const ofSide = (side: string) => formatPart({ on: 'side', side });
const ofRun = (enclosure: string) => formatPart({ on: 'enclosure', enclosure });

function textOf(scope: Scope): string {
  if (scope.scope === 'plan') return formatPart({ on: 'plan' });
  return scope.scope === 'side' ? ofSide(scope.of) : ofRun(scope.of);
}
function scopeFrom(text: string): Scope {
  const part = parsePart(text);
  if (part?.on === 'side') return { scope: 'side', of: part.side };
  return part?.on === 'enclosure' ? { scope: 'enclosure', of: part.enclosure } : WHOLE_PLAN;
}

/** The scope in hand; back to the whole plan when its run or side is gone. */
export function useScope(plan: Plan | null): readonly [Scope, (scope: Scope) => void] {
  const [scope, setScope] = useState<Scope>(WHOLE_PLAN);
  const there =
    scope.scope === 'plan' ||
    (scope.scope === 'side' ? plan?.sides : plan?.enclosures)?.some((thing) => thing.id === scope.of) ===
      true;
  return [there ? scope : WHOLE_PLAN, setScope];
}

interface Props {
  readonly plan: Plan;
  readonly scope: Scope;
  readonly onScope: (scope: Scope) => void;
  /** What this stage chooses. */
  readonly of: readonly (keyof Choices)[];
}

/** Whose choices are in hand: the whole plan's, one run's or one side's; and back to the plan's. */
export function ScopePick({ plan, scope, onScope, of }: Props) {
  const reader = useReader();
  const take = usePlan((s) => s.take);
  const seen = new Set<string>();
  const sides = surveyRings(plan)
    .flatMap((ring) => ring.sides)
    .filter((s) => s.side.kind === 'fence' && !seen.has(s.side.id) && seen.add(s.side.id));
  const differs = (own: object | undefined) => of.some((key) => own && key in own);
  const mark = (own: object | undefined) => (differs(own) ? ', chosen apart' : '');
  const { enclosure, side } = plan.choices;
  const options = [
    { value: 'plan', label: 'the whole fence' },
    ...(plan.enclosures.length > 1
      ? plan.enclosures.map((e) => ({
          value: ofRun(e.id),
          label: `${e.name}${mark(enclosure[e.id])}`,
        }))
      : []),
    ...sides.map((s) => ({
      value: ofSide(s.side.id),
      label: `side ${s.number}, ${reader.length(s.length)}${mark(side[s.side.id])}`,
    })),
  ];
  // The side in hand shines on sheet and strip.
  const lit = scope.scope === 'side' ? ofSide(scope.of) : null;
  useEffect(() => {
    hoverPart(lit);
    return () => hoverPart(null);
  }, [lit]);
  const own = scope.scope === 'plan' ? undefined : plan.choices[scope.scope][scope.of];
  return (
    <div className="scope">
      <Pick
        name="These choices are for"
        value={textOf(scope)}
        options={options}
        onChoose={(text) => onScope(scopeFrom(text))}
      />
      {scope.scope !== 'plan' && differs(own) && (
        <button
          type="button"
          className="btn"
          onClick={() => take({ verb: 'choose-as-plan', scope, choices: of })}
        >
          As the whole fence
        </button>
      )}
    </div>
  );
}
