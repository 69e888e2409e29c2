import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { readWith, Shop } from '@lift-bare/core';
import { ShopActions } from '../../state/shop.actions';
import { shopFeature } from '../../state/shop.reducer';

/** The shop profile and the one way to change it: what the schema refuses is told and not taken. */
@Injectable()
export class ShopEditor {
  private readonly store = inject(Store);
  readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  readonly save = this.store.selectSignal(shopFeature.selectSave);
  /** false until the profile is here: what is typed over a profile that comes later would be lost with it */
  readonly ready = computed(() => this.save() !== 'loading');
  readonly refusal = this.store.selectSignal(shopFeature.selectRefusal);
  readonly trouble = signal<string | null>(null);

  set<K extends keyof Shop>(key: K, value: Shop[K]): boolean {
    return this.take({ ...this.shop(), [key]: value });
  }

  /** The whole profile from the text of a file. */
  replace(text: string): boolean {
    try {
      return this.take(JSON.parse(text));
    } catch {
      this.trouble.set('The file is not JSON.');
      return false;
    }
  }

  private take(document: unknown): boolean {
    const read = readWith(Shop, document);
    this.trouble.set(read.ok ? null : read.issues.map(({ path, reason }) => `${path.join(' › ')}: ${reason}`).join('; '));
    if (read.ok) this.store.dispatch(ShopActions.edited({ document: read.value }));
    return read.ok;
  }
}
