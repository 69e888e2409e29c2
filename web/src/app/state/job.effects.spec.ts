import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { newJob, type Job } from '@lift-bare/core';
import { firstValueFrom, type Observable, of, switchMap, throwError, timer } from 'rxjs';
import { Api, type StoredJob } from '../api/api';
import { JobActions } from './job.actions';
import { JobEffects } from './job.effects';
import { jobsFeature, type OpenJob } from './job.reducer';
import { LocalCopies } from './local-copies';
import { LocalStore } from './local-store';
import { OtherTabs } from './other-tabs';

const document = newJob('Tug');
const at = '2026-01-01T00:00:00Z';

/** A server in memory that can be switched off. */
class FakeServer {
  on = true;
  held: StoredJob = { id: 'tug', version: 1, createdAt: at, updatedAt: at, document };
  saves = 0;

  deleted = false;
  created: StoredJob[] = [];

  /** ms until a read is answered */
  slow = 0;
  getJob = (): Observable<StoredJob> => (this.slow > 0 ? timer(this.slow).pipe(switchMap(() => this.read())) : this.read());
  private read = (): Observable<StoredJob> => (this.on ? (this.deleted ? this.refuse(404) : of(this.held)) : this.refuse(0));
  createJob = (id: string, sent: Job): Observable<StoredJob> => {
    if (!this.on) return this.refuse(0);
    this.created.push({ id, version: 1, createdAt: at, updatedAt: at, document: sent });
    return of(this.created.at(-1) as StoredJob);
  };
  restoreJob = (): Observable<StoredJob> => {
    this.deleted = false;
    return of(this.held);
  };
  listJobs = () => of({ jobs: [], counts: { open: 0, archive: 0, bin: 0 } });
  saveJob = (_id: string, version: number, sent: Job): Observable<StoredJob> => {
    this.saves += 1;
    if (!this.on) return this.refuse(0);
    if (this.deleted) return this.refuse(404);
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
  const type = (name: string) => store.dispatch(JobActions.edited({ id: 'tug', document: { ...job().history.present, name }, field: 'name', at: 0 }));

  beforeEach(() => {
    jest.useFakeTimers();
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

  const kept = () => firstValueFrom(TestBed.inject(LocalCopies).job('tug'));
  const reload = () => store.dispatch(JobActions.openRequested({ id: 'tug' }));
  /** As an earlier visit left it. */
  const left = (changed: Partial<Job>, version = 1) =>
    TestBed.inject(LocalCopies).keepJob('tug', { document: { ...document, ...changed }, base: document, version, at: 0 });

  test('sends the newest document once typing rests; this browser keeps it all the time', async () => {
    type('A');
    type('AB');
    expect((await kept())?.document.name).toBe('AB');
    jest.advanceTimersByTime(500);
    expect(server.saves).toBe(1);
    expect(server.held.document.name).toBe('AB');
    expect(job().save).toBe('saved');
    expect(await kept()).toMatchObject({ version: 2, document: { name: 'AB' }, base: { name: 'AB' } });
  });

  test('a server that is down is tried again until it is back; what was typed waits in the browser', async () => {
    server.on = false;
    type('Offline');
    jest.advanceTimersByTime(500);
    expect(job().save).toBe('offline');
    expect(await kept()).toMatchObject({ version: 1, document: { name: 'Offline' }, base: { name: 'Tug' } });
    jest.advanceTimersByTime(6500);
    server.on = true;
    jest.advanceTimersByTime(3500);
    expect(server.held.document.name).toBe('Offline');
    expect(job().save).toBe('saved');
  });

  test('a stale write of the same place fetches the other version and asks; what is chosen is saved over it', () => {
    server.held = { ...server.held, version: 7, document: { ...document, name: 'Theirs', notes: 'theirs' } };
    type('Mine');
    jest.advanceTimersByTime(500);
    expect(job()).toMatchObject({ save: 'conflict', theirs: { version: 7 }, clashes: [{ path: ['name'], mine: 'Mine', theirs: 'Theirs' }] });
    expect(job().history.present).toMatchObject({ name: 'Mine', notes: 'theirs' });
    store.dispatch(JobActions.settled({ id: 'tug', document: job().history.present }));
    jest.advanceTimersByTime(500);
    expect(server.held).toMatchObject({ version: 8, document: { name: 'Mine', notes: 'theirs' } });
  });

  test('a stale write of another place is merged and saved without a question', () => {
    server.held = { ...server.held, version: 7, document: { ...document, notes: 'theirs' } };
    type('Mine');
    jest.advanceTimersByTime(1000);
    expect(server.held).toMatchObject({ version: 8, document: { name: 'Mine', notes: 'theirs' } });
    expect(job().save).toBe('saved');
  });

  test('what was typed before a crash is there after the reload, and is saved', () => {
    left({ name: 'Before the crash' });
    reload();
    expect(job().history.present.name).toBe('Before the crash');
    jest.advanceTimersByTime(500);
    expect(server.held.document.name).toBe('Before the crash');
  });

  test('an old draft never writes over what a colleague has saved since: other places are merged, the same ones asked', () => {
    left({ name: 'Old draft' });
    server.held = { ...server.held, version: 2, document: { ...document, notes: 'theirs' } };
    reload();
    jest.advanceTimersByTime(1000);
    expect(server.held).toMatchObject({ version: 3, document: { name: 'Old draft', notes: 'theirs' } });
    left({ name: 'Older draft' });
    server.held = { ...server.held, version: 9, document: { ...document, name: 'Colleague' } };
    reload();
    jest.advanceTimersByTime(1000);
    expect(server.held.document.name).toBe('Colleague');
    expect(job()).toMatchObject({ save: 'conflict', clashes: [{ mine: 'Older draft', theirs: 'Colleague' }] });
    // Reloading while it is asked changes nothing of it.
    reload();
    jest.advanceTimersByTime(1000);
    expect(server.held.document.name).toBe('Colleague');
    expect(job()).toMatchObject({ save: 'conflict', clashes: [{ mine: 'Older draft', theirs: 'Colleague' }] });
  });

  test('without the server a job is opened as this browser has it, and read anew once the server is back', () => {
    left({});
    server.on = false;
    reload();
    expect(job().history.present.name).toBe('Tug');
    server.held = { ...server.held, version: 4, document: { ...document, name: 'Meanwhile' } };
    server.on = true;
    jest.advanceTimersByTime(3500);
    expect(job()).toMatchObject({ version: 4, history: { present: { name: 'Meanwhile' } } });
  });

  test('a job that is made without the server is kept, worked on, and sent when it is back, also after a reload', async () => {
    server.on = false;
    const fresh = newJob('Fresh');
    store.dispatch(JobActions.created({ id: 'fresh', document: fresh }));
    const own = () => store.selectSignal(jobsFeature.selectEntities)()['fresh'] as OpenJob;
    expect(own().history.present.name).toBe('Fresh');
    store.dispatch(JobActions.edited({ id: 'fresh', document: { ...fresh, notes: 'typed' }, field: 'notes', at: 0 }));
    expect(await firstValueFrom(TestBed.inject(LocalCopies).unsent())).toEqual([
      { id: 'fresh', document: expect.objectContaining({ notes: 'typed' }) },
    ]);
    jest.advanceTimersByTime(500);
    expect(own().save).toBe('offline');
    server.on = true;
    jest.advanceTimersByTime(3500);
    expect(server.created).toEqual([expect.objectContaining({ id: 'fresh', document: expect.objectContaining({ notes: 'typed' }) })]);
    expect(own()).toMatchObject({ save: 'saved', version: 1 });
  });

  test('what is typed while a job is read again after a save elsewhere is not lost', () => {
    server.held = { ...server.held, version: 2, document: { ...document, notes: 'theirs' } };
    server.slow = 800;
    store.dispatch(JobActions.savedElsewhere({ id: 'tug', version: 2 }));
    jest.advanceTimersByTime(300);
    type('Mine');
    jest.advanceTimersByTime(3000);
    expect(job().history.present).toMatchObject({ name: 'Mine', notes: 'theirs' });
    expect(server.held.document).toMatchObject({ name: 'Mine', notes: 'theirs' });
    expect(job().save).toBe('saved');
  });

  test('deleted elsewhere is told, and brought back with what was typed here', () => {
    server.deleted = true;
    type('Still here');
    jest.advanceTimersByTime(500);
    expect(job().save).toBe('gone');
    store.dispatch(JobActions.broughtBack({ id: 'tug' }));
    jest.advanceTimersByTime(1000);
    expect(server.held.document.name).toBe('Still here');
    expect(job().save).toBe('saved');
  });

  test('what another screen has saved is read by a clean job, and left by one that is being typed in', () => {
    server.held = { ...server.held, version: 2, document: { ...document, name: 'Elsewhere' } };
    store.dispatch(JobActions.savedElsewhere({ id: 'tug', version: 2 }));
    expect(job().history.present.name).toBe('Elsewhere');
    type('Typing');
    server.held = { ...server.held, version: 3, document: { ...server.held.document, notes: 'later' } };
    store.dispatch(JobActions.savedElsewhere({ id: 'tug', version: 3 }));
    expect(job().history.present.name).toBe('Typing');
    jest.advanceTimersByTime(1000);
    expect(server.held.document).toMatchObject({ name: 'Typing', notes: 'later' });
  });

  test('a copy that is no longer a job is ignored', () => {
    TestBed.inject(LocalStore).keep('job.tug', { document: { format: 'nonsense' }, base: 7, version: 'x' });
    reload();
    expect(job().history.present.name).toBe('Tug');
  });
});
