/** Where a choice is made: for the plan, or again for one enclosure or side where it differs. */
export type Scope =
  | { readonly scope: 'plan' }
  | { readonly scope: 'enclosure'; readonly of: string }
  | { readonly scope: 'side'; readonly of: string };

export const WHOLE_PLAN: Scope = { scope: 'plan' };
