import { Injectable } from '@angular/core';
import { createStore, del, entries, get, set, type UseStore } from 'idb-keyval';
import { catchError, defer, from, map, type Observable, of } from 'rxjs';

/**
 * What this browser keeps by itself, through reload, crash and a lost network. Where the browser has or allows no store, it is kept as long as the page:
 * only the second safety is gone then, the server still gets everything.
 */
@Injectable({ providedIn: 'root' })
export class LocalStore {
  private readonly store: UseStore | null = typeof indexedDB === 'undefined' ? null : createStore('lift-bare', 'kept');
  private readonly page = new Map<string, unknown>();

  /** undefined: nothing is kept there */
  get(key: string): Observable<unknown> {
    const { store } = this;
    return store ? defer(() => from(get<unknown>(key, store))).pipe(catchError(() => of(this.page.get(key)))) : of(this.page.get(key));
  }

  /** Those whose keys begin so. */
  all(prefix: string): Observable<readonly (readonly [key: string, value: unknown])[]> {
    const { store } = this;
    const found = store ? defer(() => from(entries<string, unknown>(store))).pipe(catchError(() => of([...this.page]))) : of([...this.page]);
    return found.pipe(map((all) => all.filter(([key]) => key.startsWith(prefix))));
  }

  keep(key: string, value: unknown): void {
    this.page.set(key, value);
    if (this.store) set(key, value, this.store).catch(() => undefined);
  }

  drop(key: string): void {
    this.page.delete(key);
    if (this.store) del(key, this.store).catch(() => undefined);
  }
}
