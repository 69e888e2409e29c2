import { expect, test } from './shop.ts';
import type { Page } from '@playwright/test';

const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();
/** Minutes that the bench clock shows. */
async function minutes(page: Page): Promise<number> {
  const [hours, minute, second] = ((await page.getByLabel('Bench clock').textContent()) ?? '').trim().split(':').map(Number);
  return (hours ?? 0) * 60 + (minute ?? 0) + (second ?? 0) / 60;
}

test('a case is played on the bench while the clock runs, scored with its causes, replayed and kept under a name', async ({ page }) => {
  await page.goto('/practice');
  await page.getByLabel('Who').fill('Mara');
  await page.getByLabel('Who').blur();
  await page.getByLabel('Number of the class').fill('x');
  await expect(page.getByText('a whole number up to 999999')).toBeVisible();
  await page.getByLabel('Number of the class').fill('5');
  await page.getByRole('link', { name: 'Start Lid of a tool box' }).click();
  await expect(page.getByText('Somebody has mixed the primer already.')).toBeVisible();
  await press(page, 'Start the clock');
  const before = await minutes(page);
  await expect.poll(() => minutes(page)).toBeGreaterThan(before);
  await press(page, 'Weigh the mixed pot');
  await expect(page.getByText(/hardener at \d+ %/)).toBeVisible();
  await press(page, 'Fast solvent gel');
  await expect(page.getByRole('button', { name: 'Rinse' })).toBeDisabled();
  await press(page, 'Wait 15 min');
  await expect(page.getByText(/stripper on it, blisters/)).toBeVisible();
  await press(page, 'Scrape, plastic blade');
  await expect(page.getByText(/^Bare/)).toBeVisible();
  for (const step of ['Rinse', 'Blow out and dry', 'Key with P120']) await press(page, step);
  await page.locator('lb-choice nz-select').click();
  await page.getByText('Two-pack epoxy primer', { exact: true }).first().click();
  await press(page, 'Prime');
  await expect(page.getByText('of 100')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText('It comes back: Fish eyes.')).toBeVisible();
  await expect(page.getByRole('row', { name: /Fish eyes/ })).toContainText('two cloths');
  const replay = page.getByRole('slider');
  await replay.fill('3');
  await expect(page.locator('lb-practice-replay')).toContainText('One-pack lacquer on top');
  await press(page, 'Keep this score');
  await expect(page.getByText('kept', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Another case' }).click();
  await expect(
    page
      .getByRole('row', { name: /Lid of a tool box/ })
      .locator('td')
      .nth(3),
  ).toHaveText('1');
  await page.getByLabel('Number of the class').fill('5');
  await expect(page.getByText('Mara, Lid of a tool box, level 1')).toBeVisible();
});

test('a run goes on where it stood after a reload; a panel of an own job can be played; a phone has it without sideways scroll', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/practice/bench?case=late-shift&seed=3&level=2');
  await press(page, 'Start the clock');
  await press(page, 'Log of the cartridge');
  await press(page, 'Wait 60 min');
  await press(page, 'Hold a magnet to it');
  await page.reload();
  await press(page, 'Go on');
  await expect(page.getByText('It holds: iron or steel.')).toBeVisible();
  expect(await minutes(page)).toBeGreaterThan(60);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/practice');
  await page.locator('lb-choice').nth(0).locator('nz-select').click();
  await page.locator('nz-option-item').first().click();
  await page.locator('lb-choice').nth(1).locator('nz-select').click();
  await page.locator('nz-option-item').first().click();
  await page.locator('.own').getByRole('link', { name: 'Start' }).click();
  await expect(page.getByText(/as it is entered/).or(page.getByText('This cannot be practised'))).toBeVisible();
});
