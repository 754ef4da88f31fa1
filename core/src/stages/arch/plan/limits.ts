/** Base over panel: from where an arch stands to where it is too flat for snow, and where its foot stands upright (rules: Arched runs). */
export const LIMITS = { least: 0.35, upright: 0.457, most: 0.7 } as const;
