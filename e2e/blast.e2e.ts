import { readFileSync } from 'node:fs';
import { choose, chooseAlso, field, figure, saved, shopHas } from './pages.ts';
import { expect, test } from './shop.ts';

const RAILS = '/jobs/demo-4/strip?zone=buggy-13';

test('a pressure beyond what sheet stands is a stop with numbers; worked out again it is none', async ({ page }) => {
  await page.goto('/jobs/demo-4/strip?zone=buggy-2');
  await expect(page.getByText('planned so')).toBeVisible();
  await field(page, 'Pressure at the nozzle').fill('4');
  await expect(page.getByText(/4\.0 bar is too much for this material/).first()).toBeVisible();
  await expect(page.getByText(/a free plate bows up to [\d.]+ mm/).first()).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Order of work' })).toContainText('1 stop');
  await field(page, 'Pressure at the nozzle').fill('300 psi');
  await expect(page.getByRole('alert')).toContainText('must be 15 bar at most');
  await page.getByRole('button', { name: 'As worked out' }).click();
  await expect(page.getByRole('navigation', { name: 'Order of work' })).not.toContainText('stop');
  await expect(page.getByText('Pressure for it, at most')).toBeVisible();
});

test('the compressor says which nozzle; a smaller one changes the answer, and none asks for it', async ({ page }) => {
  await page.goto(RAILS);
  await choose(page, 'Where', 'Here, with a pot');
  await expect(figure(page, /without a rest/)).toHaveText('all day');
  const row = page.locator('lb-blast-view tr.pick');
  const before = await row.textContent();
  await page.goto('/shop/air');
  await field(page, 'Free air delivered').fill('15 cfm');
  await expect(field(page, 'Free air delivered')).toHaveValue('15 cfm');
  await chooseAlso(page, 'Nozzles owned', 'no. 4');
  await field(page, 'Bore of no. 4, 1/4 in').fill('8.4');
  await expect(page.getByText(/75 % more air/)).toBeVisible();
  await shopHas(page, { air: { nozzles: [{ size: 'no-4', bore: 8.4 }] } });
  await page.goto(RAILS);
  await choose(page, 'Where', 'Here, with a pot');
  await expect(page.getByText('Nozzle is worn out').first()).toBeVisible();
  expect(await row.textContent()).not.toBe(before);
  await page.goto('/shop/air');
  await page.getByRole('button', { name: 'The shop has no compressor' }).click();
  await shopHas(page, { air: null });
  await page.goto(RAILS);
  await expect(page.getByText('No compressor entered')).toBeVisible();
  await page.getByRole('link', { name: 'Enter compressor, hose and nozzles' }).click();
  await page.getByRole('button', { name: 'Enter the compressor' }).click();
  await expect(field(page, 'Free air delivered')).toHaveValue('900');
  await shopHas(page, { air: { freeAir: 900 } });
});

test('a medium that would ruin the part is refused with its reason, and cannot be planned here', async ({ page }) => {
  await page.goto('/jobs/demo-4/strip?zone=buggy-18&show=blast');
  await choose(page, 'Medium', 'Garnet');
  await expect(page.getByText('Ruled out: Hard grit is too much for this alloy')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Plan this zone so' })).toBeHidden();
  await choose(page, 'Medium', 'Silica sand');
  await expect(page.getByText(/silicosis|scars/).first()).toBeVisible();
});

test('papers follow the stock of the shop, and a grinder that is too fast stops the job', async ({ page }) => {
  await page.goto('/jobs/demo-3/strip?zone=box-2&show=abrade');
  await expect(page.locator('lb-abrade-view table').first()).toContainText('P120');
  await page.getByText(/^Left out: \d+ grits/).click();
  await expect(page.getByText('not in stock, and not needed').first()).toBeVisible();
  await choose(page, 'End with', 'P320');
  await expect(page.locator('lb-abrade-view table').first()).toContainText('P320');
  await page.goto('/shop/air');
  await field(page, 'Disc').fill('180 mm');
  await shopHas(page, { grinder: { diameter: 180 } });
  await page.goto('/jobs/demo-3/strip?zone=box-2&show=abrade');
  await expect(page.getByText('The grinder is too fast for this disc').first()).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Order of work' })).toContainText('stop');
  await page.goto('/shop/air');
  await field(page, 'Disc').fill('115');
  await shopHas(page, { grinder: { diameter: 115 } });
});

test('dents are filled in batches for the temperature, and stand on the run sheet and the kit', async ({ page }) => {
  await page.goto('/jobs/demo-1/strip?zone=tug-6&show=filler');
  await page.getByRole('button', { name: 'Fill dents in this zone' }).click();
  await field(page, 'Area to fill').fill('0.6');
  await field(page, 'Hardener by mass').fill('5');
  await expect(page.getByRole('alert')).toContainText('must be 3 % at most');
  await field(page, 'Hardener by mass').fill('3');
  await expect(figure(page, /^batch/)).not.toHaveText('1');
  await expect(page.getByText('Knead the hardener tube')).toBeVisible();
  await saved(page);
  await page.goto('/jobs/demo-1/run-sheet');
  await expect(page.getByText('Fill dents, one layer', { exact: true })).toBeVisible();
  await expect(page.getByText('Polyester filler with hardener')).toBeVisible();
});

test('an order sheet carries photo, hour of the primer and what must not be hit, and comes as PDF', async ({ page }) => {
  await page.goto('/jobs/demo-4/intake?zone=buggy-13');
  await page.getByLabel('Photos of the part').setInputFiles({ name: 'note.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('alert')).toContainText('note.txt is not a picture');
  const canvas = await page.evaluate(() => {
    const made = document.createElement('canvas');
    made.width = 640;
    made.height = 400;
    made.getContext('2d')?.fillRect(80, 60, 400, 200);
    return made.toDataURL('image/png').split(',')[1] ?? '';
  });
  await page.getByLabel('Photos of the part').setInputFiles({ name: 'rail.png', mimeType: 'image/png', buffer: Buffer.from(canvas, 'base64') });
  await field(page, 'Caption of photo 1').fill('left rail');
  await field(page, 'Caption of photo 1').blur();
  await saved(page);
  await page.goto('/jobs/demo-4/strip?show=send-out');
  const order = page.getByRole('article', { name: 'Order to Ironyard Blast Works' });
  await expect(order).toContainText('left rail');
  await expect(order).toContainText('threads: bolts or plugs in');
  await expect(order).toContainText('identification plate: covered');
  await order.getByLabel('Picked up on').fill('2026-12-10 08:00');
  await order.getByLabel('Picked up on').press('Enter');
  await expect(order).toContainText('Primer within 4 h, by Thu 10 Dec, 12:00');
  await order.locator('nz-date-picker').hover();
  await order.locator('.ant-picker-clear').click();
  await expect(order).toContainText('needs the pick-up time');
  const download = page.waitForEvent('download');
  await order.getByRole('button', { name: 'Order sheet as PDF' }).click();
  const file = await (await download).path();
  expect(readFileSync(file).subarray(0, 5).toString()).toBe('%PDF-');
});
