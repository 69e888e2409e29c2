import { OwnServer } from './own-server.ts';
import { expect, test } from './shop.ts';

const server = new OwnServer(4179, { LIFT_BARE_PASSPHRASE: 'workshop twelve' });
test.afterEach(() => server.kill());

test('a shop with a passphrase: in by the page, what was asked for opens, the screen is listed by its name, and who changed what is told', async ({
  page,
  request,
}) => {
  await server.start(request);
  await page.goto(`${server.address}/jobs/demo-1/intake`);
  await page.getByLabel('Passphrase of the workshop').fill('something else');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('That is not the passphrase.')).toBeVisible();
  await page.getByLabel('Passphrase of the workshop').fill('workshop twelve');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('link', { name: 'New job' })).toBeVisible();

  await page.goto(`${server.address}/jobs/demo-1/intake`);
  await page.getByLabel('Who').fill('Pim');
  await page.getByLabel('Who').blur();
  await page.getByLabel('Relative humidity').fill('66');
  await page.getByLabel('Relative humidity').blur();
  await expect(page.locator('lb-save-mark')).toContainText('Saved');
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Place, humidity')).toBeVisible();

  await page.goto(`${server.address}/shop/screens`);
  await expect(page.getByRole('row', { name: /^Pim .* on Linux/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /pH meter pH simulated/ })).toBeVisible();
});
