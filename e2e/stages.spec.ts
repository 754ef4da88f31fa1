import { expect, test } from './keeper';

test('birds: kinds, numbers and space move the area wanted, each with its working', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('10', '2.4');
  await keeper.open('Birds');
  const wanted = page.locator('dl.tally dd').first();
  await expect(wanted).toHaveText('12.0 m²');
  await keeper.type('Number', '20');
  await expect(wanted).toHaveText('24.0 m²');
  await page.getByRole('radio', { name: 'Roomy' }).check();
  await expect(wanted).toHaveText('60.0 m²');
  await page.getByRole('radio', { name: 'out part of the day' }).check();
  await expect(wanted).toHaveText('30.0 m²');
  await page.getByRole('button', { name: 'Area wanted' }).click();
  await expect(page.locator('table.working')).toContainText('20 × 0.60 m² × 2.5');
  await page.getByRole('button', { name: 'Add birds' }).click();
  await expect(wanted).toHaveText('48.0 m²');
  await page
    .getByRole('button', { name: /^Remove the/ })
    .first()
    .click();
  await expect(wanted).toHaveText('18.0 m²');
  const number = page.getByRole('textbox', { name: 'Number' });
  await number.fill('six');
  await number.press('Enter');
  await expect(page.getByRole('alert')).toContainText('whole number');
});

test('threats: a mink asks for finer mesh, and the pegs say where', async ({ keeper, page }) => {
  await keeper.newPlan('10', '2.4');
  await keeper.open('Threats');
  await expect(page.locator('dl.tally dd')).toHaveText('15 mm');
  await page.getByRole('button', { name: /^Mink, absent/ }).click();
  await page.getByRole('radiogroup', { name: 'Mink' }).getByRole('radio', { name: 'seen' }).check();
  const walls = page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /^Walls/ });
  await expect(walls).toHaveAccessibleName(/1 to look at/);
  await page.getByRole('radiogroup', { name: 'Mink' }).getByRole('radio', { name: 'absent' }).check();
  await expect(walls).toHaveAccessibleName(/not settled yet/);
});

test('posts: closer spacing means more line posts, concrete means bags', async ({ keeper, page }) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '3.6');
  await keeper.type(/^Depth/, '6');
  await keeper.open('Posts');
  await expect(keeper.bar('Posts')).toHaveText('10');
  await keeper.question('Largest spacing');
  await keeper.type('Largest spacing', '1.5');
  await expect(keeper.bar('Posts')).toHaveText('12');
  await page.getByRole('button', { name: 'Posts', exact: true }).click();
  await expect(page.locator('table.working')).toContainText('6.00 m ÷ 1.50 m, rounded up');
  await keeper.question('Corner posts are set in');
  await page
    .getByRole('radiogroup', { name: 'Corner posts are set in' })
    .getByRole('radio', { name: /^Concrete/ })
    .check();
  await keeper.open('Docket');
  await expect(page.locator('tr[data-line="pack:concrete"] td').first()).toHaveText('20');
});

test('walls: a band is added, lowered, and said to be short when its widths do not reach', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '2.4');
  await keeper.open('Walls');
  await page.getByRole('button', { name: 'Add a band on top' }).click();
  await expect(page.getByRole('group', { name: 'Band' }).getByRole('button')).toHaveCount(3);
  await page.getByRole('button', { name: 'Remove this band' }).click();
  await expect(page.getByRole('group', { name: 'Band' }).getByRole('button')).toHaveCount(2);
  await keeper.question('Height of this band');
  await keeper.type('Reaches up to', '1.8');
  await keeper.question('Roll widths');
  await page
    .getByRole('radiogroup', { name: 'Roll widths' })
    .getByRole('radio', { name: '1.20 m', exact: true })
    .check();
  await expect(page.getByText(/0.05 m short of 1.80 m/).first()).toBeVisible();
  await page.getByRole('button', { name: /Set the band’s top to 1.75 m/ }).click();
  await expect(page.getByText(/short of/)).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Height of this band/ })).toContainText('up to 1.75 m');
});

test('walls: the effect of a mesh is shown before it is chosen, and comes true', async ({ keeper, page }) => {
  await keeper.newPlan('', '2.4');
  await keeper.open('Walls');
  const before = await keeper.toBuy();
  const option = page.locator('label.option', { hasText: 'Welded 100 × 50' });
  const effect = option.locator('.effect').first();
  await expect(effect).toHaveText(/^[+−]?\d+\.\d\d$/);
  const promised = Number((await effect.innerText()).replace('−', '-'));
  await option.click();
  await expect(option.locator('.effect')).toHaveText('chosen');
  await expect(keeper.bar('To buy')).toHaveText((before + promised).toFixed(2));
});

test('skirt: a buried one has no pegs and a trench in the hours; none is a matter', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '2.4');
  await keeper.open('Skirt');
  await page.getByRole('radio', { name: /^Buried straight/ }).check();
  await expect(page.getByText('Have buried services located before the trench is dug.')).toBeVisible();
  await keeper.open('Outline');
  await page.getByRole('button', { name: 'Work, one person' }).click();
  await expect(page.locator('table.working')).toContainText('dig the trench');
  await keeper.open('Docket');
  await expect(page.locator('tr[data-line="pack:peg"]')).toHaveCount(0);
  await keeper.open('Skirt');
  await page.getByRole('radio', { name: /^No skirt/ }).check();
  await expect(page.getByText(/Nothing stops fox and rat from digging under/).first()).toBeVisible();
  await page
    .getByRole('button', { name: /^Lay an apron/ })
    .first()
    .click();
  await expect(page.getByText(/Nothing stops/)).toHaveCount(0);
});

test('ways in: a gate is added, moved by its field, and taken out', async ({ keeper, page }) => {
  await keeper.newPlan('', '2.4');
  await keeper.open('Ways in');
  await page.getByRole('button', { name: 'Remove this gate' }).click();
  await expect(page.getByText('Run has no gate. Add one.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Add a barrow gate', exact: true }).click();
  await expect(page.locator('.stripsvg .s-gate')).toHaveCount(1);
  await keeper.type('From the corner', '0.3');
  await keeper.settled();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'From the corner' })).toHaveValue('0.30 m');
  const handle = page.getByRole('slider', { name: /^Gate on side/ });
  await handle.focus();
  await handle.press('Enter');
  await handle.press('ArrowRight');
  await expect(page.getByRole('textbox', { name: 'From the corner' })).toHaveValue('0.40 m');
});

test('settling a stage leads to the next, and one next peg is yolk', async ({ keeper, page }) => {
  await keeper.newPlan('6', '2.4');
  const line = page.getByRole('navigation', { name: 'Stages of the work' });
  await expect(line.getByRole('link', { name: /, next$/ })).toHaveAccessibleName(/^Birds/);
  await keeper.open('Birds');
  await page.getByRole('button', { name: 'Birds settled, on to Threats' }).click();
  await expect(page.getByRole('heading', { name: 'Threats' })).toBeVisible();
  await expect(line.getByRole('link', { name: /, next$/ })).toHaveAccessibleName(/^Threats/);
  await expect(line.getByRole('link', { name: /^Birds, settled/ })).toBeVisible();
});

test('a plan in feet: closed forms hold, and lengths read as feet and inches', async ({ keeper, page }) => {
  await keeper.newPlan('', '12', 'feet and inches');
  await keeper.type(/^Width/, `12'`);
  await keeper.type(/^Depth/, `20' 6"`);
  await expect(keeper.bar('Fence')).toHaveText('53′');
  await expect(keeper.bar('Run')).toHaveText('246ft²');
  await keeper.open('Docket');
  await expect(page.getByText('Longacre Farm Store', { exact: false }).first()).toBeVisible();
  await expect(page.locator('tr[data-line^="roll:"] .linebtn').first()).toContainText('2′ wide');
  const csv = await keeper.download('Docket as CSV');
  expect(csv).toContain(',ft,');
});

test('a variant is a plan of its own; a deleted plan lies in the bin and comes back as it was', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '2.4');
  await page.getByRole('button', { name: 'Copy as variant' }).click();
  await expect(page.getByText('Test run, variant')).toBeVisible();
  await page.goto(`/h/${keeper.holding}`);
  await expect(page.locator('.drawer li')).toHaveCount(2);
  await page.getByRole('button', { name: 'Delete Test run, variant' }).click();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.locator('.drawer li')).toHaveCount(2);
  await page.getByRole('button', { name: 'Delete Test run, variant' }).click();
  await expect(page.getByText('stays in the bin for 30 days')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: /Test run, variant/ })).toHaveCount(0);
  await page.getByText('Bin (1)').click();
  await page.getByRole('button', { name: 'Bring back Test run, variant' }).click();
  await page.getByRole('link', { name: /Test run, variant/ }).click();
  await keeper.settled();
});

test('a plan is renamed where its name stands', async ({ keeper, page }) => {
  await keeper.newPlan('', '2.4');
  await page.getByRole('button', { name: 'Test run' }).click();
  const name = page.getByRole('textbox', { name: 'Name of the plan' });
  await name.fill('Behind the barn');
  await name.press('Enter');
  await keeper.settled();
  await page.goto(`/h/${keeper.holding}`);
  await expect(page.getByRole('link', { name: /Behind the barn/ })).toBeVisible();
});

test('the dark theme is kept', async ({ page }) => {
  await page.goto('/h/hollin-bank');
  await page.getByRole('button', { name: 'Dark theme' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
});

test('an address that is not there says so and leads back', async ({ page }) => {
  await page.goto('/h/hollin-bank/p/nowhere/walls');
  await expect(page.getByRole('alert')).toContainText('There is no such plan.');
  await page.getByRole('link', { name: 'Go back' }).click();
  await expect(page.getByRole('heading', { name: 'Hollin Bank' })).toBeVisible();
});

test('a new plan with a house width that is none says how to give it', async ({ keeper, page }) => {
  await page.goto(`/h/${keeper.holding}/new`);
  const save = page.getByRole('button', { name: 'Save this plan and go on' });
  await page.getByLabel('Wall of the house').fill('wide');
  await expect(page.getByRole('alert')).toContainText('Such as 2.40 or 240 cm');
  await expect(save).toBeDisabled();
  await page.getByLabel('Wall of the house').fill('240 cm');
  await page.getByLabel('How many').fill('-3');
  await expect(page.getByRole('alert')).toContainText('whole number');
  await page.getByLabel('How many').fill('3');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(save).toBeEnabled();
});
