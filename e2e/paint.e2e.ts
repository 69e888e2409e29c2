import { choose, field, saved } from './pages.ts';
import { expect, test } from './shop.ts';

test('a data sheet with two temperatures moves the windows; crossed points and no solids are refused where they are typed', async ({ page }) => {
  await page.goto('/shop/own-rows');
  await choose(page, 'Row of the catalogue to copy', 'Two-pack solid colour (topcoat)');
  await page.getByRole('button', { name: 'Copy it' }).click();
  const own = page.locator('section.entry').last();
  await field(own, 'Own name').fill('House gloss');
  await field(own, 'Next product from').fill('100');
  await field(own, 'Second point at').fill('10');
  await field(own, 'Next product from, there').fill('80');
  await expect(own.getByRole('alert')).toContainText('the points are crossed');
  await field(own, 'Next product from, there').fill('400');
  await expect(own.getByRole('alert')).toBeHidden();
  await expect(own).toContainText('3 h 20 at 15 °C');
  await field(own, 'Solids by volume').fill('0');
  await expect(own.getByRole('alert')).toContainText('must be 1 or more');
  await field(own, 'Solids by volume').fill('60');
  await expect(page.getByText('Saved.')).toBeVisible();

  await page.goto('/jobs/demo-4/build?zone=buggy-2');
  const row = page.locator('.coats tr', { hasText: 'House gloss' });
  // 16 °C in that shop: 100 min × 4^((20 − 16)/10).
  await expect(row).toContainText('2 h 54');
  await page.goto('/shop/own-rows');
  await page.getByRole('button', { name: 'remove House gloss' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
});

test('a film wanted sets the coats, and a system picked by hand is planned until the plan may choose again', async ({ page }) => {
  await page.goto('/jobs/demo-4/build?zone=buggy-2');
  const epoxy = page.locator('.coats tr', { hasText: 'Two-pack epoxy primer' });
  await expect(epoxy.locator('td').nth(1)).toHaveText('2');
  await field(page, 'Dry film wanted of Two-pack epoxy primer').fill('100');
  await expect(epoxy.locator('td').nth(1)).toHaveText('3');
  await field(page, 'Dry film wanted of Two-pack epoxy primer').fill('180');
  await expect(page.locator('aside').getByText('Two-pack epoxy primer too thick')).toBeVisible();
  await field(page, 'Dry film wanted of Two-pack epoxy primer').fill('-4');
  await expect(page.getByRole('alert')).toContainText('more than 0');
  await field(page, 'Dry film wanted of Two-pack epoxy primer').fill('');
  await expect(epoxy.locator('td').nth(1)).toHaveText('2');

  await page.getByRole('link', { name: 'Systems', exact: true }).click();
  await page.getByRole('button', { name: 'Plan with Two-pack etch primer' }).click();
  await expect(page.locator('lb-systems-view tr.pick')).toContainText('Two-pack etch primer');
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.locator('.coats')).toContainText('Two-pack etch primer');
  await saved(page);
  await page.getByRole('link', { name: 'Systems', exact: true }).click();
  await page.getByRole('button', { name: 'Let the plan choose' }).click();
  await expect(page.locator('lb-systems-view tr.pick')).toContainText('Two-pack epoxy primer');
  await saved(page);
});

test('of two colours the quick one goes first, with tape, peel and edge on the run sheet; a lift-off keeps its order', async ({ page }) => {
  await page.goto('/jobs/demo-4/build?zone=buggy-2&show=colours');
  await page.getByRole('button', { name: 'Two colours that meet at a line' }).click();
  await field(page, 'One colour').fill('signal orange');
  await field(page, 'Other colour').fill('slate');
  await choose(page, 'Product of slate', 'Basecoat colour');
  const view = page.locator('lb-colours-view');
  await expect(view).toContainText('Basecoat colour, slate, then two-pack solid colour, signal orange');
  await expect(view).toContainText('not the order they were entered in');
  await field(page, 'Second colour covers').fill('100');
  await expect(page.getByRole('alert')).toContainText('between 0 and 100');
  await field(page, 'Second colour covers').fill('25');
  await saved(page);
  await page.goto('/jobs/demo-4/run-sheet');
  await expect(page.locator('.step', { hasText: 'Pull the line tape' })).toBeVisible();
  const steps = await page.locator('.step').allInnerTexts();
  const order = ['Basecoat colour, slate, coat 1', 'Tape the line', 'Two-pack solid colour, signal orange, coat 1', 'Pull the line tape'].map(
    (title) => steps.findIndex((step) => step.includes(title)),
  );
  expect(order).toEqual([...order].sort((one, other) => one - other));
  expect(order[0]).toBeGreaterThan(0);

  await page.goto('/jobs/demo-4/build?zone=buggy-2&show=colours');
  await choose(page, 'What it is', 'Lettering or stripes, film lifted off');
  await expect(view).toContainText('Dust the edges of the film');
  await expect(view).toContainText('Signal orange shows where the film was');
  await page.getByRole('button', { name: 'One colour again' }).click();
  await expect(page.getByText('This zone has one colour.')).toBeVisible();
  await saved(page);
});

test('a laminate is read until it is dry, and the primer says so meanwhile', async ({ page }) => {
  await page.goto('/jobs/demo-4/bare?zone=buggy-23');
  const panel = page.locator('lb-moisture-panel');
  await field(panel, 'Dry reference').fill('4');
  for (const [value, at] of [
    ['20', '2026-03-02 09:00'],
    ['12', '2026-03-22 09:00'],
  ] as const) {
    await field(panel, 'Reads now').fill(value);
    await panel.getByLabel('Read at').fill(at);
    await panel.getByLabel('Read at').press('Enter');
    await panel.getByRole('button', { name: 'Write it down' }).click();
  }
  await expect(panel).toContainText('Half of the rest leaves in 20 days');
  await saved(page);
  await page.goto('/jobs/demo-4/build?zone=buggy-23');
  await expect(page.getByText('The laminate is still wet').first()).toBeVisible();
  await page.goto('/jobs/demo-4/bare?zone=buggy-23');
  await field(panel, 'Reads now').fill('4.5');
  await panel.getByRole('button', { name: 'Write it down' }).click();
  await expect(panel).toContainText('Reads as the dry reference');
  for (let left = 3; left > 0; left -= 1)
    await panel
      .getByRole('button', { name: /^Remove/ })
      .first()
      .click();
  await field(panel, 'Dry reference').fill('');
  await saved(page);
});

test('each step of the chain says with what, how strong, how long, how warm and at what pH', async ({ page }) => {
  await page.goto('/jobs/demo-1/bare?zone=tug-17');
  await expect(page.locator('.chain .means').first()).toBeVisible();
  await page.goto('/jobs/demo-4/bare?zone=buggy-23');
  await expect(page.locator('.chain')).toContainText('household vinegar, 2 to 5 min, 10 to 30 °C, pH 6 to 8');
});

test('on a phone the stage and the zone are in sight, and the mix is read without scrolling sideways', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/jobs/demo-4/build?zone=buggy-28&show=mix');
  const sight = async (name: string, link: RegExp) => {
    const box = await page.getByRole('navigation', { name }).getByRole('link', { name: link }).boundingBox();
    expect([(box?.x ?? -1) >= 0, (box?.x ?? 0) + (box?.width ?? 0) <= 391]).toEqual([true, true]);
  };
  await expect(page.getByText(/Mix no more than/).first()).toBeVisible();
  await sight('Order of work', /^Build/);
  await sight('Parts and zones', /^Outside 0.66/);
  const table = page.locator('lb-mix-view table').first();
  expect(await table.evaluate((element) => element.scrollWidth <= element.clientWidth + 1)).toBe(true);
  await page
    .getByRole('navigation', { name: 'Order of work' })
    .getByRole('link', { name: /^Run sheet/ })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Run sheet');
  await sight('Order of work', /^Run sheet/);
});
