import {
  type Choices,
  type Plan,
  type Scope,
  WHOLE_PLAN,
  surveyRings,
  formatPart,
  listed,
  parsePart,
} from '@aviarum/core';
import { Fragment, useEffect, useState } from 'react';
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
  /** What this stage chooses, each with its name. */
  readonly of: Choosing;
}

/** What a stage chooses by run or side, with the names that sentences give it. */
export type Choosing = Readonly<Partial<Record<keyof Choices, string>>>;

const isOf = (of: Choosing, own: object | undefined): readonly string[] =>
  (Object.entries(of) as [keyof Choices, string][]).flatMap(([key, name]) =>
    own && key in own ? [name] : [],
  );

interface Place {
  readonly text: string;
  readonly label: string;
  /** Of what is chosen here, that which is chosen apart. */
  readonly apart: readonly string[];
}

/** Runs and sides that can have choices of their own. */
function usePlaces(plan: Plan, of: Choosing): readonly Place[] {
  const reader = useReader();
  const seen = new Set<string>();
  const { enclosure, side } = plan.choices;
  const runs = plan.enclosures.length > 1 ? plan.enclosures : [];
  return [
    ...runs.map((e) => ({ text: ofRun(e.id), label: e.name, apart: isOf(of, enclosure[e.id]) })),
    ...surveyRings(plan)
      .flatMap((ring) => ring.sides)
      .filter((s) => s.side.kind === 'fence' && !seen.has(s.side.id) && seen.add(s.side.id))
      .map((s) => ({
        text: ofSide(s.side.id),
        label: `side ${s.number}, ${reader.length(s.length)}`,
        apart: isOf(of, side[s.side.id]),
      })),
  ];
}

/** Whose choices are in hand: the whole plan's, one run's or one side's; what differs where; and back to the plan's. */
export function ScopePick({ plan, scope, onScope, of }: Props) {
  const take = usePlan((s) => s.take);
  const places = usePlaces(plan, of);
  const options = [
    { value: 'plan', label: 'the whole fence' },
    ...places.map((p) => ({
      value: p.text,
      label: p.apart.length > 0 ? `${p.label}, set separately` : p.label,
    })),
  ];
  // The side in hand shines on sheet and strip.
  const lit = scope.scope === 'side' ? ofSide(scope.of) : null;
  useEffect(() => {
    hoverPart(lit);
    return () => hoverPart(null);
  }, [lit]);
  const here = places.find((p) => p.text === textOf(scope));
  const others = places.filter((p) => p !== here && p.apart.length > 0);
  return (
    <div className="scope">
      <Pick
        name="These choices are for"
        value={textOf(scope)}
        options={options}
        onChoose={(text) => onScope(scopeFrom(text))}
      />
      {here && scope.scope !== 'plan' && here.apart.length > 0 && (
        <>
          <button
            type="button"
            className="btn"
            onClick={() =>
              take({ verb: 'choose-as-plan', scope, choices: Object.keys(of) as (keyof Choices)[] })
            }
          >
            As the whole fence
          </button>
          <p className="small">
            Set here: {listed(here.apart)}. Changes to the whole fence do not apply to{' '}
            {scope.scope === 'side' ? 'this side' : 'this run'}.
          </p>
        </>
      )}
      {others.length > 0 && (
        <p className="small soft">
          Set separately:{' '}
          {others.map((p, i) => (
            <Fragment key={p.text}>
              {i > 0 && '; '}
              <button type="button" className="linebtn inline" onClick={() => onScope(scopeFrom(p.text))}>
                {p.label}
              </button>{' '}
              ({listed(p.apart)})
            </Fragment>
          ))}
          .
        </p>
      )}
    </div>
  );
}
