import type { Page } from '@playwright/test';
import { expect, test } from './keeper';

/** Renames the plan, which is a step like any other. */
async function rename(page: Page, from: string, to: string) {
  await page.getByRole('button', { name: from, exact: true }).click();
  const name = page.getByRole('textbox', { name: 'Name of the plan' });
  await name.fill(to);
  await name.press('Enter');
  await expect(page.getByRole('status')).toContainText('not saved');
}

/** Waits until this device keeps a plan of that name. */
const kept = (page: Page, name: string) =>
  expect
    .poll(() =>
      page.evaluate(async () => {
        const open = indexedDB.open('keyval-store');
        const db = await new Promise<IDBDatabase>((done, fail) => {
          open.onsuccess = () => done(open.result);
          open.onerror = () => fail(new Error('the device does not open'));
        });
        const all = db.transaction('keyval').objectStore('keyval').getAll();
        const records = await new Promise<unknown[]>((done) => (all.onsuccess = () => done(all.result)));
        db.close();
        return JSON.stringify(records);
      }),
    )
    .toContain(name);

test('two tabs without a connection, both edited, both closed: both are found again', async ({
  keeper,
  page,
  context,
}) => {
  await keeper.newPlan('', '2.4');
  const address = page.url();
  const other = await context.newPage();
  await other.goto(address);
  await expect(other.getByRole('status')).toContainText('saved');
  await context.setOffline(true);
  await rename(page, 'Test run', 'From the first tab');
  await kept(page, 'From the first tab');
  await rename(other, 'Test run', 'From the second tab');
  await kept(other, 'From the second tab');
  await other.close();
  // Both pages are gone before there is a connection again.
  await page.goto('about:blank');
  await context.setOffline(false);
  await page.goto(address);
  const found = page.getByRole('alert').filter({ hasText: 'This device holds work that was not sent' });
  await expect(found).toHaveCount(1);
  const names = ['From the first tab', 'From the second tab'];
  const title = await page.locator('.crumbs b').innerText();
  const offered = await found.innerText();
  expect(names.filter((name) => title === name || offered.includes(name)).sort()).toEqual(names);
  await found.getByRole('button', { name: 'Keep it as a new plan' }).click();
  await expect(page.locator('.crumbs b')).toContainText(', kept');
  await page.goto(`/h/${keeper.holding}`);
  await expect(page.locator('.drawer li')).toHaveCount(2);
});

test('a plan that was deleted elsewhere can be kept as a new one', async ({ keeper, page, request }) => {
  await keeper.newPlan('', '2.4');
  const id = new URL(page.url()).pathname.split('/')[4] ?? '';
  await request.delete(`/api/holdings/${keeper.holding}/plans/${id}`);
  await page.getByRole('button', { name: 'Test run', exact: true }).click();
  const name = page.getByRole('textbox', { name: 'Name of the plan' });
  await name.fill('Still mine');
  await name.press('Enter');
  await expect(page.getByText('This plan was deleted elsewhere.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep it as a new plan' }).click();
  await expect(page.locator('.crumbs b')).toHaveText('Still mine, kept');
  await keeper.settled();
});

test('a device that keeps nothing says so, and the plan is saved all the same', async ({ keeper, page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(globalThis, 'indexedDB', {
      value: {
        open: () => {
          throw new DOMException('not here', 'InvalidStateError');
        },
      },
    });
  });
  await keeper.newPlan('', '2.4');
  await expect(page.getByText('This device keeps nothing')).toBeVisible();
  await page.getByRole('button', { name: 'Test run', exact: true }).click();
  const name = page.getByRole('textbox', { name: 'Name of the plan' });
  await name.fill('Kept by the server');
  await name.press('Enter');
  await expect(page.locator('.crumbs b')).toHaveText('Kept by the server');
  await keeper.settled();
});

test('a holding goes out as one file and comes back as another holding', async ({ keeper, page }) => {
  await keeper.newPlan('', '2.4');
  await page.goto(`/h/${keeper.holding}`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Copy of this holding' }).click(),
  ]);
  await page.getByLabel('Holding file').setInputFiles(await download.path());
  await expect(page).not.toHaveURL(new RegExp(`/h/${keeper.holding}$`));
  await expect(page.getByRole('link', { name: /Test run/ })).toBeVisible();
});

test('a worker that dies is said and replaced, and the figures come again', async ({ keeper, page }) => {
  await page.addInitScript(() => {
    const Real = globalThis.Worker;
    let dies = true;
    globalThis.Worker = class extends Real {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        if (!dies || !String(url).includes('reckon.worker')) return;
        dies = false;
        setTimeout(() => this.dispatchEvent(new ErrorEvent('error', { message: 'ended by itself' })), 0);
      }
    };
  });
  await keeper.newPlan('', '2.4');
  expect(await keeper.toBuy()).toBeGreaterThan(0);
});
