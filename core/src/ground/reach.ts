/** Nothing is dug within this of a buried service, m (rules: Posts). */
export const SERVICE_REACH = 0.5;
