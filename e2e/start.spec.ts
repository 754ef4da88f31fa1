import { type Keeper, expect, reckonFile, test } from './keeper';

const figures = (keeper: Keeper) => keeper.page.getByLabel('Figures of the proposal');
const figure = (keeper: Keeper, name: string) =>
  figures(keeper)
    .locator('div', { has: keeper.page.getByText(name, { exact: true }) })
    .locator('dd');

/** What the proposal costs, once its figures are those of what was typed. */
async function toBuy(keeper: Keeper): Promise<number> {
  await expect(figures(keeper)).toHaveAttribute('aria-busy', 'false');
  return Number(await figure(keeper, 'To buy').innerText());
}

test('from the empty holding to a right docket for 8 hens: two fields, two presses', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}`);
  await expect(page.getByRole('heading', { name: 'What are you building?' })).toBeVisible();
  await page.getByLabel('How many').fill('8');
  await page.getByLabel('Wall of the house').fill('1.83');
  const proposed = await toBuy(keeper);
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await keeper.open('Docket');
  await expect(page.locator('.totalrow')).toBeVisible();
  expect(await keeper.toBuy()).toBe(proposed);
  await keeper.settled();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.total / 100).toBeCloseTo(proposed, 6);
  expect(answer.figures.birds).toBe(8);
  // The house wall is no fence: round the run less 1.83.
  expect(answer.figures.fenceLength).toBeCloseTo((answer.figures.perimeter ?? NaN) - 1.83, 9);
  expect(answer.findings.filter((f) => f.severity !== 'know')).toEqual([]);
});

test('a run alone of 20 × 20 ft, and the same under a roof: its posts are used again and cost nothing', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByLabel('Measured in').selectOption({ label: 'feet and inches' });
  await page.getByRole('radio', { name: /A run that stands alone/ }).check();
  await page.getByLabel('Width').fill('20');
  await page.getByLabel('Depth').fill('20');
  await expect(figure(keeper, 'Fence')).toHaveText('80′');
  await expect(figure(keeper, 'Run')).toHaveText('400ft²');
  const alone = await toBuy(keeper);

  await page.getByRole('radio', { name: /Close in a shed/ }).check();
  await page.getByLabel('Roof, along its posts').fill('20');
  await page.getByLabel('Roof, front to back').fill('20');
  await page.getByLabel('Height at its high side').fill('5 ft 10');
  await expect(figure(keeper, 'Posts')).toContainText('12 stand');
  await expect(figure(keeper, 'Fence')).toHaveText('80′');
  const under = await toBuy(keeper);
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await keeper.open('Docket');
  await keeper.settled();
  const answer = reckonFile(await keeper.download('Plan as a file'));
  expect(answer.docket.total / 100).toBeCloseTo(under, 6);
  expect(answer.figures['posts.standing']).toBe(12);
  expect(under).toBeLessThan(alone);
});

test('a proposal is kept on this device through a reload, and saved only when the keeper says so', async ({
  keeper,
  page,
  request,
}) => {
  await page.goto(`/h/${keeper.holding}`);
  await page.getByRole('radio', { name: /A run that stands alone/ }).check();
  await page.getByLabel('How many').fill('11');
  await page.getByLabel('Width').fill('7.3');
  const before = await toBuy(keeper);
  await expect(page.getByText('Not saved yet; kept on this device.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('radio', { name: /A run that stands alone/ })).toBeChecked();
  await expect(page.getByLabel('How many')).toHaveValue('11');
  await expect(page.getByLabel('Width')).toHaveValue('7.3');
  expect(await toBuy(keeper)).toBe(before);
  const plans = () => request.get(`/api/holdings/${keeper.holding}/plans`).then((r) => r.json());
  expect(await plans()).toEqual([]);
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await expect(page.getByRole('heading', { name: 'Outline', level: 1 })).toBeVisible();
  expect(await plans()).toHaveLength(1);
  // The next proposal begins anew.
  await page.goto(`/h/${keeper.holding}/new`);
  await expect(page.getByLabel('How many')).toHaveValue('6');
});

test('nothing shifts on the first page once it is shown', async ({ keeper, page }) => {
  await page.addInitScript(() => {
    const shifts: string[] = [];
    Object.assign(window, { shifts });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) {
        const { sources } = entry as unknown as { sources: { node: Element | null }[] };
        shifts.push(...sources.map(({ node }) => node?.className || (node?.textContent ?? 'something')));
      }
    }).observe({ type: 'layout-shift', buffered: true });
  });
  await page.goto(`/h/${keeper.holding}`);
  await toBuy(keeper);
  const shifts = await page.evaluate(() => (window as unknown as { shifts: string[] }).shifts);
  expect(shifts).toEqual([]);
});

test('a walked track dropped on the page becomes a run with a gate', async ({ keeper, page }) => {
  await page.goto(`/h/${keeper.holding}`);
  const degree = 111_320;
  const corners = [
    [0, 0],
    [12, 0],
    [12, 8],
    [0, 8],
    [0, 0],
  ] as const;
  const points = corners
    .map(
      ([x, y]) =>
        `<trkpt lat="${54 + y / 111_132}" lon="${x / (degree * Math.cos((54 * Math.PI) / 180))}"></trkpt>`,
    )
    .join('');
  const gpx = `<?xml version="1.0"?><gpx version="1.1" creator="t" xmlns="http://www.topografix.com/GPX/1/1"><trk><name>Far side</name><trkseg>${points}</trkseg></trk></gpx>`;
  await expect(page.getByRole('heading', { name: 'What are you building?' })).toBeVisible();
  const data = await page.evaluateHandle((text) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([text], 'far side.gpx', { type: 'application/gpx+xml' }));
    return transfer;
  }, gpx);
  await page.locator('.dropplace').dispatchEvent('drop', { dataTransfer: data });
  await expect(page.getByRole('heading', { name: 'Outline', level: 1 })).toBeVisible();
  await expect(page.locator('.crumbs b')).toHaveText('far side');
  const answer = reckonFile(await keeper.open('Docket').then(() => keeper.download('Plan as a file')));
  expect(answer.figures.perimeter).toBeCloseTo(40, 0);
  expect(answer.figures.gates).toBe(1);
});
