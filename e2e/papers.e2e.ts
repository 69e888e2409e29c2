import { choose, field, ownTug, saved } from './pages.ts';
import { expect, test } from './shop.ts';

test('a quote goes out, is accepted with an option, grows by an addition, and comes to an invoice', async ({ page }) => {
  await page.goto(`${await ownTug(page.request, 'quoted')}/papers`);
  await field(page, 'Name').fill('Harbour board');
  await page.getByRole('button', { name: 'Another topcoat' }).click();
  await field(page, 'Called').fill('In one-pack enamel');
  await choose(page, 'Topcoat of all parts', 'One-pack machine enamel');
  const choices = page.getByRole('row').filter({ hasText: 'In one-pack enamel' });
  await expect(choices).toContainText('€');
  const total = (await choices.getByRole('cell').last().textContent()) ?? '';
  await page.getByRole('button', { name: 'Send it out' }).click();

  await expect(page.getByRole('heading', { name: /^Quote Q-\d{4}-\d+ open/ })).toBeVisible();
  await choose(page, 'Accepted is', 'In one-pack enamel');
  await page.getByRole('button', { name: 'Accepted', exact: true }).click();
  await expect(page.getByText(`${total} for “In one-pack enamel”`)).toBeVisible();
  // What was accepted is what is planned now.
  await expect(page.getByRole('link', { name: /^Papers/ })).toContainText('quote accepted');
  await saved(page);

  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByText('Nothing of what is agreed has changed its price.')).toBeVisible();
  await page.getByRole('link', { name: 'Quote', exact: true }).click();
  await field(page, 'Travel, there and back').fill('60');
  await expect(page.getByRole('row').filter({ hasText: '60 km' }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Sent and answered' }).click();
  await field(page, 'Why, in words for the customer').fill('Fetched from the coast');
  await page.getByRole('button', { name: 'Work it out' }).click();
  await page.getByRole('button', { name: 'Send the addition out' }).click();
  await expect(page.getByRole('heading', { name: /^Addition Q-\d{4}-\d+-A1 open/ })).toBeVisible();
  await page.getByRole('button', { name: 'Accepted', exact: true }).click();
  await expect(page.getByRole('heading', { name: /-A1 accepted/ })).toBeVisible();

  await page.getByRole('link', { name: 'Invoice basis' }).click();
  await expect(page.getByText('Addition 1: Fetched from the coast')).toBeVisible();
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  expect((await made).suggestedFilename()).toBe('Baggage tug 14 invoice basis.pdf');
});

test('why there is no certificate before the start is told; the work pack is made', async ({ page }) => {
  await page.goto(`${await ownTug(page.request, 'packed')}/papers?show=certificate`);
  await expect(page.getByText('the job was not started')).toBeVisible();
  await page.getByRole('link', { name: 'Work pack', exact: true }).click();
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Work pack as PDF' }).click();
  expect((await made).suggestedFilename()).toBe('Baggage tug 14 work pack.pdf');
});

test('the customer stands on the sheets, is kept offline, and is taken out at one touch', async ({ page, context }) => {
  await ownTug(page.request, 'known');
  await page.goto('/jobs/known/intake');
  await saved(page);
  await context.setOffline(true);
  await field(page, 'Customer').fill('Harbour board');
  await page.waitForTimeout(700);
  await context.setOffline(false);
  await page.reload();
  await expect(field(page, 'Customer')).toHaveValue('Harbour board');
  await page.goto('/jobs/known/run-sheet');
  await expect(page.locator('.lead').first()).toContainText('for Harbour board');
  await expect
    .poll(async () => (await (await page.request.get('/api/v1/jobs/known/offer')).json()) as object)
    .toMatchObject({ customer: { name: 'Harbour board' } });
  await page.goto('/jobs/known/papers');
  await page.getByRole('button', { name: 'Take the customer out' }).click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByText('Customer data were taken out on')).toBeVisible();
  await expect(field(page, 'Name')).toHaveValue('');
});
