import { type Page } from '@playwright/test';
import { SEED, expect, reckonFile, sizes, test } from './keeper';
import { faults } from './accessible';

const decision = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

interface Place {
  readonly x: number;
  readonly y: number;
}
interface Drawn {
  readonly corners: readonly Place[];
  readonly ground: { readonly buildings: readonly { readonly outline: readonly Place[] }[] };
}

/** Round places by a string: from the lowest on, always to the one that leaves all others on its left. */
function hullLength(places: readonly Place[]): number {
  const left = (a: Place, b: Place, p: Place) => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
  const far = (a: Place, b: Place) => Math.hypot(a.x - b.x, a.y - b.y);
  const first = places.reduce((a, b) => (b.y < a.y || (b.y === a.y && b.x < a.x) ? b : a));
  let [at, length] = [first, 0];
  for (let i = 0; i < places.length; i++) {
    const from = at;
    const next = places
      .filter((p) => far(p, from) > 1e-9)
      .reduce((a, b) => {
        const side = left(from, a, b);
        return side < -1e-12 || (Math.abs(side) <= 1e-12 && far(from, b) > far(from, a)) ? b : a;
      });
    length += far(from, next);
    at = next;
    if (far(at, first) < 1e-9) break;
  }
  return length;
}

/** Opens a net or another decision of the stage by its name. */
async function openDecision(page: Page, name: string) {
  const head = decision(page, name).locator('button.questionhead').first();
  if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
}

const figure = async (page: Page, net: string, name: string) =>
  Number(
    (
      await decision(page, net)
        .locator('dt', { hasText: new RegExp(`^${name}$`) })
        .first()
        .locator('xpath=following-sibling::dd[1]')
        .innerText()
    ).replace(/[^\d.]/g, ''),
  );

test('a net round a run costs what its button said, stands opened out, and is the hull’s where it is drawn tight', async ({
  keeper,
  page,
}) => {
  const next = sizes(SEED + 41);
  const depth = Math.round((3 + next() * 3) * 10) / 10;
  await keeper.newPlan('6', '2.4');
  await keeper.open('Outline');
  await keeper.type(/^Depth/, String(depth));
  await keeper.open('Live net');
  const add = page.getByRole('button', { name: /^Add a live net round it/ });
  const effect = add.locator('.figure').first();
  await expect(effect).toHaveText(/^\+\d+\.\d\d$/);
  const promised = (await keeper.toBuy()) + Number(await effect.innerText());
  await add.click();
  await expect.poll(() => keeper.toBuy()).toBeCloseTo(promised, 2);
  await keeper.settled();
  await keeper.open('Docket');
  const file = await keeper.download('Plan as a file');
  const told = reckonFile(file);
  await keeper.open('Live net');
  await openDecision(page, 'Live net');
  const shown = await figure(page, 'Live net', 'Way round');
  expect(shown).toBeCloseTo(told.figures['liveNet.net1.length'] ?? NaN, 2);
  // Opened out it takes its whole nets, but for what corners to the centimetre may add.
  const whole = 25 * Math.ceil(shown / 25);
  expect(whole - shown).toBeLessThan(0.15);
  const { corners, ground } = JSON.parse(file) as Drawn;
  const hull = hullLength([...corners, ...ground.buildings.flatMap((b) => b.outline)]);
  await page.getByRole('button', { name: 'Draw it tight round them' }).click();
  await keeper.settled();
  await keeper.open('Docket');
  // Half a metre of room round the hull of run and house: its way round and one whole circle.
  const tight = reckonFile(await keeper.download('Plan as a file'));
  expect(tight.figures['liveNet.net1.length']).toBeCloseTo(hull + Math.PI, 6);
});

test('a corner is drawn out by the pointer with what is left beside it, moved by keys, and undone', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('6', '2.4');
  await keeper.open('Live net');
  await page.getByRole('button', { name: /^Add an open line of live net/ }).click();
  await expect(decision(page, 'Net line 1')).toContainText('1 net, 25.00 m long, none over');
  const end = page.getByRole('button', { name: /^Net line 1, corner 2/ });
  const { x, y } = await keeper.grasp(end);
  await page.mouse.move(x - 60, y, { steps: 5 });
  await expect(page.locator('.d-guide-word')).toContainText(/ over$/);
  await page.mouse.up();
  await expect(decision(page, 'Net line 1')).not.toContainText('none over');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(decision(page, 'Net line 1')).toContainText('25.00 m long, none over');
  await end.focus();
  await end.press('Enter');
  await end.press('ArrowLeft');
  await end.press('Enter');
  await expect(decision(page, 'Net line 1')).toContainText('24.90 m long, 0.10 m over');
});

test('the largest loop of two nets is found beside the screen, near its bound, and can be undone', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('6', '2.4');
  await keeper.open('Live net');
  await page.getByRole('button', { name: /^Add a live net round it/ }).click();
  await page.getByRole('button', { name: 'Of 2 nets of 50.00 m' }).click();
  const said = page.getByText(/^It encloses/);
  await expect(said).toBeVisible();
  const [area = 0, bound = 0] = [...(await said.innerText()).matchAll(/([\d.]+) m²/g)].map((m) =>
    Number(m[1]),
  );
  // Posts each 3.125 m: a polygon of 32 corners and 100 m round.
  expect(bound).toBeCloseTo(100 ** 2 / (4 * 32 * Math.tan(Math.PI / 32)), 0);
  expect(area).toBeGreaterThan(0.99 * bound);
  await expect(decision(page, 'Live net')).toContainText(/2 nets, (99\.9|100\.0)/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(decision(page, 'Live net')).toContainText('1 net');
});

test('a stand-in reads the line; a shorted insulator is pointed to, and a low reading by hand is red', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('6', '2.4');
  await keeper.open('Live net');
  await page.getByRole('button', { name: /^Add a live net round it/ }).click();
  await page
    .getByRole('button', { name: /^Energiser 12 V/ })
    .first()
    .click();
  await keeper.settled();
  await openDecision(page, 'The line now');
  const line = decision(page, 'The line now');
  await expect(line).toContainText('Nothing was read yet');
  await page.getByLabel('Near end, kV').fill('1.6');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(line.locator('.pointed li[data-weight="red"]')).toContainText('1.6 kV all along');
  await page.getByRole('button', { name: 'Forget all readings of this line' }).click();
  await expect(line).toContainText('Nothing was read yet');
  await page.getByRole('button', { name: 'Try it with a stand-in for the line' }).click();
  await expect(line.locator('.linenow dd').first()).toContainText('kV');
  await expect(line.locator('.linechart svg').first()).toBeVisible();
  await page.getByLabel('a shorted insulator half way').check();
  await expect(line.locator('.pointed')).toContainText('a short between');
  await page.getByLabel('a shorted insulator half way').uncheck();
  await expect(line.locator('.pointed')).not.toContainText('a short between');
  await page.getByRole('button', { name: 'End it, and forget what it read' }).click();
  await expect(line).toContainText('Nothing was read yet');
});

test('a hot wire goes round the fence: its length is worked out here anew', async ({ keeper, page }) => {
  await keeper.newPlan('6', '2.4');
  await keeper.open('Live net');
  await page.getByRole('button', { name: /^Add a hot wire along/ }).click();
  await keeper.settled();
  await keeper.open('Docket');
  const told = reckonFile(await keeper.download('Plan as a file'));
  const { fenceLength = NaN } = told.figures;
  // Three sides beside a house turn two corners outward; the gate is left out once.
  const strand = told.figures['hotWire.wire1.strand'] ?? NaN;
  const gate = (told.figures['hotWire.wire1.lead'] ?? NaN) - 1;
  expect(strand).toBeGreaterThan(fenceLength - gate - 0.001);
  expect(strand).toBeLessThan(fenceLength - gate + 4 * 0.3 + 0.001);
  expect(told.figures['hotWire.wire1.length']).toBeCloseTo(2 * strand, 9);
});

for (const theme of ['light', 'dark'] as const)
  test(`no accessibility fault at Live net, ${theme} theme; nothing is wider than a telephone`, async ({
    page,
  }) => {
    await page.emulateMedia({ colorScheme: theme });
    await page.goto('/h/hollin-bank/p/mill-leat/live');
    for (const name of ['Night loop', 'Power', 'What it holds', 'The line now']) {
      await openDecision(page, name);
      await expect(decision(page, name).locator('button.questionhead').first()).toHaveAttribute(
        'aria-expanded',
        'true',
      );
      expect(await faults(page, { rules: theme === 'light' ? 'all' : 'colour' })).toEqual([]);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    await openDecision(page, 'Power');
    await expect(page.locator('table.months')).toBeVisible();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
  });
