import { choose, field, saved, shopHas } from './pages.ts';
import { expect, test } from './shop.ts';

test('every system of a surface is named with its cost, every other with its reason; none where none exists', async ({ page }) => {
  await page.goto('/jobs/demo-1/build?zone=tug-6&show=systems');
  const open = page.locator('lb-systems-view table').first();
  await expect(open.locator('tr.pick')).toContainText('planned');
  await expect(page.getByText('a primer goes under it')).toBeVisible();
  await page.goto('/jobs/demo-3/intake?zone=box-2');
  await choose(page, 'Topcoat of this part', 'Antifouling');
  await saved(page);
  await page.goto('/jobs/demo-3/build?zone=box-2&show=systems');
  await expect(page.getByText('No system exists')).toBeVisible();
  await expect(page.locator('lb-systems-view')).toContainText('Copper eats aluminium');
  await page.goto('/jobs/demo-3/intake?zone=box-2');
  await choose(page, 'Topcoat of this part', 'As the job');
  await saved(page);
});

test('a stack of one’s own is judged joint by joint', async ({ page }) => {
  await page.goto('/jobs/demo-1/build?zone=tug-6&show=stack');
  await choose(page, 'Film 1', 'Two-pack etch primer');
  await choose(page, 'Film 2', 'Two-pack epoxy primer');
  const second = page.locator('lb-own-stack .film').nth(1);
  await expect(second).toContainText('Never');
  await expect(second).toContainText('lets go in sheets');
  await choose(page, 'Film 2', 'One-pack colour, aerosol');
  await expect(second).toContainText('Holds');
  const third = page.locator('lb-own-stack .film').nth(2);
  await choose(page, 'Film 3', 'Two-pack clear');
  await choose(page, 'Below it: one-pack colour, aerosol', 'dry, within its window');
  await expect(third).toContainText('Would hold: cured and keyed');
});

test('mixing follows area, temperature and scale; windows say who governs and what to do when missed', async ({ page }) => {
  await page.goto('/jobs/demo-1/build?zone=tug-6&show=mix');
  await expect(page.getByText(/Mix no more than/).first()).toContainText('standard hardener');
  await page.goto('/shop/figures');
  await field(page, 'Step of the paint scale').fill('20 g');
  await shopHas(page, { scale: 20 });
  await page.goto('/jobs/demo-1/build?zone=tug-6&show=mix');
  await expect(page.getByText('Too little for the scale').first()).toBeVisible();
  await page.goto('/shop/figures');
  await field(page, 'Step of the paint scale').fill('1');
  await shopHas(page, { scale: 1 });
  await page.goto('/jobs/demo-1/intake');
  await field(page, 'Air temperature').fill('28');
  await saved(page);
  await page.goto('/jobs/demo-1/build?zone=tug-6&show=mix');
  await expect(page.getByText(/Mix no more than/).first()).toContainText('slow hardener');
  await page.getByRole('link', { name: 'Windows' }).click();
  await expect(page.getByText('key with P180 to P320 all over').first()).toBeVisible();
  await expect(page.getByText('label governs').first()).toBeVisible();
  await page.goto('/jobs/demo-1/intake');
  await field(page, 'Air temperature').fill('17.5');
  await saved(page);
});

test('what is covered follows the method, and the tape comes off in time', async ({ page }) => {
  await page.goto('/jobs/demo-4/build?zone=buggy-13&show=masking');
  const table = page.locator('lb-masking-view table');
  await expect(table.getByRole('row', { name: /Method.*Bearing seats/ })).toContainText('Rubber blast tape');
  await expect(table.getByRole('row', { name: /Coats.*Bearing seats/ })).toContainText('Low-tack masking tape');
  await expect(page.getByText('Pull the tape')).toBeVisible();
  await page.goto('/jobs/demo-4/run-sheet');
  await expect(page.getByText(/Pull the tape/).first()).toBeVisible();
});

test('the clock of a part runs from bare and dry, and an overrun says what to do', async ({ page }) => {
  await page.goto('/jobs/demo-4/bare?zone=buggy-13&show=clock');
  await page.getByRole('button', { name: 'Frame rails is bare and dry now' }).click();
  const row = page.locator('lb-clock-view section', { hasText: 'Frame rails' });
  await expect(row).toContainText('running');
  await expect(row).toContainText(/Primer on by/);
  await saved(page);
  await page.reload();
  await expect(row).toContainText('running');
  const ago = new Date(Date.now() - 6 * 3_600_000);
  const local = new Date(ago.getTime() - ago.getTimezoneOffset() * 60_000).toISOString().slice(0, 16).replace('T', ' ');
  await row.getByLabel('bare and dry since').fill(local);
  await row.getByLabel('bare and dry since').press('Enter');
  await expect(row).toContainText('overrun');
  await expect(row).toContainText('re-key all over');
  await row.getByRole('button', { name: 'Not bare yet' }).click();
  await expect(row).toContainText('Keeps 4 h from then');
});

test('the sums at the tub follow their fields, and refuse what cannot be', async ({ page }) => {
  await page.goto('/jobs/demo-1/bare?zone=tug-22&show=sums');
  await expect(page.getByText('85.6 g')).toBeVisible();
  await field(page, 'Stock').fill('5');
  await expect(page.getByText('The stock is weaker than what is wanted.')).toBeVisible();
  await field(page, 'Stock').fill('x');
  await expect(page.getByRole('alert')).toContainText('a number from 0 to 100');
  await expect(page.getByText(/L of hydrogen an hour/)).toBeVisible();
});

test('a find becomes a repair on the run sheet; one that carries load stops the job', async ({ page }) => {
  await page.goto('/jobs/demo-1/bare?zone=tug-6');
  await page.getByRole('button', { name: 'Mark a find' }).click();
  await choose(page, 'Found', 'Hole');
  await field(page, 'Where').fill('lower corner');
  const panel = page.locator('lb-finds-panel');
  await expect(panel).toContainText('Weld the hole shut');
  await panel.getByLabel('carries load, or holds fuel or pressure').check();
  await expect(panel).toContainText('Stop: hole is not for the shop');
  await expect(page.getByRole('navigation', { name: 'Order of work' })).toContainText('1 stop');
  await panel.getByLabel('carries load, or holds fuel or pressure').uncheck();
  await expect(page.getByRole('navigation', { name: 'Order of work' })).not.toContainText('1 stop');
  await saved(page);
  await page.goto('/jobs/demo-1/run-sheet');
  await expect(page.locator('.step').filter({ has: page.getByText(/^Weld the hole shut/) })).toContainText('lower corner');
  await page.goto('/jobs/demo-1/bare?zone=tug-6');
  await choose(page, 'What becomes of it', 'Licensed people');
  await expect(page.getByRole('navigation', { name: 'Order of work' })).toContainText('1 stop');
  await panel.getByRole('button', { name: 'Release it' }).click();
  await field(page, 'Released by').fill('Weld inspector Halloran');
  await expect(page.getByRole('navigation', { name: 'Order of work' })).not.toContainText('1 stop');
  await expect(panel).toContainText('Stays on record');
  await panel.getByRole('button', { name: 'Take the release back' }).click();
  await panel.getByRole('button', { name: 'Remove, entered by mistake' }).click();
  await expect(page.getByText('Nothing marked.')).toBeVisible();
  await saved(page);
});
