import { addPart, choose, field, figure, minutesOf, newJob, ownTug, pickZone, saved, shopHas, stage, topThickness } from './pages.ts';
import { expect, test } from './shop.ts';

test('an item of one part goes from intake to a printed run sheet and stays saved', async ({ page, request }) => {
  await newJob(page, 'Water trolley');
  await field(page, 'Item').fill('Apron water trolley, grey');
  await choose(page, 'Topcoat wanted', 'Two-pack solid colour');
  await addPart(page, 'Steel panel, factory finish');
  await field(page, 'Width').fill('4 ft');
  await stage(page, 'Method');
  await page.getByRole('button', { name: 'use Fast solvent gel', exact: true }).click();
  await expect(page.getByText('your choice')).toBeVisible();
  await stage(page, 'Strip');
  await expect(figure(page, /^rounds?$/)).toHaveText(/\d/);
  await stage(page, 'Bare');
  await expect(page.getByText('Rinse stripper off', { exact: true })).toBeVisible();
  await stage(page, 'Build');
  await expect(page.locator('tr.pick')).toContainText('Two-pack epoxy primer');
  await stage(page, 'Run sheet');
  await expect(page.getByText(/^Fast solvent gel, round 1/)).toBeVisible();
  await saved(page);

  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('header')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Run sheet: Water trolley' })).toBeVisible();
  expect((await page.pdf({ format: 'A4' })).byteLength).toBeGreaterThan(20_000);
  await page.emulateMedia({ media: 'screen' });

  await page.reload();
  await expect(page.getByText(/^Fast solvent gel, round 1/)).toBeVisible();
  const { jobs } = (await (await request.get('/api/v1/jobs?q=trolley')).json()) as { jobs: { id: string }[] };
  const stored = (await (await request.get(`/api/v1/jobs/${jobs[0]?.id}`)).json()) as {
    document: { parts: { zones: { shape: { width: number }; choice: object }[] }[] };
  };
  expect(stored.document.parts[0]?.zones[0]).toMatchObject({ shape: { width: 1.2192 }, choice: { method: 'chem.fast-solvent' } });

  await page.goto(`/jobs/${jobs[0]?.id}/run-sheet#step-3`);
  await expect(page.locator('#step-3')).toBeInViewport();
});

test('dwell follows thickness, temperature and coating on the screen at once', async ({ page }) => {
  await newJob(page, 'Model');
  await field(page, 'Air temperature').fill('20');
  await addPart(page, 'Empty part');
  await field(page, 'Area').fill('1 m2');
  await choose(page, 'Add a layer on top', 'One-pack clear');
  await topThickness(page).fill('40');
  await stage(page, 'Method');
  await page.getByRole('button', { name: 'use Neutral benzyl-alcohol gel', exact: true }).click();
  await stage(page, 'Strip');
  const likely = async () => minutesOf((await figure(page, 'likely: scrape').textContent()) ?? '');
  const base = await likely();
  expect(base).toBe(Math.round(15 * (0.7 * 0.8 + 0.3 * 0.64)));

  await stage(page, 'Intake');
  await topThickness(page).fill('80');
  await stage(page, 'Strip');
  expect(await likely()).toBe(Math.round(15 * (0.7 * 1.6 + 0.3 * 2.56)));

  await stage(page, 'Intake');
  await topThickness(page).fill('40');
  await choose(page, /^Coating of layer/, 'Two-pack clear');
  await stage(page, 'Strip');
  expect(Math.abs((await likely()) / base - 10)).toBeLessThan(0.5);

  await stage(page, 'Intake');
  await page.getByRole('navigation', { name: 'Parts and zones' }).getByRole('link', { name: 'Item' }).click();
  await field(page, 'Air temperature').fill('50 F');
  await pickZone(page, 'Zone 1');
  await stage(page, 'Strip');
  const lay = await page.locator('table', { hasText: 'Speed against' }).textContent();
  expect(lay).toContain('0.48 ×');
});

test('carbon refuses every stripper with the reason; a ruled-out choice asks for one in writing and stays marked', async ({ page }) => {
  await newJob(page, 'Carbon');
  await addPart(page, 'Carbon tube part');
  await stage(page, 'Method');
  const refused = page.locator('tr.out', { hasText: 'Fast solvent gel' });
  await expect(refused).toContainText('Every chemical stripper attacks the epoxy');
  await expect(page.locator('tr.pick')).toContainText('Wet sanding by hand');
  await refused.getByRole('button', { name: 'why not?' }).click();
  await expect(page.locator('.ant-popover')).toContainText('Basis: common practice');
  await page.keyboard.press('Escape');
  await refused.getByRole('button', { name: 'what would change it' }).click();
  await expect(refused).toContainText('material and access decide');
  await page.getByRole('button', { name: 'use Fast solvent gel all the same' }).click();
  const confirm = page.getByRole('button', { name: 'Use it against the rules' });
  await expect(confirm).toBeDisabled();
  await page.getByLabel(/Why fast solvent gel all the same/).fill('scrap piece, trial only');
  await confirm.click();
  await expect(page.getByText('against the rules', { exact: true })).toBeVisible();
  await stage(page, 'Run sheet');
  await expect(page.getByText('Against the rules. No stripper on carbon').first()).toBeVisible();
});

test('an unmarked plastic that floats is treated as an olefin', async ({ page }) => {
  await newJob(page, 'Plastic');
  await choose(page, 'Topcoat wanted', 'Basecoat');
  await addPart(page, 'ABS fairing');
  await choose(page, 'Material', 'Plastic without a mark');
  await expect(page.getByRole('region', { name: 'Does a scrap of it float?' })).toBeVisible();
  await choose(page, 'Float test in water', 'Floats');
  await expect(page.getByRole('region', { name: 'Does a scrap of it float?' })).toBeHidden();
  await stage(page, 'Build');
  await expect(page.locator('tr.pick')).toContainText('Adhesion promoter');
});

test('bad input is told at the field and nothing entered is lost', async ({ page }) => {
  await newJob(page, 'Slips');
  await field(page, 'Air temperature').fill('400');
  await expect(page.getByRole('alert')).toContainText('60');
  await field(page, 'Air temperature').fill('warm');
  await expect(page.getByRole('alert')).toContainText('"warm" is not a number');
  await field(page, 'Air temperature').fill('21');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await addPart(page, 'ABS fairing');
  await topThickness(page).fill('-5');
  await expect(page.getByRole('alert')).toBeVisible();
  await field(page, 'Area').fill('');
  await expect(page.getByText('needs a value; the last one is still used')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(topThickness(page)).toHaveValue('40');
  await expect(field(page, 'Area')).toHaveValue('0.6');

  await page.goto('/');
  const file = {
    name: 'wrong.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ format: 'lift-bare.job/4', name: 'x', parts: [{ substrate: 'unobtainium' }] })),
  };
  await page.locator('input[type=file]').setInputFiles(file);
  await expect(page.getByRole('alert')).toContainText('parts › 0 › substrate');
});

test('units switch everywhere at once, for whoever sits here: the shop keeps its own', async ({ page }) => {
  await page.goto(`${await ownTug(page.request, 'units')}/strip?zone=tug-27`);
  await expect(page.getByText('35 µm').first()).toBeVisible();
  await page.getByRole('button', { name: 'Units metric' }).click();
  await expect(page.getByText('1.38 mil').first()).toBeVisible();
  await expect(page.locator('footer')).toContainText('64 °F');
  await page.reload();
  await expect(page.getByText('1.38 mil').first()).toBeVisible();
  await shopHas(page, { units: 'metric' });
  await page.getByRole('button', { name: 'Units US' }).click();
  await expect(page.getByText('35 µm').first()).toBeVisible();
});
