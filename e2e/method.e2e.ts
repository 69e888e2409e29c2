import { addPart, choose, field, newJob, pickZone, saved, shopHas, stage } from './pages.ts';
import { expect, test } from './shop.ts';

test('a way is composed of pieces, and three ways stand side by side', async ({ page }) => {
  await newJob(page, 'Composed');
  await choose(page, 'Topcoat wanted', 'Two-pack solid colour');
  await addPart(page, 'Steel panel, factory finish');
  await field(page, 'Of it, crevices').fill('0.1 m2');
  await stage(page, 'Method');
  await page.getByRole('button', { name: 'use Moulded bristle disc', exact: true }).click();
  await expect(page.getByText(/^Edges, 25 mm, \d+ %$/)).toBeVisible();
  await expect(page.getByText(/^Crevices, \d+ %$/)).toBeVisible();
  await expect(page.getByRole('img', { name: /Field.*Edges.*Crevices/ })).toBeVisible();

  for (const name of ['Moulded bristle disc', 'Fast solvent gel', 'Caustic foam'])
    await page.getByRole('checkbox', { name: `compare ${name}`, exact: true }).check();
  await expect(page.getByRole('checkbox', { name: 'compare Slow gel under film' })).toBeDisabled();
  await page.getByRole('button', { name: 'Side by side' }).click();
  const table = page.locator('lb-compare-table');
  for (const row of ['Verdict', 'Hand time', 'Weighted cost', 'of it exposure', 'Waste', 'Dust or fume', 'Kit to buy', 'Leaves', 'Speaks against it'])
    await expect(table.getByRole('rowheader', { name: row, exact: true })).toBeVisible();
  await expect(table).toContainText('ruled out');
  await stage(page, 'Run sheet');
  await expect(page.getByText('Edges, 25 mm band: small flexible disc')).toBeVisible();
});

test('what would change a refusal is tried out on the rules', async ({ page }) => {
  await newJob(page, 'Refused');
  await addPart(page, 'Old machine casting');
  await stage(page, 'Method');
  const sander = page.locator('tr.out', { hasText: 'Random-orbital sander, P80' });
  await sander.getByRole('button', { name: 'what would change it' }).click();
  await expect(sander).toContainText('a laboratory result that finds no lead');
});

test('the best set for the whole job is found, shown beside others, used, pinned round and given up', async ({ page }) => {
  await page.goto('/jobs/demo-1/method');
  const sets = page.getByRole('radio');
  await expect(sets.first()).toContainText('nothing costs less');
  expect(await sets.count()).toBeGreaterThan(1);
  await sets.nth(1).click();
  await expect(sets.nth(1)).toContainText('weighted');
  await sets.first().click();
  await page.getByRole('button', { name: 'Use this set' }).click();
  await expect(page.getByRole('button', { name: 'This set is in use' })).toBeDisabled();
  await saved(page);

  const pin = page.getByRole('checkbox', { name: /^keep .* for Side panels: Outer skins$/ });
  await pin.check();
  await expect(pin).toBeChecked();
  await pickZone(page, 'Outer skins');
  await expect(page.getByText('your choice')).toBeVisible();
  await pickZone(page, 'Rails outside');
  await expect(page.getByText('chosen for the whole job')).toBeVisible();

  await page.goto('/jobs/demo-1/method');
  await page.getByRole('button', { name: 'Each zone for itself again' }).click();
  await expect(page.getByRole('button', { name: 'Each zone for itself again' })).toBeHidden();
  await page.getByRole('checkbox', { name: /^keep .* for Side panels: Outer skins$/ }).uncheck();
  await saved(page);
});

test('tests are recorded, set what they decide and contradict what is wrong; the target follows', async ({ page }) => {
  await newJob(page, 'Tested');
  await choose(page, 'Topcoat wanted', 'Two-pack solid colour');
  await addPart(page, 'Steel panel, factory finish');
  const tests = page.getByRole('group', { name: 'Identification tests' });
  await tests.getByRole('button', { name: 'Magnet' }).click();
  await page.getByRole('button', { name: 'It does not hold' }).click();
  await expect(page.getByRole('heading', { name: 'Magnet and material disagree' })).toBeVisible();
  await tests.getByRole('button', { name: 'Magnet' }).click();
  await page.getByRole('button', { name: 'It holds', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Magnet and material disagree' })).toBeHidden();

  await tests.getByRole('button', { name: 'Crosscut' }).click();
  await page.getByRole('button', { name: '3: two-pack clear lets go' }).click();
  await expect(page.getByText('The stack speaks for: down to surfacer')).toBeVisible();
  await page.getByRole('button', { name: 'Set this target' }).click();
  await expect(page.getByText(/^The target fits: down to/)).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/Crosscut: class 3, two-pack clear let go/)).toBeVisible();
});

test('schools switch with both reasons, and open jobs say what changes', async ({ page }) => {
  await page.goto('/shop/schools');
  await expect(page.getByRole('group')).toHaveCount(30);
  await page.getByRole('radio', { name: /^Etch, then surfacer/ }).check();
  const effects = page.locator('.effects');
  await expect(effects).toContainText('Baggage tug 14');
  await expect(effects).toContainText('Two-pack etch primer');
  await page.getByRole('radio', { name: /^Epoxy direct/ }).check();
  await expect(effects).toContainText('Two-pack etch primer → Two-pack epoxy primer');
});

test('own products are copied, counted, written to CSV and read back; a bad file changes nothing', async ({ page }) => {
  await page.goto('/shop/own-rows');
  await page.getByRole('button', { name: 'Copy it' }).click();
  const own = page.locator('section.entry').last();
  await field(own, 'Own name').fill('House gel');
  await field(own, 'Price').fill('4,5');
  await own.getByText('Minutes to soften 50 µm').click();
  await field(own, 'Alkyd enamel').fill('2');
  await expect(page.getByText('Saved.')).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const path = await (await download).path();
  await page.getByRole('button', { name: 'remove House gel' }).click();
  await expect(page.getByRole('heading', { name: 'House gel' })).toBeHidden();
  const input = page.getByLabel('File of own rows');
  await input.setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('id,name,base,price\nown.x,X,chem.slow-gel,dear\n') });
  await expect(page.getByRole('alert')).toContainText('1 › price: "dear" is not a number');
  await input.setInputFiles(path);
  await expect(page.getByText('2 rows read from')).toBeVisible();
  await expect(field(own, 'Price')).toHaveValue('4.5');
  await shopHas(page, { ownRows: expect.arrayContaining([expect.objectContaining({ name: 'House gel' })]) as unknown });

  await page.goto('/jobs/demo-1/method?zone=tug-17');
  await expect(page.locator('tr', { hasText: 'House gel' }).first()).toBeVisible();
  await page.goto('/catalogue');
  await expect(page.getByRole('cell', { name: 'House gel', exact: true })).toBeVisible();
  await page.goto('/shop/own-rows');
  await page.getByRole('button', { name: 'remove House gel' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
});

test('a contractor without a price ranks without cost and says so', async ({ page }) => {
  await page.goto('/shop/contractors');
  const firm = page.locator('section.entry').last();
  await field(firm, 'By area').fill('');
  await shopHas(page, { contractors: expect.arrayContaining([expect.objectContaining({ perSquareMetre: null })]) });
  await page.goto('/jobs/demo-1/method?zone=tug-22');
  await expect(page.getByText('Ranked without cost')).toBeVisible();
  await page.goto('/shop/contractors');
  await field(firm, 'By area').fill('30');
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.goto('/jobs/demo-1/method?zone=tug-22');
  await expect(page.getByRole('heading', { name: /^Method: Counterweight/ })).toBeVisible();
  await expect(page.getByText('Ranked without cost')).toBeHidden();
});

test('a whole job is chosen and walked through by keyboard alone, in US units', async ({ page }) => {
  await page.goto('/jobs/demo-1/intake');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('2');
  const use = page.getByRole('button', { name: 'Use this set' });
  await use.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'This set is in use' })).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bonnet');
  await page.getByRole('button', { name: 'Units metric' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('img', { name: /Field/ })).toContainText('ft²');
  await page.keyboard.press('k');
  await page.keyboard.press('8');
  await expect(page.getByRole('heading', { name: 'Run sheet: Baggage tug 14' })).toBeVisible();
  await page.getByRole('button', { name: 'Units US' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: 'Each zone for itself again' })).toBeHidden();
});
