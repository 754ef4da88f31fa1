import { type Plan, type PostPin, type Choices } from '../../../plan/schema';
import { without } from '../../../plan/lists';
import { type Scope } from '../../../plan/scope';
import { choose } from '../../../plan/choose';

/** What can be done to the posts of a plan. */
export const VERBS = {
  /** A post at a place; `beside` sets another with it, as on both sides of a pipe. */
  'set-pin': (
    plan: Plan,
    { pin, beside }: { readonly pin: PostPin; readonly beside?: PostPin | undefined },
  ): Plan => ({
    ...plan,
    postPins: [
      ...plan.postPins.filter(({ id }) => id !== pin.id && id !== beside?.id),
      pin,
      ...(beside ? [beside] : []),
    ],
  }),
  'remove-pin': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    postPins: without(plan.postPins, id),
  }),
  'set-load': (
    plan: Plan,
    { scope, load }: { readonly scope: Scope; readonly load: Choices['load'] },
  ): Plan => choose(plan, scope, () => ({ load })),
  'set-bays': (
    plan: Plan,
    { scope, bays }: { readonly scope: Scope; readonly bays: Choices['bays'] },
  ): Plan => choose(plan, scope, () => ({ bays })),
  'set-shallower': (
    plan: Plan,
    { scope, shallower }: { readonly scope: Scope; readonly shallower: Choices['shallower'] },
  ): Plan => choose(plan, scope, (now) => ({ shallower: { ...now.shallower, ...shallower } })),
  'set-posts': (
    plan: Plan,
    { scope, posts }: { readonly scope: Scope; readonly posts: Partial<Choices['posts']> },
  ): Plan => choose(plan, scope, (now) => ({ posts: { ...now.posts, ...posts } })),
  'set-setting': (
    plan: Plan,
    { scope, setting }: { readonly scope: Scope; readonly setting: Partial<Choices['setting']> },
  ): Plan => choose(plan, scope, (now) => ({ setting: { ...now.setting, ...setting } })),
  'set-spacing': (
    plan: Plan,
    { scope, spacing }: { readonly scope: Scope; readonly spacing: number },
  ): Plan => choose(plan, scope, () => ({ spacing })),
} as const;
