import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { CATALOGUE, Equipment, readWith, Shop, type MethodId, type Schools } from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { ShopActions } from '../../state/shop.actions';
import { shopFeature } from '../../state/shop.reducer';
import { ChoiceField } from '../../ui/choice-field';
import { MoneyField } from '../../ui/money-field';
import { ToastBar } from '../../ui/toast-bar';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { SCHOOL_TEXTS } from './schools';

const EQUIPMENT_WORDS: Readonly<Record<Equipment, string>> = {
  da: 'Random-orbital sander',
  grinder: 'Angle grinder',
  'blast-pot': 'Blast pot and compressor',
  'spray-gun': 'Spray gun',
  'supplied-air': 'Supplied air',
  'needle-scaler': 'Needle scaler',
  drill: 'Drill with small pads',
};

/** Rates, kit, law and schools that hold for all jobs. */
@Component({
  selector: 'lb-shop-page',
  imports: [RouterLink, TextField, ChoiceField, MoneyField, NzSwitchModule, FormsModule, ToastBar],
  templateUrl: './shop-page.html',
  styleUrl: './stores.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopPage {
  private readonly store = inject(Store);
  protected readonly units = inject(Units);
  protected readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  protected readonly save = this.store.selectSignal(shopFeature.selectSave);
  protected readonly refusal = this.store.selectSignal(shopFeature.selectRefusal);
  protected readonly trouble = signal<string | null>(null);
  protected readonly schools = SCHOOL_TEXTS;
  protected readonly equipment = Equipment.options.map((value) => ({ value, label: EQUIPMENT_WORDS[value] }));
  protected readonly methods = Object.values(CATALOGUE.methods).map(({ id, name }) => ({ value: id, label: name }));
  protected readonly systems = [
    { value: 'metric' as const, label: 'Metric' },
    { value: 'us' as const, label: 'US' },
  ];
  protected readonly prices = computed(() =>
    Object.values(CATALOGUE.methods)
      .filter((method) => method.family === 'chem')
      .map(({ id, name, stripper }) => ({ id, name, standard: stripper.pricePerLitre.value, own: this.shop().prices[id] ?? null })),
  );

  protected set<K extends keyof Shop>(key: K, value: Shop[K]): void {
    const document = { ...this.shop(), [key]: value };
    const read = readWith(Shop, document);
    this.trouble.set(read.ok ? null : read.issues.map(({ path, reason }) => `${path.join(' › ')}: ${reason}`).join('; '));
    if (read.ok) this.store.dispatch(ShopActions.edited({ document }));
  }

  protected setSchool(id: keyof Schools, value: string): void {
    const read = readWith(Shop.shape.schools, { ...this.shop().schools, [id]: value });
    if (read.ok) this.set('schools', read.value);
  }
  protected setWeight(key: keyof Shop['weights'], value: number): void {
    this.set('weights', { ...this.shop().weights, [key]: value });
  }
  protected setContractor(key: keyof Shop['contractor'], value: number): void {
    this.set('contractor', { ...this.shop().contractor, [key]: value });
  }
  protected setPrice(id: MethodId, value: number): void {
    this.set('prices', { ...this.shop().prices, [id]: value });
  }
  protected dropPrice(id: MethodId): void {
    const rest = Object.entries(this.shop().prices).filter(([key]) => key !== id);
    this.set('prices', Object.fromEntries(rest));
  }
}
