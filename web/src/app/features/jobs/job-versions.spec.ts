import { HttpErrorResponse } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEMO_JOBS, type Job } from '@lift-bare/core';
import { of, throwError } from 'rxjs';
import { Api } from '../../api/api';
import { JobVersions } from './job-versions';

const job = DEMO_JOBS[0] as Job;

async function list(versions: readonly object[], fails = false) {
  const saved: unknown[] = [];
  const api = {
    versions: () => of(versions),
    version: () => (fails ? throwError(() => new HttpErrorResponse({ status: 404 })) : of(job)),
    getJob: () => of({ version: 9 }),
    saveJob: (...sent: unknown[]) => (saved.push(sent), of({})),
  };
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Api, useValue: api }] });
  const fixture = TestBed.createComponent(JobVersions);
  fixture.componentRef.setInput('jobId', 'tug');
  let changed = 0;
  fixture.componentInstance.changed.subscribe(() => (changed += 1));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent === text)?.click();
    await fixture.whenStable();
  };
  return { root, press, saved, changed: () => changed };
}

test('an earlier version is looked at in words, and going back to it saves it over the newest', async () => {
  const { root, press, saved, changed } = await list([{ version: 3, at: '2026-11-28T12:00:00.000Z', by: 'Åse', changes: 'Name', current: false }]);
  await press('Look at it');
  expect(root.textContent).toContain(`${job.name}: ${job.parts.length} parts (${job.parts[0]?.name}`);
  await press('Go back to it');
  expect(saved).toEqual([['tug', 9, job]]);
  expect(changed()).toBe(1);
});

test('none is said, and one that is gone meanwhile too', async () => {
  expect((await list([])).root.textContent).toContain('has not been changed since it was made');
  TestBed.resetTestingModule();
  const { root, press } = await list([{ version: 3, at: '2026-11-28T12:00:00.000Z', by: 'Åse', changes: 'Name', current: false }], true);
  await press('Look at it');
  expect(root.querySelector('[role=alert]')?.textContent).toContain('not kept any more');
});
