import { expect, test } from '@playwright/test';
import { field, newJob, pickZone, saved } from './pages.ts';
import { OwnServer } from './own-server.ts';

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
  const thickness = field(page, 'Thickness').first();
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

test('a second tab follows; when both edit, the later save is told and chooses', async ({ context }) => {
  const one = await context.newPage();
  const two = await context.newPage();
  await one.goto('/jobs/demo-2/intake');
  await two.goto('/jobs/demo-2/intake');
  await field(one, 'Notes').fill('from one');
  await saved(one);
  await expect(field(two, 'Notes')).toHaveValue('from one');

  const read = async () => (await (await one.request.get('/api/v1/jobs/demo-2')).json()) as { version: number; document: { notes: string } };
  await expect.poll(async () => (await read()).document.notes).toBe('from one');
  const { version, document } = await read();
  const put = await one.request.put('/api/v1/jobs/demo-2', { data: { version, document: { ...document, notes: 'from elsewhere' } } });
  expect(put.ok()).toBe(true);
  await field(two, 'Notes').fill('from two');
  await expect(two.getByRole('alert')).toContainText('saved somewhere else');
  await two.getByRole('button', { name: 'Take the other' }).click();
  await expect(field(two, 'Notes')).toHaveValue('from elsewhere');
  await two.getByRole('button', { name: 'Undo' }).click();
  await expect(field(two, 'Notes')).toHaveValue('from two');
  await saved(two);
});

test.describe('a server that is killed', () => {
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
    const stored = (await (await request.get(`${address}/api/v1/jobs/demo-1`)).json()) as { document: { notes: string } };
    expect(stored.document.notes).toBe('then the tablet was closed');
  });
});
