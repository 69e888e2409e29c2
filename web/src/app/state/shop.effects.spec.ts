import { HttpErrorResponse } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { DEFAULT_SHOP, type Shop } from '@lift-bare/core';
import { type Observable, of, switchMap, throwError, timer } from 'rxjs';
import { Api, type StoredShop } from '../api/api';
import { Toasts } from '../ui/toast.service';
import { ShopActions } from './shop.actions';
import { ShopEffects } from './shop.effects';
import { shopFeature } from './shop.reducer';

class FakeServer {
  on = true;
  held: StoredShop = { version: 3, document: { ...DEFAULT_SHOP, name: 'Held' } };
  getShop = (): Observable<StoredShop> => (this.on ? of(this.held) : this.refuse(0));
  /** ms until a save is answered, and saves that were refused as stale */
  slow = 0;
  stale = 0;
  saveShop = (version: number, document: Shop): Observable<StoredShop> =>
    this.slow > 0 ? timer(this.slow).pipe(switchMap(() => this.save(version, document))) : this.save(version, document);
  private save = (version: number, document: Shop): Observable<StoredShop> => {
    if (!this.on) return this.refuse(0);
    if (version !== this.held.version) {
      this.stale += 1;
      return this.refuse(409);
    }
    this.held = { version: version + 1, document };
    return of(this.held);
  };
  private refuse = (status: number) => throwError(() => new HttpErrorResponse({ status }));
}

describe('shop profile', () => {
  let server: FakeServer;
  let store: Store;
  const shop = () => store.selectSignal(shopFeature.selectShopState)();
  const rename = (name: string) => store.dispatch(ShopActions.edited({ document: { ...shop().document, name } }));

  beforeEach(() => {
    jest.useFakeTimers();
    server = new FakeServer();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideStore({ [shopFeature.name]: shopFeature.reducer }),
        provideEffects(ShopEffects),
        { provide: Api, useValue: server },
      ],
    });
    store = TestBed.inject(Store);
    store.dispatch(ShopActions.requested());
  });
  afterEach(() => jest.useRealTimers());

  test('is read at the start and saved after each change', () => {
    expect(shop()).toMatchObject({ save: 'saved', version: 3, document: { name: 'Held' } });
    rename('Mine');
    expect(shop().save).toBe('unsaved');
    jest.advanceTimersByTime(400);
    expect(server.held).toMatchObject({ version: 4, document: { name: 'Mine' } });
    expect(shop().save).toBe('saved');
  });

  test('what is changed while a save is under way follows it with the version that it made', () => {
    server.slow = 1000;
    rename('One');
    jest.advanceTimersByTime(400);
    store.dispatch(ShopActions.edited({ document: { ...shop().document, currency: '$' } }));
    jest.advanceTimersByTime(3000);
    expect(server).toMatchObject({ stale: 0, held: { version: 5, document: { name: 'One', currency: '$' } } });
    expect(shop().save).toBe('saved');
  });

  test('waits for a server that is down', () => {
    server.on = false;
    rename('Later');
    jest.advanceTimersByTime(400);
    expect(shop().save).toBe('offline');
    server.on = true;
    jest.advanceTimersByTime(4000);
    expect(server.held.document.name).toBe('Later');
  });

  test('changed elsewhere in another place: both changes are there', () => {
    server.held = { version: 9, document: { ...DEFAULT_SHOP, name: 'Held', currency: '$' } };
    rename('Mine');
    jest.advanceTimersByTime(800);
    expect(server.held).toMatchObject({ version: 10, document: { name: 'Mine', currency: '$' } });
    expect(shop().save).toBe('saved');
    expect(TestBed.inject(Toasts).shown()).toBeNull();
  });

  test('changed elsewhere in the same place: what was typed here stands, and it is told', () => {
    server.held = { version: 9, document: { ...DEFAULT_SHOP, name: 'Theirs' } };
    rename('Mine');
    jest.advanceTimersByTime(800);
    expect(server.held.document.name).toBe('Mine');
    expect(TestBed.inject(Toasts).shown()?.text).toContain('changed somewhere else too. What was typed here stands: name');
  });

  test('what was typed without the server is there after a reload, without it and with it', () => {
    server.on = false;
    rename('Before the crash');
    jest.advanceTimersByTime(400);
    store.dispatch(ShopActions.requested());
    expect(shop()).toMatchObject({ save: 'offline', document: { name: 'Before the crash' } });
    server.on = true;
    store.dispatch(ShopActions.requested());
    jest.advanceTimersByTime(400);
    expect(server.held.document.name).toBe('Before the crash');
  });
});
