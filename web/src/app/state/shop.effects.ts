import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import type { Shop } from '@lift-bare/core';
import { catchError, concatMap, debounceTime, filter, from, map, type Observable, of, switchMap, take, tap, timer } from 'rxjs';
import { Api, type StoredShop } from '../api/api';
import { failureOf, type Failure } from '../api/problem';
import { isClean, LocalCopies, type LocalCopy } from './local-copies';
import { mergedShop } from './merged';
import { Toasts } from '../ui/toast.service';
import { ShopActions } from './shop.actions';
import { shopFeature } from './shop.reducer';

const SAVE_AFTER = 300;
const RETRY_AFTER = 3000;

/** The shop profile: read at the start, saved after each change, kept in this browser meanwhile, merged with what others have changed. */
@Injectable()
export class ShopEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly copies = inject(LocalCopies);
  private readonly toasts = inject(Toasts);

  /** The profile of the server, with what this browser still has to save; without the server as this browser has it. */
  readonly load = createEffect(() =>
    this.actions.pipe(
      ofType(ShopActions.requested),
      switchMap(() =>
        this.copies.shop().pipe(
          switchMap((copy) =>
            this.api.getShop().pipe(
              switchMap((stored) => from(this.read(stored, copy))),
              catchError((error: unknown) => {
                const failed = ShopActions.failed({ failure: failureOf(error) });
                return from(copy ? [...asKept(copy), failed] : [failed]);
              }),
            ),
          ),
        ),
      ),
    ),
  );

  readonly keepCopy = createEffect(
    () =>
      this.actions.pipe(
        ofType(ShopActions.loaded, ShopActions.edited, ShopActions.saved),
        concatMap(() => this.store.select(shopFeature.selectShopState).pipe(take(1))),
        tap(({ document, base, version }) => this.copies.keepShop({ document, base, version, at: Date.now() })),
      ),
    { dispatch: false },
  );

  readonly save = createEffect(() =>
    this.actions.pipe(
      ofType(ShopActions.edited),
      debounceTime(SAVE_AFTER),
      // Looked at once the save before is over: what waits for it is sent with the version that it made.
      concatMap(() =>
        this.store.select(shopFeature.selectShopState).pipe(
          take(1),
          concatMap((state) => this.saveNow(state)),
        ),
      ),
    ),
  );

  /** Not reached while loading: ask again; while saving: send again. */
  readonly retry = createEffect(() =>
    this.actions.pipe(
      ofType(ShopActions.failed),
      filter(({ failure }) => failure.kind === 'offline'),
      switchMap(() => timer(RETRY_AFTER)),
      concatMap(() => this.store.select(shopFeature.selectShopState).pipe(take(1))),
      map(({ document, base }) => (document === base ? ShopActions.requested() : ShopActions.edited({ document }))),
    ),
  );

  private saveNow({ version, document, base }: Pick<LocalCopy<Shop>, 'version' | 'document' | 'base'>): Observable<Action> {
    return this.api.saveShop(version, document).pipe(
      map((stored) => ShopActions.saved({ stored, sent: document })),
      catchError((error: unknown) => this.notSaved(failureOf(error), { document, base, version, at: 0 })),
    );
  }

  private read(stored: StoredShop, copy: LocalCopy<Shop> | null): Action[] {
    if (!copy || isClean(copy)) return [ShopActions.loaded({ stored })];
    return [ShopActions.loaded({ stored }), ShopActions.edited({ document: this.met(copy, stored) })];
  }

  private notSaved(failure: Failure, mine: LocalCopy<Shop>): Observable<Action> {
    if (failure.kind !== 'stale') return of(ShopActions.failed({ failure }));
    return this.api.getShop().pipe(
      switchMap((stored) => from(this.read(stored, mine))),
      catchError((error: unknown) => of(ShopActions.failed({ failure: failureOf(error) }))),
    );
  }

  /** Both changes as one; where they clash, what was typed here stands, and it is told. */
  private met({ base, document }: LocalCopy<Shop>, theirs: StoredShop): Shop {
    const merged = mergedShop(base, document, theirs.document);
    if (merged.clashes.length > 0)
      this.toasts.say(
        `The shop settings were changed somewhere else too. What was typed here stands: ${merged.clashes.map(({ path }) => path.join(' ')).join(', ')}.`,
      );
    return merged.document;
  }
}

/** As this browser has it, with what it has not sent yet. */
const asKept = (copy: LocalCopy<Shop>): Action[] => [
  ShopActions.loaded({ stored: { version: copy.version, document: copy.base } }),
  ...(isClean(copy) ? [] : [ShopActions.edited({ document: copy.document })]),
];
