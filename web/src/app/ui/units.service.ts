import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { DimensionName, Shop } from '@lift-bare/core';
import { convert, DIMENSIONS, formatHands, formatMinutes, formatQuantity, localise, lowerFirst, unitSign } from '@lift-bare/core/before-planning';
import { shopFeature } from '../state/shop.reducer';

type System = Shop['units'];

const KEY = 'lift-bare.units';

/** How numbers are shown: in the units of whoever sits here, else of the shop, and in the shop's currency. */
@Injectable({ providedIn: 'root' })
export class Units {
  private readonly shop = inject(Store).selectSignal(shopFeature.selectDocument);
  /** chosen in this browser; null: as the shop has it */
  private readonly own = signal<System | null>(kept());
  readonly system = computed(() => this.own() ?? this.shop().units);

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

  /** The shop as sheets for the shop are printed from it: in the units that are shown here. */
  shownBy = (shop: Shop): Shop => ({ ...shop, units: this.system() });

  /** Changes what is shown in this browser; back in the units of the shop it follows the shop again. */
  toggle(): void {
    const other = this.system() === 'metric' ? 'us' : 'metric';
    const own = other === this.shop().units ? null : other;
    this.own.set(own);
    if (own === null) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, own);
  }
}

function kept(): System | null {
  const value = localStorage.getItem(KEY);
  return value === 'metric' || value === 'us' ? value : null;
}
