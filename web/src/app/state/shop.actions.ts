import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { Shop } from '@lift-bare/core';
import type { StoredShop } from '../api/api';
import type { Failure } from '../api/problem';

export const ShopActions = createActionGroup({
  source: 'Shop',
  events: {
    Requested: emptyProps(),
    Loaded: props<{ stored: StoredShop }>(),
    Edited: props<{ document: Shop }>(),
    Saved: props<{ stored: StoredShop; sent: Shop }>(),
    Failed: props<{ failure: Failure }>(),
  },
});
