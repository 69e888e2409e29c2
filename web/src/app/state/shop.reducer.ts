import { createFeature, createReducer, on } from '@ngrx/store';
import type { Shop } from '@lift-bare/core';
import { DEFAULT_SHOP } from '@lift-bare/core/before-planning';
import { ShopActions } from './shop.actions';

export interface ShopState {
  readonly document: Shop;
  /** as the server has it */
  readonly base: Shop;
  readonly version: number;
  readonly save: 'loading' | 'saved' | 'unsaved' | 'offline' | 'refused';
  readonly refusal: string | null;
}

const initial: ShopState = { document: DEFAULT_SHOP, base: DEFAULT_SHOP, version: 0, save: 'loading', refusal: null };

export const shopFeature = createFeature({
  name: 'shop',
  reducer: createReducer(
    initial,
    on(ShopActions.loaded, (_, { stored }): ShopState => ({
      document: stored.document,
      base: stored.document,
      version: stored.version,
      save: 'saved',
      refusal: null,
    })),
    on(ShopActions.edited, (state, { document }): ShopState => ({ ...state, document, save: 'unsaved', refusal: null })),
    on(ShopActions.saved, (state, { stored, sent }): ShopState => ({
      ...state,
      base: sent,
      version: stored.version,
      save: state.document === sent ? 'saved' : 'unsaved',
    })),
    on(ShopActions.failed, (state, { failure }): ShopState => ({
      ...state,
      save: failure.kind === 'refused' ? 'refused' : 'offline',
      refusal: failure.kind === 'refused' ? failure.reason : failure.kind === 'offline' ? failure.says : null,
    })),
  ),
});
