import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job, type Plan } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { PlanSaid } from './plan-said';

const [tug, launch] = DEMO_JOBS as [Job, Job];
const planOf = (job: Job): Plan => planJob(job, DEMO_SHOP, CATALOGUE);
const tested: Job = {
  ...tug,
  parts: tug.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, condition: { ...zone.condition, lead: 'lab-clear' } })) })),
};

/** What has been said once it is quiet, for each of some plans that follow each other. */
function saying() {
  const context = { jobId: signal('tug'), plan: signal<Plan | null>(null) };
  const units = {
    hands: (minutes: number) => `${Math.round(minutes)} min`,
    money: (value: number) => `€ ${Math.round(value)}`,
    inline: (name: string) => name,
  };
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), { provide: JobContext, useValue: context }, { provide: Units, useValue: units }],
  });
  const fixture = TestBed.createComponent(PlanSaid);
  const then = (plan: Plan, quiet: number): string => {
    context.plan.set(plan);
    fixture.detectChanges();
    jest.advanceTimersByTime(quiet);
    fixture.detectChanges();
    return (fixture.nativeElement as HTMLElement).querySelector('[role=status]')?.textContent ?? '';
  };
  return { ...context, then };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('nothing is said of the first plan; then what changed, once nobody types any more', () => {
  const { then } = saying();
  expect(then(planOf(tug), 2000)).toBe('');
  expect(then(planOf(tested), 100)).toBe('');
  const said = then(planOf(tested), 2000);
  expect(said).toMatch(/^Plan: Counterweight, .*; \d questions? fewer; \d+ min less by hand; € \d+ cheaper\.$/);
  expect(said).not.toContain('stop');
});

test('what is typed and taken back before it is quiet is not said; another job is no change', () => {
  const { then, jobId } = saying();
  then(planOf(tug), 2000);
  then(planOf(tested), 100);
  expect(then(planOf(tug), 2000)).toBe('');
  jobId.set('launch');
  expect(then(planOf(launch), 2000)).toBe('');
});
