import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, planSchedule, type Job, type Schedule, type Shop } from '@lift-bare/core';
import { NEVER, of, throwError } from 'rxjs';
import { HttpErrorResponse } from '@angular/common/http';
import { SafetyApi } from '../../api/safety-api';
import { PlannerClient } from '../../workers/planner-client';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { ScheduleClient } from '../../workers/schedule-client';
import { SafetyPage } from './safety-page';

const [tug] = DEMO_JOBS as [Job];

async function page(job: Job = tug, shop: Shop = DEMO_SHOP, pdf: SafetyApi['pdf'] = () => NEVER, dates: Schedule | null = null) {
  const context = {
    job: signal(job),
    shop: signal(shop),
    plan: signal(planJob(job, shop, CATALOGUE)),
    jobId: signal('tug'),
    now: () => Date.parse('2026-11-28T09:00:00Z'),
  };
  const units = {
    shownBy: (shop: unknown) => shop,
    text: (text: string) => text,
    show: (value: number, dimension: string) => `${value.toFixed(1)} ${dimension}`,
    money: (value: number) => `€ ${value}`,
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      { provide: JobContext, useValue: context },
      { provide: Units, useValue: units },
      { provide: PlannerClient, useValue: {} },
      { provide: ScheduleClient, useValue: { of: () => of({ schedule: dates, busy: false, trouble: null }) } },
      { provide: SafetyApi, useValue: { pdf, worn: () => of([]) } },
    ],
  });
  const fixture = TestBed.createComponent(SafetyPage);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.includes(text))?.click();
    await fixture.whenStable();
  };
  return { root, press, text: () => root.textContent?.replace(/\s+/g, ' ') ?? '' };
}

test('a settled job has no stop; who may not do it is told why', async () => {
  const { root, text } = await page();
  expect(root.querySelectorAll('.note.stop')).toHaveLength(0);
  expect(text()).toContain('fit test of 2025-09-02 is over a year old');
  expect([...root.querySelectorAll('h2')].map((h2) => h2.textContent)).toEqual(expect.arrayContaining(['Air', 'People', 'First aid', 'Waste']));
});

test('what the shop lacks is a stop with its ways out, and is marked where it is worn', async () => {
  const { root, text } = await page(tug, { ...DEMO_SHOP, equipment: ['da', 'grinder', 'spray-gun'] });
  const stop = [...root.querySelectorAll('.note.stop')].find((note) => note.textContent?.includes('Supplied-air set missing'));
  expect([...(stop?.querySelectorAll('a') ?? [])].map((a) => a.textContent)).toContain('Kit of the shop');
  expect(text()).toMatch(/supplied air: no smell is no proof ?not in the shop/);
});

test('what comes up goes by day once the days are known, by stage before', async () => {
  expect((await page()).text()).toMatch(/What comes up ?Set up/);
  TestBed.resetTestingModule();
  const now = new Date(2026, 10, 30, 7).getTime();
  const dates = planSchedule([{ id: 'tug', job: tug, operations: planJob(tug, DEMO_SHOP, CATALOGUE).operations }], DEMO_SHOP, now);
  const { text } = await page(tug, DEMO_SHOP, undefined, dates);
  await new Promise((settled) => setTimeout(settled, 100));
  expect(text()).toMatch(/What comes up, day by day ?Mon 30 Nov/);
});

test('without people the page says where they are entered', async () => {
  const { root } = await page(tug, { ...DEMO_SHOP, people: [] });
  expect(root.querySelector('a[href="/shop/people"]')).not.toBeNull();
});

test('a PDF that cannot be made says why, and may be tried again', async () => {
  const asked: string[] = [];
  const { root, press } = await page(tug, DEMO_SHOP, (what) => {
    asked.push(what);
    return throwError(() => new HttpErrorResponse({ status: 0 }));
  });
  await press('Safety sheet as PDF');
  await press('Waste note as PDF');
  expect(asked).toEqual(['sheet', 'waste']);
  expect(root.querySelector('[role=alert]')?.textContent).toContain('The server is not reached');
});

test('an empty job says what to do first', async () => {
  const { text } = await page({ ...tug, parts: [] }, DEMO_SHOP, () => of(new Blob()));
  expect(text()).toContain('Nothing to guard against yet');
});
