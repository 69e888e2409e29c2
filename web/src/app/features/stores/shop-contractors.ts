import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { CATALOGUE, Weekday, WEEKDAYS, type Contractor, type MethodId } from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { newId } from '../../state/new-id';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { MoneyField } from '../../ui/money-field';
import { TextField } from '../../ui/text-field';
import { ShopEditor } from './shop-editor';

/** Firms that blast for the shop: media, prices, days. */
@Component({
  selector: 'lb-shop-contractors',
  imports: [TextField, ChoiceField, MoneyField, FigureField, NzSwitchModule, FormsModule],
  template: `
    <p class="soft">A delivery is paid once for all parts that go together: transport, the minimum, days away. A price left open ranks without cost and says so.</p>
    @for (contractor of editor.shop().contractors; track contractor.id) {
      <section class="entry" role="group" [attr.aria-label]="contractor.name">
        <div class="entry-head"><h2>{{ contractor.name }}</h2><button type="button" class="btn plain small" (click)="remove(contractor)">Remove</button></div>
        <div class="form">
          <lb-text class="wide" label="Contractor" [value]="contractor.name" [required]="true" [most]="80" (changed)="set(contractor, { name: $event })" />
          <lb-money label="Minimum" [value]="contractor.minimum" (changed)="set(contractor, { minimum: $event })" />
          <lb-figure [marks]="true" label="By area" unit="/m²" placeholder="not known" [value]="contractor.perSquareMetre ?? undefined" (changed)="set(contractor, { perSquareMetre: $event ?? null })" />
          <lb-figure [marks]="true" label="By mass" unit="/kg" placeholder="none" [value]="contractor.perKilogram ?? undefined" (changed)="set(contractor, { perKilogram: $event ?? null })" />
          <lb-money label="Transport" [value]="contractor.transport" (changed)="set(contractor, { transport: $event })" />
          <lb-money label="Away" unit="days" [most]="60" [value]="contractor.daysAway" (changed)="set(contractor, { daysAway: $event })" />
          <lb-choice class="wide" label="Takes work in on" [value]="contractor.pickUpDays" [options]="days" [many]="true" placeholder="any day" (changedMany)="set(contractor, { pickUpDays: $event })" />
          <div class="field wide"><label [for]="'trained-' + contractor.id">Trained for carbon and laminate</label><span><nz-switch [nzId]="'trained-' + contractor.id" [ngModel]="contractor.composites" (ngModelChange)="set(contractor, { composites: $event })" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
          <div class="field wide"><label [for]="'on-site-' + contractor.id">Comes to where the item stands</label><span><nz-switch [nzId]="'on-site-' + contractor.id" [ngModel]="contractor.onSite" (ngModelChange)="set(contractor, { onSite: $event })" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
          <lb-choice class="full" label="Media offered" [value]="contractor.media" [options]="media" [many]="true" placeholder="none yet" (changedMany)="set(contractor, { media: $event })" />
        </div>
      </section>
    } @empty { <p>No contractor yet. Without one, and without a blast pot, a pot to buy is counted into every blast.</p> }
    <p class="acts"><button type="button" class="btn" (click)="add()">Add a contractor</button></p>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopContractors {
  protected readonly editor = inject(ShopEditor);
  protected readonly days = Weekday.options.map((value) => ({ value, label: WEEKDAYS[value] }));
  protected readonly media: readonly { value: MethodId; label: string }[] = Object.values(CATALOGUE.methods)
    .filter(({ family, id }) => family === 'blast' && id !== 'blast.silica-sand')
    .map(({ id, name }) => ({ value: id, label: name }));

  protected set(contractor: Contractor, change: Partial<Contractor>): void {
    this.editor.set(
      'contractors',
      this.editor.shop().contractors.map((known) => (known.id === contractor.id ? { ...known, ...change } : known)),
    );
  }

  protected remove({ id }: Contractor): void {
    this.editor.set(
      'contractors',
      this.editor.shop().contractors.filter((known) => known.id !== id),
    );
  }

  protected add(): void {
    const contractor: Contractor = {
      id: newId()
        .toLowerCase()
        .replace(/[^a-z0-9-]/g, ''),
      name: 'New contractor',
      media: [],
      composites: false,
      onSite: false,
      minimum: 0,
      perSquareMetre: null,
      perKilogram: null,
      transport: 0,
      daysAway: 3,
      pickUpDays: [],
    };
    this.editor.set('contractors', [...this.editor.shop().contractors, contractor]);
  }
}
