import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, tryAnswers, type Job, type Tried } from '@lift-bare/core';
import { of } from 'rxjs';
import { JobContext } from '../../state/job-context';
import { OpenQuestions } from '../../state/open-questions';
import { Toasts } from '../../ui/toast.service';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';
import { QuestionCards } from './question-cards';

function everyAnswer(job: Job, left: ReadonlySet<string>): Tried[] {
  const search = tryAnswers(job, DEMO_SHOP, CATALOGUE, left);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

/** The tug without its topcoat and its year: several questions are open. */
async function cards(zone: { zone: string; part: string } | null = null) {
  const tug = DEMO_JOBS[0] as Job;
  const job = signal<Job>({ ...tug, finish: null, item: { ...tug.item, year: null } });
  const plan = signal(planJob(job(), DEMO_SHOP, CATALOGUE));
  const said: string[] = [];
  const context = {
    job,
    plan,
    jobId: signal('tug'),
    shop: signal(DEMO_SHOP),
    undo: () => undefined,
    edit: (_: string, change: (before: Job) => Job) => {
      job.set(change(job()));
      plan.set(planJob(job(), DEMO_SHOP, CATALOGUE));
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      { provide: JobContext, useValue: context },
      OpenQuestions,
      {
        provide: PlannerClient,
        useValue: { run: (_: string, { left }: { left: ReadonlySet<string> }) => of({ kind: 'done', value: everyAnswer(job(), left) }) },
      },
      { provide: Toasts, useValue: { say: (text: string) => said.push(text) } },
      { provide: Units, useValue: { money: (value: number) => `€ ${value.toFixed(0)}`, text: (text: string) => text } },
    ],
  });
  const fixture = TestBed.createComponent(QuestionCards);
  fixture.componentRef.setInput('of', zone);
  await fixture.whenStable();
  // The answers are tried once nobody types any more.
  while (TestBed.inject(OpenQuestions).trying()) await new Promise((done) => setTimeout(done, 20));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const button = (name: RegExp) => [...root.querySelectorAll('button')].find(({ textContent }) => name.test(textContent ?? ''));
  return {
    job,
    said,
    next: () => TestBed.inject(OpenQuestions).next()?.says,
    asked: () => [...root.querySelectorAll('h3')].map(({ textContent }) => textContent),
    text: () => root.textContent ?? '',
    press: async (name: RegExp) => {
      button(name)?.click();
      await fixture.whenStable();
    },
  };
}

test('the topcoat decides most and is asked first; every answer says what it would change', async () => {
  const { asked, text } = await cards();
  expect(asked()[0]).toBe('Which topcoat should be on it at the end?');
  expect(text()).toMatch(/Two-pack solid colour€ \d+ dearer/);
  expect(text()).toMatch(/1980s.*(nothing else changes|cheaper|dearer)/);
});

test('an answer that is touched is written, said, and the question is gone', async () => {
  const { press, job, asked, said } = await cards();
  await press(/^Two-pack solid colour/);
  expect(job().finish).toBe('solid-2k');
  expect(asked()).not.toContain('Which topcoat should be on it at the end?');
  expect(said).toEqual(['Which topcoat should be on it at the end? Two-pack solid colour.']);
});

test('a place that is struck out is left as it is, and asked afresh once the others are answered', async () => {
  const { press, job } = await cards();
  const lead = () =>
    job()
      .parts.flatMap(({ zones }) => zones.map(({ condition }) => condition.lead))
      .filter((state) => state === 'present').length;
  const before = lead();
  await press(/✓ Counterweight: Lifting pockets/);
  await press(/^Lead was found/);
  expect(lead()).toBe(before + 1);
  await press(/^Lead was found/);
  expect(lead()).toBe(before + 2);
});

test('beside a zone only what is asked of it', async () => {
  const tug = DEMO_JOBS[0] as Job;
  const part = tug.parts.find(({ name }) => name === 'Counterweight');
  const { asked } = await cards({ zone: part?.zones[0]?.id ?? '', part: part?.id ?? '' });
  expect(asked()).toEqual(['Is there lead in the paint?']);
});

test('the help with the topcoat writes what it found', async () => {
  const { press, job } = await cards();
  await press(/Help me choose/);
  await press(/Textured, hides dents/);
  await press(/Out in the weather/);
  await press(/Textured, hides dents/);
  await press(/^Use$/);
  expect(job().finish).toBe('liner');
});

test('with every place struck out an answer cannot be touched, and it says why', async () => {
  const { press, job, text } = await cards();
  const before = job();
  await press(/✓ Counterweight: Faces/);
  await press(/✓ Counterweight: Lifting pockets/);
  expect(text()).toContain('No place is ticked');
  await press(/^Lead was found/);
  expect(job()).toBe(before);
});

test('“Next” leads to the question that stands first', async () => {
  const { asked, next } = await cards();
  expect(next()).toBe(asked()[0]);
});

test('a question says what settles it and on what that rests', async () => {
  expect((await cards()).text()).toMatch(/a swab alone clears nothing. Basis: common practice, no source/);
});

test('the kind of antifouling that is found is the one that is planned', async () => {
  const { press, job } = await cards();
  await press(/Help me choose/);
  await press(/Under salt water/);
  await press(/^Aluminium$/);
  await press(/^Use$/);
  expect(job().finish).toBe('antifouling-no-biocide');
});
