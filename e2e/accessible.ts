import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What is wrong for assistive technology on a page as it stands, a line a fault; empty where nothing is.
 *
 * @param within  a part of the page alone: where the rest was looked at before
 * @param rules  `colour`: contrast alone, where another theme is all that changed
 */
export async function faults(
  page: Page,
  { within, rules = 'all' }: { within?: string; rules?: 'all' | 'colour' } = {},
): Promise<readonly string[]> {
  // The pages have no frames: one script in the page is enough.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  if (within !== undefined) axe.include(within);
  if (rules === 'colour') axe.withRules(['color-contrast', 'link-in-text-block']);
  const { violations, passes, incomplete } = await axe.analyze();
  if (violations.length + passes.length + incomplete.length === 0) throw new Error('nothing was looked at');
  return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);
}
