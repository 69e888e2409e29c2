import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, openWindows, planJob, planSchedule, type Job } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { WindowNote } from './window-note';

const [tug] = DEMO_JOBS as [Job];
const plan = planJob(tug, DEMO_SHOP, CATALOGUE);
const { windows, works } = planSchedule([{ id: 'tug', job: tug, operations: plan.operations }], DEMO_SHOP, new Date(2026, 10, 30, 7).getTime());
const prime = windows.find(({ what }) => what === 'prime');
const bared = works.find(({ id }) => id === prime?.from);
const entry = (id: string, from: number, to: number): Job['progress'][number] => ({
  work: id,
  from: new Date(from).toISOString(),
  to: new Date(to).toISOString(),
  by: '',
  zones: [],
});

async function noteAt(now: number, progress: Job['progress']): Promise<string> {
  const context = { worked: signal({ ...tug, progress }), plan: signal(plan), jobId: signal('tug'), now: () => now };
  TestBed.resetTestingModule();
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      { provide: JobContext, useValue: context },
      { provide: Units, useValue: { text: (text: string) => text } },
    ],
  });
  const fixture = TestBed.createComponent(WindowNote);
  await fixture.whenStable();
  return (fixture.nativeElement as HTMLElement).textContent?.replace(/\s+/g, ' ').trim() ?? '';
}

test('a window that runs is told before it closes, and what mends it when it is too late; what has begun in it silences it', async () => {
  if (!prime || !bared) throw new Error('the tug is primed within a window');
  const closes = prime.closes;
  const done = [entry(bared.id, bared.start, bared.end)];
  expect(await noteAt(closes - 40 * 60_000, [])).toBe('');
  expect(await noteAt(closes - 40 * 60_000, done)).toContain('40 min left');
  expect(await noteAt(closes + 60_000, done)).toMatch(/Too late for .*key/i);
  expect(await noteAt(closes + 60_000, [...done, { ...entry(prime.to, closes, closes), to: null }])).not.toContain(
    works.find(({ id }) => id === prime.to)?.title,
  );
});

test('the window that closes first comes first, and none runs before anything is over', () => {
  const all = windows.map(({ from }) => works.find(({ id }) => id === from)).flatMap((work) => (work ? [entry(work.id, work.start, work.end)] : []));
  const running = openWindows(plan.operations, all);
  expect(running.length).toBeGreaterThan(0);
  expect(running.map(({ closes }) => closes)).toEqual(running.map(({ closes }) => closes).sort((a, b) => a - b));
  expect(
    openWindows(
      plan.operations,
      all.map((one) => ({ ...one, to: null })),
    ),
  ).toEqual([]);
});
