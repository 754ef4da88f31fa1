import { expect, reckonFile, test } from './keeper';

test('a run against mink: what is open tonight is what the command line says, and a mend takes it away', async ({
  keeper,
  page,
}) => {
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByRole('radio', { name: /Against the hen house/ }).check();
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await keeper.open('Threats');
  await page.getByRole('button', { name: /^Mink, absent/ }).click();
  await page.getByRole('region', { name: 'Mink' }).getByText('seen', { exact: true }).click();
  await keeper.settled();

  const night = page.getByRole('group', { name: 'The fence at night' });
  const row = night.getByRole('list', { name: 'Mink' });
  await expect(row.getByRole('button', { name: /^Mink, open/ }).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Docket summary' })).toContainText('open tonight');

  await keeper.open('Docket');
  await keeper.settled();
  const before = reckonFile(await keeper.download('Plan as a file'));
  const open = before.verdicts.filter((v) => v.threat === 'mink' && v.rating === 'open');
  expect(open.length).toBeGreaterThan(0);
  expect(before.worst.mink?.rating).toBe('open');

  // Press what mends the first mark, until mink is held: each press leaves less open.
  await keeper.open('Threats');
  for (let press = 0; press < 8; press++) {
    const marks = row.getByRole('button', { name: /^Mink, (open|[\d.]+ h)/ });
    await expect(night).toBeVisible();
    if ((await marks.count()) === 0) break;
    await marks.first().focus();
    await page.keyboard.press('Enter');
    const detail = page.getByRole('region', { name: 'What is open' });
    await detail.locator('.mends button').first().click();
    await keeper.settled();
  }
  await expect(row.getByRole('button', { name: /^Mink, holds/ }).first()).toBeVisible();
  await keeper.open('Docket');
  await keeper.settled();
  const after = reckonFile(await keeper.download('Plan as a file'));
  expect(after.worst.mink?.rating).toBe('holds');
  expect(after.docket.total).toBeGreaterThan(before.docket.total);
});

test('at 390 px the night is a list, the worst first', async ({ keeper, page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/h/${keeper.holding}/new`);
  await page.getByRole('radio', { name: /Against the hen house/ }).check();
  await page.getByRole('button', { name: 'Save this plan and go on' }).click();
  await keeper.open('Threats');
  await keeper.settled();
  const rows = page.getByRole('list', { name: 'Who comes, the worst first' }).getByRole('listitem');
  await expect(rows.first()).toContainText('Fox');
  await rows.filter({ hasText: 'Fox' }).getByRole('button').click();
  await expect(page.getByRole('region', { name: 'What is open' })).toContainText('Fox, over');
});
