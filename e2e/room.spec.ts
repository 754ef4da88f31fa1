import type { Page } from '@playwright/test';
import { expect, test } from './keeper';
import { faults } from './accessible';

const ORCHARD = '/h/hollin-bank/p/orchard-run';

/** Of a thing on the page, px. */
const boxOf = async (page: Page, selector: string) => {
  const box = await page.locator(selector).boundingBox();
  if (!box) throw new Error(`${selector} is not shown`);
  return box;
};

/** Shown with its figures. */
const shown = async (page: Page, stage: string) => {
  await page.goto(`${ORCHARD}/${stage}`);
  await expect(page.locator('.docketbar')).toHaveAttribute('aria-busy', 'false');
};

test.describe('on a wide screen', () => {
  test('the panel runs from the string to the bar, and the strip lies under the sheet alone', async ({
    page,
  }) => {
    await shown(page, 'walls');
    await expect(page.locator('.stripscroll .stripsvg')).toBeVisible();
    const [panel, line, bar, sheet, strip] = [
      await boxOf(page, '.panelplace'),
      await boxOf(page, '.theline'),
      await boxOf(page, '.docketbar'),
      await boxOf(page, '.sheetplace'),
      await boxOf(page, '.stripplace'),
    ];
    expect(panel.height).toBeGreaterThanOrEqual(560);
    expect(Math.abs(panel.y - (line.y + line.height))).toBeLessThan(2);
    expect(Math.abs(panel.y + panel.height - bar.y)).toBeLessThan(2);
    expect(strip.y).toBeGreaterThanOrEqual(sheet.y + sheet.height - 1);
    expect(strip.x + strip.width).toBeLessThanOrEqual(panel.x + 1);
  });

  test('the strip is pulled by keys and by the pointer, within limits, kept on the device, and set back', async ({
    page,
  }) => {
    await shown(page, 'walls');
    const edge = page.getByRole('separator', { name: 'Height of the strip' });
    const high = async () => Number(await edge.getAttribute('aria-valuenow'));
    await expect(page.locator('.stripscroll .stripsvg')).toBeVisible();
    await edge.focus();
    await edge.press('End');
    await expect.poll(high).toBe(Number(await edge.getAttribute('aria-valuemax')));
    await page.reload();
    await expect.poll(high).toBe(520);
    await edge.dblclick();
    // As is usual again: read once the page has been laid out, of which the presses before were sure.
    await expect.poll(high).toBeLessThan(200);
    const usual = await high();
    const at = await boxOf(page, '.separator[data-axis="y"]');
    await page.mouse.move(at.x + at.width / 2, at.y + 5);
    await page.mouse.down();
    // Nothing but the edge itself changes before it is let go.
    await page.evaluate(() => {
      const seen: string[] = [];
      Object.assign(window, { seen });
      const observer = new MutationObserver((changes) => {
        for (const { target } of changes)
          if (!(target instanceof HTMLElement && target.classList.contains('separator')))
            seen.push(target.nodeName);
      });
      for (const place of document.querySelectorAll('.sheetplace, .strip'))
        observer.observe(place, { subtree: true, childList: true, attributes: true, characterData: true });
    });
    for (let up = 10; up <= 80; up += 10) await page.mouse.move(at.x + at.width / 2, at.y + 5 - up);
    expect(await page.evaluate(() => (window as unknown as { seen: string[] }).seen)).toEqual([]);
    await page.mouse.up();
    await expect.poll(high).toBeGreaterThan(usual + 60);
  });

  test('the strip folds to its overview and back, and the panel is made wider', async ({ page }) => {
    await shown(page, 'walls');
    await expect(page.locator('.stripscroll .stripsvg')).toBeVisible();
    const before = await boxOf(page, '.sheetplace');
    await page.getByRole('button', { name: 'The fence, unrolled' }).click();
    await expect(page.locator('.overview')).toBeVisible();
    await expect(page.locator('.stripscroll .stripsvg')).toHaveCount(0);
    expect((await boxOf(page, '.sheetplace')).height).toBeGreaterThan(before.height + 80);
    await page.reload();
    await expect(page.locator('.overview')).toBeVisible();
    await page.getByRole('button', { name: 'The fence, unrolled' }).click();
    await expect(page.locator('.stripscroll .stripsvg')).toBeVisible();
    const wide = (await boxOf(page, '.panelplace')).width;
    await page.getByRole('separator', { name: 'Width of the panel' }).press('ArrowLeft');
    await expect.poll(async () => (await boxOf(page, '.panelplace')).width).toBeGreaterThan(wide + 10);
  });

  test('one question stands open at a time; each says its answer and what the others would do', async ({
    page,
  }) => {
    await shown(page, 'walls');
    const head = (name: string) => page.getByRole('button', { name: new RegExp(`^${name} .*[+–]$`) }).first();
    await expect(head('Mesh')).toHaveAttribute('aria-expanded', 'true');
    await expect(head('Mesh')).toContainText(/others: [+−]?\d/);
    await head('Hanging').click();
    await expect(head('Hanging')).toHaveAttribute('aria-expanded', 'true');
    await expect(head('Mesh')).toHaveAttribute('aria-expanded', 'false');
    await expect(page.locator('.question[data-open="yes"]')).toHaveCount(1);
  });

  test('letters lie on the strip; on the sheet only that of the piece in hand', async ({ page }) => {
    await shown(page, 'walls');
    const onSheet = page.locator('.sheetplace .d-letter-word');
    const onStrip = page.locator('.letterbtn');
    await expect(onStrip.first()).toBeVisible();
    await expect(onSheet).toHaveCount(0);
    const letter = (await onStrip.first().textContent()) ?? '';
    await onStrip.first().focus();
    await expect(onSheet).toHaveText([letter]);
  });

  test('threats fill a screen and a half; one is found by its sign and set', async ({ page, keeper }) => {
    await keeper.newPlan('6', '2.4');
    await keeper.open('Threats');
    const tall = await page.locator('.panel').evaluate((el) => el.scrollHeight / el.clientHeight);
    expect(tall).toBeLessThan(1.9);
    for (const full of await page.locator('.threat .choices > label').all())
      expect((await full.boundingBox())?.height).toBeGreaterThanOrEqual(44);
    await page.getByRole('searchbox', { name: 'Find by name or by sign' }).fill('neck bites laid');
    await expect(page.locator('.threatline')).toHaveCount(1);
    await page.getByRole('button', { name: /^Mink/ }).click();
    await page.getByRole('radiogroup', { name: 'Mink' }).getByRole('radio', { name: 'seen' }).check();
    await page.getByRole('searchbox', { name: 'Find by name or by sign' }).fill('');
    await expect(page.getByRole('region', { name: 'Mink' })).toBeVisible();
    await page.getByRole('searchbox', { name: 'Find by name or by sign' }).fill('unicorn');
    await expect(page.getByText('No threat matches.')).toBeVisible();
  });

  test('at 900 px the price and the matter stand beside each other whole', async ({ page }) => {
    await page.setViewportSize({ width: 900, height: 700 });
    await shown(page, 'posts');
    const price = await page
      .locator('.docketbar dl > div', { hasText: 'To buy' })
      .evaluate((el) => el.getBoundingClientRect().right);
    expect(price).toBeLessThan((await boxOf(page, '.docketbar .worst')).x + 1);
  });
});

test.describe('keys', () => {
  test('arrows on the line walk the stages; ? lists the keys; single keys leave fields alone and can be switched off', async ({
    page,
  }) => {
    await shown(page, 'arch');
    await expect(page.getByRole('button', { name: 'Keys' })).toBeVisible();
    await page.getByRole('link', { name: /^Arch/ }).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('heading', { name: 'Skirt', level: 1 })).toBeVisible();
    await expect(page.getByRole('link', { name: /^Skirt/ })).toBeFocused();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('heading', { name: 'Arch', level: 1 })).toBeVisible();
    await page.keyboard.press('n');
    await expect(page.getByRole('heading', { name: 'Skirt', level: 1 })).toBeVisible();
    const field = page.getByRole('textbox').first();
    await field.focus();
    await page.keyboard.press('p');
    await expect(page.getByRole('heading', { name: 'Skirt', level: 1 })).toBeVisible();
    await page.keyboard.press('Escape');
    await field.blur();
    await page.keyboard.press('?');
    const list = page.getByRole('dialog', { name: 'Keys' });
    await expect(list).toContainText('next stage');
    await list.getByRole('checkbox', { name: 'Single keys act' }).uncheck();
    await list.getByRole('button', { name: 'Close' }).click();
    await expect(list).toHaveCount(0);
    await page.keyboard.press('p');
    await page.keyboard.press('?');
    await expect(page.getByRole('heading', { name: 'Skirt', level: 1 })).toBeVisible();
    await expect(list).toHaveCount(0);
  });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('choices come first, places where the stage is about places; the sheet opens over the screen', async ({
    page,
  }) => {
    await shown(page, 'walls');
    expect((await boxOf(page, '.panelplace')).y).toBeLessThan((await boxOf(page, '.sheetplace')).y);
    await shown(page, 'outline');
    expect((await boxOf(page, '.panelplace')).y).toBeGreaterThan((await boxOf(page, '.sheetplace')).y);
    await expect(page.locator('.handle')).toHaveCount(0);
    await page.getByRole('button', { name: 'Open the sheet' }).click();
    expect((await boxOf(page, '.sheetplace')).height).toBeGreaterThan(800);
    await page.locator('.handle[data-look="corner"]').first().tap();
    await page.getByRole('button', { name: 'Done' }).click();
    // The corner that was touched stands below as numbers.
    await expect(page.getByRole('heading', { name: /^Corner \d/ })).toBeVisible();
  });

  test('the bars take a line and open; a matter takes two; the docket is sent', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await shown(page, 'docket');
    expect((await boxOf(page, '.topbar')).height).toBeLessThanOrEqual(46);
    expect((await boxOf(page, '.docketbar')).height).toBeLessThanOrEqual(48);
    await page.getByRole('button', { name: 'All figures' }).click();
    await expect(page.locator('.docketbar dt', { hasText: 'Mesh left over' })).toBeVisible();
    await page.getByRole('button', { name: 'Fewer figures' }).click();
    await page.getByRole('button', { name: 'More' }).click();
    await expect(page.getByRole('button', { name: 'feet' })).toBeVisible();
    await page.getByRole('button', { name: 'Send the docket' }).click();
    await expect(page.getByText('Copied. Paste it into your message.')).toBeVisible();
    const sent = await page.evaluate(() => navigator.clipboard.readText());
    expect(sent).toMatch(/^Orchard run: what to buy/);
    // As bought, or as looking further has it meanwhile.
    expect(sent).toMatch(/To buy: 16[45]\d\.\d0/);
  });
});

test('at 200 % zoom the bars go with the page, and nothing runs out of it', async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  for (const stage of ['birds', 'walls', 'outline', 'docket']) {
    await shown(page, stage);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect([stage, wide]).toEqual([stage, 640]);
    for (const bar of ['.theline', '.docketbar'])
      expect(await page.locator(bar).evaluate((el) => getComputedStyle(el).position)).toBe(
        bar === '.theline' ? 'static' : 'static',
      );
  }
});

test.describe('choices by run and side, and assumptions', () => {
  test('posts are chosen for one side, which says so, and taken back', async ({ keeper, page }) => {
    await keeper.newPlan('6', '2.4');
    await keeper.open('Posts');
    const scope = page.getByRole('combobox', { name: 'These choices are for' });
    await scope.selectOption({ index: 2 });
    await keeper.question('Largest spacing');
    await keeper.type('Largest spacing', '1.2');
    await expect(
      page.getByText('Set here: the spacing. Changes to the whole fence do not apply to this side.'),
    ).toBeVisible();
    await scope.selectOption('plan');
    await expect(page.getByText(/^Set separately: side \d, .* \(the spacing\)\.$/)).toBeVisible();
    await page.getByRole('button', { name: /^side \d/ }).click();
    await page.getByRole('button', { name: 'As the whole fence' }).click();
    await expect(page.getByText(/^Set here/)).toHaveCount(0);
  });

  test('a gate that is made otherwise has the others made like it', async ({ keeper, page }) => {
    await keeper.newPlan('6', '2.4');
    await keeper.open('Ways in');
    await page.getByRole('button', { name: 'Add a barrow gate', exact: true }).click();
    await keeper.settled();
    const heads = page.locator('button.questionhead', { hasText: 'clear, ' });
    await expect(heads).toHaveCount(2);
    await heads.first().click();
    await page.getByRole('textbox', { name: 'Clear width' }).fill('0.8');
    await page.getByRole('textbox', { name: 'Clear width' }).press('Enter');
    await page.getByRole('button', { name: 'Make all like this' }).click();
    await expect(heads.filter({ hasText: '0.80 m clear' })).toHaveCount(2);
  });

  test('an assumption is reached from its working, changed, and set back to ours', async ({
    keeper,
    page,
  }) => {
    await keeper.newPlan('6', '2.4');
    const hours = await keeper.figure('Work');
    await page.getByRole('button', { name: 'Work, one person' }).click();
    await page.locator('.roughlink a').click();
    await expect(page.getByRole('heading', { name: 'Assumptions', level: 1 })).toBeVisible();
    const row = page.getByRole('row', { name: /Staking out a run/ });
    await keeper.type('Staking out a run', '3');
    await expect(row.getByText('+2.0 h')).toBeVisible();
    await page.getByRole('link', { name: 'Back to the plan' }).click();
    await expect(keeper.bar('Work')).not.toHaveText(hours);
    await page.goBack();
    await row.getByRole('button', { name: 'Back to ours' }).click();
    await expect(row.getByRole('button', { name: 'Back to ours' })).toHaveCount(0);
    await keeper.type('Fox: apron that stops it', '1.2');
    await expect(page.getByText('This plan uses 1 figure of yours.')).toBeVisible();
    await page
      .getByRole('textbox', { name: /, delivery once$/ })
      .first()
      .fill('12');
    await page
      .getByRole('textbox', { name: /, delivery once$/ })
      .first()
      .press('Enter');
    await expect(page.getByText('This plan uses 2 figures of yours.')).toBeVisible();
    await page.getByRole('link', { name: 'Back to the plan' }).click();
    await keeper.open('Skirt');
    await expect(page.getByText(/1\.20 m stops what is about|Fox/).first()).toBeVisible();
  });
});

const PANELS = [
  ['ground', 'outline', 'posts', 'walls'],
  ['skirt', 'ways', 'docket'],
] as const;

const OPENED = '.panel > .question:has(> .questionhead[aria-expanded="true"])';

for (const theme of ['limewash', 'dusk'] as const)
  for (const panels of PANELS)
    test(`every question of ${panels.join(', ')} opens without fault for assistive technology, ${theme}`, async ({
      page,
    }) => {
      await page.addInitScript((t) => localStorage.setItem('aviarum theme', t), theme);
      const rules = theme === 'limewash' ? 'all' : 'colour';
      for (const stage of panels) {
        await shown(page, stage);
        expect([stage, await faults(page, { within: '.panel', rules })]).toEqual([stage, []]);
        const heads = page.locator('.panel > .question > .questionhead');
        for (let i = 0; i < (await heads.count()); i++) {
          const head = heads.nth(i);
          if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
          // The rest of the panel was looked at before.
          const found = await faults(page, { within: OPENED, rules });
          expect([stage, await head.innerText(), found]).toEqual([stage, await head.innerText(), []]);
        }
      }
    });
