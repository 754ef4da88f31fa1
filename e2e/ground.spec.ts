import { readFileSync } from 'node:fs';
import { type Keeper, SEED, expect, reckonFile, sizes, test } from './keeper';

const metres = (value: number) => value.toFixed(2);
const next = sizes(SEED + 3);
const between = (least: number, most: number) => Math.round((least + next() * (most - least)) * 100) / 100;

/** Presses on a thing of the sheet, moves so many pixels in a few steps, and lets go. */
async function drag(
  keeper: Keeper,
  name: RegExp | string,
  role: 'slider' | 'button',
  dx: number,
  dy: number,
) {
  const at = await keeper.grasp(keeper.page.getByRole(role, { name }).first());
  for (let i = 1; i <= 6; i++) await keeper.page.mouse.move(at.x + (dx * i) / 6, at.y + (dy * i) / 6);
  await keeper.page.mouse.up();
}

test('a dragged corner falls into the right angle, and is one undo step', async ({ keeper, page }) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '3.6');
  await keeper.type(/^Depth/, '6');
  const area = keeper.bar('Run');
  await expect(area).toHaveText('21.6m²');
  await drag(keeper, /^Corner 2/, 'button', 31, 4);
  await expect(page.getByRole('button', { name: 'side by side' })).toHaveAttribute('aria-pressed', 'true');
  // It stays on the line of its side: only the length changes, and the corner is open in the panel.
  await expect(page.getByRole('textbox', { name: 'Turn after side 1' })).not.toHaveValue('90°');
  await expect(area).not.toHaveText('21.6m²');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(area).toHaveText('21.6m²');
  // Back to where it was by hand: within reach it falls on the square again.
  await drag(keeper, /^Corner 2/, 'button', 40, 3);
  await drag(keeper, /^Corner 2/, 'button', -38, -4);
  await expect(area).toHaveText('21.6m²');
});

test('Tab enters the drawing once, arrows walk along the fence, Enter takes hold, Escape leaves', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '3.6');
  await keeper.type(/^Depth/, '6');
  const inSheet = page.locator('.drawing [data-stop][tabindex="0"]');
  await expect(inSheet).toHaveCount(1);
  await inSheet.focus();
  const focused = page.locator('.drawing [data-stop]:focus');
  await expect(focused).toHaveAttribute('aria-label', /^Corner 1/);
  for (const name of [/^Side 1/, /^Corner 2/, /^Side 2/]) {
    await page.keyboard.press('ArrowRight');
    await expect(focused).toHaveAttribute('aria-label', name);
  }
  await page.keyboard.press('Enter');
  await expect(focused).toHaveAttribute('aria-label', /in hand/);
  await expect(page).toHaveURL(/at=side%3As2/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('textbox', { name: /^Depth/ })).toHaveValue('6.20 m');
  await page.keyboard.press('Escape');
  await expect(focused).not.toHaveAttribute('aria-label', /in hand/);
  await page.keyboard.press('Escape');
  await expect(page.locator('.drawing [data-stop]:focus')).toHaveCount(0);
  await expect(page).not.toHaveURL(/at=/);
});

test('the table of sides edits the same outline: length, turn, grade and what a side is', async ({
  keeper,
  page,
}) => {
  // Beside the wall of 3.60 there is room for a side: ends under 0.05 m cannot be built.
  const [width, depth, grade] = [between(3.8, 9), between(4, 12), between(2, 9)];
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, metres(width));
  await keeper.type(/^Depth/, metres(depth));
  await page.getByRole('button', { name: 'side by side' }).click();
  await keeper.type('Grade of side 1', `${grade.toFixed(1)}%`);
  await keeper.type('Grade of side 2', '0');
  await page.getByLabel('Side 3 is').selectOption('open');
  await keeper.settled();
  const rise = (Number(grade.toFixed(1)) / 100) * depth;
  await keeper.open('Ground');
  await expect(page.getByRole('region', { name: 'Heights' })).toBeVisible();
  await keeper.open('Docket');
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.figures.fenceLength).toBeLessThan(2 * depth + width + 0.001);
  // The far end of side 1 and the whole of side 2 lie `rise` higher; heights are kept to a tenth of a millimetre.
  const flat = (answer.figures.fenceLength ?? 0) - depth;
  expect((answer.figures.groundLength ?? 0) - flat).toBeGreaterThan(Math.hypot(depth, rise) - 0.2);
  await keeper.open('Outline');
  await page.getByRole('button', { name: 'side by side' }).click();
  await keeper.type('Turn after side 1', '80');
  await expect(page.getByRole('textbox', { name: 'Turn after side 1' })).toHaveValue('80°');
  await keeper.type('Turn after side 1', 'a right angle');
  await expect(page.getByRole('alert')).toContainText('Degrees from');
});

test('a walk that does not close says by how much, and is shared out when asked', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '2.4');
  await page.getByRole('button', { name: 'as walked' }).click();
  while ((await page.getByRole('button', { name: /^Remove leg \d+/ }).count()) > 4)
    await page
      .getByRole('button', { name: /^Remove leg \d+/ })
      .last()
      .click();
  for (const [i, length] of ['6', '3.6', '5.7', '3.6'].entries()) {
    await keeper.type(`Leg ${i + 1}, length`, length);
    await keeper.type(`Leg ${i + 1}, turn at its end`, '90');
  }
  const note = page.getByRole('note', { name: 'Closing error' });
  await expect(note).toContainText('ends 0.30 m from where it began, 1 in 63');
  await page.getByRole('button', { name: 'Share it out over all sides' }).click();
  await expect(note).toContainText('The walk closes.');
  await page.getByRole('button', { name: 'Lay the outline out as walked' }).click();
  await expect(keeper.bar('Run')).toHaveText('21.1m²');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(keeper.bar('Run')).not.toHaveText('21.1m²');
});

test('a run divided, with a pop door between: one fence, counted once; the strip shows one run', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '4');
  await keeper.type(/^Depth/, '8');
  // Against a house of 3.6: a far side of 4, two of 8 and what the house leaves of the near one.
  await expect(keeper.bar('Fence')).toHaveText('20.40m');
  await keeper.question('The run');
  await page.getByLabel('Divide by a fence from').selectOption({ label: 'corner 1' });
  await page
    .getByRole('region', { name: 'The run' })
    .getByLabel('to', { exact: true })
    .selectOption({ label: 'corner 3' });
  await page.getByRole('button', { name: 'Divide', exact: true }).click();
  await expect(keeper.bar('Fence')).toContainText((20.4 + Math.hypot(4, 8)).toFixed(2));
  const runs = page.getByRole('group', { name: 'Run shown' });
  await expect(runs.getByRole('button')).toHaveCount(2);
  await expect(runs.getByRole('button', { name: 'Run 2' })).toHaveAttribute('aria-pressed', 'true');
  await keeper.open('Ways in');
  await page.getByRole('button', { name: 'Add a pop door', exact: true }).click();
  await expect(page.locator('.stripsvg .s-gate[data-way="pop-door"]')).toHaveCount(1);
  await runs.getByRole('button', { name: 'Run', exact: true }).click();
  await expect(page.locator('.stripsvg .s-gate[data-way="pop-door"]')).toHaveCount(1);
  await keeper.settled();
  await keeper.open('Docket');
  const answer = reckonFile(await keeper.download('Plan as a file'));
  const [one, two] = answer.enclosures;
  const sum = (one?.figures.fenceLength ?? 0) + (two?.figures.fenceLength ?? 0);
  expect(sum - (answer.figures.fenceLength ?? 0)).toBeCloseTo(Math.hypot(4, 8), 4);
  expect(answer.docket.lines.some((l) => l.id.startsWith('kit:pop-door-kit'))).toBe(true);
});

test('heights by string, by drop and by rise are the same ground; the strip and the walls follow it', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '4.8');
  await keeper.type(/^Depth/, '12');
  await keeper.open('Ground');
  // Down from the string: corners 1 and the last at 0.30, corners 2 and 3 at 1.20.
  await keeper.question('Heights');
  await keeper.type('Corner 1', '0.30');
  await keeper.type('Corner 2', '1.20');
  await keeper.type('Corner 3', '1.20');
  await keeper.type('Corner 4', '0.30');
  await page.getByRole('button', { name: 'drop at stakes' }).click();
  await expect(page.getByRole('textbox', { name: 'Corner 2' })).toHaveValue('0.90 m');
  await page.getByRole('button', { name: 'rise over run' }).click();
  await expect(page.getByRole('textbox', { name: /^Side 1, over 12.00 m/ })).toHaveValue('−0.90 m');
  await keeper.type(/^Side 1, over/, '-0.6');
  await page.getByRole('button', { name: 'drop at stakes' }).click();
  await expect(page.getByRole('textbox', { name: 'Corner 2' })).toHaveValue('0.60 m');
  await keeper.type('Corner 2', '90 cm');
  await expect(page.locator('.d-contour').first()).toBeAttached();
  await keeper.open('Walls');
  await expect(
    page.getByText(/Side 1 climbs 7.5 %.*it steps bay by bay, up to 0.18 m per bay/),
  ).toBeVisible();
  await keeper.question('On the slope, mesh hangs');
  const along = page.locator('label.option', { hasText: 'Along the slope' });
  await expect(along.locator('.effect').first()).toHaveText(/^[+−]?\d+\.\d\d$/);
  await along.click();
  await expect(page.getByText(/Side 1 climbs 7.5 %.*and would buckle/)).toBeVisible();
  await page
    .getByRole('button', { name: /^Step where the mesh cannot follow/ })
    .first()
    .click();
  await expect(page.getByText(/and would buckle/)).toHaveCount(0);
  const high = async () => Number(await page.locator('.stripscroll .stripsvg').getAttribute('height'));
  const toScale = await high();
  await page.getByRole('button', { name: 'heights doubled' }).click();
  await expect(page.locator('.stripscroll')).toHaveAttribute('tabindex', /0|-1/);
  expect(await high()).toBeGreaterThan(toScale * 1.05);
  await expect(page.locator('.stripsvg .s-grade').first()).toContainText('7.5 %');
});

test('a post on the water pipe moves off it in one press, and a post dragged stays where it is put', async ({
  page,
  keeper,
}) => {
  await page.goto(`/h/${keeper.holding}`);
  const demo = JSON.parse(
    readFileSync(new URL('../demo/orchard-run.json', import.meta.url), 'utf8'),
  ) as object;
  // Open to the sky: its posts stand as the walls ask.
  await keeper.bring({ ...demo, covers: [] });
  await keeper.open('Posts');
  const said = page.locator('.finding', { hasText: /would be dug .* from the water pipe/ });
  await expect(said).toHaveCount(1);
  const mend = said.getByRole('button', { name: /^Move the post to 2.25 m/ });
  await expect(mend).toContainText('same price');
  await mend.click();
  await expect(said).toHaveCount(0);
  const posts = await keeper.figure('Posts');
  const post = page.getByRole('slider', { name: /^Line post/ }).last();
  const name = (await post.getAttribute('aria-label')) ?? '';
  await post.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider', { name, exact: false }).first()).toBeAttached();
  await expect(page.getByRole('button', { name: 'Let it find its own place' })).toHaveCount(0);
  await page.locator('.drawing [data-stop*="/pin:"]').last().click({ force: true });
  await expect(page.getByRole('button', { name: 'Let it find its own place' })).toBeVisible();
  await page.getByRole('radio', { name: 'stands here already' }).check();
  await expect(page.locator('.stripsvg rect[data-origin="standing"]')).toHaveCount(1);
  await expect(keeper.bar('Posts')).toHaveText(posts);
});

test('houses, trees, services and boundaries are put down, opened, moved and taken out', async ({
  keeper,
  page,
}) => {
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Depth/, '6');
  await keeper.open('Ground');
  for (const [button, name] of [
    ['Add a house or shed', 'Shed'],
    ['Add a tree', 'tree'],
    ['Add a buried service', 'water pipe'],
    ['Add a pole or stack', 'pole'],
    ['Add a boundary, path or bank', 'boundary'],
  ] as const) {
    await page.getByRole('button', { name: button }).click();
    await expect(page.getByRole('region', { name: `Open: ${name}` })).toBeVisible();
  }
  await keeper.type('Name', 'old hedge');
  await keeper.type('Across', '5');
  const line = page.getByRole('region', { name: 'Open: old hedge' });
  await line.getByRole('button', { name: 'Add a point after point 1' }).click();
  await expect(page).toHaveURL(/boundary%3A.*%2F1/);
  await line.getByRole('button', { name: 'Remove this point' }).click();
  const things = page.locator('.thinglist');
  await things.getByRole('button', { name: 'Old hedge' }).click();
  await page.locator('[data-stop^="boundary:"]').nth(1).focus();
  await page.keyboard.press('Enter');
  await keeper.type('Across', '5');
  await keeper.open('Outline');
  const over = page.locator('.finding', { hasText: 'over the boundary (old hedge)' });
  await expect(over.first()).toBeVisible();
  await over
    .getByRole('button', { name: /^Move the side/ })
    .first()
    .click();
  await expect(over).toHaveCount(0);
  await keeper.open('Ground');
  await things.getByRole('button', { name: 'Tree' }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(things.getByRole('button', { name: 'Tree' })).toHaveCount(0);
  await keeper.question('Soil, frost and north');
  await keeper.type('North, degrees clockwise from up', '30');
  await expect(page.getByRole('img', { name: 'North is 30° clockwise from up' })).toBeVisible();
});

test('forty sides stay readable: no length where it does not fit, the one in focus always', async ({
  keeper,
  page,
}) => {
  const points = Array.from({ length: 40 }, (_, i) => {
    const a = (2 * Math.PI * i) / 40;
    return { id: `c${i}`, x: 8 * Math.cos(a), y: 8 * Math.sin(a) };
  });
  await keeper.newPlan('', '2.4');
  await keeper.open('Docket');
  const plan = JSON.parse(await keeper.download('Plan as a file')) as Record<string, unknown>;
  const sides = points.map((p, i) => ({ id: `s${i}`, from: p.id, to: `c${(i + 1) % 40}`, kind: 'fence' }));
  const forty = {
    ...plan,
    id: 'forty',
    corners: points,
    sides,
    openings: [],
    postPins: [],
    enclosures: [{ id: 'run', name: 'Run', ring: sides.map((s) => ({ side: s.id, forward: true })) }],
  };
  await keeper.bring(forty);
  await expect(page.locator('.drawing [data-side]')).toHaveCount(0);
  await page.locator('[data-stop="side:s3"]').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.drawing [data-side="s3"]')).toHaveCount(1);
});
