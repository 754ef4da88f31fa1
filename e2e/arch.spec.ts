import { type Page } from '@playwright/test';
import { SEED, expect, reckonFile, sizes, test } from './keeper';
import { faults } from './accessible';

const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });
const metres = async (page: Page, name: string) =>
  Number((await field(page, name).inputValue()).replace(' m', ''));

/** K and E by the midpoint rule, and the rise of a strip from them: the closed form, worked out here anew. */
function riseOf(length: number, base: number): number {
  const integrals = (k: number) => {
    let [K, E] = [0, 0];
    const n = 2000;
    for (let i = 0; i < n; i++) {
      const root = Math.sqrt(1 - (k * Math.sin(((i + 0.5) / n) * (Math.PI / 2))) ** 2);
      K += Math.PI / 2 / n / root;
      E += (Math.PI / 2 / n) * root;
    }
    return { K, E };
  };
  let [low, high] = [0, 0.99];
  for (let i = 0; i < 50; i++) {
    const k = (low + high) / 2;
    const { K, E } = integrals(k);
    if ((2 * E) / K - 1 > base / length) low = k;
    else high = k;
  }
  return (length * low) / integrals(low).K;
}

test('an arch costs what its button said; its height is the curve’s, and comes with the base', async ({
  keeper,
  page,
}) => {
  const next = sizes(SEED + 31);
  await keeper.newPlan('6', '2.4');
  await keeper.open('Arch');
  const add = page.getByRole('button', { name: /^Add one of rigid panels by itself/ });
  const effect = add.locator('.figure').first();
  await expect(effect).toHaveText(/^\+\d+\.\d\d$/);
  const promised = (await keeper.toBuy()) + Number(await effect.innerText());
  await add.click();
  await expect.poll(() => keeper.toBuy()).toBeCloseTo(promised, 2);
  const base = Math.round((2 + next()) * 100) / 100;
  await keeper.type('Base', String(base));
  await expect.poll(() => metres(page, 'Height')).toBeCloseTo(riseOf(4.88, base) + 0.15, 2);
  // Typed the other way round: the base follows.
  await keeper.type('Height', '1.9');
  await expect.poll(async () => riseOf(4.88, await metres(page, 'Base')) + 0.15).toBeCloseTo(1.9, 2);
  await keeper.settled();
});

test('a foot is pulled by pointer and by keys, and the crown comes with it; undone in one step', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('6', '2.4');
  await keeper.open('Arch');
  await page.getByRole('button', { name: /^Add one of rigid panels by itself/ }).click();
  const foot = page.getByRole('slider', { name: 'Base of the arch' });
  const crown = page.getByRole('slider', { name: 'Height of the arch' });
  await expect(foot).toHaveAttribute('aria-valuenow', '2.4');
  const high = Number(await crown.getAttribute('aria-valuenow'));
  const { x, y } = await keeper.grasp(foot);
  await page.mouse.move(x + 20, y, { steps: 4 });
  // The curve goes with the hand before anything is taken.
  await expect.poll(async () => Number(await foot.getAttribute('aria-valuenow'))).toBeGreaterThan(2.45);
  expect(Number(await crown.getAttribute('aria-valuenow'))).toBeLessThan(high);
  expect(await metres(page, 'Base')).toBe(2.4);
  await page.mouse.up();
  await expect.poll(() => metres(page, 'Base')).toBeGreaterThan(2.45);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => metres(page, 'Base')).toBe(2.4);
  await foot.focus();
  await foot.press('ArrowLeft');
  await expect.poll(() => metres(page, 'Base')).toBe(2.35);
  await crown.focus();
  await crown.press('ArrowDown');
  await expect.poll(() => metres(page, 'Base')).toBe(2.4);
});

test('what the screen says of an arch is what the command line says of its file; a door too high is mended', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('6', '2.4');
  await keeper.open('Arch');
  await page.getByRole('button', { name: /^Add one of rigid panels by itself/ }).click();
  await keeper.open('Ways in');
  await page.getByRole('button', { name: 'Add a panel door', exact: true }).click();
  await keeper.type(/^Leaf height/, '1.95');
  await keeper.open('Arch');
  await expect(page.getByText(/The panel door is 1\.95 m high where the arch is/).first()).toBeVisible();
  await page
    .getByRole('button', { name: /^Make it \d\.\d\d m high/ })
    .first()
    .click();
  await expect(page.getByText(/where the arch is/)).toHaveCount(0);
  const base = await metres(page, 'Base');
  const shown = await keeper.toBuy();
  await keeper.settled();
  await keeper.open('Docket');
  const told = reckonFile(await keeper.download('Plan as a file'));
  expect(told.figures['arch.a1.base']).toBeCloseTo(base, 3);
  expect(told.figures['arch.a1.rise']).toBeCloseTo(riseOf(4.88, base), 3);
  expect(told.docket.total / 100).toBeLessThanOrEqual(shown + 0.001);
});

for (const theme of ['light', 'dark'] as const)
  test(`no accessibility fault at Arch, ${theme} theme; nothing is wider than a telephone`, async ({
    page,
  }) => {
    await page.emulateMedia({ colorScheme: theme });
    await page.goto('/h/hollin-bank/p/pump-house/arch');
    await expect(page.locator('table.strength')).toBeVisible();
    await page.getByRole('button', { name: 'As a table' }).click();
    await expect(page.locator('.archchart svg').first()).toBeVisible();
    for (const view of ['From above', 'From the side']) {
      await page.getByRole('button', { name: view }).click();
      expect(await faults(page, { rules: theme === 'light' ? 'all' : 'colour' })).toEqual([]);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    await expect(page.locator('table.strength')).toBeVisible();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
  });
