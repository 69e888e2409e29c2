import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test';

/** Words for what a user does, so that the tests read as work. */
export const field = (page: Page | Locator, label: string | RegExp): Locator => page.getByLabel(label, { exact: typeof label === 'string' });

/** How thick the layer on top is. */
export const topThickness = (page: Page): Locator => field(page, /^Thickness of layer/).first();

/** Picks from a select; long lists are searched, as a user would. */
export async function choose(page: Page, label: string | RegExp, option: string, nth = 0): Promise<void> {
  const input = field(page, label).nth(nth);
  const select = page.locator('nz-select', { has: input });
  const list = page.locator('.ant-select-dropdown').filter({ visible: true });
  await expect(list).toHaveCount(0);
  await select.click();
  await list.waitFor();
  if (await select.evaluate((element) => element.classList.contains('ant-select-show-search'))) await input.fill(option);
  await list.locator('.ant-select-item-option', { hasText: option }).first().click();
  await expect(list).toHaveCount(0);
}

/** Adds to a list of several, which stays open until it is closed. */
export async function chooseAlso(page: Page, label: string, option: string): Promise<void> {
  await page.locator('nz-select', { has: page.getByLabel(label, { exact: true }) }).click();
  await page.locator('.ant-select-dropdown').filter({ visible: true }).locator('.ant-select-item-option', { hasText: option }).first().click();
  await page.keyboard.press('Escape');
}

/** Waits until the profile on the server is as expected; a page that is left sooner would take the edit with it. */
export const shopHas = (page: Page, part: Record<string, unknown>): Promise<void> =>
  expect.poll(async () => ((await (await page.request.get('/api/v1/shop')).json()) as { document: object }).document).toMatchObject(part);

export async function stage(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Order of work' }).getByRole('link', { name }).click();
}

export async function pickZone(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Parts and zones' }).getByRole('link', { name }).first().click();
}

export async function newJob(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: 'New job' }).click();
  await page.getByRole('button', { name: 'Start with an empty job' }).click();
  await page.waitForURL(/intake/);
  await field(page, 'Job').fill(name);
  await saved(page);
}

export async function addPart(page: Page, template: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a part' }).click();
  await page.getByRole('button', { name: template }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(template.split(',')[0] ?? template);
}

export const saved = (page: Page): Promise<void> => expect(page.locator('lb-save-mark')).toContainText('Saved');

/** A figure of the stage by its caption. */
export const figure = (page: Page, caption: string | RegExp): Locator =>
  page.locator('dl.figures > div', { has: page.locator('dt', { hasText: caption }) }).locator('dd');

/** "2 h 05", "42 min" as minutes. */
export function minutesOf(text: string): number {
  const [, hours, rest] = /^(?:(\d+) h)? ?(?:(\d+)(?: min)?)?$/.exec(text.trim()) ?? [];
  return Number(hours ?? 0) * 60 + Number(rest ?? 0);
}

/** The tug of the demo once more, with nothing chosen by hand yet: what is done to it changes nothing for other tests, nor they for it. @returns its address */
export async function ownTug(request: APIRequestContext, id: string): Promise<string> {
  const { document } = (await (await request.get('/api/v1/jobs/demo-1')).json()) as { document: { parts: { zones: object[] }[] } };
  const parts = document.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, choice: null })) }));
  expect((await request.post('/api/v1/jobs', { data: { id, document: { ...document, parts } } })).ok()).toBe(true);
  return `/jobs/${id}`;
}
