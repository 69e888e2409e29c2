import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { CATALOGUE, Celsius, DEW_MARGIN, Percent, type FinishId, type Item, type Job, type Place } from '@lift-bare/core';
import { FormsModule } from '@angular/forms';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { JobContext } from '../../state/job-context';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { ITEM_KIND_OPTIONS, SERVICE_OPTIONS } from '../../ui/words';
import { YearField } from './year-field';

const FINISH_OPTIONS: readonly ChoiceOption<FinishId>[] = Object.values(CATALOGUE.finishes).map(({ id, name }) => ({ value: id, label: name }));

@Component({
  selector: 'lb-item-form',
  imports: [TextField, ChoiceField, QuantityField, YearField, NzSwitchModule, FormsModule],
  template: `
    @if (context.job(); as job) {
      <div class="form">
        <lb-text class="wide" label="Job" [value]="job.name" [required]="true" [most]="80" (changed)="set('name', $event)" />
        <lb-text class="wide" label="Item" [value]="job.item.description" placeholder="what it is, colour, number" (changed)="setItem('description', $event)" />
        <lb-choice label="Kind" [value]="job.item.kind" [options]="kinds" (changed)="setItem('kind', $event)" />
        <lb-year label="Painted or built in" [value]="job.item.year" (changed)="setItem('year', $event)" />
        <lb-choice label="Used" [value]="job.item.service" [options]="services" (changed)="setItem('service', $event)" />
        <lb-choice label="Topcoat wanted" [value]="job.finish" [options]="finishes" (changed)="set('finish', $event)" />
        <lb-quantity label="Air temperature" dimension="temperature" [schema]="celsius" [value]="job.place.temperature" (changed)="setPlace('temperature', celsius.parse($event))" />
        <lb-quantity label="Relative humidity" dimension="share" [schema]="percent" [value]="job.place.humidity" (changed)="setPlace('humidity', percent.parse($event))" />
        <lb-quantity label="Part temperature" dimension="temperature" [schema]="celsius" [value]="job.place.metal" [optional]="true" placeholder="as the air" (changed)="setPlace('metal', celsius.parse($event))" (cleared)="setPlace('metal', null)" />
        <div class="field"><label for="indoors">Indoors</label><span><nz-switch nzId="indoors" [ngModel]="job.place.indoors" (ngModelChange)="setPlace('indoors', $event)" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
        <div class="field"><label for="extraction">Forced extraction</label><span><nz-switch nzId="extraction" [ngModel]="job.place.extraction" (ngModelChange)="setPlace('extraction', $event)" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
        @if (nearDew()) { <lb-text class="full" label="Why it is painted all the same, this near the dew point" [value]="job.place.dewReason" [most]="2000" (changed)="setPlace('dewReason', $event)" /> }
        <lb-text class="full" label="Notes" [value]="job.notes" [lines]="2" [most]="2000" (changed)="set('notes', $event)" />
      </div>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ItemForm {
  protected readonly context = inject(JobContext);
  protected readonly nearDew = computed(() => (this.context.plan()?.climate.margin ?? Infinity) < DEW_MARGIN);
  protected readonly celsius = Celsius;
  protected readonly percent = Percent;
  protected readonly kinds = ITEM_KIND_OPTIONS;
  protected readonly services = SERVICE_OPTIONS;
  protected readonly finishes = FINISH_OPTIONS;

  protected set<K extends keyof Job>(key: K, value: Job[K]): void {
    this.context.edit(key, (job) => ({ ...job, [key]: value }));
  }
  protected setItem<K extends keyof Item>(key: K, value: Item[K]): void {
    this.context.edit(`item ${key}`, (job) => ({ ...job, item: { ...job.item, [key]: value } }));
  }
  protected setPlace<K extends keyof Place>(key: K, value: Place[K]): void {
    this.context.edit(`place ${key}`, (job) => ({ ...job, place: { ...job.place, [key]: value } }));
  }
}
