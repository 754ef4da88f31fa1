import { type Plan } from '../../../plan/schema';
import { type Presence, type ThreatFigure, type ThreatId } from '../plan/kinds';

/** What can be done to the threats of a plan. */
export const VERBS = {
  'set-threat': (
    plan: Plan,
    { threat, presence }: { readonly threat: ThreatId; readonly presence: Presence },
  ): Plan => ({
    ...plan,
    threats: { ...plan.threats, [threat]: presence },
  }),
  /** @param value  m; null: back to ours */
  'set-threat-figure': (
    plan: Plan,
    {
      threat,
      figure,
      value,
    }: { readonly threat: ThreatId; readonly figure: ThreatFigure; readonly value: number | null },
  ): Plan => {
    const { [threat]: own = {}, ...others } = plan.threatFigures;
    const { [figure]: _, ...rest } = own;
    const figures = value === null ? rest : { ...rest, [figure]: value };
    return {
      ...plan,
      threatFigures: Object.keys(figures).length === 0 ? others : { ...others, [threat]: figures },
    };
  },
} as const;
