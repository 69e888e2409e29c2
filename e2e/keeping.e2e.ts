import { field, newJob, pickZone, saved, topThickness } from './pages.ts';
import { OwnServer } from './own-server.ts';
import { expect, test } from './shop.ts';

test('undo and redo by key, through stages', async ({ page }) => {
  await newJob(page, 'Undo');
  await field(page, 'Item').fill('first');
  await field(page, 'Notes').fill('second');
  await page.keyboard.press('Control+z');
  await expect(field(page, 'Notes')).toHaveValue('');
  await page.keyboard.press('Control+z');
  await expect(field(page, 'Item')).toHaveValue('');
  await page.keyboard.press('Control+Shift+z');
  await expect(field(page, 'Item')).toHaveValue('first');
  await saved(page);
});

test('a layer grows by dragging its edge and by the arrow keys', async ({ page }) => {
  await page.goto('/jobs/demo-3/intake');
  await pickZone(page, 'Skins');
  const thickness = topThickness(page);
  const edge = page.getByRole('slider', { name: 'Two-pack clear thickness' });
  const box = await edge.boundingBox();
  if (!box) throw new Error('no edge to drag');
  await page.mouse.move(box.x + 30, box.y + 5);
  await page.mouse.down();
  await page.mouse.move(box.x + 30, box.y - 35, { steps: 4 });
  await page.mouse.up();
  const dragged = Number(await thickness.inputValue());
  expect(dragged).toBeGreaterThan(32);
  await edge.focus();
  await page.keyboard.press('ArrowDown');
  await expect(thickness).toHaveValue(String(dragged - 1));
});

test('another screen follows; what both change without knowing of each other is merged, and asked only where it is the same place', async ({
  context,
}) => {
  const one = await context.newPage();
  const two = await context.newPage();
  await one.goto('/jobs/demo-2/intake');
  await two.goto('/jobs/demo-2/intake');
  // A tab that opens while another one types takes up what that has not saved yet.
  await saved(two);
  await field(one, 'Notes').fill('from one');
  await saved(one);
  await expect(field(two, 'Notes')).toHaveValue('from one');

  const read = async () =>
    (await (await one.request.get('/api/v1/jobs/demo-2')).json()) as { version: number; document: { notes: string; due: string } };
  await expect.poll(async () => (await read()).document.notes).toBe('from one');
  const elsewhere = async (change: object) => {
    const { version, document } = await read();
    expect((await one.request.put('/api/v1/jobs/demo-2', { data: { version, document: { ...document, ...change } } })).ok()).toBe(true);
  };
  await one.close();
  await context.setOffline(true);
  await field(two, 'Notes').fill('from two');
  await expect(two.locator('lb-save-mark')).toContainText('kept in this browser');
  await elsewhere({ due: '2027-01-29' });
  await context.setOffline(false);
  await expect.poll(async () => (await read()).document, { timeout: 30_000 }).toMatchObject({ notes: 'from two', due: '2027-01-29' });
  await saved(two);

  await context.setOffline(true);
  await field(two, 'Notes').fill('from two again');
  await expect(two.locator('lb-save-mark')).toContainText('kept in this browser');
  await elsewhere({ notes: 'from elsewhere' });
  await context.setOffline(false);
  await expect(two.getByRole('alert')).toContainText('One place was changed somewhere else too', { timeout: 30_000 });
  await two.getByText('there: from elsewhere').click();
  await two.getByRole('button', { name: 'Save it so' }).click();
  await expect(field(two, 'Notes')).toHaveValue('from elsewhere');
  await two.getByRole('button', { name: 'Undo' }).click();
  await expect(field(two, 'Notes')).toHaveValue('from two again');
  await saved(two);
});

test.describe('a server that is killed', () => {
  test.use({ serviceWorkers: 'allow' });
  const server = new OwnServer(4172);
  const { address } = server;
  test.afterEach(() => server.kill());

  test('loses nothing typed: it is saved when the server is back, and after a reload as well', async ({ page, request }) => {
    await server.start(request);
    await page.goto(`${address}/jobs/demo-1/intake`);
    await field(page, 'Notes').fill('before');
    await saved(page);

    server.kill();
    await field(page, 'Notes').fill('while it was down');
    await expect(page.locator('lb-save-mark')).toContainText('Server not reached');
    await server.start(request);
    await expect(page.locator('lb-save-mark')).toContainText('Saved', { timeout: 15_000 });

    server.kill();
    await field(page, 'Notes').fill('then the tablet was closed');
    await expect(page.locator('lb-save-mark')).toContainText('Server not reached');
    await page.goto('about:blank');
    await server.start(request);
    await page.goto(`${address}/jobs/demo-1/intake`);
    await expect(field(page, 'Notes')).toHaveValue('then the tablet was closed');
    await saved(page);
    // A connection to the server that was killed may be found dead first.
    const notes = async (): Promise<string> =>
      ((await (await request.get(`${address}/api/v1/jobs/demo-1`)).json()) as { document: { notes: string } }).document.notes;
    await expect.poll(() => notes().catch(() => '')).toBe('then the tablet was closed');
  });

  test('is no reason to stop: pages open again, open jobs are as they were, a new one is kept, and all of it goes there later', async ({
    page,
    request,
  }) => {
    await server.start(request);
    await page.goto(`${address}/jobs/demo-1/intake`);
    await field(page, 'Notes').fill('known here');
    await saved(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    // While the program is stored, what the page asks for is not held up.
    expect(await page.evaluate(async () => (await fetch('/api/v1/health')).ok)).toBe(true);
    const missing = () =>
      page.evaluate(async () => {
        const { assetGroups } = (await (await fetch('/ngsw.json')).json()) as { assetGroups: { urls: string[] }[] };
        const found = await Promise.all(assetGroups.flatMap(({ urls }) => urls).map((url) => caches.match(url)));
        return found.filter((file) => file === undefined).length;
      });
    await expect.poll(missing, { timeout: 60_000 }).toBe(0);
    await page.reload();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);

    server.kill();
    await page.reload();
    await expect(field(page, 'Notes')).toHaveValue('known here');
    await field(page, 'Notes').fill('typed without it');
    await expect(page.locator('lb-save-mark')).toContainText('kept in this browser');
    await page.goto(`${address}/`);
    await expect(page.getByRole('alert').first()).toContainText('not reached');
    await page.getByRole('link', { name: 'New job' }).click();
    await page.getByRole('button', { name: 'Start with an empty job' }).click();
    await page.waitForURL(/intake/);
    await field(page, 'Job').fill('Made offline');
    await expect(page.locator('lb-save-mark')).toContainText('kept in this browser');
    await page.reload();
    await expect(field(page, 'Job')).toHaveValue('Made offline');

    await server.start(request);
    const names = async () =>
      ((await (await request.get(`${address}/api/v1/jobs`)).json()) as { jobs: { name: string }[] }).jobs.map(({ name }) => name);
    await expect.poll(names, { timeout: 30_000 }).toContain('Made offline');
    await page.goto(`${address}/jobs/demo-1/intake`);
    await saved(page);
    const stored = (await (await request.get(`${address}/api/v1/jobs/demo-1`)).json()) as { document: { notes: string } };
    expect(stored.document.notes).toBe('typed without it');
  });

  test('a copy of the shop is made and gone back to', async ({ page, request }) => {
    await server.start(request);
    await page.goto(`${address}/shop/copies`);
    await page.getByRole('button', { name: 'Back up now' }).click();
    await expect(page.getByRole('status')).toContainText('The copy is made.');
    expect((await request.delete(`${address}/api/v1/jobs/demo-4`)).ok()).toBe(true);
    const asked = page.locator('tbody tr', { hasText: 'asked for' }).first();
    await asked.getByRole('button', { name: 'Look into it' }).click();
    await expect(page.locator('tbody')).toContainText('Shore patrol buggy 3');
    await asked.getByRole('button', { name: 'Go back to it' }).click();
    await page.locator('.ant-popover').getByRole('button', { name: 'Go back to it' }).click();
    await expect(page.locator('a.open-job', { hasText: 'Shore patrol buggy 3' })).toBeVisible();
  });
});
