import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  catchError,
  concat,
  concatMap,
  debounceTime,
  EMPTY,
  filter,
  groupBy,
  map,
  mergeMap,
  type Observable,
  of,
  switchMap,
  take,
  tap,
  timer,
  withLatestFrom,
} from 'rxjs';
import { Api } from '../api/api';
import { failureOf } from '../api/problem';
import { Drafts } from './drafts';
import { JobActions } from './job.actions';
import { jobsFeature, type OpenJob } from './job.reducer';
import { Toasts } from '../ui/toast.service';
import { OtherTabs } from './other-tabs';

const SAVE_AFTER = 400;
const RETRY_AFTER = 3000;

/** Loading, autosave with retry, conflicts, drafts and news from other tabs. */
@Injectable()
export class JobEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly drafts = inject(Drafts);
  private readonly tabs = inject(OtherTabs);
  private readonly toasts = inject(Toasts);

  readonly list = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.listRequested),
      debounceTime(120),
      switchMap(({ search }) =>
        this.api.listJobs(search).pipe(
          map((jobs) => JobActions.listLoaded({ jobs })),
          catchError((error: unknown) => of(JobActions.listFailed({ failure: failureOf(error) }))),
        ),
      ),
    ),
  );

  readonly open = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.openRequested),
      mergeMap(({ id }) =>
        this.api.getJob(id).pipe(
          map((stored) => {
            const draft = this.drafts.find(id);
            const differs = draft !== null && JSON.stringify(draft) !== JSON.stringify(stored.document);
            return JobActions.opened({ stored, draft: differs ? draft : null });
          }),
          catchError((error: unknown) => this.openFailed(id, error)),
        ),
      ),
    ),
  );

  readonly create = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.created),
      mergeMap(({ id, document }) =>
        this.api.createJob(id, document).pipe(
          mergeMap((stored) => [JobActions.opened({ stored, draft: null }), JobActions.listChanged()]),
          catchError((error: unknown) =>
            failureOf(error).kind === 'offline' ? timer(RETRY_AFTER).pipe(map(() => JobActions.created({ id, document }))) : failed(error),
          ),
        ),
      ),
    ),
  );

  readonly remove = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.removed),
      mergeMap(({ id }) =>
        this.api.deleteJob(id).pipe(
          map(() => JobActions.listChanged()),
          catchError(failed),
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
      map(() => JobActions.listRequested({ search: '' })),
    ),
  );

  readonly tell = createEffect(
    () =>
      this.actions.pipe(
        ofType(JobActions.actionFailed),
        tap(({ failure }) =>
          this.toasts.say(failure.kind === 'refused' ? `Not done: ${failure.reason}` : 'Not done: the server is not reached. Try again.'),
        ),
      ),
    { dispatch: false },
  );

  /** One save at a time for each job; every save sends the newest document. A recovered draft is saved like an edit. */
  readonly save = createEffect(() =>
    this.actions.pipe(
      ofType(JobActions.edited, JobActions.undone, JobActions.redone, JobActions.keptMine, JobActions.opened),
      map((action) => ('id' in action ? action.id : action.stored.id)),
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

  readonly keepDraft = createEffect(
    () =>
      this.actions.pipe(
        ofType(JobActions.edited, JobActions.undone, JobActions.redone),
        withLatestFrom(this.store.select(jobsFeature.selectEntities)),
        tap(([{ id }, jobs]) => {
          const job = jobs[id];
          if (job) this.drafts.keep(id, job.history.present);
        }),
      ),
    { dispatch: false },
  );

  readonly dropDraft = createEffect(
    () =>
      this.actions.pipe(
        ofType(JobActions.saved, JobActions.tookTheirs),
        map((action) => ('id' in action ? action.id : action.stored.id)),
        concatMap((id) => this.openJob(id)),
        tap((job) => {
          if (job.save === 'saved') this.drafts.drop(job.id);
        }),
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

  /** Another tab saved: a clean job here is read again, an edited one finds out when it saves. */
  readonly hearTabs = createEffect(() =>
    this.tabs.news.pipe(
      mergeMap(({ id, version }) => this.openJob(id).pipe(filter((job) => job.version < version && job.save === 'saved'))),
      map(({ id }) => JobActions.openRequested({ id })),
    ),
  );

  private saveNow(job: OpenJob): Observable<Action> {
    const document = job.history.present;
    if (document === job.saved || job.save === 'conflict') return EMPTY;
    const { id, version } = job;
    return concat(
      of(JobActions.saveStarted({ id })),
      this.api.saveJob(id, version, document).pipe(
        map((stored) => JobActions.saved({ stored, sent: document })),
        catchError((error: unknown) => {
          const failure = failureOf(error);
          if (failure.kind !== 'stale') return of(JobActions.saveFailed({ id, failure }));
          return this.api.getJob(id).pipe(
            map((theirs) => JobActions.conflictFound({ theirs })),
            catchError((again: unknown) => of(JobActions.saveFailed({ id, failure: failureOf(again) }))),
          );
        }),
      ),
    );
  }

  private openFailed(id: string, error: unknown): Observable<Action> {
    const failure = failureOf(error);
    const failed = of(JobActions.openFailed({ id, failure }));
    return failure.kind === 'offline' ? concat(failed, timer(RETRY_AFTER).pipe(map(() => JobActions.openRequested({ id })))) : failed;
  }

  private openJob(id: string): Observable<OpenJob> {
    return this.store.select(jobsFeature.selectEntities).pipe(
      take(1),
      map((jobs) => jobs[id]),
      filter((job) => job !== undefined),
    );
  }
}

const failed = (error: unknown): Observable<Action> => of(JobActions.actionFailed({ failure: failureOf(error) }));
