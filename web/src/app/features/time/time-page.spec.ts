import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import {
  CATALOGUE,
  DEMO_JOBS,
  DEMO_SHOP,
  NO_CUSTOMER,
  planJob,
  planSchedule,
  readWith,
  Job as JobSchema,
  type Job,
  type Schedule,
  type Sooner,
} from '@lift-bare/core';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { NEVER, of } from 'rxjs';
import { ScheduleApi } from '../../api/schedule-api';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { RunLog } from '../../state/run-log';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';
import { TimePage } from './time-page';

const [tug] = DEMO_JOBS as [Job];
const NOW = new Date(2026, 10, 30, 7).getTime();
globalThis.ResizeObserver ??= class {
  observe = (): void => undefined;
  unobserve = (): void => undefined;
  disconnect = (): void => undefined;
};

const scheduleOf = (job: Job): Schedule =>
  planSchedule([{ id: 'tug', job, operations: planJob(job, DEMO_SHOP, CATALOGUE).operations }], DEMO_SHOP, NOW);

async function page(given: Job = tug, change: (schedule: Schedule) => Schedule = (schedule) => schedule, sooner: Sooner[] = []) {
  const job = signal(given);
  const taken: unknown[] = [];
  const context = {
    worked: job,
    run: signal<{ readonly works: ReadonlyMap<string, unknown> } | null>(null),
    job,
    jobId: signal('tug'),
    shop: signal(DEMO_SHOP),
    plan: signal({ findings: [{ severity: 'stop' }], operations: [] }),
    handOver: signal<string | null>(null),
    now: () => NOW,
    edit: (_: string, edit: (job: Job) => Job) => job.update(edit),
    take: (...all: unknown[]) => taken.push(all),
  };
  const run = (task: string) =>
    task === 'schedule'
      ? of({ kind: 'done', id: 1, value: change(scheduleOf(job())) })
      : task === 'forward'
        ? of({ kind: 'done', id: 2, value: sooner })
        : NEVER;
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      provideNzI18n(en_US),
      { provide: JobContext, useValue: context },
      { provide: OfferBook, useValue: { customer: () => NO_CUSTOMER } },
      { provide: PlannerClient, useValue: { run } },
      { provide: RunLog, useValue: { say: (...all: unknown[]) => taken.push(all), takeWorkBack: (...all: unknown[]) => taken.push(all) } },
      { provide: ScheduleApi, useValue: { calendar: () => NEVER } },
      { provide: Units, useValue: { text: (text: string) => text, money: (value: number) => `€ ${value}` } },
    ],
  });
  const fixture = TestBed.createComponent(TimePage);
  const settle = async () => {
    // What is waited for before a new layout starts here, and ends before the wait below, however slow the machine is.
    TestBed.tick();
    await new Promise((done) => setTimeout(done, 90));
    await fixture.whenStable();
  };
  await settle();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.trim() === text)?.click();
    await settle();
  };
  return { root, job, context, taken, settle, press, text: () => root.textContent?.replace(/\s+/g, ' ') ?? '' };
}

test('says when it is handed over, that every window is kept, and what decides the end', async () => {
  const { text, context, root } = await page();
  expect(text()).toContain('Handed over Monday 14 December, 09:10');
  expect(text()).toContain('Every window is kept.');
  expect(text()).toContain('One stop is not settled');
  expect(context.handOver()).toBe('Mon 14 Dec');
  expect([...root.querySelectorAll('.why li')].map((li) => li.textContent)).toEqual(expect.arrayContaining([expect.stringContaining('works alone')]));
});

test('the day it is due is held against the end', async () => {
  const late = await page({ ...tug, due: '2026-12-11' });
  expect(late.text()).toContain('Not ready in time');
  TestBed.resetTestingModule();
  expect((await page({ ...tug, due: '2026-12-24' })).text()).toContain('to spare');
});

test('a step is looked at, put later, marked as pinned, and let go; the document stays one that is accepted', async () => {
  const { root, job, press, text, settle } = await page();
  root.querySelector<HTMLButtonElement>('.bar.coat')?.click();
  await settle();
  await press('A day later');
  expect(job().pins).toHaveLength(1);
  expect(readWith(JobSchema, job()).ok).toBe(true);
  expect(text()).toContain('pinned');
  await press('take the pin out');
  expect(job().pins).toEqual([]);
});

test('a step begins, is over and is taken back; what has happened is marked and not moved any more', async () => {
  const { root, job, press, text, settle } = await page();
  root.querySelector<HTMLButtonElement>('.bar')?.click();
  await settle();
  await press('Begun now');
  expect(job().progress).toEqual([expect.objectContaining({ from: new Date(NOW).toISOString(), to: null })]);
  expect(text()).toContain('under way');
  expect([...root.querySelectorAll('button')].map((button) => button.textContent?.trim())).not.toContain('1 h later');
  await press('Done now');
  expect(job().progress[0]?.to).toBe(new Date(NOW).toISOString());
  expect(readWith(JobSchema, job()).ok).toBe(true);
  expect(root.querySelector('.bar.done')).not.toBeNull();
  await press('not done after all');
  expect(job().progress).toEqual([]);
});

test('of a job that was started what begins and is over goes to its record, not into the document', async () => {
  const { root, job, context, taken, press, settle } = await page();
  context.run.set({ works: new Map() });
  root.querySelector<HTMLButtonElement>('.bar')?.click();
  await settle();
  await press('Begun now');
  expect(taken).toMatchObject([['tug', { what: 'begun', zones: expect.any(Array) as string[] }]]);
  expect(job().progress).toEqual(tug.progress);
});

test('keys go from step to step, and with Shift they move the step', async () => {
  const { root, job, settle } = await page();
  const field = root.querySelector('.field[role=group]');
  const key = async (options: KeyboardEventInit) => {
    field?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', ...options }));
    await settle();
  };
  await key({});
  const first = root.querySelector('.bar.on')?.getAttribute('data-work');
  await key({});
  expect(root.querySelector('.bar.on')?.getAttribute('data-work')).not.toBe(first);
  await key({ shiftKey: true });
  expect(job().pins).toHaveLength(1);
});

test('a window that is not kept is told with what mends it', async () => {
  const { text, root } = await page(tug, (schedule) => ({
    ...schedule,
    windows: schedule.windows.map((window, i) => ({ ...window, kept: i !== 0 })),
  }));
  expect(text()).toContain('One window is not kept, see right.');
  expect(root.querySelector('aside .note.stop')?.textContent).toContain('The window closes');
  expect(root.querySelectorAll('.window.broken').length).toBeGreaterThan(0);
});

test('what would bring it forward is tried when it is asked for; ways are taken, hours are for the shop to decide', async () => {
  const way: Sooner = {
    says: 'Faces: gel',
    gain: 72 * 3_600_000,
    cost: 67,
    remedy: { kind: 'method', zone: 'z', method: 'mech.da', at: null, name: 'gel' },
  };
  const { press, text, taken } = await page(tug, undefined, [way, { says: 'Saturday mornings', gain: 3_600_000, cost: null, remedy: null }]);
  await press('Try it out');
  expect(text()).toMatch(/Faces: gel ?€ 67 dearer ?3 days/);
  expect(text()).toContain('for the shop to decide');
  await press('take it');
  expect(taken).toEqual([[way.remedy, 'Brings the hand-over forward']]);
});

test('one day of the sheet at a time, or all of them', async () => {
  const { root, press } = await page();
  const days = () => root.querySelectorAll('lb-day-sheet section').length;
  expect(days()).toBeGreaterThan(3);
  await press('Fri 4 Dec');
  expect(days()).toBe(1);
});
