import { provideZonelessChangeDetection, signal, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import {
  CATALOGUE,
  DEMO_JOBS,
  DEMO_SHOP,
  formatHands,
  gatherFacts,
  lowerFirst,
  methodOf,
  planJob,
  type BuildPlan,
  type Job,
  type Place,
  type ZonePlan,
} from '@lift-bare/core';
import { By } from '@angular/platform-browser';
import { JobContext } from '../../state/job-context';
import { zoneContext } from '../../testing/zone-context';
import { ChoiceField } from '../../ui/choice-field';
import { Units } from '../../ui/units.service';
import { CoatsView } from './coats-view';
import { ColoursView } from './colours-view';
import { MaskingView } from './masking-view';
import { MixView } from './mix-view';
import { SystemsView } from './systems-view';
import { WindowsView } from './windows-view';

const units = {
  hands: formatHands,
  inline: lowerFirst,
  minutes: (value: number) => `${Math.round(value)} min`,
  money: (value: number) => `€ ${Math.round(value)}`,
  show: (value: number, dimension: string) => `${value.toFixed(2)} ${dimension}`,
  system: () => 'metric',
  text: (text: string) => text,
};
const { tug, buggy } = { tug: DEMO_JOBS[0] as Job, buggy: DEMO_JOBS.find(({ name }) => name.startsWith('Shore patrol')) as Job };

/** A view on the first zone of a part, with the job as it is or at another place. */
async function show(view: Type<unknown>, document: Job, partName: RegExp, place: Partial<Place> = {}, scale = DEMO_SHOP.scale) {
  const job: Job = { ...document, place: { ...document.place, ...place } };
  const shop = { ...DEMO_SHOP, scale };
  const part = job.parts.find(({ name }) => partName.test(name));
  const plan = planJob(job, shop, CATALOGUE);
  const zonePlan = plan.zones.find(({ zone }) => zone === part?.zones[0]?.id) as ZonePlan;
  const facts = gatherFacts(job, shop, CATALOGUE).find(({ zone }) => zone.id === zonePlan.zone) ?? null;
  const context = {
    job: signal(job),
    shop: signal(shop),
    catalogue: signal(CATALOGUE),
    facts: signal(facts),
    plan: signal(plan),
    zonePlan: signal(zonePlan),
    zone: signal(facts?.zone ?? null),
    method: signal(methodOf(zonePlan.chosen, CATALOGUE)),
  };
  TestBed.resetTestingModule().configureTestingModule({
    providers: [provideZonelessChangeDetection(), provideRouter([]), { provide: JobContext, useValue: context }, { provide: Units, useValue: units }],
  });
  const fixture = TestBed.createComponent(view);
  const build = zonePlan.build as BuildPlan;
  if (view === MixView) fixture.componentRef.setInput('coats', build.coats);
  else if (view !== SystemsView && view !== WindowsView) fixture.componentRef.setInput('build', build);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  return { root, build, rows: [...root.querySelectorAll('tbody tr')].map((row) => row.textContent ?? '') };
}
const at = (celsius: number): Partial<Place> => ({ temperature: celsius as Place['temperature'] });

test('masking names tape, reason and the moment it comes off; outdoors it warns of the mist', async () => {
  const indoors = await show(MaskingView, buggy, /Frame rails/);
  expect(indoors.rows.find((row) => /Bearing seats/.test(row))).toMatch(/Rubber blast tape.*before the bare surface is treated/);
  expect(indoors.root.textContent).not.toContain('The mist travels');
  const outdoors = await show(MaskingView, buggy, /Frame rails/, { indoors: false });
  expect(outdoors.root.textContent).toContain('The mist travels');
});

test('each product has its mix, and the scale adds up as it is poured', async () => {
  const { root, build } = await show(MixView, tug, /Side panels/);
  expect([...root.querySelectorAll('h2')].map((title) => title.textContent)).toEqual(build.coats.map(({ name }) => name));
  for (const table of root.querySelectorAll('table')) {
    const grams = [...table.querySelectorAll('tbody tr')].map((row) =>
      [...row.querySelectorAll('td')].slice(2).map((cell) => Number.parseFloat(cell.textContent ?? '')),
    );
    const poured = grams.reduce((sum, [mass = 0]) => sum + mass, 0);
    expect(Math.abs(poured - (grams.at(-1)?.[1] ?? 0))).toBeLessThanOrEqual(grams.length);
  }
});

test('a coarse scale is told, a fine one is not; warmth takes the slow hardener', async () => {
  expect((await show(MixView, tug, /Side panels/, {}, 20)).root.textContent).toContain('Too little for the scale');
  expect((await show(MixView, tug, /Side panels/, {}, 0.1)).root.textContent).not.toContain('Too little for the scale');
  expect((await show(MixView, tug, /Side panels/, at(30))).root.textContent).toContain('slow hardener');
});

test('windows stand in the order of the coats, each with who governs', async () => {
  const { rows, build } = await show(WindowsView, tug, /Side panels/);
  const order = build.coats.map(({ name }) => rows.findIndex((row) => row.startsWith(name)));
  expect(order).toEqual([...order].sort((a, b) => a - b));
  expect(rows.some((row) => row.startsWith('Key'))).toBe(true);
  for (const row of rows) expect(row).toMatch(/(label|shop|model) governs/);
});

test('systems are named cheapest first, the planned one marked once, the rest refused with a reason', async () => {
  const { root, rows } = await show(SystemsView, tug, /Side panels/);
  const costs = [...(root.querySelector('table')?.querySelectorAll('tbody tr') ?? [])].map((row) =>
    Number(/€ (\d+)/.exec(row.textContent ?? '')?.[1]),
  );
  expect(costs).toEqual([...costs].sort((a, b) => a - b));
  expect(rows.filter((row) => row.includes('planned'))).toHaveLength(1);
  const refused = [...root.querySelectorAll('tr.out .why')].map((cell) => cell.textContent ?? '');
  expect(refused.length).toBeGreaterThan(2);
  expect(new Set(refused).size).toBe(refused.length);
});

/** A view whose edits the plan follows. */
async function onContext<T>(view: Type<T>, context: ReturnType<typeof zoneContext>, inputs: Readonly<Record<string, unknown>> = {}) {
  TestBed.resetTestingModule().configureTestingModule({
    providers: [provideZonelessChangeDetection(), { provide: JobContext, useValue: context }, { provide: Units, useValue: units }],
  });
  const fixture = TestBed.createComponent(view);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  return fixture;
}

test('spray cans are counted where a product comes out of cans; the usual tool is not written down', async () => {
  const context = zoneContext(/^Shore patrol/, /^Bonnet/);
  const build = () => context.zonePlan()?.build as BuildPlan;
  const fixture = await onContext(CoatsView, context, { build: build() });
  const root = fixture.nativeElement as HTMLElement;
  const colour = build().coats.at(-1) as BuildPlan['coats'][number];
  const choose = async (tool: string) => {
    fixture.debugElement.queryAll(By.directive(ChoiceField)).at(-1)?.componentInstance.changed.emit(tool);
    fixture.componentRef.setInput('build', build());
    await fixture.whenStable();
  };
  await choose('aerosol');
  expect(context.zone()?.laidWith).toEqual({ [colour.base]: 'aerosol' });
  const { cans } = build().coats.at(-1) as BuildPlan['coats'][number];
  expect(root.querySelector('.coats tbody tr:last-child')?.textContent).toContain(`${cans} can`);
  await choose(colour.apply);
  expect(context.zone()?.laidWith).toEqual({});
  expect(root.querySelector('.coats')?.textContent).not.toMatch(/\d cans?/);
});

describe('two colours', () => {
  async function colours() {
    const context = zoneContext(/^Shore patrol/, /^Bonnet/);
    const { zone } = context;
    const fixture = await onContext(ColoursView, context);
    const root = fixture.nativeElement as HTMLElement;
    const press = async (text: RegExp) => {
      [...root.querySelectorAll('button')].find((button) => text.test(button.textContent ?? ''))?.click();
      await fixture.whenStable();
    };
    const type = async (label: RegExp, i: number, text: string) => {
      const { htmlFor } = [...root.querySelectorAll('label')].filter(({ textContent }) => label.test(textContent ?? ''))[i] as HTMLLabelElement;
      const input = root.querySelector(`#${htmlFor}`) as HTMLInputElement;
      input.value = text;
      input.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    return { root, press, type, zone };
  }

  test('one touch starts with the colour of the topcoat, another takes it back', async () => {
    const { root, press, zone } = await colours();
    await press(/Two colours/);
    expect(zone()?.design?.colours.map(({ coat }) => coat)).toEqual(['solid-2k', 'solid-2k']);
    expect(root.querySelector('h2')?.textContent).toMatch(/first colour, then two-pack solid colour, second colour/);
    expect([...root.querySelectorAll('tbody b')].map((title) => title.textContent)).toEqual(
      expect.arrayContaining(['Tape the line', 'Pull the line tape']),
    );
    await press(/One colour again/);
    expect(zone()?.design).toBeNull();
  });

  test('a tape time of the label moves the line of that colour, and an empty field gives it back', async () => {
    const { root, press, type, zone } = await colours();
    await press(/Two colours/);
    const line = () => [...root.querySelectorAll('tbody tr')].map((row) => row.textContent ?? '').find((row) => /Tape the line/.test(row));
    const usual = line();
    for (const i of [0, 1]) await type(/^Tape after/, i, '2000');
    expect(zone()?.design?.colours.map(({ tape }) => tape)).toEqual([2000, 2000]);
    expect(Number(/from (\d+) min/.exec(line() ?? '')?.[1])).toBeGreaterThan(1999);
    for (const i of [0, 1]) await type(/^Tape after/, i, '');
    expect(line()).toBe(usual);
    await type(/^Tape after/, 0, '0');
    expect(root.querySelector('[role=alert]')?.textContent).toMatch(/from 1 to/);
  });

  test('lettering starts from its film, with the wait before it', async () => {
    const { root, press } = await colours();
    await press(/Lettering/);
    const rows = [...root.querySelectorAll('tbody tr')].map((row) => row.textContent ?? '');
    expect(rows.find((row) => /Lay the cut film/.test(row))).toMatch(/from \d+ min after/);
    expect(rows.find((row) => /Peel the film/.test(row))).toMatch(/\d+ min to \d+ min after/);
  });
});

test('a system that is not planned can be picked; what is planned has no button', async () => {
  const { root } = await show(SystemsView, buggy, /Frame rails/);
  const rows = [...root.querySelectorAll('tbody tr')].filter((row) => /planned|Plan this/.test(row.textContent ?? ''));
  expect(rows.length).toBeGreaterThan(1);
  for (const row of rows) expect(row.querySelector('button') === null).toBe(row.className.includes('pick'));
});
