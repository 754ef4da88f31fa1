import { type APIRequestContext } from '@playwright/test';
import { type Keeper, expect, reckonFile, test } from './keeper';
import { faults } from './accessible';

const row = (keeper: Keeper, name: string) =>
  keeper.page.locator('.drawer li', { has: keeper.page.getByRole('link', { name, exact: true }) });

test('a plan is renamed, noted and copied in the drawer, and its figures stay', async ({ keeper, page }) => {
  await keeper.newPlan('8', '1.83');
  const price = await keeper.figure('To buy');
  await page.goto(`/h/${keeper.holding}`);
  await expect(row(keeper, 'Test run')).toContainText(price);
  await page.getByRole('button', { name: 'Rename Test run' }).click();
  const name = page.getByRole('textbox', { name: 'New name of Test run' });
  await name.fill('By the lane');
  await name.press('Enter');
  await expect(row(keeper, 'By the lane')).toContainText(price);
  await page.getByRole('button', { name: 'Note on By the lane' }).click();
  const note = page.getByRole('textbox', { name: 'Note on By the lane' });
  await note.fill('the wet end first');
  await note.press('Enter');
  await expect(row(keeper, 'By the lane')).toContainText('the wet end first');
  await page.getByRole('button', { name: 'Copy By the lane' }).click();
  await expect(row(keeper, 'By the lane, variant')).toContainText(price);
  // The note is the plan’s own: its page keeps it through a save.
  await page.getByRole('link', { name: 'By the lane', exact: true }).click();
  await keeper.open('Birds');
  await page.goto(`/h/${keeper.holding}`);
  await expect(row(keeper, 'By the lane')).toContainText('the wet end first');
});

test('a plan opens where it was left', async ({ keeper, page }) => {
  await keeper.newPlan('8', '1.83');
  await keeper.open('Skirt');
  await page.goto(`/h/${keeper.holding}`);
  await page.getByRole('link', { name: 'Test run', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Skirt', level: 1 })).toBeVisible();
  await expect(page.getByText('Next: Ways in.')).toBeVisible();
});

test('two plans are compared: figures, choices and docket lines that differ', async ({ keeper, page }) => {
  await keeper.newPlan('8', '1.83');
  await page.getByRole('button', { name: 'Copy as variant' }).click();
  await expect(page.locator('.crumbs b')).toHaveText('Test run, variant');
  await keeper.type(/^Depth/, '7');
  const fence = await keeper.figure('Fence');
  await keeper.settled();
  await page.goto(`/h/${keeper.holding}`);
  await page.getByRole('checkbox', { name: 'Compare Test run', exact: true }).check();
  await page.getByRole('checkbox', { name: 'Compare Test run, variant' }).check();
  await page.getByRole('link', { name: 'Compare the two' }).click();
  await expect(page.getByRole('heading', { name: 'Two plans compared' })).toBeVisible();
  const figures = page.getByRole('table', { name: 'Figures' });
  await expect(figures.getByRole('row', { name: /^Fence/ })).toContainText(fence.replace('m', ' m'));
  await expect(page.getByRole('table', { name: 'Chosen otherwise' })).toContainText('The same is chosen');
  await expect(page.getByRole('table', { name: 'Bought otherwise' }).getByRole('row')).not.toHaveCount(1);
});

test('the holding is renamed', async ({ keeper, page }) => {
  await page.goto(`/h/${keeper.holding}`);
  await page.getByRole('button', { name: /^Rename Holding/ }).click();
  const name = page.getByRole('textbox', { name: 'Name of the holding' });
  await name.fill('Upper Ings');
  await name.press('Enter');
  await expect(page.getByRole('heading', { name: 'Upper Ings' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Upper Ings' })).toBeVisible();
});

/** Two hundred copies of the orchard of the example, each under its own name. */
async function manyPlans(request: APIRequestContext, holding: string) {
  const stored = await request.get('/api/holdings/hollin-bank/plans/orchard-run');
  const { plan } = (await stored.json()) as { plan: object };
  for (let i = 0; i < 200; i += 20)
    await Promise.all(
      Array.from({ length: 20 }, (_, k) => {
        const n = i + k + 1;
        return request.post(`/api/holdings/${holding}/plans`, {
          data: { plan: { ...plan, id: `plan-${n}`, name: `Plan ${n}` } },
        });
      }),
    );
  return plan;
}

test('of two hundred plans only those in sight are on the page, found by name, their cards made when seen', async ({
  keeper,
  page,
  request,
}) => {
  const { docket } = reckonFile(JSON.stringify(await manyPlans(request, keeper.holding)));
  const price = (docket.total / 100).toFixed(2);
  await page.goto(`/h/${keeper.holding}`);
  const rows = page.locator('.drawer li');
  await expect(rows.first()).toHaveAttribute('aria-setsize', '200');
  expect(await rows.count()).toBeLessThan(40);
  // Old plans have no card: it is made in the worker, and kept.
  await expect(rows.first()).toContainText(price);
  await page.getByRole('combobox', { name: 'In order' }).selectOption('by name');
  await expect(rows.first()).toContainText('Plan 1');
  await page.locator('.pagebody').evaluate((body) => body.scrollTo(0, body.scrollHeight));
  await expect(page.getByRole('link', { name: 'Plan 200', exact: true })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find' }).fill('plan 137');
  await expect(rows).toHaveCount(1);
  await expect(rows.first()).toContainText(price);
  const list = await request.get(`/api/holdings/${keeper.holding}/plans`);
  const cards = ((await list.json()) as { id: string; card: { price: number } | null }[]).filter(
    (p) => p.card,
  );
  expect(cards.find((p) => p.id === 'plan-137')?.card?.price).toBe(docket.total);
});

const PAGES = ['', '/new', '/stock', '/compare/orchard-run/boiler-house', '/p/boiler-house/buying'];

for (const theme of ['light', 'dark'] as const)
  test(`no accessibility fault beside the plans, ${theme} theme; at 390 px nothing is wider than the screen`, async ({
    page,
  }) => {
    await page.emulateMedia({ colorScheme: theme });
    for (const where of PAGES) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(`/h/hollin-bank${where}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      // What comes last on each page is there.
      await expect(
        page
          .locator('.drawer li, .proposedfigures[aria-busy=false], .pricetable, .comparetable, .ticks')
          .first(),
      ).toBeVisible();
      const found = await faults(page, { rules: theme === 'light' ? 'all' : 'colour' });
      expect([where, found]).toEqual([where, []]);
      await page.setViewportSize({ width: 390, height: 844 });
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      expect(
        await page
          .locator('.pagebody')
          .first()
          .evaluate((body) => body.scrollWidth),
      ).toBeLessThanOrEqual(390);
    }
  });
