import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { PhotoQueue } from './state/photo-queue';
import { BenchActions } from './state/bench.actions';
import { benchFeature } from './state/bench.reducer';
import { ShopActions } from './state/shop.actions';
import { ClockWatch } from './ui/clock-watch';
import { Palette } from './ui/palette/palette';
import { PaletteState } from './ui/palette/palette-state';
import { Tour } from './ui/tour/tour';
import { TourState } from './ui/tour/tour-state';
import { ThemeService } from './ui/theme.service';

@Component({
  selector: 'lb-root',
  imports: [RouterOutlet, ClockWatch, Palette, Tour],
  template: `
    <router-outlet />
    @defer (when running()) { <lb-clock-watch /> }
    @defer (when tour.step() !== null) { <lb-tour /> }
    @defer (when palette.asked()) { <lb-palette [(open)]="palette.open" /> }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'pressed($event)' },
})
export class Root {
  private readonly runs = inject(Store).selectSignal(benchFeature.selectRuns);
  /** a job is under way */
  protected readonly running = computed(() => Object.values(this.runs()).some(({ handedOver }) => handedOver === null));

  protected readonly palette = inject(PaletteState);
  protected readonly tour = inject(TourState);

  protected pressed(event: KeyboardEvent): void {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
    event.preventDefault();
    this.palette.show();
  }

  constructor() {
    const store = inject(Store);
    store.dispatch(ShopActions.requested());
    store.dispatch(BenchActions.joined());
    inject(PhotoQueue).start();
    inject(ThemeService).start();
  }
}
