import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { DimensionName } from '@lift-bare/core';
import { convert, DIMENSIONS, formatHands, formatMinutes, formatQuantity, localise, lowerFirst, unitSign } from '@lift-bare/core/before-planning';
import { ShopActions } from '../state/shop.actions';
import { shopFeature } from '../state/shop.reducer';

/** How numbers are shown: the shop's unit system and currency. */
@Injectable({ providedIn: 'root' })
export class Units {
  private readonly store = inject(Store);
  private readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  readonly system = computed(() => this.shop().units);

  show = (value: number, dimension: DimensionName): string => formatQuantity(value, dimension, this.system());
  /** the bare number in the unit shown, for axes */
  number = (value: number, dimension: DimensionName): number => {
    const { kind, canonical, shown } = DIMENSIONS[dimension];
    return convert(value, kind, canonical, shown[this.system()]);
  };
  sign = (dimension: DimensionName): string => unitSign(dimension, this.system());
  minutes = formatMinutes;
  hands = formatHands;
  /** a name inside a sentence */
  inline = lowerFirst;
  money = (value: number): string => `${this.shop().currency} ${value < 10 ? value.toFixed(1) : Math.round(value).toLocaleString('en')}`;
  /** A sentence of the plan with its quantities in the system shown. */
  text = (sentence: string): string => localise(sentence, this.system());

  toggle(): void {
    const shop = this.shop();
    this.store.dispatch(ShopActions.edited({ document: { ...shop, units: shop.units === 'metric' ? 'us' : 'metric' } }));
  }
}
