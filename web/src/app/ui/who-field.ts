import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { NzInputModule } from 'ng-zorro-antd/input';
import { shopFeature } from '../state/shop.reducer';
import { Who } from '../state/who';

/** Who works on this screen: typed, or one of the shop's people. */
@Component({
  selector: 'lb-who',
  imports: [NzInputModule],
  template: `
    <datalist id="shop-names">@for (name of names(); track name) { <option [value]="name"></option> }</datalist>
    <label>Who <input nz-input type="text" list="shop-names" maxlength="40" [value]="who.name()" (change)="who.set($any($event.target).value)" /></label>
  `,
  styles: `
    label { display: inline-flex; align-items: baseline; gap: 6px; }
    input { font: inherit; color: inherit; background: var(--sunk); border: 0; border-radius: 5px; padding: var(--who-pad, 2px 6px); min-height: var(--who-height, 0); width: var(--who-width, 90px); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhoField {
  protected readonly who = inject(Who);
  private readonly shop = inject(Store).selectSignal(shopFeature.selectDocument);
  protected readonly names = computed(() => this.shop().people.map(({ name }) => name));
}
