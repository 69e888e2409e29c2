import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { CATALOGUE, Equipment, Metres, Shop, SquareMetres, type MethodId, type Waits } from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { MoneyField } from '../../ui/money-field';
import { QuantityField } from '../../ui/quantity-field';
import { saveFile } from '../../ui/save-file';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { ShopEditor } from './shop-editor';

/** min. */
const HOUR = 60;

/** Rates, weights, kit, law and prices. */
@Component({
  selector: 'lb-shop-figures',
  imports: [TextField, ChoiceField, FigureField, MoneyField, QuantityField, NzSwitchModule, FormsModule],
  templateUrl: './shop-figures.html',
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopFigures {
  protected readonly editor = inject(ShopEditor);
  protected readonly units = inject(Units);
  protected readonly shop = this.editor.shop;
  protected readonly metres = Metres;
  protected readonly squareMetres = SquareMetres;
  protected readonly scale = Shop.shape.scale;
  protected readonly equipment = Equipment.options.map((value) => ({ value, label: CATALOGUE.tools[value].name }));
  protected readonly methods = computed(() => [
    ...Object.values(CATALOGUE.methods).map(({ ref, name }) => ({ value: ref, label: name })),
    ...this.shop().ownRows.map(({ id, name }) => ({ value: id, label: name })),
  ]);
  protected readonly waits = [
    ['sand', 'Before sanding'],
    ['tape', 'Before tape'],
    ['assemble', 'Before fitting'],
    ['load', 'Before load'],
  ] as const;
  protected hours = (wait: keyof Waits): number | undefined => {
    const minutes = this.shop().waits[wait];
    return minutes === null ? undefined : minutes / HOUR;
  };
  protected checkWait = (hours: number | null | undefined): string | null => (hours === 0 ? 'more than 0, or left empty' : null);
  protected setWait = (wait: keyof Waits, hours: number | null | undefined): boolean =>
    this.editor.set('waits', { ...this.shop().waits, [wait]: typeof hours === 'number' ? hours * HOUR : null });
  protected readonly guns = [
    { value: 'hvlp' as const, label: 'Low pressure, HVLP: 65 % lands' },
    { value: 'conventional' as const, label: 'Conventional: 45 % lands' },
    { value: 'airless' as const, label: 'Airless: 80 % lands' },
  ];
  protected readonly systems = [
    { value: 'metric' as const, label: 'Metric' },
    { value: 'us' as const, label: 'US' },
  ];
  protected readonly sides = ['length', 'width', 'height'] as const;
  protected readonly prices = computed(() =>
    Object.values(CATALOGUE.methods)
      .filter((method) => method.family === 'chem' && method.stripper.form !== 'bath')
      .map((method) => ({
        id: method.id,
        name: method.name,
        standard: method.family === 'chem' ? method.stripper.pricePerLitre.value : 0,
        own: this.shop().prices[method.id] ?? null,
      })),
  );

  protected saveProfile = (): void => saveFile(`${this.shop().name}.json`, JSON.stringify(this.shop(), null, 2));
  protected async openProfile(input: HTMLInputElement): Promise<void> {
    const text = await input.files?.[0]?.text();
    input.value = '';
    if (text !== undefined) this.editor.replace(text);
  }

  protected setWeight = (key: keyof Shop['weights'], value: number): boolean => this.editor.set('weights', { ...this.shop().weights, [key]: value });
  protected setSetUp = (key: keyof Shop['setUps'], value: number): boolean => this.editor.set('setUps', { ...this.shop().setUps, [key]: value });
  protected setSide = (vessel: 'cabinet' | 'tub', side: (typeof this.sides)[number], value: number): boolean =>
    this.editor.set(vessel, { ...this.shop()[vessel], [side]: Metres.parse(value) });
  protected setFloor = (floor: number): boolean => this.setBooth({ floor: SquareMetres.parse(floor) });
  protected setBooth = (change: Partial<Shop['booth']>): boolean => this.editor.set('booth', { ...this.shop().booth, ...change });
  protected setPrice = (id: MethodId, value: number): boolean => this.editor.set('prices', { ...this.shop().prices, [id]: value });
  protected dropPrice(id: MethodId): void {
    this.editor.set('prices', Object.fromEntries(Object.entries(this.shop().prices).filter(([key]) => key !== id)));
  }
}
