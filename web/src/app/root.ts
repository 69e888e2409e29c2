import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { ShopActions } from './state/shop.actions';
import { ThemeService } from './ui/theme.service';

@Component({
  selector: 'lb-root',
  imports: [RouterOutlet],
  template: '<router-outlet />',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Root {
  constructor() {
    inject(Store).dispatch(ShopActions.requested());
    inject(ThemeService).start();
  }
}
