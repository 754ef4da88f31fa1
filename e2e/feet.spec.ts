import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, openStage, test } from './keeper';

/** Between them these have every stage in use. */
const DEMOS = ['orchard-run', 'pump-house', 'mill-leat'] as const;

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

/** Every stage of the plan that is open, with each of its questions opened, and its leaves. */
async function leafThrough(page: Page) {
  const plan = new URL(page.url()).pathname.replace(/\/[a-z]+$/, '');
  const stages = await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link')
    .evaluateAll((links) => links.map((l) => new URL((l as HTMLAnchorElement).href).pathname));
  expect(stages.length).toBeGreaterThan(5);
  const found: Record<string, readonly string[]> = {};
  const look = async (where: string) => {
    const metric = await metricOn(page);
    if (metric.length > 0) found[where] = metric;
  };
  for (const stage of stages) {
    await openStage(page, stage);
    await expect(page.getByRole('region', { name: 'Docket summary' })).toHaveAttribute('aria-busy', 'false');
    const questions = page.locator('button.questionhead');
    for (let i = 0; i < (await questions.count()); i++) {
      if ((await questions.nth(i).getAttribute('aria-expanded')) === 'false') await questions.nth(i).click();
      await look(`${stage} ${i}`);
    }
    await look(stage);
  }
  for (const leaf of ['assumptions', 'yard', 'buying', 'print']) {
    await page.goto(`${plan}/${leaf}`);
    await expect(page.locator('h1').first()).toBeVisible();
    await look(leaf);
  }
  expect(found).toEqual({});
}

test('a plan in feet has no metric word on any page, whatever is open there', async ({ keeper, page }) => {
  await keeper.newPlan('12', '8', 'feet and inches');
  await leafThrough(page);
  await page.goto(`/h/${keeper.holding}`);
  await expect(page.getByRole('link', { name: /Test run/ })).toBeVisible();
  expect(await metricOn(page)).toEqual([]);
});

for (const name of DEMOS)
  test(`${name} turned into feet has none either`, async ({ keeper, page }) => {
    const text = readFileSync(path.join(import.meta.dirname, `../demo/${name}.json`), 'utf8');
    const plan = JSON.parse(text) as { ground: { services: { name: string }[] } };
    // What the keeper wrote stays as it was written.
    for (const service of plan.ground.services) service.name = 'water pipe';
    await keeper.bring({ ...plan, units: 'imperial' });
    await leafThrough(page);
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
