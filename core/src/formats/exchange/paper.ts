import type { Extent } from '../../drawing/scene/scene';
import type { Plan } from '../../plan/schema';

/** Sheets of paper as printers take them, mm, the longer side across. */
export const PAPERS = { A4: { wide: 297, high: 210 }, Letter: { wide: 279.4, high: 215.9 } } as const;
export type PaperName = keyof typeof PAPERS;

/** What printers leave white, and the foot with name and scale, mm. */
export const MARGIN = 10;
export const FOOT = 16;
/** Kept round the plan for dimensions, mm. */
const ROUND = 14;

/** Scales that a rule shows: 1 in so many; in feet an inch, half an inch and so on to the foot. */
export const SCALES = {
  metric: [10, 20, 25, 50, 75, 100, 150, 200, 250, 500, 1000, 2000, 5000, 10000],
  imperial: [12, 24, 48, 96, 192, 384, 768, 1200, 2400, 4800, 9600],
} as const;

export interface Sheet {
  readonly paper: PaperName;
  /** As turned, mm. */
  readonly wide: number;
  readonly high: number;
  /** 1 in so many. */
  readonly scale: number;
}

/**
 * The largest plain scale at which a plan fits on one sheet, turned the way that it fits better.
 *
 * @param scale  1 in so many, or the largest that fits
 */
export function fitPaper(
  extent: Extent,
  units: Plan['units'],
  paper: PaperName,
  scale: number | 'fits' = 'fits',
): Sheet {
  const [wide, high] = [extent.right - extent.left, extent.high - extent.low];
  const ways = [PAPERS[paper], { wide: PAPERS[paper].high, high: PAPERS[paper].wide }].map((sheet) => {
    const [room, tall] = [sheet.wide - 2 * (MARGIN + ROUND), sheet.high - 2 * (MARGIN + ROUND) - FOOT];
    return { ...sheet, needs: Math.max((wide * 1000) / room, (high * 1000) / tall) };
  });
  const best = ways.reduce((a, b) => (b.needs < a.needs - 1e-9 ? b : a));
  const fits = SCALES[units].find((s) => s >= best.needs - 1e-9) ?? Math.ceil(best.needs);
  return { paper, wide: best.wide, high: best.high, scale: scale === 'fits' ? fits : scale };
}
