/** What a figure of a working is counted in. */
export type TermUnit = 'm' | 'm²' | 'm³' | 'piece' | 'h' | 'h/unit' | 'money' | 'ratio' | 'grade';
