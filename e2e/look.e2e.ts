import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { unsaid } from './said.ts';
import { expect, test } from './shop.ts';

// Each reads only, so that both workers share them.
test.describe.configure({ mode: 'parallel' });

const VIEWS = [
  '/',
  '/shop/figures',
  '/shop/air',
  '/shop/calendar',
  '/shop/paperwork',
  '/shop/people',
  '/week',
  '/shop/record',
  '/shop/screens',
  '/shop/contractors',
  '/shop/schools',
  '/shop/own-rows',
  '/shop/parts',
  '/catalogue',
  '/new',
  '/jobs/demo-1/intake',
  '/jobs/demo-1/intake?zone=tug-27',
  '/jobs/demo-1/method?zone=tug-27',
  '/jobs/demo-1/method',
  '/jobs/demo-1/strip?zone=tug-27',
  ...['front', 'patches', 'sections', 'products', 'trouble'].map((show) => `/jobs/demo-1/strip?zone=tug-27&show=${show}`),
  ...['blast', 'filler', 'send-out'].map((show) => `/jobs/demo-4/strip?zone=buggy-2&show=${show}`),
  '/jobs/demo-3/strip?zone=box-2&show=abrade',
  '/jobs/demo-4/intake?zone=buggy-2',
  '/bench',
  '/words',
  '/practice',
  '/practice/signs',
  '/practice/bench?case=toolbox-lid&seed=5',
  '/jobs/demo-1/bare?zone=tug-17',
  '/jobs/demo-1/build?zone=tug-6',
  '/jobs/demo-4/bare?zone=buggy-23',
  ...['systems', 'stack', 'colours', 'mix', 'masking', 'windows'].map((show) => `/jobs/demo-1/build?zone=tug-6&show=${show}`),
  ...['clock', 'sums'].map((show) => `/jobs/demo-4/bare?zone=buggy-28&show=${show}`),
  '/jobs/demo-1/plans',
  '/jobs/demo-1/safety',
  '/jobs/demo-1/time',
  '/jobs/demo-1/run-sheet',
  '/jobs/demo-1/book',
  '/jobs/demo-1/papers',
  '/jobs/demo-1/papers?show=sent',
  '/jobs/demo-1/papers?show=work-pack',
];

/** Panes whose content is wider than they are. */
const widerThanTheirPane = (): string[] =>
  [...document.querySelectorAll('main, .stage, aside, body')]
    .filter((box) => box.scrollWidth > box.clientWidth + 1)
    .map((box) => `${box.tagName} ${box.scrollWidth} > ${box.clientWidth}`);

/** Puts a theme on and waits until it is drawn: what is in between has the colours of neither. */
const wear = async (theme: string): Promise<void> => {
  document.documentElement.dataset['theme'] = theme;
  for (let frame = 0; frame < 2; frame++) await new Promise((drawn) => requestAnimationFrame(drawn));
};

/** In the page itself, which has no frames, and without lists of all that is well: a third of the time. */
const axeIn = (page: Page): AxeBuilder => new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });

async function seriousIn(axe: AxeBuilder, theme: string): Promise<string[]> {
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${theme} ${id}: ${nodes.map(({ html }) => html.slice(0, 140)).join(' | ')}`);
}

for (const view of VIEWS) {
  test(`${view} has no serious accessibility violation by day or night, says each control, and does not scroll sideways`, async ({ page }) => {
    const troubles: string[] = [];
    page.on('pageerror', (error) => troubles.push(error.message));
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.goto(view);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    if (view.startsWith('/jobs/')) await expect(page.locator('footer')).toContainText('Cost');
    if (view === '/week') await expect(page.locator('lb-day-sheet h2')).toBeVisible({ timeout: 30_000 });
    const byDay = axeIn(page);
    // By night the same page has other colours, and nothing else.
    const byNight = axeIn(page).withRules('color-contrast');
    for (const [theme, axe] of [
      ['light', byDay],
      ['dark', byNight],
    ] as const) {
      await page.evaluate(wear, theme);
      // What comes up a moment later has the colours of neither state meanwhile; what is wrong stays so.
      await expect.poll(() => seriousIn(axe, theme), { timeout: 45_000 }).toEqual([]);
    }
    await expect.poll(() => unsaid(page)).toEqual([]);
    for (const [width, height] of [
      [1280, 800],
      [1024, 768],
      [390, 844],
    ] as const) {
      await page.setViewportSize({ width, height });
      // Charts follow a new width a moment later.
      await expect.poll(() => page.evaluate(widerThanTheirPane)).toEqual([]);
      // Only the panes of a job scroll, never the frame round them.
      if (view.startsWith('/jobs/'))
        await expect.poll(() => page.evaluate(() => document.documentElement.scrollHeight - innerHeight)).toBeLessThanOrEqual(0);
    }
    expect(troubles).toEqual([]);
  });
}

/** What has the keyboard, where nothing round it shows that; null: something does, or the page itself has it. */
const withoutRing = (): string | null => {
  const focused = document.activeElement;
  if (!focused || focused === document.body) return null;
  const picker = focused.closest('.ant-select')?.querySelector('.ant-select-selector');
  const ringed = [focused, focused.parentElement, focused.parentElement?.parentElement, picker].some((box) => {
    const style = box && getComputedStyle(box);
    return style && ((style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) > 0) || style.boxShadow !== 'none');
  });
  return ringed ? null : `${focused.tagName} ${focused.textContent.trim().slice(0, 30)}`;
};

test('whatever the keyboard comes to shows that it has it', async ({ page }) => {
  for (const view of ['/', '/shop/figures', '/jobs/demo-1/intake?zone=tug-27', '/jobs/demo-1/run-sheet', '/bench']) {
    await page.goto(view);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const unseen = new Set<string>();
    for (let stop = 0; stop < 45; stop++) {
      await page.keyboard.press('Tab');
      const without = await page.evaluate(withoutRing);
      if (without !== null) unseen.add(without);
    }
    expect([view, [...unseen]]).toEqual([view, []]);
  }
});
