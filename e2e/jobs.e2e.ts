import { field } from './pages.ts';
import { expect, test } from './shop.ts';

const row = 'tbody tr';

test('jobs are found, opened by keyboard, renamed, duplicated, archived, deleted and brought back', async ({ page }) => {
  await page.goto('/');
  await expect(page.locator(row, { hasText: 'Baggage tug 14' })).toContainText('2 open');
  await page.keyboard.press('/');
  await page.keyboard.type('hitch');
  await expect(page.locator(row)).toHaveCount(1);
  await field(page, 'Find').fill('');
  await expect(page.locator(row).nth(2)).toBeVisible();

  const menu = async (job: string, entry: string) => {
    await page.getByRole('button', { name: `more for ${job}`, exact: true }).click();
    await page.locator('tr.more').getByRole('button', { name: entry, exact: true }).click();
  };
  await menu('Horsebox trailer', 'Duplicate');
  await expect(page.locator(row, { hasText: 'Horsebox trailer copy' })).toBeVisible();
  await menu('Horsebox trailer copy', 'Rename');
  await field(page, 'New name').fill('Second trailer');
  await page.keyboard.press('Enter');
  await expect(page.locator(row, { hasText: 'Second trailer' })).toBeVisible();
  await menu('Second trailer', 'Delete');
  await expect(page.locator(row, { hasText: 'Second trailer' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator(row, { hasText: 'Second trailer' })).toBeVisible();
  await menu('Second trailer', 'Archive');
  await expect(page.locator(row, { hasText: 'Second trailer' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Archive 1' }).click();
  await expect(page.locator(row, { hasText: 'Second trailer' })).toBeVisible();
  await menu('Second trailer', 'Delete');
  await page.getByRole('button', { name: 'Bin 1' }).click();
  await menu('Second trailer', 'Bring it back');
  await expect(page.locator(row, { hasText: 'Second trailer' })).toHaveCount(0);

  await page.getByRole('button', { name: /^Jobs \d/ }).click();
  await expect(page.locator('a.open-job').first()).toBeVisible();
  await page.locator('h1').click();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/jobs\/[^/]+\/intake/);
  // The job is read: before that no key knows its zones.
  await expect(page.getByRole('navigation', { name: 'Parts and zones' }).getByRole('link').first()).toBeVisible();
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/method/);
  await page.keyboard.press('j');
  await expect(page).toHaveURL(/zone=/);
});

test('schools and prices of the shop change plans, and are kept', async ({ page }) => {
  await page.goto('/shop/schools');
  await page.getByRole('radio', { name: /Etch, then surfacer/ }).check();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.goto('/jobs/demo-1/build?zone=tug-6');
  await expect(page.locator('tr.pick')).toContainText('Two-pack etch primer');
  await page.goto('/shop/schools');
  await page.getByRole('radio', { name: /Epoxy direct/ }).check();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.getByRole('tab', { name: 'Figures and kit' }).click();
  await field(page, 'Labour').fill('-4');
  await expect(page.getByRole('alert')).toContainText('a number from 0');
  await field(page, 'Labour').fill('48');
  await expect(page.getByText('Saved.')).toBeVisible();
});

test('the catalogue shows every figure with its provenance', async ({ page }) => {
  await page.goto('/catalogue');
  await page.getByRole('tab', { name: /Coatings/ }).click();
  await page.getByPlaceholder('Find in this table').fill('alkyd');
  const cell = page.locator(row).locator('td').nth(6);
  await expect(cell).toHaveText('6A');
  await expect(cell).toHaveAttribute('title', /model assumption/);
});
