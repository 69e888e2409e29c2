import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import { catchError, concatMap, debounceTime, filter, map, type Observable, of, switchMap, take, timer } from 'rxjs';
import { Api } from '../api/api';
import { failureOf, type Failure } from '../api/problem';
import { Toasts } from '../ui/toast.service';
import { ShopActions } from './shop.actions';
import { shopFeature } from './shop.reducer';

const SAVE_AFTER = 300;
const RETRY_AFTER = 3000;

/** The shop profile: read at the start, saved after each change. On a stale write the server's profile is taken. */
@Injectable()
export class ShopEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly toasts = inject(Toasts);

  readonly load = createEffect(() =>
    this.actions.pipe(
      ofType(ShopActions.requested),
      switchMap(() =>
        this.api.getShop().pipe(
          map((stored) => ShopActions.loaded({ stored })),
          catchError((error: unknown) => of(ShopActions.failed({ failure: failureOf(error) }))),
        ),
      ),
    ),
  );

  readonly save = createEffect(() =>
    this.actions.pipe(
      ofType(ShopActions.edited),
      debounceTime(SAVE_AFTER),
      concatMap(() => this.store.select(shopFeature.selectShopState).pipe(take(1))),
      concatMap(({ version, document }) =>
        this.api.saveShop(version, document).pipe(
          map((stored) => ShopActions.saved({ stored })),
          catchError((error: unknown) => this.notSaved(failureOf(error))),
        ),
      ),
    ),
  );

  /** Offline while loading: ask again; offline while saving: send again. */
  readonly retry = createEffect(() =>
    this.actions.pipe(
      ofType(ShopActions.failed),
      filter(({ failure }) => failure.kind === 'offline'),
      switchMap(() => timer(RETRY_AFTER)),
      concatMap(() => this.store.select(shopFeature.selectShopState).pipe(take(1))),
      map(({ version, document }) => (version === 0 ? ShopActions.requested() : ShopActions.edited({ document }))),
    ),
  );

  private notSaved(failure: Failure): Observable<Action> {
    if (failure.kind !== 'stale') return of(ShopActions.failed({ failure }));
    this.toasts.say('The shop settings were changed somewhere else meanwhile. They are shown now as they are there; make your change again.');
    return of(ShopActions.requested());
  }
}
