import { type Keeper, expect, reckonFile, test } from './keeper';

/** A new plan's docket, and from there the shed, prices and products. @returns the docket's address */
async function toStock(keeper: Keeper): Promise<string> {
  const { page } = keeper;
  await keeper.newPlan('9', '2.4');
  await keeper.open('Docket');
  const docket = page.url();
  await page.getByRole('link', { name: 'Shed, prices and own products' }).click();
  return docket;
}

/** Puts a roll into the shed, from a plan's docket. */
async function putRoll(keeper: Keeper, product: string, width: string): Promise<void> {
  const { page } = keeper;
  await page.getByRole('link', { name: 'Shed, prices and own products' }).click();
  await page.getByLabel('Product', { exact: true }).selectOption(product);
  await keeper.type(/^Width$/, width);
  await keeper.type(/^Length$/, '60');
  await page.getByRole('textbox', { name: 'Note' }).fill('from the barn');
  await page.getByRole('button', { name: 'Put it in the shed' }).click();
  await expect(page.locator('.stocklist li')).toContainText('60.00 m');
}

test('a roll in the shed lowers the price of a plan that uses it, and the file says so', async ({
  keeper,
}) => {
  const { page } = keeper;
  await keeper.newPlan('9', '2.4');
  await keeper.open('Docket');
  const address = page.url();
  const before = await keeper.toBuy();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  const wall = answer.docket.lines.find((l) => l.id.startsWith('roll:') && l.unit === 'm');
  const [, product = '', width = ''] = /^roll:(.+)@([\d.]+)$/.exec(wall?.id ?? '') ?? [];

  await putRoll(keeper, product, width);
  await page.goto(address);
  await keeper.question('From the shed');
  const piece = page.getByRole('checkbox', { name: /from the barn/ });
  await piece.check();
  await expect.poll(() => keeper.toBuy()).toBeLessThan(before);
  await keeper.settled();
  const file = await keeper.download('Plan as a file');
  const after = reckonFile(file);
  expect(after.docket.total / 100).toBeCloseTo(await keeper.toBuy(), 6);
  const line = after.docket.lines.find((l) => l.id === wall?.id);
  expect(line?.buy).toBe(0);
  await expect(page.getByText('from the shed', { exact: false }).first()).toBeVisible();

  // Another plan that counts on the same piece is told so.
  await page.getByRole('button', { name: 'Copy as variant' }).click();
  await expect(page).not.toHaveURL(address);
  await keeper.open('Docket');
  await expect(page.locator('.claimed')).toContainText('counts on it too');
});

test('a roll as wide as no yard sells is used, and taken as it is when it was cut from', async ({
  keeper,
}) => {
  const { page } = keeper;
  await keeper.newPlan('9', '2.4');
  await keeper.open('Docket');
  const address = page.url();
  const before = await keeper.toBuy();
  const plan = JSON.parse(await keeper.download('Plan as a file')) as {
    choices: { plan: { skirt: { mesh: string } } };
  };
  await putRoll(keeper, plan.choices.plan.skirt.mesh, '0.73');
  await page.goto(address);
  await keeper.question('From the shed');
  await page.getByRole('checkbox', { name: /from the barn/ }).check();
  await expect.poll(() => keeper.toBuy()).toBeLessThan(before);
  await expect(page.getByRole('table').first()).toContainText('0.73 m');
  await keeper.settled();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.total / 100).toBeCloseTo(await keeper.toBuy(), 6);
  expect(answer.docket.lines.find((l) => l.id.endsWith('@0.73'))).toMatchObject({ buy: 0, price: 0 });

  // Cut from for something else: the plan keeps what it counted on until the keeper takes it as it is now.
  await page.getByRole('link', { name: 'Shed, prices and own products' }).click();
  await page.getByRole('button', { name: /^Change / }).click();
  await keeper.type(/^Length$/, '2');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.locator('.stocklist li')).toContainText('2.00 m');
  await page.goto(address);
  const asItWas = await keeper.toBuy();
  await page.getByRole('button', { name: /^Use it as it is now/ }).click();
  await expect.poll(() => keeper.toBuy()).toBeGreaterThan(asItWas);
  await expect(page.getByRole('checkbox', { name: /from the barn/ })).toBeChecked();

  await keeper.open('Walls');
  await page
    .getByRole('group', { name: 'Band' })
    .getByRole('button', { name: /^ground/ })
    .click();
  await keeper.question('Roll widths');
  await expect(page.locator('label.option', { hasText: '0.73 m' }).first()).toContainText(
    'not sold: from the shed alone',
  );
});

test('a price list goes out, comes back with a wrong row refused by its number, then with a price taken', async ({
  keeper,
}) => {
  const { page } = keeper;
  const docket = await toStock(keeper);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Price list as CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('price-list.csv');
  const bring = (text: string) =>
    page
      .getByLabel('Price list file')
      .setInputFiles({ name: 'p.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  const head = 'yard,kind,product,count,price\n';
  await bring(`${head}far-gate,pack,staple,200,cheap\n`);
  await expect(page.getByRole('alert')).toContainText('row 2, price: must be a number, is “cheap”');
  await bring(`${head}far-gate,pack,staple,200,1.00\n`);
  await expect(page.getByRole('status')).toContainText('1 rows read; 1 differ');

  await page.goto(docket);
  const now = await keeper.toBuy();
  await page.getByRole('button', { name: 'Use today’s prices' }).click();
  await expect.poll(() => keeper.toBuy()).toBeLessThan(now);
  await expect(page.getByText('There are none newer.')).toBeVisible();
});

test('an own product is added with its price, hung after its prices were taken, and bought', async ({
  keeper,
}) => {
  const { page } = keeper;
  const docket = await toStock(keeper);
  await keeper.type('Opening up', '19 mm');
  await keeper.type('Opening along', '19 mm');
  await keeper.type('Width of roll 1', '2.0');
  await keeper.type('Length of roll 1', '12');
  await page.getByRole('button', { name: 'Add the product' }).click();
  await expect(page.getByRole('alert')).toContainText('Give width, length and price of roll 1.');
  await keeper.type('Price of roll 1', '40.00');
  await page.getByRole('button', { name: 'Another width or length' }).click();
  await keeper.type('Length of roll 2', '24');
  await keeper.type('Price of roll 2', '70.00');
  await page.getByRole('button', { name: 'Add the product' }).click();
  await expect(page.locator('.stocklist')).toContainText('19 × 19');

  await page.goto(docket);
  await page.getByRole('button', { name: 'Use today’s prices' }).click();
  await keeper.question('Other pieces');
  await page.getByRole('button', { name: 'Add a vent or patch' }).click();
  await page.getByRole('combobox', { name: 'Mesh' }).selectOption({ label: 'Welded 19 × 19' });
  const line = page.locator('tr[data-line^="roll:m"]');
  await expect(line).toContainText('40.00');
  await keeper.settled();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.lines.find((l) => l.id.startsWith('roll:m'))?.price).toBe(4000);
});

test('two yards cost no more than either, and a line can be kept to one of them', async ({ keeper }) => {
  const { page } = keeper;
  await keeper.newPlan('12', '2.4');
  await keeper.open('Docket');
  const one = await keeper.toBuy();
  await keeper.question('Yards');
  await page.getByRole('radio', { name: /Either or both/ }).check();
  await expect.poll(() => keeper.toBuy()).toBeLessThanOrEqual(one);
  await page.locator('tr[data-line="pack:staple"] .linebtn').click();
  await page.getByRole('radiogroup', { name: 'Buy it at' }).getByText('Longacre').click();
  await expect(page.locator('tr[data-line="pack:staple"]')).toContainText('Longacre Farm Store');
  await keeper.settled();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.total / 100).toBeCloseTo(await keeper.toBuy(), 6);
});

test('where the price is not proved the gap is shown, and looking further proves it', async ({ keeper }) => {
  const { page } = keeper;
  await keeper.newPlan('9', '4.25');
  await keeper.type(/^Width/, '4.25');
  await keeper.type(/^Depth/, '12.125');
  await keeper.settled();
  await keeper.open('Docket');
  interface Wearing {
    choices: { plan: { boards: unknown } };
    owned: object[];
  }
  const plan = JSON.parse(await keeper.download('Plan as a file')) as Wearing;
  plan.choices.plan.boards = { ground: 'board-150x25', top: 'rail-88x38' };
  // Beside boards that are owned there are more ways to saw than the fast method looks at.
  const old = { id: 'old', kind: 'timber', product: 'board-150x25', length: 3.3, count: 2 };
  plan.owned = [{ ...old, condition: 'sound', note: '' }];
  await keeper.bring(plan);
  await keeper.open('Docket');
  await expect(page.locator('.proof, .unproved').first()).toBeVisible();
  const unproved = page.locator('.unproved');
  await expect(unproved.filter({ hasText: 'Not proved the best possible' }).first()).toContainText(
    'could be saved',
  );
  await page.getByRole('button', { name: /^Keep looking/ }).click();
  await expect(unproved).toHaveCount(0);
  // The command line looks as far by itself.
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.total / 100).toBeCloseTo(await keeper.toBuy(), 6);
  // What was proved is kept on this device: opened again, it is proved without looking.
  const proved = page.locator('.proof');
  const many = await proved.count();
  expect(many).toBeGreaterThan(0);
  await page.reload();
  await expect(proved).toHaveCount(many);
  await expect(unproved).toHaveCount(0);
});

test('where other widths might cost less the gap is shown, looking further finds them, and what they save is told', async ({
  keeper,
}) => {
  const { page } = keeper;
  await keeper.newPlan('', '2.4');
  await keeper.type(/^Width/, '10');
  await keeper.type(/^Depth/, '9');
  await keeper.settled();
  await keeper.open('Docket');
  interface Heights {
    sides: { id: string; kind: string }[];
    owned: unknown[];
    choices: { plan: Record<string, unknown>; side: Record<string, unknown> };
  }
  const plan = JSON.parse(await keeper.download('Plan as a file')) as Heights;
  const bands = (top: number) => [{ id: 'wall', mesh: 'hex-50', bottom: 0, top, widths: 'cheapest' }];
  const [first = '', second = ''] = plan.sides.filter((s) => s.kind === 'fence').map((s) => s.id);
  plan.choices.plan = { ...plan.choices.plan, skirt: { kind: 'none' }, bands: bands(1.6) };
  plan.choices.side = { [first]: { bands: bands(1.7) }, [second]: { bands: bands(2.2) } };
  plan.owned = [
    {
      id: 'old',
      kind: 'roll',
      product: 'hex-50',
      width: 0.9,
      length: 14,
      count: 2,
      condition: 'sound',
      note: '',
    },
  ];
  await keeper.bring(plan);
  await keeper.open('Docket');
  const price = page.locator('.unproved', { hasText: 'could save at most' });
  await expect(price).toBeVisible();
  const before = await keeper.toBuy();
  await price.getByRole('button', { name: 'Keep looking' }).click();
  const found = page.getByText(/^Found: [\d.]+ less/);
  await expect(found).toBeVisible();
  const saves = Number(/[\d.]+/.exec(await found.innerText())?.[0]);
  expect(saves).toBeGreaterThan(0);
  // It is taken at once, and nothing could be cheaper.
  await expect(keeper.bar('To buy')).toHaveText(new RegExp(`^${(before - saves).toFixed(2)}`));
  await expect(page.locator('.unproved')).toHaveCount(0);
  await keeper.settled();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.total / 100).toBeCloseTo(before - saves, 6);
});

test('a price is changed in place, in the currency of its list; a plan takes it in that currency alone', async ({
  keeper,
}) => {
  const { page } = keeper;
  const docket = await toStock(keeper);
  await page.getByRole('combobox', { name: 'Currency of the list of Far Gate Supplies' }).selectOption('EUR');
  await page
    .getByRole('button', { name: 'fasteners' })
    .or(page.getByText('fasteners', { exact: true }))
    .click();
  const staples = page.getByRole('button', {
    name: /^Change the price of Staples 25 mm, .* at Far Gate Supplies$/,
  });
  await expect(staples.first()).toContainText('EUR');
  await staples.first().click();
  const field = page.getByRole('textbox', { name: /^Price of Staples 25 mm/ });
  await field.fill('1,25');
  await field.press('Enter');
  await expect(staples.first()).toHaveText('1.25 EUR');

  await page.goto(docket);
  await expect(page.getByText(/Your list of Far Gate Supplies is in EUR/)).toBeVisible();
  await page.getByRole('button', { name: 'Buy in EUR' }).click();
  await expect(page.getByText(/Your list of Far Gate Supplies is in EUR/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Use today’s prices' }).click();
  await expect(keeper.bar('To buy')).toContainText('EUR');
  await keeper.question('Currency');
  await expect(page.getByText(/holds one price of yours in EUR/)).toBeVisible();
  await keeper.settled();
  await page.getByRole('button', { name: 'Leave my prices out' }).click();
  await expect(keeper.bar('To buy')).not.toContainText('EUR');
});

test('at the yard lines are ticked off, and what is left over goes to the shed once', async ({ keeper }) => {
  const { page } = keeper;
  await keeper.newPlan('8', '1.83');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(page.url().replace('/outline', '/buying'));
  const boxes = page.getByRole('checkbox', { name: /, bought$/ });
  await expect(boxes.first()).toBeVisible();
  const count = await boxes.count();
  for (let i = 0; i < count; i++) await boxes.nth(i).check();
  await expect(page.getByText('All ticked.')).toBeVisible();
  const left = page.getByRole('region', { name: 'Left over' });
  const said = await left.getByRole('listitem').allInnerTexts();
  expect(said.length).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'Put it in the shed' }).click();
  await expect(left.getByText('It is in the shed.')).toBeVisible();
  await page.reload();
  await expect(left.getByText('It is in the shed.')).toBeVisible();
  await left.getByRole('link', { name: 'See the shed' }).click();
  await expect(page.locator('.stocklist li')).toHaveCount(said.length);
  for (const line of said) await expect(page.locator('.stocklist')).toContainText(line);
});
