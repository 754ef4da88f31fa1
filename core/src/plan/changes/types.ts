import type { AssumptionId, Soil } from '../assumptions';
import type { Band, Choices, Flock, Opening, Plan, Side } from '../schema';
import type { StageId } from '../stages';
import type { Presence, ThreatId } from '../../threats/kinds';

/** Where a choice is made: for the plan, or again for one enclosure or side where it differs. */
export type Scope =
  | { readonly scope: 'plan' }
  | { readonly scope: 'enclosure'; readonly of: string }
  | { readonly scope: 'side'; readonly of: string };

/** A rectangle square to the axes, m. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** Everything that can be done to a plan, as values: the editor's actions, a finding's mend, an option shown with its effect. */
export type Change =
  | { readonly verb: 'rename'; readonly name: string }
  | { readonly verb: 'set-units'; readonly units: Plan['units'] }
  | { readonly verb: 'add-birds'; readonly flock: Flock }
  | { readonly verb: 'set-birds'; readonly id: string; readonly to: Partial<Omit<Flock, 'id'>> }
  | { readonly verb: 'remove-birds'; readonly id: string }
  | { readonly verb: 'set-space'; readonly space: Plan['space'] }
  | { readonly verb: 'set-threat'; readonly threat: ThreatId; readonly presence: Presence }
  | { readonly verb: 'set-soil'; readonly soil: Soil }
  | { readonly verb: 'lay-out'; readonly run: Box; readonly house: Box | null }
  | { readonly verb: 'move-side'; readonly side: string; readonly by: number }
  | { readonly verb: 'set-side-length'; readonly side: string; readonly length: number }
  | {
      readonly verb: 'set-side-kind';
      readonly side: string;
      readonly kind: Exclude<Side['kind'], 'building'>;
    }
  | { readonly verb: 'set-posts'; readonly scope: Scope; readonly posts: Partial<Choices['posts']> }
  | { readonly verb: 'set-setting'; readonly scope: Scope; readonly setting: Partial<Choices['setting']> }
  | { readonly verb: 'set-spacing'; readonly scope: Scope; readonly spacing: number }
  | {
      readonly verb: 'set-band';
      readonly scope: Scope;
      readonly id: string;
      readonly to: Partial<Omit<Band, 'id'>>;
    }
  | { readonly verb: 'add-band'; readonly scope: Scope; readonly band: Band }
  | { readonly verb: 'remove-band'; readonly scope: Scope; readonly id: string }
  | { readonly verb: 'set-hanging'; readonly scope: Scope; readonly hanging: Choices['hanging'] }
  | { readonly verb: 'set-skirt'; readonly scope: Scope; readonly skirt: Choices['skirt'] }
  | { readonly verb: 'add-opening'; readonly opening: Opening }
  | {
      readonly verb: 'set-opening';
      readonly id: string;
      readonly to: Partial<Pick<Opening, 'side' | 'along' | 'width' | 'gap'>>;
    }
  | { readonly verb: 'remove-opening'; readonly id: string }
  | { readonly verb: 'set-yard'; readonly yard: string }
  | { readonly verb: 'set-assumption'; readonly id: AssumptionId; readonly value: number | null }
  | { readonly verb: 'settle'; readonly stage: StageId; readonly settled: 'yes' | 'no' }
  | { readonly verb: 'replace'; readonly plan: Plan };

export type Verb = Change['verb'];
export type ChangeOf<V extends Verb> = Extract<Change, { verb: V }>;

export const WHOLE_PLAN: Scope = { scope: 'plan' };
