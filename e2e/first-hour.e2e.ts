import type { Page } from '@playwright/test';
import { expect, test } from './shop.ts';

/** A newcomer at work: every touch and every field that is filled counts as one decision. */
class Newcomer {
  decisions = 0;
  constructor(private readonly page: Page) {}
  async touch(name: string | RegExp, within = 'body'): Promise<void> {
    this.decisions += 1;
    await this.page.locator(within).getByRole('button', { name }).first().click();
  }
  async fill(label: string, text: string): Promise<void> {
    this.decisions += 1;
    await this.page.getByLabel(label).fill(text);
  }
  async follow(name: string | RegExp): Promise<void> {
    this.decisions += 1;
    await this.page.getByRole('link', { name }).first().click();
  }
}

/** The shop is left as it was found: other views are looked at with its own jobs. */
test.afterEach(async ({ page, request, baseURL }) => {
  const [, made] = /jobs\/(?!demo-)([^/?#]+)/.exec(page.url()) ?? [];
  if (made !== undefined) await request.delete(`${baseURL}/api/v1/jobs/${made}`);
});

const JOURNEYS = [
  { item: 'Trailer or chassis', year: '1985', finish: /^Two-pack solid colour/, steps: 45 },
  { item: 'Dinghy', year: 'c. 2004', finish: /^Antifouling/, steps: 25 },
  { item: 'Scooter or motorcycle', year: '1970s', finish: /^Two-pack solid colour/, steps: 60 },
] as const;

for (const [device, width, height, most] of [
  ['desk', 1280, 800, 12],
  ['phone', 390, 844, 15],
] as const)
  for (const { item, year, finish, steps } of JOURNEYS)
    test(`${item} at the ${device}: from New job to the run sheet in at most ${most} decisions`, async ({ page }) => {
      await page.setViewportSize({ width, height });
      await page.goto('/');
      const somebody = new Newcomer(page);
      await somebody.follow('New job');
      await page.waitForURL('**/new');
      await somebody.touch(item);
      await somebody.fill('Painted or built in', year);
      await somebody.touch(/^Make the job/);
      const card = (name: RegExp) => page.getByRole('region', { name });
      await expect(card(/Which topcoat/)).toBeVisible();
      await somebody.touch(finish, 'lb-question-cards');
      await expect(card(/Which topcoat/)).toHaveCount(0);
      // What is still open is answered from the top, each with what it would change beside it.
      const answers = page.locator('lb-question-cards .card .answers button');
      for (let open = await page.locator('lb-question-cards .card').count(); open > 0; open = await page.locator('lb-question-cards .card').count()) {
        await expect(answers.first().locator('span')).not.toHaveText(/^(|being tried…)$/);
        somebody.decisions += 1;
        const outdoors = answers.filter({ hasText: 'It is done outdoors' });
        await ((await outdoors.count()) > 0 ? outdoors : answers).first().click();
        await expect(page.locator('lb-question-cards .card')).toHaveCount(open - 1);
      }
      await somebody.follow(/^Run sheet/);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expect(page.locator('.step').nth(steps)).toBeAttached();
      expect(somebody.decisions).toBeLessThanOrEqual(most);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    });

test('what was said of a new job is there after a reload; the help with the topcoat says why', async ({ page }) => {
  await page.goto('/new');
  await page.getByRole('button', { name: 'Dinghy' }).click();
  await page.getByLabel('Colour, make, number').fill('white, sail number 812');
  await page.getByRole('button', { name: 'Help me choose' }).click();
  await page.getByRole('button', { name: 'Under salt water' }).click();
  await page.getByRole('button', { name: 'Aluminium' }).click();
  await page.getByText(/dropped, and why/).click();
  await expect(page.getByText(/Copper on an aluminium hull eats the hull/).first()).toBeVisible();
  await page.getByRole('button', { name: 'use Antifouling without biocide' }).click();
  await page.reload();
  await expect(page.getByLabel('Colour, make, number')).toHaveValue('white, sail number 812');
  await page.getByRole('spinbutton', { name: 'pieces of Topsides' }).fill('0');
  await page.getByRole('button', { name: 'Make the job, 1 part' }).click();
  await expect(page.getByLabel('Item', { exact: true })).toHaveValue('white, sail number 812');
  await expect(page.getByRole('region', { name: /Which topcoat/ })).toHaveCount(0);
});

test('by keyboard: Ctrl K finds a zone, a stage, a word and an action; / does in a job', async ({ page }) => {
  await page.goto('/jobs/demo-1/intake');
  await expect(page.locator('lb-save-mark')).toContainText('Saved');
  const find = async (key: string, text: string): Promise<void> => {
    await page.keyboard.press(key);
    await expect(page.getByRole('combobox', { name: 'Go to or do' })).toBeFocused();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await find('Control+k', 'lifting');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Counterweight: Lifting pockets');
  await find('/', 'method');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Method: Counterweight, Lifting pockets');
  await find('Control+k', 'night or');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await find('Control+k', 'hardener mixed');
  await expect(page).toHaveURL(/words\?find=two-pack/);
});

test('many like this: twelve louvres from one, in one step of undo', async ({ page }) => {
  await page.goto('/jobs/demo-1/intake?zone=tug-22');
  await page.getByLabel('More like this part').fill('11');
  await page.getByRole('button', { name: 'Add 11' }).click();
  const parts = page.getByRole('navigation', { name: 'Parts and zones' });
  await expect(parts).toContainText('Counterweight 12');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(parts).not.toContainText('Counterweight 12');
});
