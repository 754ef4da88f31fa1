import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

interface ToldVerdict {
  readonly threat: string;
  readonly entry: string;
  readonly part: string;
  readonly rating: 'open' | 'delays' | 'holds';
}

/** What the command line says of a plan file. */
export interface ReckoningFile {
  readonly figures: Readonly<Record<string, number>>;
  readonly enclosures: readonly { readonly id: string; readonly figures: Readonly<Record<string, number>> }[];
  readonly findings: readonly { readonly code: string; readonly severity: string }[];
  readonly verdicts: readonly ToldVerdict[];
  readonly worst: Readonly<Partial<Record<string, ToldVerdict>>>;
  readonly docket: {
    readonly total: number;
    readonly lines: readonly {
      readonly id: string;
      readonly need: number;
      readonly buy: number;
      readonly left: number;
      readonly unit: string;
      readonly price: number | null;
    }[];
  };
}

/** The run's seed, printed by npm test, so that a failure can be run again: SEED=… npm test. */
export const SEED = Number(process.env.SEED ?? 1);

/** A small, well-known generator (mulberry32): the same sizes from the same seed. */
export function sizes(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Goes to a stage of the plan that is open, as a keeper does: the page stays, and what was shown before is there until the stage is. */
export async function openStage(page: Page, path: string) {
  const link = page.getByRole('navigation', { name: 'Stages of the work' }).locator(`a[href^="${path}"]`);
  const name = await link.locator('.word').innerText();
  await link.click();
  await page.waitForURL((url) => url.pathname === path);
  await expect(page.getByRole('heading', { name, level: 1, exact: true })).toBeVisible();
}

/** A keeper at the screen, in a holding of the test's own. */
export class Keeper {
  constructor(
    readonly page: Page,
    readonly holding: string,
  ) {}

  async open(stage: string) {
    await this.page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: new RegExp(`^${stage}`) })
      .click();
    await expect(this.page.getByRole('heading', { name: stage, level: 1 })).toBeVisible();
  }

  /** Types a length into a field and leaves it. */
  async type(field: string | RegExp, text: string) {
    const input = this.page.getByRole('textbox', { name: field });
    await input.fill(text);
    await input.press('Enter');
  }

  /** Opens a question of the stage, so that its other answers and their effects are shown. */
  async question(name: string) {
    const head = this.page.locator('button.questionhead', { hasText: name });
    if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
  }

  /** What an option says it would do to the price, and the whole price now; waits until the worker has looked. */
  async promised(option: string) {
    const effect = this.page.locator('label.option', { hasText: option }).locator('.effect').first();
    await expect(effect).toHaveText(/^([+−]?\d+\.\d\d|0)$/);
    const now = await this.toBuy();
    return now + Number((await effect.innerText()).replace('−', '-'));
  }

  async newPlan(birds: string, house: string, units: 'metres' | 'feet and inches' = 'metres') {
    await this.page.goto(`/h/${this.holding}/new`);
    await this.page.getByLabel('Name of the plan').fill('Test run');
    await this.page.getByLabel('How many').fill(birds);
    await this.page.getByLabel('Measured in').selectOption({ label: units });
    await this.page.getByLabel('Wall of the house').fill(house);
    await this.page.getByRole('button', { name: 'Save this plan and go on' }).click();
    await expect(this.page.getByRole('heading', { name: 'Outline' })).toBeVisible();
    await this.settled();
  }

  /** Brings a plan in as a file, which opens it. */
  async bring(plan: object) {
    await this.page.goto(`/h/${this.holding}`);
    await this.page.getByLabel('Plan file', { exact: true }).setInputFiles({
      name: 'plan.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(plan)),
    });
    await expect(this.page.getByRole('heading', { name: 'Outline' })).toBeVisible();
  }

  /** Waits until the docket bar has figures and the plan is saved. */
  async settled() {
    await expect(this.inShort.getByText(/^To buy/)).toBeVisible();
    const word = this.page.locator('.savedword');
    await expect(word).toContainText('saved');
    await expect(word).not.toContainText('not saved');
  }

  /** Presses on a thing of the drawing once all is reckoned and it stands still, as a hand does; it is held until it is let go. */
  async grasp(thing: Locator): Promise<{ readonly x: number; readonly y: number }> {
    await expect(this.inShort).toHaveAttribute('aria-busy', 'false');
    await thing.hover();
    const box = await thing.boundingBox();
    if (!box) throw new Error('it is not shown');
    await this.page.mouse.down();
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  }

  private get inShort() {
    return this.page.getByRole('region', { name: 'Docket summary' });
  }

  /** A figure of the bar, once it is that of the plan in hand. */
  async figure(name: string): Promise<string> {
    await expect(this.inShort).toHaveAttribute('aria-busy', 'false');
    return this.bar(name).innerText();
  }

  /** What is to buy, once it is that of the plan in hand. */
  async toBuy(): Promise<number> {
    return Number(await this.figure('To buy'));
  }

  bar(name: string) {
    return this.inShort.locator('div', { has: this.page.getByText(name, { exact: true }) }).locator('dd');
  }

  async download(button: string): Promise<string> {
    const [download] = await Promise.all([
      this.page.waitForEvent('download'),
      this.page.getByRole('button', { name: button, exact: true }).click(),
    ]);
    return readFileSync(await download.path(), 'utf8');
  }
}

function commandLine(text: string, args: readonly string[]): string {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'aviarum-')), 'plan.json');
  writeFileSync(file, text);
  const { COMMANDS } = process.env;
  if (!COMMANDS) throw new Error('COMMANDS is not set; run npm test');
  return execFileSync(process.execPath, [path.join(COMMANDS, 'reckon.js'), ...args, file], {
    encoding: 'utf8',
    maxBuffer: 64e6,
  });
}

/** The command line's answer for a plan file. */
export const reckonFile = (text: string): ReckoningFile => JSON.parse(commandLine(text, [])) as ReckoningFile;

/** The plan as another kind of file, as the command line writes it. */
export const exportFile = (text: string, kind: string): string => commandLine(text, ['--as', kind]);

/** What was sent to be kept in the example, which every test reads. A card is only what its figures say. */
const writesToTheExample = (method: string, url: string) =>
  method !== 'GET' && /\/api\/holdings\/hollin-bank\//.test(url) && !url.endsWith('/card');

export const test = base.extend<{ keeper: Keeper }>({
  page: async ({ page }, use) => {
    const complaints: string[] = [];
    const written: string[] = [];
    page.on('pageerror', (error) => complaints.push(error.message));
    // What the browser itself says of a request that a test made fail is no word of ours.
    page.on('console', (said) => {
      const ofRequest =
        said.text().startsWith('Failed to load resource') && said.location().url.includes('/api/');
      if (!ofRequest) complaints.push(`console: ${said.text()} (${said.location().url})`);
    });
    page.on('request', (sent) => {
      if (writesToTheExample(sent.method(), sent.url())) written.push(`${sent.method()} ${sent.url()}`);
    });
    await use(page);
    expect(complaints).toEqual([]);
    expect(written).toEqual([]);
  },
  keeper: async ({ page, request }, use, info) => {
    info.annotations.push({ type: 'seed', description: String(SEED) });
    const made = await request.post('/api/holdings', {
      data: { name: `Holding ${info.title.slice(0, 60)}` },
    });
    const { id } = (await made.json()) as { id: string };
    await use(new Keeper(page, id));
  },
});
export { expect };
