import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import {
  AirPlant,
  CLEANERS,
  freeAirThrough,
  GRITS,
  Grinder,
  nozzleOf,
  NOZZLES,
  RESERVE,
  USUAL_AIR,
  type GritId,
  type NozzleId,
} from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { NzTableModule } from 'ng-zorro-antd/table';
import { ChoiceField } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { MoneyField } from '../../ui/money-field';
import { Units } from '../../ui/units.service';
import { ShopEditor } from './shop-editor';

/** bar at which the table of nozzles is shown. */
const SHOWN_AT = [2, 4, 6] as const;

/** Compressor, hose and nozzles; papers and cleaners in stock; the grinder. */
@Component({
  selector: 'lb-shop-air',
  imports: [NzTableModule, ChoiceField, QuantityField, MoneyField, NzSwitchModule, FormsModule],
  templateUrl: './shop-air.html',
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopAir {
  protected readonly editor = inject(ShopEditor);
  protected readonly units = inject(Units);
  protected readonly shop = this.editor.shop;
  protected readonly plant = AirPlant.shape;
  protected readonly boreSchema = AirPlant.shape.nozzles.element.shape.bore;
  protected readonly grinder = Grinder.shape;
  protected readonly shownAt = SHOWN_AT;
  protected readonly nozzles = NOZZLES.map(({ id, name }) => ({ value: id, label: name }));
  protected readonly cleaners = Object.values(CLEANERS).map(({ id, name }) => ({ value: id, label: name }));
  protected readonly papers = GRITS.map((value) => ({ value, label: value }));

  protected start = (): boolean => this.editor.set('air', USUAL_AIR);
  protected drop = (): boolean => this.editor.set('air', null);
  protected set<K extends keyof AirPlant>(key: K, value: unknown): void {
    const { air } = this.shop();
    if (air) this.editor.set('air', { ...air, [key]: value } as AirPlant);
  }

  /** Listed in the order of their size; a measured bore stays with its nozzle. */
  protected own(sizes: readonly NozzleId[]): void {
    const known = this.shop().air?.nozzles ?? [];
    this.set(
      'nozzles',
      NOZZLES.filter(({ id }) => sizes.includes(id)).map(({ id }) => known.find(({ size }) => size === id) ?? { size: id, bore: null }),
    );
  }
  /** one object for one profile, or the field would never come to rest */
  protected readonly sizes = computed((): NozzleId[] => this.shop().air?.nozzles.map(({ size }) => size) ?? []);
  protected worn(size: NozzleId, bore: number | null): void {
    this.set(
      'nozzles',
      this.shop().air?.nozzles.map((nozzle) => (nozzle.size === size ? { ...nozzle, bore } : nozzle)),
    );
  }
  protected nameOf = (size: NozzleId): string => nozzleOf(size).name;
  protected boreOf = (size: NozzleId): number => nozzleOf(size).bore;
  protected demand = (size: NozzleId, bore: number | null, bar: number): number => freeAirThrough(bore ?? nozzleOf(size).bore, bar);
  protected held = (size: NozzleId, bore: number | null, bar: number): boolean =>
    this.demand(size, bore, bar) * RESERVE <= (this.shop().air?.freeAir ?? 0);
  /** more air than a new one of its size */
  protected more = (size: NozzleId, bore: number): string => `${Math.round(100 * ((bore / this.boreOf(size)) ** 2 - 1))} %`;

  protected stock = (grits: GritId[]): boolean =>
    this.editor.set(
      'papers',
      GRITS.filter((grit) => grits.includes(grit)),
    );
  protected setGrinder = (change: Partial<Grinder>): boolean => this.editor.set('grinder', { ...this.shop().grinder, ...change });
}
