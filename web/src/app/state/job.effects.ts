import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType, ROOT_EFFECTS_INIT } from '@ngrx/effects';
import type { Job } from '@lift-bare/core';
import { Store, type Action } from '@ngrx/store';
import {
  catchError,
  concat,
  concatMap,
  debounceTime,
  EMPTY,
  filter,
  from,
  groupBy,
  map,
  merge,
  mergeMap,
  type Observable,
  of,
  switchMap,
  take,
  tap,
  timer,
} from 'rxjs';
import { Api, type StoredJob } from '../api/api';
import { failureOf, type Failure } from '../api/problem';
import { isClean, LocalCopies, type LocalCopy } from './local-copies';
import { mergedJob, type MergedDocument } from './merged';
import { JobActions } from './job.actions';
import { jobsFeature, type OpenJob } from './job.reducer';
import { Toasts } from '../ui/toast.service';
import { OtherTabs } from './other-tabs';

const SAVE_AFTER = 400;
const RETRY_AFTER = 3000;
/** ms until the list is read again while figures are missing */
const LOOK_AGAIN = 1500;

/** Loading, autosave with retry, conflicts, copies in this browser, and news from other tabs and screens. */
@Injectable()
export class JobEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly copies = inject(LocalCopies);
  private readonly tabs = inject(OtherTabs);
  private readonly toasts = inject(Toasts);

  readonly list = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.listRequested),
      debounceTime(120),
      switchMap(({ query }) =>
        this.api.listJobs(query).pipe(
          map((list) => JobActions.listLoaded({ list })),
          catchError((error: unknown) => of(JobActions.listFailed({ failure: failureOf(error) }))),
        ),
      ),
    ),
  );

  /** Figures are still being reckoned: look again. */
  readonly figures = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.listLoaded),
      filter(({ list }) => list.jobs.some(({ figures, fault }) => figures === null && fault === null)),
      debounceTime(LOOK_AGAIN),
      map(() => JobActions.listChanged()),
    ),
  );

  readonly open = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.openRequested),
      mergeMap(({ id }) =>
        this.copies.job(id).pipe(
          switchMap((copy) =>
            this.api.getJob(id).pipe(
              switchMap((stored) => from(this.reopened(stored, copy))),
              catchError((error: unknown) => this.openFailed(id, error, copy)),
            ),
          ),
        ),
      ),
    ),
  );

  /** Kept here before the server is asked, and opened from here while it is not reached. */
  readonly create = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.created),
      tap(({ id, document }) => this.copies.keepJob(id, { document, base: document, version: 0, at: Date.now() })),
      mergeMap(({ id, document }) =>
        this.api.createJob(id, document).pipe(
          mergeMap((stored) => [JobActions.opened({ stored, draft: null }), JobActions.listChanged()]),
          catchError((error: unknown) =>
            failureOf(error).kind === 'offline' ? of(JobActions.opened({ stored: unsentJob(id, document), draft: null })) : failed(error),
          ),
        ),
      ),
    ),
  );

  /** Jobs that were made without the server go there with the next start that reaches it. */
  readonly sendUnsent = createEffect(() =>
    this.actions.pipe(
      ofType(ROOT_EFFECTS_INIT),
      switchMap(() => this.copies.unsent()),
      concatMap((unsent) => from(unsent.map((job) => JobActions.created(job)))),
    ),
  );

  readonly remove = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.removed),
      mergeMap(({ id }) =>
        this.api.deleteJob(id).pipe(
          tap(() => this.copies.dropJob(id)),
          map(() => JobActions.listChanged()),
          catchError(failed),
        ),
      ),
    ),
  );

  /** Deleted elsewhere while it is open here: back out of the bin, or made anew where it is gone for good; what was typed meanwhile is merged in. */
  readonly bringBack = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.broughtBack),
      mergeMap(({ id }) =>
        this.openJob(id).pipe(
          mergeMap((job) =>
            this.api.restoreJob(id).pipe(
              map((theirs) => JobActions.conflictFound({ theirs, merged: mergedJob(job.saved, job.history.present, theirs.document) })),
              catchError((error: unknown) =>
                failureOf(error).kind === 'missing' ? of(JobActions.created({ id, document: job.history.present })) : failed(error),
              ),
            ),
          ),
        ),
      ),
    ),
  );

  readonly restore = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.restored),
      mergeMap(({ id }) =>
        this.api.restoreJob(id).pipe(
          map(() => JobActions.listChanged()),
          catchError(failed),
        ),
      ),
    ),
  );

  readonly relist = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.listChanged),
      concatMap(() => this.store.select(jobsFeature.selectQuery).pipe(take(1))),
      map((query) => JobActions.listRequested({ query })),
    ),
  );

  readonly tell = createEffect(
    () =>
      this.actions.pipe(
        ofType(JobActions.actionFailed),
        tap(({ failure }) => this.toasts.say(notDone(failure))),
      ),
    { dispatch: false },
  );

  /** One save at a time for each job; every save sends the newest document. A recovered draft is saved like an edit. */
  readonly save = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.edited, JobActions.undone, JobActions.redone, JobActions.settled, JobActions.opened, JobActions.conflictFound),
      map(idIn),
      groupBy((id) => id),
      mergeMap((ofJob) =>
        ofJob.pipe(
          debounceTime(SAVE_AFTER),
          concatMap((id) => this.openJob(id).pipe(concatMap((job) => this.saveNow(job)))),
        ),
      ),
    ),
  );

  readonly retry = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.saveFailed),
      filter(({ failure }) => failure.kind === 'offline'),
      mergeMap(({ id }) =>
        timer(RETRY_AFTER).pipe(
          concatMap(() => this.openJob(id)),
          concatMap((job) => this.saveNow(job)),
        ),
      ),
    ),
  );

  /** With what it was made from, so that coming back to it finds out what others have done meanwhile. */
  readonly keepCopy = createEffect(
    () =>
      this.actions.pipe(
        ofType(
          JobActions.edited,
          JobActions.undone,
          JobActions.redone,
          JobActions.opened,
          JobActions.saved,
          JobActions.settled,
          JobActions.tookTheirs,
          JobActions.conflictFound,
        ),
        concatMap((action) => this.openJob(idIn(action))),
        tap(({ id, history, saved, version }) => this.copies.keepJob(id, { document: history.present, base: saved, version, at: Date.now() })),
      ),
    { dispatch: false },
  );

  readonly tellTabs = createEffect(
    () =>
      this.actions.pipe(
        ofType(JobActions.saved),
        tap(({ stored }) => this.tabs.tell(stored.id, stored.version)),
      ),
    { dispatch: false },
  );

  /** Another tab or screen saved: a clean job here is read again, an edited one finds out when it saves; also one that is edited while it is read. */
  readonly hearTabs = createEffect(() =>
    merge(this.tabs.news, this.actions.pipe(ofType(JobActions.savedElsewhere))).pipe(
      mergeMap(({ id, version }) => this.cleanBefore(id, version)),
      mergeMap(({ id }) =>
        this.api.getJob(id).pipe(
          mergeMap((stored) => this.cleanBefore(id, stored.version).pipe(map(() => JobActions.opened({ stored, draft: null })))),
          catchError(() => EMPTY),
        ),
      ),
    ),
  );

  /** The job as it is open here, if nothing of it waits to be saved and it is older than that; else nothing. */
  private cleanBefore(id: string, version: number): Observable<OpenJob> {
    return this.openJob(id).pipe(filter((job) => job.version < version && job.save === 'saved'));
  }

  private saveNow(job: OpenJob): Observable<Action> {
    const { id, version, saved } = job;
    const document = job.history.present;
    if ((document === saved && version > 0) || job.save === 'conflict' || job.save === 'gone') return EMPTY;
    const sending = version === 0 ? this.api.createJob(id, document) : this.api.saveJob(id, version, document);
    return concat(
      of(JobActions.saveStarted({ id })),
      sending.pipe(
        map((stored) => JobActions.saved({ stored, sent: document })),
        catchError((error: unknown) => {
          const failure = failureOf(error);
          if (failure.kind !== 'stale') return of(JobActions.saveFailed({ id, failure }));
          return this.api.getJob(id).pipe(
            map((theirs) => this.met(theirs, mergedJob(saved, document, theirs.document))),
            catchError((again: unknown) => of(JobActions.saveFailed({ id, failure: failureOf(again) }))),
          );
        }),
      ),
    );
  }

  /** The job of the server, with what this browser still has to save: merged with what others have saved since. */
  private reopened(stored: StoredJob, copy: LocalCopy<Job> | null): Action[] {
    if (!copy || isClean(copy) || JSON.stringify(copy.document) === JSON.stringify(stored.document))
      return [JobActions.opened({ stored, draft: null })];
    if (copy.version === stored.version) return [JobActions.opened({ stored, draft: copy.document })];
    const before: StoredJob = { ...stored, document: copy.base, version: copy.version };
    return [JobActions.opened({ stored: before, draft: copy.document }), this.met(stored, mergedJob(copy.base, copy.document, stored.document))];
  }

  private met(theirs: StoredJob, merged: MergedDocument<Job>): Action {
    if (merged.clashes.length === 0) this.toasts.say(`What was changed elsewhere and what was changed here is one now: ${theirs.document.name}.`);
    return JobActions.conflictFound({ theirs, merged });
  }

  /** Without the server a job is opened as this browser has it; the server is asked again until it answers, or somebody has typed. */
  private openFailed(id: string, error: unknown, copy: LocalCopy<Job> | null): Observable<Action> {
    const failure = failureOf(error);
    const again = timer(RETRY_AFTER).pipe(
      concatMap(() => this.store.select(jobsFeature.selectEntities).pipe(take(1))),
      filter((jobs) => jobs[id] === undefined || jobs[id].save === 'saved'),
      map(() => JobActions.openRequested({ id })),
    );
    if (copy && (failure.kind === 'offline' || (failure.kind === 'missing' && copy.version === 0))) {
      const { document, base, version, at } = copy;
      const stored: StoredJob = { ...unsentJob(id, base), version, updatedAt: new Date(at).toISOString() };
      const opened = JobActions.opened({ stored, draft: isClean(copy) ? null : document });
      return isClean(copy) && version > 0 ? concat(of(opened), again) : of(opened);
    }
    const failed = of(JobActions.openFailed({ id, failure }));
    return failure.kind === 'offline' ? concat(failed, again) : failed;
  }

  private openJob(id: string): Observable<OpenJob> {
    return this.store.select(jobsFeature.selectEntities).pipe(
      take(1),
      map((jobs) => jobs[id]),
      filter((job) => job !== undefined),
    );
  }
}

const unsentJob = (id: string, document: Job): StoredJob => {
  const now = new Date().toISOString();
  return { id, version: 0, createdAt: now, updatedAt: now, document };
};

type OfJob = { readonly id: string } | { readonly stored: StoredJob } | { readonly theirs: StoredJob };
const idIn = (action: OfJob): string => ('id' in action ? action.id : 'stored' in action ? action.stored.id : action.theirs.id);

function notDone(failure: Failure): string {
  if (failure.kind === 'refused') return `Not done: ${failure.reason}`;
  if (failure.kind === 'missing') return 'Not done: it is not there any more.';
  return failure.kind === 'offline' && failure.says ? `Not done: ${failure.says}` : 'Not done: the server is not reached. Try again.';
}

const failed = (error: unknown): Observable<Action> => of(JobActions.actionFailed({ failure: failureOf(error) }));
