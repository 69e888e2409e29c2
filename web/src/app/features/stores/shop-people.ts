import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import {
  CARTRIDGES,
  hoursLeft,
  RESPIRATORS,
  TRAINED_FOR,
  withWorn,
  type Cartridge,
  type Person,
  type RespiratorId,
  type Training,
  type WornStock,
} from '@lift-bare/core';
import { format } from 'date-fns';
import { NzDatePickerModule } from 'ng-zorro-antd/date-picker';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { NzTableModule } from 'ng-zorro-antd/table';
import { SafetyApi } from '../../api/safety-api';
import { newId } from '../../state/new-id';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { CountField } from '../../ui/count-field';
import { FigureField } from '../../ui/figure-field';
import { TextField } from '../../ui/text-field';
import { DaysOffField } from './days-off-field';
import { ShopEditor } from './shop-editor';
import { WeekHoursField } from './week-hours';

const MASKS: readonly ChoiceOption<RespiratorId>[] = Object.values(RESPIRATORS).map(({ id, name, factor }) => ({
  value: id,
  label: `${name}, protects ${factor.value} times`,
}));
const TRAININGS = (Object.entries(TRAINED_FOR) as [Training, string][]).map(([value, label]) => ({ value, label }));
const KINDS = (Object.entries(CARTRIDGES) as [Cartridge['kind'], { readonly name: string }][]).map(([value, { name }]) => ({ value, label: name }));
const SIZES: readonly ChoiceOption<'S' | 'M' | 'L'>[] = (['S', 'M', 'L'] as const).map((value) => ({ value, label: value }));

const SHELF: readonly { readonly id: keyof WornStock; readonly label: string }[] = [
  { id: 'vapour', label: 'Vapour cartridges, pairs' },
  { id: 'p100', label: 'P100 filters, pairs' },
  { id: 'ffp2', label: 'FFP2 or N95 masks' },
  { id: 'gloves', label: 'Nitrile gloves, pairs' },
  { id: 'coveralls', label: 'Coveralls with hood' },
];

/** Who works here, in which mask, tested when and trained for what; and the cartridges in use. */
@Component({
  selector: 'lb-shop-people',
  imports: [
    NzTableModule,
    TextField,
    WeekHoursField,
    DaysOffField,
    ChoiceField,
    CountField,
    FigureField,
    NzSwitchModule,
    NzDatePickerModule,
    FormsModule,
  ],
  template: `
    <p class="soft">Plans hold each step against these people: who may do it, in which mask, and why others may not. Initials will do.</p>
    @for (person of editor.shop().people; track person.id) {
      <section class="entry" role="group" [attr.aria-label]="person.name">
        <div class="entry-head"><h2>{{ person.name }}</h2><button type="button" class="btn plain small" (click)="remove(person)">Remove</button></div>
        <div class="form">
          <lb-text label="Name or initials" [value]="person.name" [required]="true" [most]="40" (changed)="set(person, { name: $event })" />
          <div class="field"><label [for]="'beard-' + person.id">Beard or stubble</label><span><nz-switch [nzId]="'beard-' + person.id" [ngModel]="person.beard" (ngModelChange)="set(person, { beard: $event })" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
          <div class="field"><label [for]="'fit-' + person.id">Masks fit-tested on</label><nz-date-picker [nzId]="'fit-' + person.id" nzFormat="yyyy-MM-dd" nzPlaceHolder="never" [ngModel]="person.fitTested" (ngModelChange)="set(person, { fitTested: textOf($event) })" /></div>
          <lb-choice label="Size by fit" [value]="person.size" [options]="sizes" placeholder="not tried" (changed)="set(person, { size: $event })" />
          <lb-choice class="full" label="Masks" [value]="person.masks" [options]="masks" [many]="true" placeholder="none yet" (changedMany)="set(person, { masks: $event })" />
          <div class="field"><label [for]="'own-' + person.id">Own hours</label><span><nz-switch [nzId]="'own-' + person.id" [ngModel]="person.hours !== null" (ngModelChange)="set(person, { hours: $event ? editor.shop().hours : null })" nzCheckedChildren="own" nzUnCheckedChildren="the shop’s" /></span></div>
          <lb-choice class="full" label="Trained for" [value]="person.trained" [options]="trainings" [many]="true" placeholder="nothing yet" (changedMany)="set(person, { trained: $event })" />
        </div>
        @if (person.hours; as hours) { <lb-week-hours [value]="hours" (changed)="set(person, { hours: $event })" /> }
        <h3>Away</h3>
        <lb-days-off [label]="'Away, ' + person.name" [value]="person.away" (changed)="set(person, { away: $event })" />
      </section>
    } @empty { <p>Nobody is entered, so nobody is held against a task.</p> }
    <p class="acts"><button type="button" class="btn" (click)="add()">Add a person</button></p>
    <h2>Cartridges in use</h2>
    <p class="soft">Dated when the bag is opened, kept sealed, changed by hours and days; sooner when breathing gets hard, by smell at once.</p>
    @if (editor.shop().cartridges.length > 0) {
      <nz-table nzTemplateMode>
        <thead><tr><th>Whose</th><th>What</th><th>Opened</th><th>Worn, entered</th><th>At the bench</th><th>Left</th><th></th></tr></thead>
        <tbody>
          @for (cartridge of editor.shop().cartridges; track cartridge.id; let i = $index) {
            <tr>
              <td><lb-choice [label]="'Whose, cartridge ' + (i + 1)" [hideLabel]="true" [value]="cartridge.person" [options]="owners()" placeholder="nobody’s" (changed)="change(cartridge, { person: $event })" /></td>
              <td><lb-choice [label]="'What, cartridge ' + (i + 1)" [hideLabel]="true" [value]="cartridge.kind" [options]="kinds" (changed)="change(cartridge, { kind: $event })" /></td>
              <td><label class="sr" [for]="'opened-' + cartridge.id">Opened, cartridge {{ i + 1 }}</label><nz-date-picker [nzId]="'opened-' + cartridge.id" nzFormat="yyyy-MM-dd" [nzAllowClear]="false" [ngModel]="cartridge.opened" (ngModelChange)="change(cartridge, { opened: textOf($event) ?? cartridge.opened })" /></td>
              <td><lb-figure [label]="'Worn, cartridge ' + (i + 1)" [hideLabel]="true" unit="h" [most]="10000" [value]="cartridge.hours" (changed)="change(cartridge, { hours: $event ?? 0 })" /></td>
              <td>{{ atBench(cartridge).toFixed(1) }} h</td>
              <td>@let rest = left(cartridge); @if (rest > 0) { {{ rest.toFixed(1) }} h } @else { <span class="flag stop">change it</span> }</td>
              <td><button type="button" class="btn plain small" (click)="drop(cartridge)" [attr.aria-label]="'Remove cartridge ' + (i + 1)">Remove</button></td>
            </tr>
          }
        </tbody>
      </nz-table>
    } @else { <p>None entered: the safety sheet counts new ones for every job.</p> }
    <p class="acts"><button type="button" class="btn" (click)="open()">Open a pair</button></p>
    <h2>On the shelf, unopened</h2>
    <div class="form">
      @for (item of shelf; track item.id) { <lb-count [label]="item.label" [least]="0" [value]="editor.shop().stock[item.id]" (changed)="stock(item.id, $event)" /> }
    </div>
    <p class="basis">At the bench: from tap to tap over sections that ask for cartridges, by the name under “Who”, five minutes before the first; half an hour without a tap is time out of the mask. A model assumption. Protection factors: 29 CFR 1910.134, table 1, quoted from memory. Hours and days: common practice, no source; the maker’s schedule decides. A tight mask seals on clean-shaven skin only; fit tests count for a year.</p>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopPeople {
  protected readonly editor = inject(ShopEditor);
  protected readonly masks = MASKS;
  protected readonly trainings = TRAININGS;
  protected readonly kinds = KINDS;
  protected readonly sizes = SIZES;

  protected owners = (): ChoiceOption<string>[] => this.editor.shop().people.map(({ id, name }) => ({ value: id, label: name }));
  protected readonly shelf = SHELF;
  private readonly spells = toSignal(inject(SafetyApi).worn(), { initialValue: [] });
  private readonly worn = computed(() => new Map(withWorn(this.editor.shop(), this.spells()).cartridges.map((own) => [own.id, own])));

  protected atBench = ({ id, hours }: Cartridge): number => (this.worn().get(id)?.hours ?? hours) - hours;
  protected left = (cartridge: Cartridge): number => hoursLeft(this.worn().get(cartridge.id) ?? cartridge, format(Date.now(), 'yyyy-MM-dd'));
  protected textOf = (date: Date | null): string | null => (date === null ? null : format(date, 'yyyy-MM-dd'));

  protected stock(id: keyof WornStock, count: number): void {
    this.editor.set('stock', { ...this.editor.shop().stock, [id]: count });
  }

  protected set(person: Person, change: Partial<Person>): void {
    this.keep(this.editor.shop().people.map((known) => (known.id === person.id ? { ...known, ...change } : known)));
  }

  protected remove({ id }: Person): void {
    this.keep(this.editor.shop().people.filter((known) => known.id !== id));
  }

  protected add(): void {
    this.keep([
      ...this.editor.shop().people,
      { id: newId(), name: 'New', beard: false, masks: [], size: null, fitTested: null, trained: [], hours: null, away: [] },
    ]);
  }

  protected change(cartridge: Cartridge, change: Partial<Cartridge>): void {
    this.editor.set(
      'cartridges',
      this.editor.shop().cartridges.map((known) => (known.id === cartridge.id ? { ...known, ...change } : known)),
    );
  }

  protected drop({ id }: Cartridge): void {
    this.editor.set(
      'cartridges',
      this.editor.shop().cartridges.filter((known) => known.id !== id),
    );
  }

  protected open(): void {
    const { people, cartridges } = this.editor.shop();
    this.editor.set('cartridges', [
      ...cartridges,
      { id: newId(), person: people[0]?.id ?? '', kind: 'vapour', opened: format(Date.now(), 'yyyy-MM-dd'), hours: 0 },
    ]);
  }

  private keep(people: Person[]): void {
    this.editor.set('people', people);
  }
}
