import { readFileSync } from 'node:fs';
import { expect, exportFile, test } from './keeper';

const demo = readFileSync(new URL('../demo/orchard-run.json', import.meta.url), 'utf8');

/** A fence of 6.0 × 3.6 against a house of 3.6. */
async function plainRun(keeper: {
  newPlan: (b: string, h: string) => Promise<void>;
  type: (f: RegExp, t: string) => Promise<void>;
}) {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '3.6');
  await keeper.type(/^Depth/, '6');
}

test('stakes are found by tape, a slip of 0.50 is named and mended, and the outline goes through them', async ({
  keeper,
  page,
}) => {
  await plainRun(keeper);
  await page.getByRole('button', { name: 'by tape' }).click();
  const marks = page.getByRole('region', { name: 'Marks' });
  // A run proposed 5.0 wide and made 3.6 stays centred on its house, which so begins at 0.70.
  const house = [
    [-1.8, 0.7],
    [0, 0.7],
    [0, 4.3],
    [-1.8, 4.3],
  ] as const;
  for (let i = 1; i <= 4; i++) {
    await marks.getByLabel('A fixed mark').selectOption({ label: `House, corner ${i}` });
    await marks.getByRole('button', { name: 'Add the mark' }).click();
    await expect(marks.getByRole('button', { name: /^Remove mark/ })).toHaveCount(i);
  }
  const stakes = [
    [1, -3],
    [7, -3],
    [7, 2],
    [1, 2],
  ] as const;
  for (const [k, [x, y]] of stakes.entries()) {
    await page.getByRole('button', { name: 'Add a stake' }).click();
    const card = page.getByRole('region', { name: `stake ${k + 1}`, exact: true });
    for (const [i, [mx, my]] of house.entries()) {
      const slip = k === 3 && i === 2 ? 0.5 : 0;
      const field = card.getByRole('textbox', { name: new RegExp(`^to ${'ABCD'[i] ?? ''}`) });
      await field.fill((Math.hypot(x - mx, y - my) + slip).toFixed(3));
      await field.press('Enter');
    }
    if (y < 0) await card.getByRole('radio', { name: 'behind' }).check();
  }
  const said = page.locator('.finding', { hasText: 'stake 4 to C, House, corner 3 is 0.50 m out' });
  await expect(said).toBeVisible();
  await said.getByRole('button', { name: /^Take/ }).click();
  await expect(said).toHaveCount(0);
  await expect(page.getByRole('note', { name: 'Where stake 2 is' })).toContainText(
    '7.00 m across, −3.00 m up',
  );
  await expect(page.locator('.d-ellipse')).toHaveCount(4);
  // Marks 1.50 above a stake: its readings ran down a slope, and it stands where they reach on the level.
  for (const letter of 'ABCD') {
    await marks.getByRole('textbox', { name: `Height of ${letter}` }).fill('1.5');
    await marks.getByRole('textbox', { name: `Height of ${letter}` }).press('Enter');
  }
  const first = page.getByRole('region', { name: 'stake 1', exact: true });
  await first.getByRole('textbox', { name: 'Height, if known' }).fill('0');
  await first.getByRole('textbox', { name: 'Height, if known' }).press('Enter');
  const where = page.getByRole('note', { name: 'Where stake 1 is' });
  await expect(where).not.toContainText('1.00 m across');
  for (const [i, [mx, my]] of house.entries()) {
    const field = first.getByRole('textbox', { name: new RegExp(`^to ${'ABCD'[i] ?? ''}`) });
    await field.fill(Math.hypot(1 - mx, -3 - my, 1.5).toFixed(3));
    await field.press('Enter');
  }
  await expect(where).toContainText('1.00 m across, −3.00 m up');
  // A reading may be left out again: what is over still finds the stake.
  const spare = page
    .getByRole('region', { name: 'stake 1', exact: true })
    .getByRole('textbox', { name: /^to D/ });
  await spare.fill('');
  await spare.press('Enter');
  await expect(spare).toHaveAttribute('placeholder', 'not read');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('note', { name: 'Where stake 1 is' })).toContainText(
    '1.00 m across, −3.00 m up',
  );
  // A mark taken out leaves its letter to the next.
  await marks.getByRole('button', { name: /^Remove mark C/ }).click();
  await expect(marks.getByRole('button', { name: /^Remove mark/ })).toHaveCount(3);
  await marks.getByLabel('A fixed mark').selectOption({ label: 'House, corner 3' });
  await marks.getByRole('button', { name: 'Add the mark' }).click();
  await expect(marks.getByRole('button', { name: 'Remove mark C, House, corner 3' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Lay the outline out through the stakes' }).click();
  await expect(keeper.bar('Run')).toHaveText('30.0m²');
});

test('a practice walk leaves as GPX and comes back as an outline, its strays and its gap told', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '20');
  await keeper.type(/^Depth/, '30');
  await page.getByRole('button', { name: 'from a file' }).click();
  const gpx = await keeper.download('Save a practice walk');
  expect(gpx).toContain('<trkpt');
  const input = page.getByLabel(/A walked track or an outline/);
  const file = (name: string, text: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await input.setInputFiles(file('walk.gpx', gpx));
  const told = page.getByRole('note', { name: 'The outline from the file' });
  await expect(told).toContainText(/\d+ places become \d+ corners, within [1-5]\.\d\d m/);
  await expect(told).toContainText(/lie up to 0\.\d\d m from the outline/);
  await keeper.type('Simplify to within', '2');
  await expect(told).toContainText(/within (2\.00|[3-9]\.\d\d) m/);
  const before = await keeper.figure('Run');
  await page.getByRole('button', { name: 'Use this outline' }).click();
  await expect(keeper.bar('Run')).not.toHaveText(before);
  const area = Number((await keeper.figure('Run')).replace(/[^0-9.]/g, '').replace(/2$/, ''));
  expect(area).toBeGreaterThan(480);
  expect(area).toBeLessThan(720);
});

test('a file that is wrong is told plainly, and the plan stays as it was', async ({ keeper, page }) => {
  await plainRun(keeper);
  const before = await keeper.figure('Run');
  await page.getByRole('button', { name: 'from a file' }).click();
  const input = page.getByLabel(/A walked track or an outline/);
  for (const [text, message] of [
    ['', /The file is empty/],
    ['<gpx><trk><trkseg><trkpt lat="54" lon="1"/>', /ends in the middle/],
    ['<!DOCTYPE gpx [<!ENTITY a "b">]><gpx/>', /document type of its own/],
    [
      '{"type":"Polygon","coordinates":[[[450000,380000],[450010,380000],[450010,380010]]]}',
      /another map projection/,
    ],
  ] as const) {
    await input.setInputFiles({ name: 'x', mimeType: 'text/plain', buffer: Buffer.from(text) });
    await expect(page.getByRole('alert')).toContainText(message);
    await expect(page.getByRole('alert')).toContainText('The plan is as it was.');
  }
  await expect(keeper.bar('Run')).toHaveText(before);
});

test('the stake-out sheet has tapes, diagonals, right angles and running marks; ticks are kept', async ({
  keeper,
  page,
}) => {
  await plainRun(keeper);
  await keeper.settled();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: 'Set it out in the yard' }).click();
  await expect(page.getByRole('heading', { name: 'Stake-out' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByLabel('Mark A').selectOption({ label: 'House, corner 2' });
  await page.getByLabel('Mark B').selectOption({ label: 'House, corner 3' });
  await expect(page.getByText('A to B reads 3.600 m')).toBeVisible();
  const stakes = page.getByRole('region', { name: 'Stakes' });
  await expect(stakes.locator('.tick', { hasText: 'Corner 2' })).toContainText(
    `A 6.000 m B ${(Math.round(Math.hypot(6, 3.6) * 200) / 200).toFixed(3)} m`,
  );
  const checks = page.getByRole('region', { name: 'Checks' });
  await expect(checks.getByText(/Diagonal, corner 1 to 3: 6.995 m/)).toBeVisible();
  await expect(
    checks.getByText(/Corner 2 is square: 4.000 m back along the string and 3.000 m on are 5.000 m apart/),
  ).toBeVisible();
  await expect(
    page.getByText(/inner faces of its posts at 1.325 m and 2.275 m, 0.950 m clear/),
  ).toBeVisible();
  const box = page.getByRole('checkbox', { name: 'Corner 2, done', exact: true });
  const saved = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok());
  await box.check();
  await expect(page.locator('.tick[data-done="yes"]')).toHaveCount(1);
  await saved;
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Corner 2, done', exact: true })).toBeChecked();
});

test('a stake that stands elsewhere is measured there, and the plan follows', async ({ keeper, page }) => {
  await plainRun(keeper);
  await keeper.settled();
  await page.getByRole('link', { name: 'Set it out in the yard' }).click();
  await page.getByLabel('Mark A').selectOption({ label: 'House, corner 2' });
  await page.getByLabel('Mark B').selectOption({ label: 'House, corner 3' });
  await page.getByRole('button', { name: 'Corner 3 stands elsewhere' }).click();
  const here = page.getByRole('group', { name: 'Corner 3, where it stands' });
  const put = async (name: string, value: number) => {
    await here.getByRole('textbox', { name }).fill(value.toFixed(3));
    await here.getByRole('textbox', { name }).press('Enter');
  };
  // At (6.5, 3.6): behind the line from (0, 0) to (0, 3.6), as all of the run is.
  await put('From A', 1);
  await put('From B', 1);
  await here.getByRole('button', { name: /It stands here/ }).click();
  await expect(here.getByRole('alert')).toContainText('do not meet');
  await put('From A', Math.hypot(6.5, 3.6));
  await put('From B', 6.5);
  await here.getByRole('button', { name: /It stands here/ }).click();
  await expect(page.locator('.tick', { hasText: /Corner 3 (behind|in front)/ })).toContainText('B 6.500 m');
  await page.getByRole('link', { name: 'Back to the sheet' }).click();
  await expect(keeper.bar('Run')).toHaveText('22.5m²');
});

test('the plan leaves as GeoJSON, GPX, DXF, SVG and marks, as the command line writes them', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}`);
  await page
    .getByLabel('Plan file')
    .setInputFiles({ name: 'orchard.json', mimeType: 'application/json', buffer: Buffer.from(demo) });
  await expect(page.getByRole('heading', { name: 'Outline' })).toBeVisible();
  await keeper.open('Docket');
  for (const [button, kind] of [
    ['GeoJSON', 'geojson'],
    ['GPX of the stakes', 'gpx'],
    ['DXF', 'dxf'],
    ['SVG to scale', 'svg'],
    ['Marks as CSV', 'csv'],
  ] as const) {
    expect(await keeper.download(button)).toBe(exportFile(demo, kind));
  }
});

test('the plan prints on A4 or Letter at the scale that it says', async ({ page }) => {
  await page.goto('/h/hollin-bank/p/orchard-run/print');
  const paper = page.getByRole('img', { name: 'Orchard run at 1 to 75' });
  await expect(paper).toBeVisible();
  await page.getByLabel('Scale').selectOption('100');
  await expect(page.getByRole('img', { name: 'Orchard run at 1 to 100' })).toBeVisible();
  const side = page.locator('.paper [data-part="side:s1"]').first();
  const [, ax, , bx] = /M([\d.]+) ([\d.]+)L([\d.]+)/.exec((await side.getAttribute('d')) ?? '') ?? [];
  expect(Number(bx) - Number(ax)).toBeCloseTo(90, 1);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.length).toBeGreaterThan(5000);
  // 297 × 210 mm in points.
  expect(pdf.toString('latin1')).toMatch(/MediaBox\s*\[0 0 84[12]\S* 59[45]/);
  expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
  await page.getByText('Letter', { exact: true }).click();
  await expect(page.locator('.paper svg')).toHaveAttribute('width', '279.4mm');
});
