import type { Locator, Page } from '@playwright/test';
import { OwnServer } from './own-server.ts';
import { figure, minutesOf } from './pages.ts';
import { expect, test } from './shop.ts';

const PHONE = { width: 390, height: 844 };
const ZONE = 'tug-33';

interface LogLine {
  readonly kind: string;
  readonly at: string;
  readonly place: string;
  readonly ignored: string | null;
}

/** Puts a zone on the bench in so many sections. */
async function putOnBench(page: Page, address: string, sections: number): Promise<void> {
  await page.goto(`${address}/jobs/demo-1/strip?zone=${ZONE}&show=sections`);
  for (let i = 1; i < sections; i++) await page.getByRole('button', { name: 'More sections' }).click();
  await page.getByRole('button', { name: /on the bench$/ }).click();
  await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
}

const tile = (page: Page, section: string): Locator =>
  page.locator('lb-bench-tile', { has: page.locator('h2 b', { hasText: new RegExp(`^${section}:`) }) });
const tap = (page: Page, section: string, what: string): Promise<void> =>
  tile(page, section).getByRole('button', { name: what, exact: true }).click();
const stateOf = async (page: Page, section: string): Promise<string> =>
  ((await tile(page, section).locator('h2 b').textContent()) ?? '').replace(/^\w+: /, '');

test.describe('two rounds of three sections on a phone, the clock sped up', () => {
  const server = new OwnServer(4173, { LIFT_BARE_CLOCK_SPEED: '60', LIFT_BARE_CLOCK_FROM: new Date().toISOString() });
  test.afterEach(() => server.kill());

  test('the server dies in the middle: the log is complete and in order, and the second job predicts better', async ({ page, browser, request }) => {
    test.setTimeout(150_000);
    await server.start(request);
    await page.goto(`${server.address}/jobs/demo-1/strip?zone=${ZONE}`);
    const predicted = await dwellOf(page);
    const width = await widthOf(page);
    await putOnBench(page, server.address, 3);

    const phone = await browser.newPage({ viewport: PHONE });
    await phone.goto(`${server.address}/bench`);
    for (const section of ['A', 'B', 'C']) await tap(phone, section, 'Laid on');
    expect(await phone.evaluate(() => window.document.documentElement.scrollWidth)).toBeLessThanOrEqual(PHONE.width);
    const heights = await phone.locator('main button').evaluateAll((buttons) => buttons.map((button) => button.getBoundingClientRect().height));
    expect(Math.min(...heights)).toBeGreaterThanOrEqual(44);

    await expect.poll(() => stateOf(phone, 'C'), { timeout: 20_000 }).toBe('working');
    server.kill();
    for (const section of ['A', 'B', 'C']) await tap(phone, section, 'Blistered');
    await tap(phone, 'A', 'Scraped');
    await expect(phone.getByText(/taps kept here, sent later/)).toBeVisible();
    await server.start(request);
    await expect(phone.getByText('Saved', { exact: true })).toBeVisible({ timeout: 15_000 });

    await tap(phone, 'A', 'Re-applied');
    await expect.poll(() => phone.title(), { timeout: 20_000 }).toMatch(/^(CHECK NOW|LATE|DRIED OUT): /);
    await finish(phone, ['A', 'B', 'C']);
    const log = (await (await request.get(`${server.address}/api/v1/log?job=demo-1`)).json()) as LogLine[];
    const count = (kind: string) => log.filter((line) => line.kind === kind).length;
    expect(['issued', 'laid-on', 'blistered', 'scraped', 're-applied', 'rinsed'].map(count)).toEqual([3, 3, 6, 6, 3, 3]);
    expect(log.every(({ ignored }) => ignored === null)).toBe(true);
    expect(log.map(({ at }) => at)).toEqual(log.map(({ at }) => at).sort());

    const seen = blisteredAfter(log);
    const { document: copied } = (await (await request.get(`${server.address}/api/v1/jobs/demo-1`)).json()) as { document: object };
    await request.post(`${server.address}/api/v1/jobs`, { data: { id: 'second', document: copied } });
    await page.goto(`${server.address}/jobs/second/strip?zone=${ZONE}`);
    await expect(page.getByText(/earlier jobs, softened/)).toBeVisible();
    expect(Math.abs(Math.log((await dwellOf(page)) / seen))).toBeLessThan(Math.abs(Math.log(predicted / seen)));
    expect(await widthOf(page)).toBeLessThan(width);
  });
});

/** Works every section to its end the way somebody at the bench would: what the tile asks for. */
async function finish(page: Page, sections: readonly string[]): Promise<void> {
  const answers: Readonly<Record<string, string>> = {
    'check now': 'Blistered',
    late: 'Blistered',
    'scrape now': 'Scraped',
    'dried out': 'Scraped',
    'lay on again': 'Re-applied',
    rinse: 'Rinsed',
  };
  await expect
    .poll(
      async () => {
        for (const section of sections) {
          const answer = answers[await stateOf(page, section)];
          if (answer) await tap(page, section, answer);
        }
        return (await Promise.all(sections.map((section) => stateOf(page, section)))).every((state) => state === 'done');
      },
      { timeout: 60_000, intervals: [300] },
    )
    .toBe(true);
}

/** Dwell of all rounds as planned, min. */
const dwellOf = async (page: Page): Promise<number> =>
  minutesOf((await page.getByRole('row', { name: 'Dwell, one section after the other' }).locator('td.num').textContent()) ?? '');
/** Late against first check of the first round. */
async function widthOf(page: Page): Promise<number> {
  const [first, late] = await Promise.all(['first check', 'late'].map(async (name) => minutesOf((await figure(page, name).textContent()) ?? '')));
  return (late as number) / (first as number);
}

/** Mean minutes of dwell of a section, from laid on to blistered, over its rounds. */
function blisteredAfter(log: readonly LogLine[]): number {
  const at = (kinds: readonly string[]) => log.filter(({ kind }) => kinds.includes(kind)).reduce((sum, line) => sum + Date.parse(line.at), 0);
  return (at(['blistered']) - at(['laid-on', 're-applied'])) / 60_000 / new Set(log.map(({ place }) => place)).size;
}

/** What a clock shows so many minutes from now. */
const clockAt = (minutes: number): string => new Date(Date.now() + minutes * 60_000).toTimeString().slice(0, 8);

test.describe('trouble at the bench', () => {
  const server = new OwnServer(4175);
  test.beforeEach(({ request }) => server.start(request));
  test.afterEach(() => server.kill());

  test('two people on one tile, a lost network with a reload, a clock an hour wrong, a time put right', async ({ page, browser, request }) => {
    await putOnBench(page, server.address, 2);
    const [one, two] = [await browser.newPage({ viewport: PHONE }), await browser.newPage({ viewport: PHONE })];
    await one.addInitScript(() => {
      const real = Date.now.bind(Date);
      Date.now = () => real() + 3_600_000;
    });
    for (const screen of [one, two]) {
      await screen.goto(`${server.address}/bench`);
      await expect(tile(screen, 'A').getByRole('button', { name: 'Laid on' })).toBeVisible();
    }
    // Neither hears of the other's tap before both have tapped.
    let both = (): void => undefined;
    const tapped = new Promise<void>((done) => (both = done));
    for (const screen of [one, two]) await screen.route('**/timers/events', (route) => tapped.then(() => route.continue()));
    await Promise.all([tap(one, 'A', 'Laid on'), tap(two, 'A', 'Laid on')]);
    both();
    for (const screen of [one, two]) await expect.poll(() => stateOf(screen, 'A')).toMatch(/laid on|working/);

    for (const screen of [one, two]) await screen.unroute('**/timers/events');
    await one.route('**/timers/events', (route) => route.abort());
    await tap(one, 'B', 'Laid on');
    await one.reload();
    await expect.poll(() => stateOf(one, 'B')).toMatch(/laid on|working/);
    await one.unroute('**/timers/events');
    await expect.poll(() => stateOf(two, 'B'), { timeout: 10_000 }).toMatch(/laid on|working/);

    const log = async () => (await (await request.get(`${server.address}/api/v1/log?job=demo-1`)).json()) as LogLine[];
    const laid = async () => (await log()).filter(({ kind }) => kind === 'laid-on');
    // What could not be sent at first comes after.
    await expect.poll(async () => (await laid()).map(({ ignored }) => ignored).filter((why) => why !== null)).toEqual(['was laid on already']);
    for (const { at } of await laid()) expect(Math.abs(Date.parse(at) - Date.now())).toBeLessThan(60_000);

    await tile(two, 'A').getByRole('button', { name: 'Times' }).click();
    const time = two.getByLabel('Time of Laid on');
    await time.fill(clockAt(10));
    await time.press('Enter');
    await expect(two.getByRole('alert')).toContainText('lies in the future');
    await time.fill(clockAt(-3));
    await time.press('Enter');
    await expect(tile(one, 'A').getByRole('timer')).toContainText(/^3:|^[4-9]:/);
    await tile(two, 'A').getByRole('button', { name: 'Take back' }).click();
    await expect.poll(() => stateOf(one, 'A')).toMatch(/laid on|working|next to lay on/);
  });
});
