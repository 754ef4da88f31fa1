/** Where keepers disagree: the schools side by side, what is taken unless the keeper says otherwise, and why (rules: Where keepers disagree). */
export interface School {
  readonly question: string;
  readonly schools: readonly string[];
  readonly ours: string;
}
