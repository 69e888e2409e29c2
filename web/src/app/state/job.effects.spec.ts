import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { newJob, type Job } from '@lift-bare/core';
import { of, throwError, type Observable } from 'rxjs';
import { Api, type StoredJob } from '../api/api';
import { JobActions } from './job.actions';
import { JobEffects } from './job.effects';
import { jobsFeature, type OpenJob } from './job.reducer';
import { OtherTabs } from './other-tabs';

const document = newJob('Tug');
const at = '2026-01-01T00:00:00Z';

/** A server in memory that can be switched off. */
class FakeServer {
  on = true;
  held: StoredJob = { id: 'tug', version: 1, createdAt: at, updatedAt: at, document };
  saves = 0;

  getJob = (): Observable<StoredJob> => (this.on ? of(this.held) : this.refuse(0));
  saveJob = (_id: string, version: number, sent: Job): Observable<StoredJob> => {
    this.saves += 1;
    if (!this.on) return this.refuse(0);
    if (version !== this.held.version) return this.refuse(409);
    this.held = { ...this.held, version: version + 1, document: sent };
    return of(this.held);
  };
  private refuse = (status: number) => throwError(() => new HttpErrorResponse({ status }));
}

describe('autosave', () => {
  let server: FakeServer;
  let store: Store;
  const job = () => store.selectSignal(jobsFeature.selectEntities)()['tug'] as OpenJob;
  const type = (name: string) => store.dispatch(JobActions.edited({ id: 'tug', document: { ...job().history.present, name }, field: 'name' }));

  beforeEach(() => {
    jest.useFakeTimers();
    localStorage.clear();
    server = new FakeServer();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideStore({ [jobsFeature.name]: jobsFeature.reducer }),
        provideEffects(JobEffects),
        { provide: Api, useValue: server },
        { provide: OtherTabs, useValue: { news: of(), tell: () => undefined } },
      ],
    });
    store = TestBed.inject(Store);
    store.dispatch(JobActions.openRequested({ id: 'tug' }));
  });
  afterEach(() => jest.useRealTimers());

  test('sends the newest document once typing rests, and drops the draft', () => {
    type('A');
    type('AB');
    expect(localStorage.getItem('lift-bare.draft.tug')).toContain('"AB"');
    jest.advanceTimersByTime(500);
    expect(server.saves).toBe(1);
    expect(server.held.document.name).toBe('AB');
    expect(job().save).toBe('saved');
    expect(localStorage.getItem('lift-bare.draft.tug')).toBeNull();
  });

  test('a server that is down is tried again until it is back; the draft waits in the browser', () => {
    server.on = false;
    type('Offline');
    jest.advanceTimersByTime(500);
    expect(job().save).toBe('offline');
    expect(localStorage.getItem('lift-bare.draft.tug')).toContain('Offline');
    jest.advanceTimersByTime(6500);
    server.on = true;
    jest.advanceTimersByTime(3500);
    expect(server.held.document.name).toBe('Offline');
    expect(job().save).toBe('saved');
  });

  test('a stale write fetches the other version and asks; keeping mine saves over it', () => {
    server.held = { ...server.held, version: 7, document: { ...document, name: 'Theirs' } };
    type('Mine');
    jest.advanceTimersByTime(500);
    expect(job()).toMatchObject({ save: 'conflict', theirs: { version: 7 } });
    store.dispatch(JobActions.keptMine({ id: 'tug' }));
    jest.advanceTimersByTime(500);
    expect(server.held).toMatchObject({ version: 8, document: { name: 'Mine' } });
  });

  test('what was typed before a crash is there after the reload, and is saved', () => {
    localStorage.setItem('lift-bare.draft.tug', JSON.stringify({ ...document, name: 'Before the crash' }));
    store.dispatch(JobActions.openRequested({ id: 'tug' }));
    expect(job().history.present.name).toBe('Before the crash');
    jest.advanceTimersByTime(500);
    expect(server.held.document.name).toBe('Before the crash');
  });

  test('a draft that is no longer a job is ignored', () => {
    localStorage.setItem('lift-bare.draft.tug', '{"format":"nonsense"');
    store.dispatch(JobActions.openRequested({ id: 'tug' }));
    expect(job().history.present.name).toBe('Tug');
  });
});
