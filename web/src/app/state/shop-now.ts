import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { benchFeature } from './bench.reducer';
import { toShop } from './shop-time';

/** ms between two looks at the clock. */
const TICK = 500;
/** ms to which time is rounded where only states hang on it. */
const SLOW = 5000;

/** The one clock of all screens: the shop's time, ms. */
@Injectable({ providedIn: 'root' })
export class ShopNow {
  private readonly time = inject(Store).selectSignal(benchFeature.selectTime);
  private readonly ticks = signal(Date.now());
  readonly now = computed(() => toShop(this.time(), this.ticks()));
  /** moves every few seconds only */
  readonly slow = computed(() => Math.floor(this.now() / SLOW) * SLOW);

  constructor() {
    setInterval(() => this.ticks.set(Date.now()), TICK);
  }
}
