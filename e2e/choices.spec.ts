import { expect, reckonFile, test } from './keeper';

/** The run of 6.0 × 3.6 beside a house as wide as it is. */
async function besideHouse(keeper: {
  newPlan(birds: string, house: string): Promise<void>;
  type(f: RegExp, t: string): Promise<void>;
}) {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '3.6');
  await keeper.type(/^Depth/, '6');
}

test('skirt: a toe is a strip 0.70 wide and 16.20 long in a trench of 1.638 m³, and its price comes true', async ({
  keeper,
  page,
}) => {
  await besideHouse(keeper);
  await keeper.open('Skirt');
  const price = await keeper.promised('Buried with a toe');
  await page.getByRole('radio', { name: /^Buried with a toe/ }).check();
  await expect(keeper.bar('To buy')).toHaveText(price.toFixed(2));
  // A fox asks for 0.45 down; here it is 0.30.
  await keeper.type('Depth', '0.3');
  await expect(page.getByText('0.70 m, a roll of 0.90 m')).toBeVisible();
  await expect(
    page.getByRole('button', { name: 'Strip, before joints' }).locator('xpath=../following-sibling::dd[1]'),
  ).toHaveText('16.20 m');
  await expect(page.getByText('Trench, 0.35 m wide')).toBeVisible();
  await expect(page.getByText('1.638 m³')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Skirt from its end' })).toContainText('0.30 m down');
  await keeper.type('Toe, outward', '0.4');
  await expect(page.getByText('Trench, 0.45 m wide')).toBeVisible();
  await expect(page.locator('.d-toe')).not.toHaveAttribute('d', '');
});

test('skirt: carried round the house it closes, and the sheet shows the strips along its walls', async ({
  keeper,
  page,
}) => {
  await besideHouse(keeper);
  await keeper.open('Skirt');
  await expect(page.getByText(/The end of the skirt is open/).first()).toBeVisible();
  const before = await page.locator('.d-apron').first().getAttribute('d');
  await page
    .getByRole('button', { name: /round the house too/ })
    .first()
    .click();
  await expect(page.getByText(/The end of the skirt is open/)).toHaveCount(0);
  await expect(page.locator('.d-apron').first()).not.toHaveAttribute('d', before ?? '');
});

test('one side wears a skirt of its own, and is brought back to the whole fence', async ({
  keeper,
  page,
}) => {
  await besideHouse(keeper);
  await keeper.open('Skirt');
  const whole = await keeper.figure('To buy');
  await page.getByLabel('These choices are for').selectOption({ label: 'side 2, 3.60 m' });
  await page.getByRole('radio', { name: /^Stone border/ }).check();
  await expect(page.locator('.d-stones')).not.toHaveAttribute('d', '');
  await expect(keeper.bar('To buy')).not.toHaveText(whole);
  await expect(page.getByLabel('These choices are for')).toContainText('side 2, 3.60 m, set separately');
  await page.getByRole('button', { name: 'As the whole fence' }).click();
  await expect(keeper.bar('To buy')).toHaveText(whole);
});

test('walls: a board at the ground has a price before it is chosen, one piece a bay, and shows in the strip', async ({
  keeper,
  page,
}) => {
  await besideHouse(keeper);
  await keeper.open('Walls');
  await keeper.question('Board at the ground');
  const board = 'Treated board 150 × 25 mm';
  const price = await keeper.promised(board);
  await page
    .getByRole('radiogroup', { name: 'Board at the ground' })
    .getByRole('radio', { name: /^Treated board/ })
    .check();
  await expect(keeper.bar('To buy')).toHaveText(price.toFixed(2));
  // Three bays on each long side, one on either side of the gate.
  await expect(page.locator('.s-board')).toHaveCount(8);
  await keeper.open('Docket');
  await expect(page.locator('tr[data-line="timber:board-150x25"] td').first()).toContainText('14.65');
});

test('walls: a band that starts too high leaves a hole, which letting it lap mends', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '2.4');
  await keeper.open('Walls');
  await keeper.question('Height of this band');
  await keeper.type(/^Start height/, '0.75');
  await expect(page.getByText(/Nothing closes the wall from 0.60 m to 0.75 m/).first()).toBeVisible();
  await page.getByRole('button', { name: /Start at the lap of the band below/ }).click();
  await expect(page.getByText(/Nothing closes the wall/)).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: /^Start height/ })).toHaveValue('');
});

test('ways in: a gate is built instead of bought; leaf, hinges and hours follow, and the file says the same', async ({
  keeper,
  page,
}) => {
  await besideHouse(keeper);
  await keeper.open('Ways in');
  const price = await keeper.promised('Built');
  await page.getByRole('radio', { name: /^Built/ }).check();
  await expect(keeper.bar('To buy')).toHaveText(price.toFixed(2));
  await expect(page.getByRole('button', { name: /leaf 1.00 m × 1.75 m/ })).toBeVisible();
  await keeper.question('Catches');
  await page.getByRole('radio', { name: /^Two steps/ }).check();
  await keeper.open('Docket');
  await expect(page.locator('tr[data-line="pack:hinge"] td').first()).toHaveText('3');
  await expect(page.locator('tr[data-line="pack:two-step-catch"] td').first()).toHaveText('2');
  await expect(page.locator('tr[data-line="kit:gate-kit@0.95"]')).toHaveCount(0);
  await keeper.question('Work');
  await expect(page.getByRole('region', { name: 'Work' })).toContainText('build and fit gates');
  await page.getByRole('radio', { name: /^Two people/ }).check();
  const { figures } = reckonFile(await keeper.download('Plan as a file'));
  await expect(keeper.bar('Work, two')).toHaveText(`${(figures.elapsed ?? NaN).toFixed(1)}h`);
  expect(figures.elapsed).toBeCloseTo(0.6 * (figures.hours ?? NaN), 9);
});

test('ways in: pop door, egg hatch and a lobby are added; one above the mesh is lowered by its mend', async ({
  keeper,
  page,
}) => {
  await besideHouse(keeper);
  await keeper.open('Ways in');
  await page.getByRole('button', { name: 'Add an egg hatch', exact: true }).click();
  const hatch = page.getByRole('region', { name: /^Egg hatch on side/ });
  await hatch.getByRole('textbox', { name: 'Above the ground' }).fill('1.6');
  await hatch.getByRole('textbox', { name: 'Above the ground' }).press('Enter');
  await expect(page.getByText(/there is no mesh there to fix it to/).first()).toBeVisible();
  await page.getByRole('button', { name: /^Set it 1.45 m above the ground/ }).click();
  await expect(page.getByText(/there is no mesh there to fix it to/)).toHaveCount(0);
  await keeper.question('Gate on side');
  await page.getByRole('button', { name: 'Add a lobby with a second gate' }).click();
  await expect(page.locator('.questionhead', { hasText: /^Gate on side/ })).toHaveCount(2);
  // 0.95 of fence is now inside; 1.2 + 0.95 + 1.2 of it stand round the lobby.
  await expect(keeper.bar('Fence')).toHaveText('18.95m');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(keeper.bar('Fence')).toHaveText('15.60m');
});

test('two ways in at one place cannot be built, and one press parts them', async ({ keeper, page }) => {
  await besideHouse(keeper);
  await keeper.open('Ways in');
  await page.getByRole('button', { name: 'Add a pop door', exact: true }).click();
  const door = page.getByRole('region', { name: /^Pop door on side/ });
  await door.getByLabel('Side').selectOption({ label: 'side 2, 3.60 m' });
  await expect(page.getByText(/Two gates or doors on side 2 overlap/).first()).toBeVisible();
  await page.getByRole('button', { name: /^Move it to/ }).click();
  await expect(page.getByText(/gates or doors on side 2 overlap/)).toHaveCount(0);
  await keeper.settled();
});

test('schools stand side by side with ours and why', async ({ keeper, page }) => {
  await keeper.newPlan('', '2.4');
  await keeper.open('Skirt');
  const school = page.getByRole('note', { name: 'Dig it in, or lay it flat?' });
  await expect(school.getByRole('listitem')).toHaveCount(4);
  await expect(school).toContainText('Ours: A flat apron');
});
