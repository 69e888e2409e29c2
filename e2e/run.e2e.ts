import type { Job } from '@lift-bare/core';
import type { Page } from '@playwright/test';
import zxing from '@zxing/library';
import { Carried } from './carry.ts';
import { field, saved } from './pages.ts';
import { OwnServer } from './own-server.ts';
import { expect, test } from './shop.ts';

const DAY = 86_400_000;
let server: OwnServer;
test.beforeEach(() => {
  server = new OwnServer(4181);
});
test.afterEach(() => server.kill());

test('a job is started from its run sheet, its first step done on a phone, and what is added later is told against the start', async ({ page }) => {
  await page.goto('/jobs/demo-3/run-sheet');
  await field(page, 'Start it as').fill('Trailer, first go');
  await page.getByRole('button', { name: 'Start the job' }).click();
  await expect(page.getByText('as “Trailer, first go”')).toBeVisible();

  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/bench?job=demo-3');
  const card = page.locator('lb-step-card').first();
  await expect(card.getByRole('heading')).toHaveText('Check the kit');
  await expect(card.getByRole('button', { name: 'Done' })).toBeDisabled();
  await card.getByRole('button', { name: 'Begin' }).click();
  await card.getByRole('button', { name: 'It is so' }).click();
  await card.getByRole('button', { name: 'Note, photo' }).click();
  await card.getByLabel('Note').fill('one cartridge left');
  await card.getByRole('button', { name: 'Keep' }).click();
  await card.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(/^1 of \d+ steps done$/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  const small = await page
    .locator('.bench button:visible')
    .evaluateAll((all) => all.filter((one) => one.getBoundingClientRect().height < 44).map((one) => one.textContent));
  expect(small).toEqual([]);

  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/jobs/demo-3/intake');
  await field(page, 'Relative humidity').fill('58');
  await saved(page);
  await page.goto('/jobs/demo-3/book');
  await expect(page.getByRole('row', { name: /^Check the kit/ })).toContainText('Bench');
  await expect(page.getByText('“one cartridge left”').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hand over' })).toBeDisabled();
});

test('carried to its end through a hold that fails, a lost network, two kills and a missed window; the book tells exactly that, and the next plan has learned', async ({
  page,
  request,
  context,
}) => {
  await server.start(request);
  const { address } = server;
  const read = async <T>(path: string): Promise<T> => (await (await request.get(address + path)).json()) as T;
  const carried = await Carried.start(request, address, 'demo-2', Date.now() - 30 * DAY);
  await carried.until(({ kind }) => kind === 'neutralise');

  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${address}/bench?job=demo-2`);
  const card = page.locator('lb-step-card').first();
  await expect(card.getByRole('heading')).toHaveText('Neutralise the soda');
  await card.getByRole('button', { name: 'Begin' }).click();
  await card.getByLabel('Reading, pH').fill('8.6');
  await card.getByRole('button', { name: 'Not within it: keep' }).click();
  await expect(card.getByText('8.6 pH: not within the limit.')).toBeVisible();
  await expect(card.getByRole('button', { name: 'Done, once the hold point is met' })).toBeDisabled();

  await context.setOffline(true);
  await card.getByLabel('Reading, pH').fill('7,2');
  await card.getByRole('button', { name: 'Within the limit: keep' }).click();
  await expect(page.getByText(/Sending 1|tap.* kept here/)).toBeVisible();
  server.kill();
  await card.getByRole('button', { name: 'Done', exact: true }).click();
  await context.setOffline(false);
  await server.start(request);
  await expect(page.getByText('Saved')).toBeVisible();
  const neutralised = carried.operations.find(({ kind }) => kind === 'neutralise')?.id ?? '';
  expect((await carried.run()).works.get(neutralised)?.state).toBe('done');

  carried.at = Date.now() - 20 * DAY;
  await carried.puttingBack(neutralised);
  await carried.until(({ coat }) => coat?.pass === 2);
  const missed = page.locator('lb-clock-list article.missed').first();
  await expect(missed).toContainText('too late');
  await missed.getByRole('button', { name: /^Do it again/ }).click();
  await page.getByRole('button', { name: 'Done: the window runs anew' }).click();
  await expect(page.locator('lb-clock-list article.missed')).toHaveCount(0);
  server.kill();
  await server.start(request);

  const { document, version } = await read<{ document: Job; version: number }>('/api/v1/jobs/demo-2');
  const find = {
    id: 'f1',
    kind: 'crack',
    known: 'under-the-paint',
    spot: null,
    where: 'keel',
    area: null,
    depth: null,
    loaded: true,
    disposition: 'licensed',
    released: null,
  };
  const withFind = (released: object | null): object => ({
    ...document,
    parts: document.parts.map((part, p) => ({
      ...part,
      zones: part.zones.map((zone, z) => (p + z > 0 ? zone : { ...zone, finds: [{ ...find, released }] })),
    })),
  });
  const put = async (at: number, body: object): Promise<void> =>
    void expect((await request.put(`${address}/api/v1/jobs/demo-2`, { data: { version: at, document: body } })).status()).toBe(200);
  carried.at = Date.now() - 10 * DAY;
  const remedies = async (): Promise<string[]> => [...(await carried.run()).works.keys()].filter((work) => work.endsWith(':again'));
  // The page had it to send again when the server came back.
  await expect.poll(remedies).toHaveLength(1);
  await carried.puttingBack((await remedies())[0] ?? '');
  await carried.until(() => false);
  await put(version, withFind(null));

  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${address}/jobs/demo-2/book`);
  await expect(page.getByText(/1 find is not released: crack on/)).toBeVisible();
  await put(version + 1, withFind({ by: 'A. Surveyor', at: '2026-11-30', note: 'shallow, faired' }));
  await page.reload();
  await page.getByRole('button', { name: 'Hand over' }).click();
  await expect(page.getByText(/Under way/)).toHaveCount(0);
  await expect(page.getByRole('row', { name: /Neutralise the soda.*8\.6 pH.*not met/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Neutralise the soda.*7\.2 pH.*met/ })).toBeVisible();
  await expect(page.getByText(/too late after .*what was missed was done again first/).first()).toBeVisible();

  await page.goto(`${address}/shop/record`);
  await expect(page.getByRole('row', { name: /^Wipe/ })).toContainText('× 1.');
  await page.goto(`${address}/jobs/demo-1/run-sheet`);
  await expect(page.getByText(/own pace, × 1\.\d\d from \d+ steps? of 1 job/).first()).toBeVisible();
});

test('a tin is read off its label, a photo taken without the server comes to it later, and what is counted at the end is in the book and in the next plan', async ({
  page,
  request,
  context,
}) => {
  await server.start(request);
  const { address } = server;
  const carried = await Carried.start(request, address, 'demo-2', Date.now() - 20 * DAY);
  await carried.until(({ coat }) => coat !== null);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${address}/bench?job=demo-2`);
  const card = page.locator('lb-step-card').first();

  await card.getByRole('button', { name: 'Tin' }).click();
  const label = await picture(page, codeOf('(01)09501101530003(17)270331(10)L4711'));
  await card.locator('input[type=file]').setInputFiles({ name: 'tin.png', mimeType: 'image/png', buffer: label });
  await expect(card.getByText('Read off the label: batch L4711, until 2027-03-31.')).toBeVisible();
  await expect(card.getByLabel('Batch on the tin')).toHaveValue('L4711');
  await card.getByRole('button', { name: 'Keep' }).click();

  await context.setOffline(true);
  await card.getByRole('button', { name: 'Note, photo' }).click();
  await card.getByLabel('Photo before').setInputFiles({ name: 'before.png', mimeType: 'image/png', buffer: label });
  await expect(page.getByText(/^Written down/).first()).toBeVisible();
  await context.setOffline(false);
  await expect.poll(async () => (await carried.run()).photos.length).toBe(1);
  const [photo] = (await carried.run()).photos;
  await expect
    .poll(async () => (await request.get(`${address}/api/v1/jobs/demo-2/files/${photo?.file}`)).headers()['content-type'])
    .toBe('image/jpeg');

  await carried.until(({ kind }) => kind === 'clear-up');
  await page.reload();
  await card.getByRole('button', { name: 'Begin' }).click();
  await card.getByRole('button', { name: 'Count, weigh' }).click();
  const waste = card.locator('lb-count-entry label', { hasText: 'kg' }).first();
  const item = ((await waste.textContent()) ?? '').split(', kg')[0] ?? '';
  await waste.getByRole('textbox').fill('much');
  await expect(card.getByRole('alert')).toContainText('a number from 0 of kg');
  await waste.getByRole('textbox').fill('7,5');
  await card.getByRole('button', { name: 'Keep what is counted' }).click();
  carried.at = Date.now() - DAY;
  await carried.until(() => false);

  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${address}/jobs/demo-2/book`);
  await expect(page.getByText(`${item} 7.5 kg left`)).toBeVisible();
  await expect(page.getByText('batch L4711').first()).toBeVisible();
  const shown = page.getByRole('img', { name: /before$/ });
  await shown.scrollIntoViewIfNeeded();
  await expect(shown).toHaveJSProperty('complete', true);
  await page.getByRole('button', { name: 'Hand over' }).click();
  await page.goto(`${address}/shop/record`);
  await expect(page.getByRole('row', { name: new RegExp(`^${item}.*waste.*×`) })).toBeVisible();
});

/** Dark squares of a code, row by row. */
function codeOf(text: string): boolean[][] {
  const size = 200;
  const matrix = new zxing.QRCodeWriter().encode(text, zxing.BarcodeFormat.QR_CODE, size, size, new Map());
  return Array.from({ length: size }, (_, y) => Array.from({ length: size }, (_unused, x) => matrix.get(x, y)));
}

/** The same as somebody photographs it: on a label, a little askew. */
async function picture(page: Page, dark: boolean[][]): Promise<Buffer> {
  const address = await page.evaluate((rows) => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [900, 700];
    const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
    pen.fillStyle = '#d8d2c4';
    pen.fillRect(0, 0, 900, 700);
    pen.translate(300, 120);
    pen.rotate(0.06);
    pen.scale(2, 2);
    pen.fillStyle = '#222';
    rows.forEach((row, y) => row.forEach((on, x) => on && pen.fillRect(x, y, 1.05, 1.05)));
    return canvas.toDataURL('image/png');
  }, dark);
  return Buffer.from(address.split(',')[1] ?? '', 'base64');
}
