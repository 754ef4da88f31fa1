import { beginAhead, isPlan } from './state/ahead';

const { pathname } = window.location;
beginAhead(pathname);
void import('./main');
if (isPlan(pathname)) void import('./pages/PlanPage');
