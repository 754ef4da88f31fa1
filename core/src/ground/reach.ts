/** Nothing is dug within this of a buried service, m (domain.md 7). */
export const SERVICE_REACH = 0.5;
