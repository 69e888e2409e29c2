import { computed, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job, type Part } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { ClockView } from './clock-view';

const HOUR = 3_600_000;
const document = DEMO_JOBS[0] as Job;
const units = { show: (value: number) => `${value}`, minutes: (value: number) => `${Math.round(value)} min`, text: (text: string) => text };

async function clocks(bareHoursAgo: number | null = null) {
  const bareAt = bareHoursAgo === null ? null : new Date(Date.now() - bareHoursAgo * HOUR).toISOString();
  const job = signal<Job>({ ...document, parts: document.parts.map((part): Part => ({ ...part, bareAt })) });
  const context = {
    job,
    plan: computed(() => planJob(job(), DEMO_SHOP, CATALOGUE)),
    readings: signal([]),
    now: () => Date.now(),
    edit: (_: string, change: (before: Job) => Job) => job.update(change),
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideNzI18n(en_US),
      { provide: JobContext, useValue: context },
      { provide: Units, useValue: units },
    ],
  });
  const fixture = TestBed.createComponent(ClockView);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const sections = () => [...root.querySelectorAll('section')];
  const settle = () => fixture.whenStable();
  return { root, job, sections, settle };
}

test('a part on which nothing rusts has no clock; every other one has', async () => {
  const { job, sections } = await clocks();
  const plan = planJob(job(), DEMO_SHOP, CATALOGUE);
  const rusting = job().parts.filter(({ id }) => plan.zones.some(({ part, bare }) => part === id && bare.primeWithin !== null));
  expect(sections().map((section) => section.querySelector('h2')?.textContent)).toEqual(rusting.map(({ name }) => name));
  expect(sections().length).toBeLessThan(job().parts.length);
});

test('one touch starts the clock of that part alone, another takes it back', async () => {
  const { job, sections, settle } = await clocks();
  const [first] = sections();
  first?.querySelector('button')?.click();
  await settle();
  const started = job().parts.filter(({ bareAt }) => bareAt !== null);
  expect(started.map(({ name }) => name)).toEqual([first?.querySelector('h2')?.textContent]);
  expect(sections()[0]?.textContent).toMatch(/running.*Primer on by/s);
  sections()[0]?.querySelector('button')?.click();
  await settle();
  expect(job().parts.every(({ bareAt }) => bareAt === null)).toBe(true);
});

test('an overrun says so in words and what to do about it', async () => {
  const { sections } = await clocks(9);
  const steel = sections().find((section) => section.className.includes('over'));
  expect(steel?.textContent).toMatch(/over.*overrun.*re-key all over/s);
});

test('long after it is treated again', async () => {
  const { sections } = await clocks(400);
  expect(sections().every((section) => section.className.includes('lost'))).toBe(true);
  expect(sections()[0]?.textContent).toMatch(/treat the rust again/);
});

test('the time can be set right; a field that names no time changes nothing', async () => {
  const { job, sections, settle } = await clocks(1);
  const input = sections()[0]?.querySelector('input') as HTMLInputElement;
  const name = sections()[0]?.querySelector('h2')?.textContent;
  const at = () => job().parts.find((part) => part.name === name)?.bareAt;
  const before = at();
  input.value = '';
  input.dispatchEvent(new Event('focusout', { bubbles: true }));
  await settle();
  expect(at()).toBe(before);
  input.value = '2026-11-20T08:30';
  input.dispatchEvent(new Event('focusout', { bubbles: true }));
  await settle();
  expect(at()).toBe(new Date('2026-11-20T08:30').toISOString());
});

test('ways to hold a part say how each comes off again', async () => {
  const { root } = await clocks();
  const rows = [...root.querySelectorAll('tbody tr')];
  expect(rows.length).toBeGreaterThanOrEqual(3);
  for (const row of rows) expect([...row.querySelectorAll('td')].every((cell) => (cell.textContent ?? '').length > 5)).toBe(true);
});
