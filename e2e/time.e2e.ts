import type { Page } from '@playwright/test';
import { field, saved, shopHas } from './pages.ts';
import { expect, test } from './shop.ts';

const TIME = '/jobs/demo-3/time';
const heading = (page: Page) => page.getByRole('heading', { level: 1 });
async function settled(page: Page): Promise<void> {
  await expect(heading(page)).toContainText('Handed over');
  await expect(page.getByText('looking for a better one…')).toHaveCount(0, { timeout: 20_000 });
}

test('a job stands on the calendar with its dates, every window kept, and its calendar file is made', async ({ page }) => {
  await page.goto(TIME);
  await expect(heading(page)).toContainText('Handed over');
  await expect(page.getByText('Every window is kept.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Time (Mon|Tue|Wed|Thu|Fri) / })).toBeVisible();
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  expect((await made).suggestedFilename()).toBe('Horsebox trailer.ics');
});

test('a bar that is drawn along is pinned there; undo takes it back', async ({ page }) => {
  await page.goto(TIME);
  await settled(page);
  const bar = page.locator('.bar.coat').last();
  const before = (await bar.getAttribute('aria-label')) ?? '';
  const same = page.getByRole('button', { name: before, exact: true });
  await bar.scrollIntoViewIfNeeded();
  const box = await bar.boundingBox();
  if (!box) throw new Error('no bar');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + 4, { steps: 6 });
  await page.mouse.move(box.x + 160, box.y + 4, { steps: 6 });
  await page.mouse.up();
  await expect(page.locator('.bar.pinned').first()).toBeVisible();
  await expect(same).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.bar.pinned')).toHaveCount(0);
  await expect(same.first()).toBeVisible();
  await saved(page);
});

test('closed days of the shop move the end, and back', async ({ page }) => {
  await page.goto(TIME);
  await settled(page);
  const before = await heading(page).textContent();
  await page.goto('/shop/calendar');
  for (const day of ['Thursday', 'Friday']) await field(page, day).fill('closed');
  await shopHas(page, { hours: { thu: [], fri: [] } });
  await page.goto(TIME);
  await expect(heading(page)).toContainText('Handed over');
  await expect(heading(page)).not.toHaveText(before ?? '');
  await page.goto('/shop/calendar');
  await field(page, 'Monday').fill('8-');
  await expect(page.getByRole('alert')).toContainText('hours look like 8-12, 13-17');
  await field(page, 'Monday').fill('8-12, 13-17');
  for (const day of ['Thursday', 'Friday']) await field(page, day).fill('8-12, 13-17');
  await shopHas(page, { hours: { thu: [{ from: '08:00' }, { from: '13:00' }] } });
});

test('what would bring it forward is tried out and said with its gain', async ({ page }) => {
  await page.goto('/jobs/demo-1/time');
  await settled(page);
  await page.getByRole('button', { name: 'Try it out' }).click();
  await expect(page.locator('.sooner').first()).toBeVisible({ timeout: 20_000 });
  await expect(page.locator('.sooner').first()).toContainText(/days|h/);
});

test('the shop week has all jobs, each with its day, and the sheet of one day names them', async ({ page }) => {
  await page.goto('/week');
  for (const job of ['Baggage tug 14', 'Pilot launch Grey Heron', 'Horsebox trailer', 'Shore patrol buggy 3'])
    await expect(page.getByRole('row').filter({ has: page.getByRole('link', { name: job, exact: true }) })).toContainText(/day \d/, {
      timeout: 30_000,
    });
  await page.getByRole('button', { name: 'By person' }).click();
  await expect(page.locator('.names')).toContainText('A. R.');
  await expect(page.locator('lb-day-sheet section')).toHaveCount(1);
  await page.getByRole('button', { name: 'All days' }).click();
  await expect(page.locator('lb-day-sheet section').nth(3)).toBeVisible();
  await page.getByRole('group', { name: 'Day' }).getByRole('button').nth(2).click();
  await expect(page.locator('lb-day-sheet section')).toHaveCount(1);
});

test('what is done stays where it happened; the window that it opens is told on other pages, until it is taken back', async ({ page }) => {
  await page.goto('/jobs/demo-1/time');
  await settled(page);
  // The last keying before the first primer, done an hour before its window closes.
  const key = page.getByRole('button', { name: /\. Key P80/ }).first();
  await key.click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.locator('.bar.done').first()).toBeVisible();
  await settled(page);
  await page.goto('/jobs/demo-1/intake');
  const note = page.getByRole('status').filter({ hasText: 'epoxy primer' });
  await expect(note.first()).toContainText('has to begin by');
  await note.first().getByRole('link', { name: 'Time' }).click();
  await expect(page).toHaveURL(/step=/);
  await settled(page);
  await page
    .getByRole('button', { name: /\. Key P80.*done/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'not done after all' }).click();
  await expect(page.locator('.bar.done')).toHaveCount(0);
  await saved(page);
});

test('the days are made as PDF, by person, part or plant', async ({ page }) => {
  await page.goto(TIME);
  await settled(page);
  await page.getByRole('button', { name: 'By plant' }).click();
  await expect(page.locator('lb-day-sheet h3').first()).toContainText('Booth');
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Days as PDF' }).click();
  expect((await made).suggestedFilename()).toBe('Horsebox trailer days.pdf');
});

test('what is on next stands on the first page, and leads to its step', async ({ page }) => {
  await page.goto('/');
  const today = page.locator('lb-today');
  await expect(today.getByRole('heading', { level: 2 })).toContainText(/^(Today|Next), /);
  await today.locator('li a').first().click();
  await expect(page).toHaveURL(/\/time\?step=/);
});

test('a forecast is fetched, shown over the axis of a job outdoors, and taken out', async ({ page }) => {
  await page.goto('/shop/calendar');
  await page.getByRole('button', { name: 'Fetch a week' }).click();
  await expect(page.getByText('168 hours from the weather source.')).toBeVisible();
  await shopHas(page, { forecast: expect.arrayContaining([expect.objectContaining({ humidity: expect.any(Number) })]) });
  await page.goto('/jobs/demo-2/time');
  await settled(page);
  await expect(page.locator('.hour').first()).toBeAttached();
  await page.goto('/shop/calendar');
  await page.getByRole('button', { name: 'Take it out' }).click();
  await shopHas(page, { forecast: [] });
});
