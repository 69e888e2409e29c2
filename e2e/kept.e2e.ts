import type { Page } from '@playwright/test';
import { choose, field, newJob, addPart, saved, shopHas, stage } from './pages.ts';
import { expect, test } from './shop.ts';

test('a part is kept, offered first, makes a job of its own, is renamed and let go', async ({ page }) => {
  await page.goto('/jobs/demo-1/intake?zone=tug-22');
  await page.getByRole('button', { name: 'Keep this part to start from' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Tug weight');
  await dialog.getByLabel('Also found by').fill('ballast block');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await shopHas(page, { templates: [{ name: 'Tug weight', words: 'ballast block', kind: 'vehicle' }] });

  await page.goto('/new');
  await field(page, 'Find').fill('ballast');
  await page.getByRole('button', { name: 'Tug weight' }).click();
  await field(page, 'pieces of Tug weight').fill('2');
  await page.getByRole('button', { name: 'Make the job, 2 parts' }).click();
  await page.waitForURL(/intake/);
  const list = page.getByRole('navigation', { name: 'Parts and zones' });
  await expect(list).toContainText('Tug weight 1');
  await expect(list).toContainText('Tug weight 2');
  await saved(page);

  await page.goto('/shop/parts');
  await field(page, 'Name').fill('Counterweight, cast');
  await shopHas(page, { templates: [{ name: 'Counterweight, cast' }] });
  await page.getByRole('button', { name: 'Remove' }).click();
  await shopHas(page, { templates: [] });
});

test('a plan is kept, compared with the one that holds, and taken over', async ({ page }) => {
  await newJob(page, 'Two plans');
  await addPart(page, 'Steel panel, factory finish');
  await page.getByRole('link', { name: /Item, place and topcoat/ }).click();
  await choose(page, 'Topcoat wanted', 'Two-pack solid colour');
  await saved(page);
  await page.keyboard.press('Control+k');
  const find = page.getByRole('combobox', { name: 'Go to or do' });
  await find.fill('plans side');
  await find.press('Enter');
  await page.getByLabel('Keep the plan as it is now under the name').fill('Solid colour');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await saved(page);
  await stage(page, 'Intake');
  await choose(page, 'Topcoat wanted', 'Basecoat and two-pack clear');
  await saved(page);
  await page.goto(page.url().replace('/intake', '/plans'));
  const row = page.getByRole('row', { name: /^Topcoat/ });
  await expect(row).toContainText('Basecoat and two-pack clear');
  await expect(row).toContainText('Two-pack solid colour');
  await expect(page.getByRole('row', { name: /^Costs the shop/ })).toContainText('least');
  await page.getByRole('button', { name: 'Take over Solid colour' }).click();
  await expect(page.getByRole('columnheader', { name: /Before Solid colour/ })).toBeVisible();
  await expect(row.getByRole('cell').nth(0)).toContainText('Two-pack solid colour');
  await stage(page, 'Intake');
  await expect(page.locator('nz-select', { has: field(page, 'Topcoat wanted') })).toContainText('Two-pack solid colour');
});

/** A photo of a panel of 1.1 by 0.7 m with a sheet of A4 on it, taken from aside: drawn in perspective by the browser. Corners in px. */
async function panelFromAside(page: Page): Promise<{ readonly photo: Buffer; readonly panel: number[][]; readonly sheet: number[][] }> {
  await page.setViewportSize({ width: 1600, height: 1100 });
  await page.setContent(
    `<body style="margin:0;background:#666"><div style="perspective:1400px;width:1600px;height:1100px">
     <div id="panel" style="position:absolute;left:250px;top:200px;width:1100px;height:700px;background:#844;transform:rotateY(28deg)">
     <div id="sheet" style="position:absolute;left:380px;top:230px;width:297px;height:210px;background:#eee"></div></div></div></body>`,
  );
  const corners = (id: string): Promise<number[][]> =>
    page.evaluate((name) => {
      const face = document.getElementById(name) as HTMLElement;
      const at = (x: number, y: number): number[] => {
        const dot = document.createElement('i');
        dot.style.cssText = `position:absolute;width:0;height:0;left:${x}px;top:${y}px`;
        face.append(dot);
        const { x: left, y: top } = dot.getBoundingClientRect();
        dot.remove();
        return [left, top];
      };
      const [width, height] = [face.offsetWidth, face.offsetHeight];
      return [at(0, 0), at(width, 0), at(width, height), at(0, height)];
    }, id);
  const [panel, sheet] = [await corners('panel'), await corners('sheet')];
  const photo = await page.screenshot();
  await page.setViewportSize({ width: 1280, height: 800 });
  return { photo, panel, sheet };
}

test('an area is measured on a photo from aside by a sheet of A4, and corrected by keyboard', async ({ page }) => {
  const { photo, panel, sheet } = await panelFromAside(page);
  await newJob(page, 'Panel on a photo');
  await addPart(page, 'Steel panel, factory finish');
  await page.getByLabel('Photos of the part').setInputFiles({ name: 'panel.png', mimeType: 'image/png', buffer: photo });
  await expect(page.getByRole('img', { name: /photo of/ })).toBeVisible();
  await page.getByRole('button', { name: 'Measure on a photo' }).click();
  const board = page.getByRole('group', { name: 'Photo to measure on' });
  await choose(page, 'Known on it', 'A sheet');
  for (const [x, y] of [...sheet, ...panel]) {
    const at = await board.evaluate(
      (svg: SVGSVGElement, place) => {
        const point = new DOMPoint(place[0], place[1]).matrixTransform(svg.getScreenCTM() ?? undefined);
        return { x: point.x, y: point.y };
      },
      [x as number, y as number] as const,
    );
    await page.mouse.click(at.x, at.y);
  }
  const result = page.locator('.measure .result');
  await expect(result).toContainText('0.77 m²');
  const last = page.getByRole('button', { name: /^Corner 4,/ });
  await last.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowDown');
  await expect(result).not.toContainText('0.77 m²');
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowUp');
  await expect(result).toContainText('0.77 m²');
  await page.getByRole('button', { name: 'Use this area' }).click();
  await expect(page.getByText('outline on the photo, curve added')).toBeVisible();
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Change on a photo' }).click();
  await expect(result).toContainText('0.77 m²');
});

/** Slowly enough for what is dragged over to make room. */
async function dragTo(page: Page, from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x, from.y + 8, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 12 });
  await page.mouse.up();
}
const middle = (box: { x: number; y: number; width: number; height: number } | null) => ({
  x: (box?.x ?? 0) + (box?.width ?? 0) / 2,
  y: (box?.y ?? 0) + (box?.height ?? 0) / 2,
});

test('layers and parts are dragged to their place, or moved by button', async ({ page }) => {
  await page.goto('/jobs/demo-1/intake?zone=tug-22');
  const coatings = page.getByLabel(/^Thickness of layer/);
  await expect(coatings).toHaveCount(4);
  const films = (): Promise<string[]> => coatings.evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value));
  const before = await films();
  const handles = page.locator('lb-stack-editor .swatch');
  await dragTo(page, middle(await handles.nth(3).boundingBox()), middle(await handles.nth(0).boundingBox()));
  await expect.poll(films).toEqual([before[3], ...before.slice(0, 3)]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(films).toEqual(before);

  const heads = page.getByRole('navigation', { name: 'Parts and zones' }).getByRole('heading', { level: 3 });
  const names = (): Promise<string[]> => heads.allTextContents();
  const parts = await names();
  await dragTo(page, middle(await heads.nth(0).boundingBox()), middle(await heads.nth(1).boundingBox()));
  await expect.poll(names).not.toEqual(parts);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(names).toEqual(parts);
  await page.getByRole('button', { name: 'move part up' }).click();
  await expect
    .poll(async () => (await names()).findIndex((name) => name.startsWith('Counterweight')))
    .toBe(parts.findIndex((name) => name.startsWith('Counterweight')) - 1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(names).toEqual(parts);
  await saved(page);
});

test('the tour is offered once, leads through six pages, and points at what it speaks of', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Six steps show you round' }).click();
  const card = page.getByRole('dialog', { name: /./ });
  for (const [title, address] of [
    ['One item is one job', /\/$/],
    ['What is on it', /intake\?zone=/],
    ['Next always leads on', /intake$/],
    ['Every method has its price', /method\?zone=/],
    ['One order of work', /run-sheet$/],
    ['Why, and where', /words$/],
  ] as const) {
    await expect(card.getByRole('heading', { name: title })).toBeVisible();
    await expect(page).toHaveURL(address);
    await expect(page.locator('.lb-pointed')).toHaveCount(1);
    const next = card.getByRole('button', { name: 'Next step' });
    if (await next.isVisible()) await next.click();
  }
  await card.getByRole('button', { name: 'Done' }).click();
  await expect(page.locator('.lb-pointed')).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'New job' })).toBeVisible();
  await expect(page.getByText('New here?')).toHaveCount(0);
});

test('a worked example is read note by note to its end; an own note is written where it was decided, kept, and taken out', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Read a worked example' }).click();
  const slip = page.getByRole('region', { name: 'Notes at this decision' });
  await expect(slip).toContainText('A worked example');
  const count = Number(/of (\d+)/.exec(await slip.innerText())?.[1]);
  for (let note = 2; note <= count; note++) {
    await slip.getByRole('link', { name: 'Next note' }).click();
    await expect(slip).toContainText(`Note ${note} of ${count}`);
  }
  await expect(page).toHaveURL(/run-sheet/);
  await expect(slip).toContainText('the last one');

  await page.goto('/jobs/demo-1/strip?zone=tug-6');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(slip).toHaveCount(0);
  await page.getByRole('button', { name: 'Write a note' }).click();
  // The field has the keyboard by itself.
  await expect(slip.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('Disc changed every half panel.');
  await saved(page);
  await page.reload();
  await expect(slip).toContainText('Disc changed every half panel.');
  await slip.getByRole('button', { name: 'Take out the note' }).click();
  await expect(slip).toHaveCount(0);
  await saved(page);
});
