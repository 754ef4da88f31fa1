import { beginAhead, isPlan } from './state/ahead';

/** The panels of the stages, each in a file that is asked for with the screens and not after them. */
const PANELS = import.meta.glob('./stages/*/*Panel.tsx');

const { pathname } = window.location;
beginAhead(pathname);
void import('./main');
if (isPlan(pathname)) {
  const stage = pathname.split('/')[5];
  const panel = Object.keys(PANELS).find((file) => file.startsWith(`./stages/${stage}/`));
  if (panel !== undefined) void PANELS[panel]?.();
  if (stage === 'docket') void import('./docket/DocketPaper');
}
