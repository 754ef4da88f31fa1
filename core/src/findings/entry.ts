/** Where something gets in (rules: Threats). */
export type Way = 'through' | 'reach' | 'tear' | 'under' | 'over' | 'above' | 'door';
/** Nothing stops it; it gets in given time; it does not get in. */
export type Rating = 'open' | 'delays' | 'holds';
