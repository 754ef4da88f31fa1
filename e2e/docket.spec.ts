import { SEED, expect, reckonFile, sizes, test } from './keeper';

const metres = (value: number) => value.toFixed(2);
const up = (x: number) => Math.ceil(x - 1e-9);
const number = (text: string | null) => Number((text ?? '').replace('−', '-').replace(/[^0-9.-]/g, ''));

const next = sizes(SEED);
const runs = Array.from({ length: 3 }, () => ({
  width: Math.round((2.4 + next() * 9) * 100) / 100,
  depth: Math.round((2.4 + next() * 14) * 100) / 100,
  spacing: Math.round((1.5 + next() * 1.2) * 100) / 100,
}));

/** A rectangle beside a house as wide as itself, a gate of 0.95 in the far side: closed forms. */
function closedForms(width: number, depth: number, spacing: number, gate: number) {
  const line = (length: number) => Math.max(0, up(length / spacing) - 1);
  const beside = (width - gate) / 2;
  return {
    area: width * depth,
    fence: width + 2 * depth,
    posts: 6 + 2 * line(depth) + 2 * line(beside),
    skirt: width + 2 * depth + 2 * 0.45,
    mesh: width + 2 * depth - gate + 4 * 0.1,
  };
}

for (const [i, { width, depth, spacing }] of runs.entries()) {
  test(`run ${i + 1} of the seed, ${width} × ${depth} at ${spacing}: what is shown, closed forms and the command line agree`, async ({
    keeper,
  }) => {
    const { page } = keeper;
    await keeper.newPlan('', metres(width));
    await keeper.type(/^Width/, metres(width));
    await keeper.type(/^Depth/, metres(depth));
    await keeper.open('Posts');
    await keeper.question('Largest spacing');
    await keeper.type('Largest spacing', `${Math.round(spacing * 100)} cm`);
    await keeper.settled();
    const wanted = closedForms(width, depth, spacing, 0.95);
    await expect(keeper.bar('Fence')).toHaveText(`${metres(wanted.fence)}m`);
    await expect(keeper.bar('Posts')).toHaveText(String(wanted.posts));
    // The same posts on sheet and strip.
    const squares = await page
      .locator('[data-layer="posts"]')
      .evaluateAll((paths) => paths.map((p) => (p.getAttribute('d') ?? '').split('M').length - 1));
    expect(squares.reduce((a, b) => a + b, 0)).toBe(wanted.posts);
    const onStrip = await page
      .locator('.stripsvg rect.s-post')
      .evaluateAll((rects) => new Set(rects.map((r) => r.getAttribute('data-part'))).size);
    expect(onStrip).toBe(wanted.posts);

    await keeper.open('Docket');
    const file = await keeper.download('Plan as a file');
    const answer = reckonFile(file);
    expect(answer.figures.area).toBeCloseTo(wanted.area, 6);
    expect(answer.figures.fenceLength).toBeCloseTo(wanted.fence, 6);
    expect(answer.figures['skirt.stripLength']).toBeCloseTo(wanted.skirt, 6);
    expect(answer.figures['mesh.low.length']).toBeCloseTo(wanted.mesh, 6);
    expect(answer.figures['mesh.high.length']).toBeCloseTo(wanted.mesh, 6);
    for (const line of answer.docket.lines) {
      const row = page.locator(`tr[data-line="${line.id}"]`);
      const cells = await row.locator('td').allTextContents();
      expect(number(cells[0] ?? null)).toBeCloseTo(line.need, 2);
      expect(number(cells[1] ?? null)).toBeCloseTo(line.buy, 2);
      expect(number(cells[2] ?? null)).toBeCloseTo(line.left, 2);
      expect(number(cells[cells.length - 1] ?? null)).toBeCloseTo((line.price ?? NaN) / 100, 6);
    }
    await expect(page.locator('tr[data-line]')).toHaveCount(answer.docket.lines.length);
    await expect(keeper.bar('To buy')).toHaveText(metres(answer.docket.total / 100));
  });
}

test('a side’s pixels over the scale bar’s are its length', async ({ keeper }) => {
  const { page } = keeper;
  await keeper.newPlan('', '3.6');
  await keeper.type(/^Width/, '3.6');
  await keeper.type(/^Depth/, '6');
  await keeper.settled();
  const bar = page.locator('[data-scale-px]');
  const perMetre =
    Number(await bar.getAttribute('data-scale-px')) / Number(await bar.getAttribute('data-scale-m'));
  const fence = await page.locator('path.d-fence').getAttribute('d');
  const [ax = 0, , bx = 0] = (fence ?? '').match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
  expect((bx - ax) / perMetre).toBeCloseTo(6, 1);
});

test('a line shows its working, and a piece lights up on roll, strip and sheet', async ({ keeper }) => {
  const { page } = keeper;
  await keeper.newPlan('9', '2.4');
  await keeper.open('Docket');
  await page.locator('tr[data-line^="roll:"] .linebtn').first().click();
  const working = page.locator('tr.workingrow');
  await expect(working).toContainText('free ends, turned back round the post');
  await expect(working).toContainText('Bought as');
  await expect(page).toHaveURL(/line=roll/);
  const piece = page.getByRole('button', { name: /^Piece A:/ });
  await piece.click();
  await expect(page).toHaveURL(/piece=A/);
  await expect(page.locator('.s-lit[data-lit="A"]').first()).toBeVisible();
  await expect(page.locator('.d-lit[data-lit="A"]')).toBeAttached();
  await page.reload();
  await expect(page.locator('.s-lit[data-lit="A"]').first()).toBeVisible();
});

test('docket and cut list leave as sheets that a spreadsheet opens', async ({ keeper }) => {
  await keeper.newPlan('9', '2.4');
  await keeper.open('Docket');
  const docket = await keeper.download('Docket as CSV');
  expect(docket.startsWith('\uFEFFStage,Item,Note,Need,Owned,Buy,Left,Unit')).toBe(true);
  expect(docket).toContain('Fine welded 13 × 13');
  const cuts = await keeper.download('Cut list as CSV');
  expect(cuts.split('\r\n')[1]).toMatch(/,A,wall,.*cut after/);
});

test('a yard without a price makes the total at least', async ({ keeper }) => {
  const { page } = keeper;
  await keeper.newPlan('9', '2.4');
  await keeper.open('Docket');
  await keeper.question('Yards');
  await page.getByRole('radio', { name: /Longacre/ }).check();
  await expect(page.locator('.totalrow')).toContainText('at least');
  await expect(page.locator('tr[data-line^="kit:"]')).toContainText('no price');
});
