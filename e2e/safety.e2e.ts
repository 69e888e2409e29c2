import { field, saved } from './pages.ts';
import { expect, test } from './shop.ts';

const SAFETY = '/jobs/demo-1/safety';
const INTAKE = '/jobs/demo-1/intake';

test('the safety sheet says what to wear, who may, what the air carries and what is left; both papers are made', async ({ page }) => {
  await page.goto(SAFETY);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Safety: Baggage tug 14');
  for (const title of ['To wear and to have', 'Air', 'People', 'What comes up', 'First aid', 'Waste', 'Papers'])
    await expect(page.getByRole('heading', { level: 2, name: title })).toBeVisible();
  await expect(page.getByRole('row', { name: /^lead, chromate or biocide/ })).toContainText('half mask with P100 filters');
  await expect(page.getByRole('row', { name: /^paint solvent/ })).toContainText('enough');
  await expect(page.getByRole('row', { name: /^Paint sludge with solvent stripper/ })).toContainText('lead, found or suspected');
  for (const [button, file] of [
    ['Safety sheet as PDF', 'Baggage tug 14 safety sheet.pdf'],
    ['Waste note as PDF', 'Baggage tug 14 waste note.pdf'],
  ] as const) {
    const made = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    expect((await made).suggestedFilename()).toBe(file);
  }
});

test('a fan too small stops the spraying, and the way out is one touch away', async ({ page }) => {
  await page.goto(INTAKE);
  await field(page, 'Extraction moves').fill('220');
  await expect(page.getByRole('link', { name: /^Safety 1 stop/ })).toBeVisible();
  await page.getByRole('link', { name: /^Safety 1 stop/ }).click();
  const stop = page.locator('.note.stop').filter({ hasText: 'Vapour that can burn gathers' });
  await expect(stop).toContainText(/A fan that moves [56]\d0 m³\/h/);
  await stop.getByRole('link', { name: 'Air and place' }).click();
  await field(page, 'Extraction moves').fill('9000');
  await expect(page.getByRole('link', { name: /^Safety supplied air/ })).toBeVisible();
  await saved(page);
});

test('cold air shuts the coats until somebody answers for it in writing; the words stay at the step', async ({ page }) => {
  await page.goto(INTAKE);
  await field(page, 'Air temperature').fill('12');
  const why = page.getByLabel(/^Too cold for .*: why it is painted all the same$/);
  await expect(why).toBeVisible();
  await page.goto('/jobs/demo-1/run-sheet');
  const colour = page.locator('.step').filter({ hasText: 'Two-pack solid colour, coat 1' });
  await expect(colour.locator('.flag.stop').first()).toHaveText('stop');
  await page.goto(INTAKE);
  await why.fill('winter hardener, 10 °C by its sheet');
  await page.goto('/jobs/demo-1/run-sheet');
  await expect(colour.locator('.flag.stop')).toHaveCount(0);
  await page.goto(INTAKE);
  await why.fill('');
  await field(page, 'Air temperature').fill('17.5');
  await expect(why).toHaveCount(0);
  await saved(page);
});

test('who is not trained for two-pack may not spray it; a cartridge past its hours is to be changed', async ({ page }) => {
  await page.goto('/shop/people');
  await field(page, 'Worn, cartridge 1').fill('9');
  await expect(page.getByRole('row').filter({ has: field(page, 'Worn, cartridge 1') })).toContainText('change it');
  await field(page, 'Worn, cartridge 1').fill('5.5');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await field(page, 'Name or initials').last().fill('N. B.');
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.goto(SAFETY);
  const spraying = page.getByRole('row', { name: /two-pack paint/ });
  await expect(page.getByRole('columnheader', { name: 'N. B.' })).toBeVisible();
  await expect(spraying).toContainText('no mask entered; not trained: two-pack paint');
  await page.goto('/shop/people');
  await page.getByRole('button', { name: 'Remove', exact: true }).nth(3).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await expect(field(page, 'Name or initials')).toHaveCount(3);
});
