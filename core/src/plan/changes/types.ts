import type { VERBS } from '../../stages/verbs';
import { type Scope, WHOLE_PLAN } from '../scope';

export type Verb = keyof typeof VERBS;

/** Everything that can be done to a plan, as values: the editor's actions, a finding's mend, an option shown with its effect. */
export type Change = { [V in Verb]: { readonly verb: V } & Parameters<(typeof VERBS)[V]>[1] }[Verb];
export type ChangeOf<V extends Verb> = Extract<Change, { verb: V }>;

export { type Scope, WHOLE_PLAN };
