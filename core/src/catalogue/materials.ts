/** Rough figures, for what must be carried home, kg/m³. */
export const MATERIALS = { steel: 7850, timber: 550, plastic: 950 } as const;
