import { HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  catchError,
  concatMap,
  debounceTime,
  delay,
  EMPTY,
  exhaustMap,
  filter,
  from,
  map,
  merge,
  mergeMap,
  type Observable,
  of,
  switchMap,
  take,
  tap,
} from 'rxjs';
import { BenchApi, type Appended, type LiveWord } from '../api/bench-api';
import { failureOf } from '../api/problem';
import { BenchActions } from './bench.actions';
import { BenchQueue } from './bench-queue';
import { benchFeature } from './bench.reducer';
import { JobActions } from './job.actions';

const RETRY_AFTER = 2000;
/** Events in one body; a long time without network may leave more. */
const BATCH = 200;

/** Joins the live feed, keeps and sends the queue, and fetches what was learned. */
@Injectable()
export class BenchEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(BenchApi);
  private readonly kept = inject(BenchQueue);
  private readonly slice = this.store.select(benchFeature.selectBenchState);

  readonly join = createEffect(() =>
    this.actions.pipe(
      ofType(BenchActions.joined),
      take(1),
      switchMap(() => merge(of(BenchActions.queueFound(this.kept.find())), this.api.live().pipe(mergeMap(spoken)))),
    ),
  );

  readonly load = createEffect(() =>
    this.actions.pipe(
      ofType(BenchActions.loadRequested),
      switchMap(() =>
        this.api.load().pipe(
          map((state) => BenchActions.loaded({ state })),
          catchError(() => of(BenchActions.linkLost())),
        ),
      ),
    ),
  );

  readonly keep = createEffect(
    () =>
      this.actions.pipe(
        ofType(BenchActions.tapped, BenchActions.sent, BenchActions.sendFailed, BenchActions.timeHeard),
        concatMap(() => this.slice.pipe(take(1))),
        tap(({ queue, time }) => this.kept.keep(queue, time)),
      ),
    { dispatch: false },
  );

  /** One batch on its way at a time; whatever was tapped meanwhile follows it. */
  readonly send = createEffect(() =>
    this.actions.pipe(
      ofType(BenchActions.tapped, BenchActions.queueFound, BenchActions.loaded, BenchActions.sendRequested),
      exhaustMap(() =>
        this.slice.pipe(
          take(1),
          concatMap(({ queue }) => this.sendBatch(queue.slice(0, BATCH).map(({ event }) => event))),
        ),
      ),
    ),
  );

  readonly sendOn = createEffect(() =>
    merge(this.actions.pipe(ofType(BenchActions.sent), delay(0)), this.actions.pipe(ofType(BenchActions.sendFailed), delay(RETRY_AFTER))).pipe(
      concatMap(() => this.slice.pipe(take(1))),
      filter(({ queue }) => queue.length > 0),
      map(() => BenchActions.sendRequested()),
    ),
  );

  readonly record = createEffect(() =>
    this.actions.pipe(
      ofType(BenchActions.recordRequested),
      mergeMap(({ jobId }) =>
        this.api.ofJob(jobId).pipe(
          map((events) => BenchActions.eventsHeard({ events })),
          // What this screen has heard stands there meanwhile.
          catchError(() => EMPTY),
        ),
      ),
    ),
  );

  readonly experience = createEffect(() =>
    this.actions.pipe(
      ofType(BenchActions.experienceRequested),
      mergeMap(({ jobId }) =>
        this.api.experience(jobId).pipe(
          map((experience) => BenchActions.experienceLoaded({ jobId, experience })),
          catchError(() => of(BenchActions.experienceFailed({ jobId }))),
        ),
      ),
    ),
  );

  /** A dwell was seen at some bench: jobs open here learn from it. */
  readonly relearn = createEffect(() =>
    this.actions.pipe(
      ofType(BenchActions.eventsHeard, BenchActions.sent),
      debounceTime(400),
      concatMap(() => this.slice.pipe(take(1))),
      mergeMap(({ experience }) => from(Object.keys(experience).map((jobId) => BenchActions.experienceRequested({ jobId })))),
    ),
  );

  private sendBatch(events: Parameters<BenchApi['send']>[0]): Observable<Action> {
    if (events.length === 0) return EMPTY;
    return this.api.send(events).pipe(
      map(({ kept, refused }) => BenchActions.sent({ kept, refused })),
      catchError((error: unknown) =>
        of(inConflict(error) ?? BenchActions.sendFailed({ failure: failureOf(error), ids: events.map(({ id }) => id) })),
      ),
    );
  }
}

/** What a word of the feed means. After each hello the bench is read anew: something may have happened meanwhile. */
function spoken(word: LiveWord): Action[] {
  switch (word.kind) {
    case 'lost':
      return [BenchActions.linkLost()];
    case 'events':
      return [BenchActions.eventsHeard({ events: word.data })];
    case 'reading':
      return [BenchActions.readingHeard({ reading: word.data })];
    case 'saved':
      return [JobActions.savedElsewhere(word.data)];
    default: {
      const heard = BenchActions.timeHeard({ time: { server: Date.parse(word.data.now), heard: Date.now(), speed: word.data.speed } });
      return word.kind === 'hello' ? [heard, BenchActions.loadRequested()] : [heard];
    }
  }
}

/** Another event is kept under each of these ids: they are told to whoever tapped them, and not sent again. */
function inConflict(error: unknown): Action | null {
  if (!(error instanceof HttpErrorResponse) || error.status !== 409) return null;
  const { refused } = error.error as Pick<Appended, 'refused'>;
  return BenchActions.sent({ kept: [], refused });
}
