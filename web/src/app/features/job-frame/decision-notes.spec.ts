import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { DEMO_JOBS, notesInOrder, type Job, type StageName } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { DecisionNotes } from './decision-notes';
import { StageNow } from './stage-now';

const [tug] = DEMO_JOBS as [Job];
const all = notesInOrder(tug);

async function notesAt(stage: StageName, zone: string | null, start: Job = tug) {
  const job = signal(start);
  const context = {
    job,
    jobId: signal('tug'),
    zoneId: signal(zone),
    edit: (_: string, change: (job: Job) => Job) => job.update(change),
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      { provide: JobContext, useValue: context },
      { provide: Units, useValue: { text: (text: string) => text } },
      { provide: StageNow, useValue: { stage: signal(stage) } },
    ],
  });
  const fixture = TestBed.createComponent(DecisionNotes);
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  const press = async (name: string): Promise<void> => {
    [...page.querySelectorAll('button')].find(({ textContent }) => textContent.startsWith(name))?.click();
    await fixture.whenStable();
  };
  const type = async (text: string): Promise<void> => {
    const area = page.querySelector('textarea') as HTMLTextAreaElement;
    area.value = text;
    area.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return { page, job, fixture, press, type, text: () => page.textContent?.replace(/\s+/g, ' ') ?? '' };
}

test('a zone shows its own note, and leads on to the next and back', async () => {
  const note = all.find(({ stage, zone }) => stage === 'method' && zone !== null);
  const { page, text } = await notesAt('method', note?.zone ?? null);
  expect(text()).toContain(note?.text);
  expect(text()).toContain(`Note ${all.findIndex((one) => one === note) + 1} of ${all.length}`);
  const links = [...page.querySelectorAll('a')].map(({ href }) => href.replace('http://localhost', ''));
  const to = ({ stage, zone }: (typeof all)[number]): string => `/jobs/tug/${stage}${zone === null ? '' : `?zone=${zone}`}`;
  const at = all.indexOf(note as (typeof all)[number]);
  expect(links).toEqual([to(all[at - 1] as (typeof all)[number]), to(all[at + 1] as (typeof all)[number])]);
});

test('where no note is nothing is shown, until one is written: it is in the job from its first letter, and out with its last', async () => {
  const { page, job, fixture, type, text } = await notesAt('bare', 'tug-6');
  expect(text().trim()).toBe('');
  fixture.componentInstance.write();
  await fixture.whenStable();
  expect(job().decisionNotes).toHaveLength(all.length);
  const area = page.querySelector('textarea') as HTMLTextAreaElement;
  // Typed at once, as on a slow machine, where the field hears of its value late: no blank is lost.
  await type('Primed the same evening ');
  expect(job().decisionNotes.at(-1)).toMatchObject({ stage: 'bare', zone: 'tug-6', text: 'Primed the same evening ' });
  expect([page.querySelector('textarea'), area.value]).toEqual([area, 'Primed the same evening ']);
  await type('');
  expect(job().decisionNotes).toEqual(tug.decisionNotes);
});

test('a note is changed and taken out, about the whole job where a page shows all of it', async () => {
  const { job, press, type, text } = await notesAt('safety', 'tug-6');
  await press('Change');
  await type('Hoods on');
  await press('Done');
  expect(text()).toContain('Hoods on');
  await press('Take out');
  expect(job().decisionNotes.map(({ stage }) => stage)).not.toContain('safety');
});
