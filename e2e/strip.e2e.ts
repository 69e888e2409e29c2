import { field, figure, minutesOf, saved } from './pages.ts';
import { expect, test } from './shop.ts';

const STRIP = '/jobs/demo-1/strip?zone=tug-33';

test('a test patch is refused at its field, then narrows the plan; set aside with a reason it counts no more', async ({ page }) => {
  await page.goto(`${STRIP}&show=patches`);
  const before = minutesOf((await figure(page, 'likely').textContent()) ?? '');
  await page.getByRole('button', { name: 'Add the patch' }).click();
  await expect(page.getByRole('alert')).toContainText('needs a number of minutes');
  await field(page, 'Where on the part').fill('left bracket');
  await field(page, 'Minutes until seen').fill('abc');
  await page.getByRole('button', { name: 'Add the patch' }).click();
  await expect(page.getByRole('alert')).toContainText('needs a number');
  await expect(field(page, 'Where on the part')).toHaveValue('left bracket');
  await field(page, 'Laid on at').fill('2026-01-05 09:00');
  await field(page, 'Laid on at').press('Enter');
  await field(page, 'Minutes until seen').fill('11');
  await page.getByRole('button', { name: 'Add the patch' }).click();
  await expect(page.getByText('1 dwell watched on this job')).toBeVisible();
  await expect.poll(async () => minutesOf((await figure(page, 'likely').textContent()) ?? '')).not.toBe(before);
  await expect(page.getByText('With 1 dwell of this job')).toBeVisible();
  await page.getByRole('button', { name: 'Set aside' }).click();
  await page.getByLabel('Reason to set the patch aside').fill('the sun was on it');
  await page.getByRole('button', { name: 'Set aside', exact: true }).last().click();
  await expect(page.getByText('Set aside: the sun was on it')).toBeVisible();
  await expect.poll(async () => minutesOf((await figure(page, 'likely').textContent()) ?? '')).toBe(before);
  await saved(page);
});

test('two settings of the front side by side, with their bands; one of them becomes the plan', async ({ page }) => {
  await page.goto(`${STRIP}&show=front`);
  await expect(page.getByText(/of 10,000 draws/)).toBeVisible();
  await page.getByRole('button', { name: 'Compare with another setting' }).click();
  const other = page.locator('lb-trial-fields').nth(1);
  await other.getByLabel('Temperature').fill('12');
  await other.getByLabel('under film').check();
  await other.getByLabel('Laid on').fill('3');
  await expect(page.getByRole('heading', { name: /^B: 12 °C, 3 mm, under film/ })).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Time since laid on' });
  await slider.fill('1');
  await expect(page.getByText(/wet left, dry/).first()).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'B first' })).toBeVisible();
  await page.getByRole('button', { name: 'Use in the plan' }).click();
  await expect(page.locator('p.lead').first()).toContainText('3 mm on the face');
  await expect(page.locator('p.lead').first()).toContainText('under film');
  await page.keyboard.press('Control+z');
  await expect(page.locator('p.lead').first()).not.toContainText('under film');
});

test('causes follow what is seen and when; products are weighed on the whole job; a stripper that stops says what takes the rest', async ({
  page,
}) => {
  await page.goto(`${STRIP}&show=trouble`);
  await page.getByRole('radio', { name: 'A dried crust' }).click();
  await field(page, 'Minutes since laid on').fill('40');
  await expect(page.locator('lb-trouble-view ol.restart li').first()).toContainText('crust off');
  const causes = page.locator('lb-trouble-view ol[aria-live] li');
  await expect(causes.first()).toContainText('Left on too long');
  await page.getByRole('radio', { name: 'Nothing at all' }).click();
  await field(page, 'Minutes since laid on').fill('1');
  await expect(causes.first()).toContainText('Too early to tell');
  await field(page, 'Minutes since laid on').fill('x');
  await expect(page.getByRole('alert')).toContainText('needs a number');

  await page.getByRole('link', { name: 'Products' }).click();
  await expect(page.getByRole('heading', { name: /zones that are stripped chemically/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Caustic foam/ })).toContainText('of');
  await page.goto('/jobs/demo-1/strip?zone=tug-27&show=products');
  await page.getByRole('button', { name: 'This zone only' }).click();
  await expect(page.getByRole('row', { name: /Caustic foam/ })).toContainText(/stops at .*would take the rest|stops at .*may take the rest/);
});

test('sections in rotation are drawn for one or two people', async ({ page }) => {
  await page.goto(`${STRIP}&show=sections`);
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'More sections' }).click();
  const rotation = async () => minutesOf((await figure(page, 'in rotation').textContent()) ?? '');
  const serial = minutesOf((await figure(page, 'one after the other').textContent()) ?? '');
  const alone = await rotation();
  expect(alone).toBeLessThan(serial);
  await page.getByRole('button', { name: 'One person' }).click();
  await expect.poll(rotation).toBeLessThanOrEqual(alone);
  await expect(page.getByRole('img', { name: /Rhythm of 4 sections/ })).toBeVisible();
});
