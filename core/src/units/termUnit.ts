/** What a figure of a working is counted in. */
export type TermUnit = 'm' | 'm²' | 'm³' | 'piece' | 'h' | 'h/unit' | 'money' | 'ratio' | 'grade' | Strain;
/** Of what bears snow and wind. */
export type Strain = 'kPa' | 'MPa' | 'kN' | 'kN/m' | 'N/m' | 'Nm' | 'cm³' | 'm/s' | 'N/kN';
