import { type Plan, coverIsOver, partFields } from '@aviarum/core';
import { usePlan } from '../../state/planStore';
import { AddCorner, OpenStop } from '../OpenStop';
import { stops } from './stops';

/** As many as an outline may have. */
const MOST_CORNERS = 60;

/** The corner, prop, beam or end of the section that is open on the sheet. */
export function OpenOnCover({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  return (
    <OpenStop
      plan={plan}
      stops={stops}
      belongs={(part) => part.on === 'section' || partFields(part).cover !== undefined}
      more={(part) => {
        if (part.on === 'section')
          return (
            plan.section !== null && (
              <button
                type="button"
                className="btn"
                onClick={() => take({ verb: 'set-section', section: null })}
              >
                Back across the middle
              </button>
            )
          );
        if (part.on !== 'cover-point') return null;
        const cover = plan.covers.find((c) => c.id === part.cover);
        const outline = cover && coverIsOver(cover) ? (cover.outline ?? []) : [];
        return (
          <AddCorner
            points={outline}
            after={part.point}
            most={MOST_CORNERS}
            onAdd={(to) => take({ verb: 'set-cover', id: part.cover, to: { outline: to } })}
          />
        );
      }}
    />
  );
}
