import type { Page } from '@playwright/test';
import { expect, test } from './keeper';

/** A figure with a metric unit, or the unit written out. */
const METRIC =
  /\d\s?(mm|cm|m|kg|kN|kPa|MPa|N|m²|m³|m\/s)(?![\w′″])|\b(millimet|centimet|kilogram|met(re|er)s?\b)/i;

/** Everything on the page that is read, or read out: text, names, places for text, pictures' titles. */
async function read(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const told: string[] = [];
    for (const line of document.body.innerText.split('\n')) told.push(line);
    for (const element of document.querySelectorAll(
      '[aria-label], [placeholder], [title], option, svg text, svg title',
    )) {
      for (const name of ['aria-label', 'placeholder', 'title']) told.push(element.getAttribute(name) ?? '');
      if (element.matches('option, text, title')) told.push(element.textContent);
    }
    return told.map((line) => line.trim()).filter((line) => line !== '');
  });
}

const metricOn = async (page: Page) => [
  ...new Set((await read(page)).filter((line) => METRIC.test(line) && line !== 'metres')),
];

test('a plan in feet has no metric word on any page, whatever is open there', async ({ keeper, page }) => {
  await keeper.newPlan('12', '8', 'feet and inches');
  const { pathname } = new URL(page.url());
  const plan = pathname.replace(/\/outline$/, '');
  const stages = await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link')
    .evaluateAll((links) => links.map((l) => new URL((l as HTMLAnchorElement).href).pathname));
  expect(stages.length).toBeGreaterThan(8);
  for (const stage of stages) {
    await page.goto(stage);
    await keeper.settled();
    const questions = page.locator('button.questionhead');
    const count = await questions.count();
    for (let i = 0; i < count; i++) {
      if ((await questions.nth(i).getAttribute('aria-expanded')) === 'false') await questions.nth(i).click();
      expect([stage, i, await metricOn(page)]).toEqual([stage, i, []]);
    }
    expect([stage, await metricOn(page)]).toEqual([stage, []]);
  }
  for (const leaf of ['assumptions', 'yard', 'buying', 'print']) {
    await page.goto(`${plan}/${leaf}`);
    await expect(page.locator('h1').first()).toBeVisible();
    expect([leaf, await metricOn(page)]).toEqual([leaf, []]);
  }
  await page.goto(`/h/${keeper.holding}`);
  await expect(page.getByRole('link', { name: /Test run/ })).toBeVisible();
  expect(await metricOn(page)).toEqual([]);
});

test('what a gust is, is typed as it is shown and with the unit of either system', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('12', '2.4');
  const { pathname } = new URL(page.url());
  await page.goto(pathname.replace(/outline$/, 'assumptions'));
  const gust = page.getByRole('textbox', { name: 'Strongest gust' });
  await expect(gust).toHaveValue('25 m/s');
  await gust.fill('28 m/s');
  await gust.press('Enter');
  await expect(gust).toHaveValue('28 m/s');
  await gust.fill('67.1 mph');
  await gust.press('Enter');
  await expect(gust).toHaveValue('30 m/s');
  await gust.fill('30 m³');
  await gust.press('Enter');
  await expect(page.getByText('A figure from')).toBeVisible();
});
