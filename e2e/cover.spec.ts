import { type Keeper, SEED, expect, reckonFile, sizes, test } from './keeper';
import { faults } from './accessible';

/** A run of some whole decimetres beside its house, and what its plan file says. */
async function aRun(keeper: Keeper, width: number, depth: number) {
  await keeper.newPlan('', width.toFixed(1));
  await keeper.type(/^Width/, width.toFixed(2));
  await keeper.type(/^Depth/, depth.toFixed(2));
  await keeper.settled();
}

/** What the plan in hand comes to, by the command line. */
async function exported(keeper: Keeper) {
  await keeper.open('Docket');
  const text = await keeper.download('Plan as a file');
  return reckonFile(text);
}

/** Strips that reach across, by the formula: n = ⌈(H − o)/(w − o)⌉. */
const across = (extent: number, width: number, lap: number) =>
  Math.ceil((extent - lap) / (width - lap) - 1e-9);

test('a mesh lid costs what its button said, and its strips are those of the formula', async ({
  keeper,
  page,
}) => {
  const next = sizes(SEED + 19);
  const [width, depth] = [next(), next()].map((n) => Math.round(30 + n * 50) / 10) as [number, number];
  await aRun(keeper, width, depth);
  await keeper.open('Cover');
  const add = page.locator('.addcover').getByRole('button', { name: /^Add mesh strips/ });
  await expect(add.locator('.figure').first()).toHaveText(/^\+\d+\.\d\d$/);
  const promised =
    (await keeper.toBuy()) + Number((await add.locator('.figure').first().innerText()).slice(1));
  await add.click();
  await expect(page.locator('.section, .question', { hasText: 'Mesh lid' }).first()).toBeVisible();
  await expect.poll(() => keeper.toBuy()).toBeCloseTo(promised, 2);
  const { figures, docket } = await exported(keeper);
  const id =
    Object.keys(figures)
      .find((name) => /^cover\.\w+\.strips$/.test(name))
      ?.split('.')[1] ?? '';
  const cover = (name: string) => figures[`cover.${id}.${name}`] ?? NaN;
  expect(cover('area')).toBeCloseTo(width * depth, 6);
  const roll = docket.lines.find((l) => l.id.startsWith('roll:welded-25@'));
  const wide = Number(roll?.id.split('@')[1]);
  // The house is along y: strips at 0° run away from it.
  const [along, extent] = cover('direction') === 0 ? [depth, width] : [width, depth];
  const count = across(extent, wide, 0.15);
  expect(cover('strips')).toBe(count);
  expect(cover('stripLength')).toBeCloseTo(count * (along + 0.2), 6);
  expect(roll?.need).toBeGreaterThanOrEqual(count * (along + 0.2) - 1e-6);
});

test('a cover over a part: its corner is dragged and typed, its prop moved by keys, and all is undone', async ({
  keeper,
  page,
}) => {
  await aRun(keeper, 4, 6);
  await keeper.open('Cover');
  await page
    .locator('.addcover')
    .getByRole('button', { name: /^Add mesh strips/ })
    .click();
  await page.getByRole('button', { name: 'Cover a part: draw its corners' }).click();
  const corner = page.getByRole('button', { name: 'mesh lid, corner 2' });
  await expect(corner).toBeVisible();
  await corner.focus();
  await corner.press('Enter');
  // By keys: three of ten centimetres back towards the house.
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
  await keeper.settled();
  await keeper.type('Across', '4.20');
  await keeper.settled();
  const props = page.getByRole('button', { name: /^mesh lid, prop/ });
  await expect(props.first()).toBeVisible();
  const before = await props.first().getAttribute('aria-description');
  await props.first().focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('button', { name: 'mesh lid, prop 1' })).not.toHaveAttribute(
    'aria-description',
    before ?? '',
  );
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  for (let i = 0; i < 6; i++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Cover a part: draw its corners' })).toBeVisible();
});

test('what is too weak is told with its working, and its mend makes it hold', async ({ keeper, page }) => {
  await aRun(keeper, 4, 6);
  await keeper.open('Cover');
  await page
    .locator('.addcover')
    .getByRole('button', { name: /^Add tarp/ })
    .click();
  const rows = page.locator('table.strength');
  await expect(rows).toContainText('fails');
  await rows.getByRole('button', { name: /^Cover in the wind/ }).click();
  await expect(rows.locator('table.working')).toContainText('used of what it bears');
  await page.getByRole('button', { name: /^Tie it down with \d+ straps/ }).click();
  const wind = rows.locator('tr', { has: page.getByRole('button', { name: /^Cover in the wind/ }) });
  await expect(wind.locator('.verdict')).toContainText('holds');
});

test('the section shows the keeper standing under the cover; covers can be hidden on the sheet', async ({
  page,
}) => {
  await page.goto('/h/hollin-bank/p/orchard-run/cover');
  await expect(page.locator('.docketbar')).toHaveAttribute('aria-busy', 'false');
  const rails = page.locator('[data-layer="over"] path[d*="M"]');
  await expect.poll(() => rails.count()).toBeGreaterThan(3);
  await page.getByRole('button', { name: 'Hide covers' }).click();
  await expect(rails).toHaveCount(0);
  await page.getByRole('button', { name: 'Show covers' }).click();
  await page.getByRole('button', { name: 'From the side' }).click();
  const section = page.getByRole('img', { name: 'Section through Orchard run' });
  await expect(section.locator('[data-kind="keeper"]')).toHaveCount(1);
  await expect(section.locator('[data-kind="cut-cover"]')).not.toHaveCount(0);
  await expect(section).toContainText('mesh lid');
  await page.getByRole('button', { name: 'From above' }).click();
  await expect(page.getByRole('group', { name: 'Ground sheet of Orchard run' })).toBeVisible();
});

for (const theme of ['light', 'dark'] as const)
  test(`no accessibility fault at Cover, ${theme} theme; nothing is wider than a telephone`, async ({
    page,
  }) => {
    await page.emulateMedia({ colorScheme: theme });
    await page.goto('/h/hollin-bank/p/boiler-house/cover');
    await expect(page.locator('table.strength')).toBeVisible();
    for (const view of ['From above', 'From the side']) {
      await page.getByRole('button', { name: view }).click();
      expect(await faults(page, { rules: theme === 'light' ? 'all' : 'colour' })).toEqual([]);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    await expect(page.locator('table.strength')).toBeVisible();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
  });
