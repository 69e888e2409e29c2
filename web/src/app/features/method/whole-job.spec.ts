import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import {
  CATALOGUE,
  chooseForJob,
  DEMO_JOBS,
  DEMO_SHOP,
  formatHands,
  lowerFirst,
  planJob,
  type Job,
  type JobChoice,
  type Plan,
} from '@lift-bare/core';
import { Subject, type Observable } from 'rxjs';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import type { Report } from '../../workers/messages';
import { PlannerClient } from '../../workers/planner-client';
import { WholeJob } from './whole-job';

const document = DEMO_JOBS[0] as Job;
const units = {
  hands: formatHands,
  inline: lowerFirst,
  money: (value: number) => `€ ${Math.round(value)}`,
  show: (value: number) => `${value.toFixed(1)} kg`,
  text: (text: string) => text,
};

function answer(): JobChoice {
  const search = chooseForJob(document, DEMO_SHOP, CATALOGUE);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

async function page() {
  const job = signal(document);
  const plan = signal<Plan>(planJob(document, DEMO_SHOP, CATALOGUE));
  const reports = new Map<string, Subject<Report>>();
  const stops: string[] = [];
  const planner = {
    run: (task: string, _: unknown, stop?: Observable<void>) => {
      stop?.subscribe(() => stops.push(task));
      const subject = new Subject<Report>();
      reports.set(task, subject);
      return subject;
    },
  };
  const context = {
    job,
    plan,
    shop: signal(DEMO_SHOP),
    edit: (_: string, change: (before: Job) => Job) => {
      job.update(change);
      plan.set(planJob(job(), DEMO_SHOP, CATALOGUE));
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      { provide: JobContext, useValue: context },
      { provide: PlannerClient, useValue: planner },
      { provide: Units, useValue: units },
    ],
  });
  const fixture = TestBed.createComponent(WholeJob);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const say = async (task: string, report: object) => {
    reports.get(task)?.next({ id: 1, ...report } as Report);
    await fixture.whenStable();
  };
  const button = (text: RegExp) => [...root.querySelectorAll('button')].find((b) => text.test(b.textContent ?? ''));
  const click = async (element: HTMLElement | undefined | null) => {
    element?.click();
    await fixture.whenStable();
  };
  return { root, say, button, click, job, stops };
}

test('while it searches the best so far and the bound are told, and it can be stopped', async () => {
  const { root, say, button, click, stops } = await page();
  await say('choose', { kind: 'progress', value: { picks: [], cost: 900, bound: 850, proven: false, nodes: 1200 } });
  expect(root.querySelector('[role=status]')?.textContent).toMatch(/1,200 sets.*€ 900.*€ 850/s);
  await click(button(/Stop and take/));
  expect(stops).toEqual(['choose']);
});

test('the winner is used with one touch; then it is in use, and can be given back', async () => {
  const { say, button, click, job, root } = await page();
  await say('choose', { kind: 'done', value: answer() });
  expect(root.querySelector('[role=radio]')?.textContent).toContain('nothing costs less');
  await click(button(/^Use this set/));
  expect(
    job()
      .parts.flatMap(({ zones }) => zones)
      .every(({ choice }) => choice?.by === 'whole-job'),
  ).toBe(true);
  expect(button(/is in use/)?.disabled).toBe(true);
  await click(button(/Each zone for itself/));
  expect(job()).toEqual(document);
});

test('a search that was cut short says how far from the best it may be', async () => {
  const { say, root } = await page();
  await say('choose', { kind: 'done', value: { ...answer(), proven: false, gap: 0.034 } });
  expect(root.querySelector('[role=radio]')?.textContent).toContain('within 3.4 % of the best');
});

test('a pin keeps the method of a zone, and taking it out frees the zone', async () => {
  const { click, job, root } = await page();
  const pin = () => root.querySelector('tbody input[type=checkbox]') as HTMLInputElement;
  await click(pin());
  const [zone] = job().parts[0]?.zones ?? [];
  expect(zone?.choice).toMatchObject({ by: 'hand', method: planJob(document, DEMO_SHOP, CATALOGUE).zones[0]?.chosen?.method });
  await click(pin());
  expect(job().parts[0]?.zones[0]?.choice).toBeNull();
});

test('pins are told apart, whatever the zones of other parts are called', async () => {
  const { root, job } = await page();
  const labels = [...root.querySelectorAll('tbody input[type=checkbox]')].map((pin) => pin.getAttribute('aria-label') ?? '');
  const places = job().parts.flatMap(({ name, zones }) => zones.map((zone) => `${name}: ${zone.name}`));
  expect(labels.map((label) => label.replace(/^keep .* for /, ''))).toEqual(places);
  expect(new Set(labels).size).toBe(places.length);
});

test('what a missing tool would save is told, and trouble as well', async () => {
  const { say, root } = await page();
  await say('kit', { kind: 'done', value: [{ equipment: 'blast-pot', name: 'Blast pot with compressor', saves: 210 }] });
  expect(root.textContent).toContain('Blast pot with compressor: € 210 less');
  await say('choose', { kind: 'failed', reason: 'out of memory' });
  expect(root.querySelector('[role=alert]')?.textContent).toContain('out of memory');
});
