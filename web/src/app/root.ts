import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { PhotoQueue } from './state/photo-queue';
import { BenchActions } from './state/bench.actions';
import { benchFeature } from './state/bench.reducer';
import { ShopActions } from './state/shop.actions';
import { ClockWatch } from './ui/clock-watch';
import { ThemeService } from './ui/theme.service';

@Component({
  selector: 'lb-root',
  imports: [RouterOutlet, ClockWatch],
  template: `
    <router-outlet />
    @defer (when running()) { <lb-clock-watch /> }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Root {
  private readonly runs = inject(Store).selectSignal(benchFeature.selectRuns);
  /** a job is under way */
  protected readonly running = computed(() => Object.values(this.runs()).some(({ handedOver }) => handedOver === null));

  constructor() {
    const store = inject(Store);
    store.dispatch(ShopActions.requested());
    store.dispatch(BenchActions.joined());
    inject(PhotoQueue).start();
    inject(ThemeService).start();
  }
}
