import { expect, reckonFile, test } from './keeper';

test('a skirt for a pen that stands: two walls typed, nothing bought but what is folded at its foot', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByRole('radio', { name: /A skirt for what stands/ }).check();
  await page.getByLabel('Width').fill('8');
  await page.getByLabel('Depth').fill('5');
  await expect(page.getByLabel('Figures of the proposal')).toContainText('Stands');
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();

  await keeper.open('Skirt');
  await page.getByRole('radio', { name: /Folded/ }).check();
  await keeper.open('Walls');
  const stands = page.getByRole('region', { name: 'What stands already' });
  await stands.getByLabel('Its mesh').selectOption('hex-50');
  await stands.getByRole('button', { name: 'Use this for all sides that stand' }).click();
  await keeper.open('Docket');
  await keeper.settled();
  const { figures, docket, findings } = reckonFile(await keeper.download('Plan as a file'));
  expect(figures.fenceLength).toBe(0);
  expect(figures.standing).toBeCloseTo(26, 9);
  expect(figures['skirt.stripLength']).toBeCloseTo(28, 9);
  expect(docket.lines.filter((l) => /^(roll|post|brace)/.test(l.id)).map((l) => l.id)).toEqual([
    expect.stringMatching(/^roll:.*@1\.2$/),
  ]);
  // What tears above the fold is still told.
  expect(findings.filter((f) => f.code === 'mesh.torn')).toHaveLength(1);
});

test('an apron round a coop alone, and mesh over its vents', async ({ keeper, page }) => {
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByRole('radio', { name: /Guard a coop/ }).check();
  await page.getByLabel('Wall of the house').fill('1.83');
  await page.getByLabel('Its other wall').fill('3.66');
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  const width = page.getByLabel(/Width on the ground/);
  await width.fill('0.91');
  await width.press('Enter');

  await keeper.open('Ways in');
  await page.getByRole('button', { name: /Vents and windows of Coop/ }).click();
  await page.getByRole('button', { name: 'Add a vent or window' }).click();
  const vent = page.getByRole('group', { name: 'vents', exact: true });
  await vent.getByLabel('How many alike').fill('5');
  await vent.getByLabel('How many alike').press('Enter');
  await vent.getByLabel('Put over it').selectOption('fine-13');
  await keeper.open('Docket');
  await keeper.settled();
  const { figures, docket } = reckonFile(await keeper.download('Plan as a file'));
  expect(figures['skirt.stripLength']).toBeCloseTo(10.98 + 4 * 0.91, 9);
  expect(figures['posts.total'] ?? 0).toBe(0);
  const need = (id: RegExp) => docket.lines.find((l) => id.test(l.id))?.need;
  expect(need(/^timber:batten/)).toBeCloseTo(5 * 1.4, 9);
  const along = [1.83, 3.66, 1.83, 3.66].reduce((n, l) => n + Math.ceil(l / 0.1) + 1, 0);
  expect(need(/^pack:staple/)).toBe(along + 5 * 14);
});

test('a shed closed in: its posts stand, its ends are meshed to the fall of its roof', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByRole('radio', { name: /Close in a shed/ }).check();
  await page.getByLabel('Roof, along its posts').fill('5.4');
  await page.getByLabel('Roof, front to back').fill('3.6');
  await page.getByLabel('Height under its eave').fill('1.9');
  await page.getByLabel('Height at its high side').fill('2.5');
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await keeper.open('Docket');
  await keeper.settled();
  const { figures, findings } = reckonFile(await keeper.download('Plan as a file'));
  for (const side of ['s2', 's4']) expect(figures[`roofed.${side}.area`]).toBeCloseTo(7.92, 9);
  expect(figures['posts.standing']).toBe(2 * (3 + 2));
  expect(figures['posts.braces']).toBe(0);
  expect(findings.filter((f) => f.severity === 'mend')).toEqual([]);
});

test('a run made longer: what comes down is put in the shed, what is new alone is bought', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByRole('radio', { name: /Make the run longer/ }).check();
  await page.getByLabel('Width').fill('6');
  await page.getByLabel('Depth').fill('4');
  await page.getByLabel('Longer by').fill('3');
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await keeper.open('Docket');
  await keeper.settled();
  await page.getByRole('button', { name: /Comes down/ }).click();
  await page.getByRole('button', { name: 'Put them in the shed' }).click();
  await expect(page.getByText('They are in the shed.')).toBeVisible();
  const { figures } = reckonFile(await keeper.download('Plan as a file'));
  expect(figures.fenceLength).toBeCloseTo(3 + 4 + 3, 9);
  expect(figures.standing).toBeCloseTo(6 + 4 + 6, 9);
  expect(figures['down.length']).toBeCloseTo(4, 9);
  await page.goto(`/h/${keeper.holding}/stock`);
  await expect(page.getByText('from the fence taken down')).toBeVisible();
});
