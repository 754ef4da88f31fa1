/** Nothing is dug within this of a buried service, m (rules: Skirts). */
export const SERVICE_REACH = 0.5;
