import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  CATALOGUE,
  Celsius,
  CubicMetres,
  CubicMetresPerHour,
  GateId,
  MetresPerSecond,
  Percent,
  type FinishId,
  type Item,
  type Job,
  type Place,
} from '@lift-bare/core';
import { FormsModule } from '@angular/forms';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { HoursField } from '../../ui/hours-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { ITEM_KIND_OPTIONS, PLACE_KIND_OPTIONS, SERVICE_OPTIONS } from '../../ui/words';
import { YearField } from '../../ui/year-field';

const FINISH_OPTIONS: readonly ChoiceOption<FinishId>[] = Object.values(CATALOGUE.finishes).map(({ id, name }) => ({ value: id, label: name }));

@Component({
  selector: 'lb-item-form',
  imports: [TextField, HoursField, ChoiceField, QuantityField, YearField, NzSwitchModule, FormsModule],
  template: `
    @if (context.job(); as job) {
      <div class="form">
        <lb-text class="wide" label="Job" [value]="job.name" [required]="true" [most]="80" (changed)="set('name', $event)" />
        <lb-text class="wide" label="Item" [value]="job.item.description" placeholder="what it is, colour, number" (changed)="setItem('description', $event)" />
        <lb-text label="Customer" [value]="offers.customer().name" [most]="80" placeholder="as on the papers" (changed)="offers.setCustomer({ name: $event })" />
        <lb-choice label="Kind" [value]="job.item.kind" [options]="kinds" (changed)="setItem('kind', $event)" />
        <lb-year label="Painted or built in" [value]="job.item.year" (changed)="setItem('year', $event)" />
        <lb-choice label="Used" [value]="job.item.service" [options]="services" (changed)="setItem('service', $event)" />
        <lb-choice label="Topcoat wanted" [value]="job.finish" [options]="finishes" (changed)="set('finish', $event)" />
        <lb-quantity label="Air temperature" dimension="temperature" [schema]="celsius" [value]="job.place.temperature" (changed)="setPlace('temperature', celsius.parse($event))" />
        <lb-quantity label="Relative humidity" dimension="share" [schema]="percent" [value]="job.place.humidity" (changed)="setPlace('humidity', percent.parse($event))" />
        <lb-quantity label="Part temperature" dimension="temperature" [schema]="celsius" [value]="job.place.metal" [optional]="true" placeholder="as the air" (changed)="setPlace('metal', celsius.parse($event))" (cleared)="setPlace('metal', null)" />
        <div class="field"><label for="indoors">Indoors</label><span><nz-switch nzId="indoors" [ngModel]="job.place.indoors" (ngModelChange)="setPlace('indoors', $event)" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
        <lb-choice label="Place" [value]="job.place.kind" [options]="places" (changed)="setPlace('kind', $event)" />
        <div class="field"><label for="extraction">Forced extraction</label><span><nz-switch nzId="extraction" [ngModel]="job.place.extraction" (ngModelChange)="setPlace('extraction', $event)" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
        @if (job.place.indoors) {
          <lb-quantity label="Air of the room" dimension="room" [schema]="room" [value]="job.place.room" [optional]="true" placeholder="not measured" (changed)="setPlace('room', room.parse($event))" (cleared)="setPlace('room', null)" />
          @if (job.place.extraction) { <lb-quantity label="Extraction moves" dimension="exhaust" [schema]="exhaust" [value]="job.place.airFlow" [optional]="true" placeholder="not measured" (changed)="setPlace('airFlow', exhaust.parse($event))" (cleared)="setPlace('airFlow', null)" /> }
        } @else {
          <lb-quantity label="Wind" dimension="wind" [schema]="wind" [value]="job.place.wind" [optional]="true" placeholder="not measured" (changed)="setPlace('wind', wind.parse($event))" (cleared)="setPlace('wind', null)" />
          <lb-hours label="Free of dew" [value]="dewFree()" [most]="1" placeholder="10-16" (changed)="setPlace('paintHours', $event[0] ?? null)" />
        }
        @for (gate of shut(); track gate.id) { <lb-text class="full" [label]="gate.title + ': why it is painted all the same'" [value]="job.place.gateReasons[gate.id] ?? ''" [most]="2000" (changed)="answer(gate.id, $event)" /> }
        <lb-text class="full" label="Notes" [value]="job.notes" [lines]="2" [most]="2000" (changed)="set('notes', $event)" />
      </div>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ItemForm {
  protected readonly context = inject(JobContext);
  protected readonly offers = inject(OfferBook);
  /** gates of air and metal that bar work of this job, answered for or not */
  protected readonly shut = computed(() => [
    ...new Map(
      this.context.plan()?.findings.flatMap(({ code, title }) => {
        const id = GateId.options.find((gate) => code === `${gate}-gate`);
        return id ? [[id, { id, title }] as const] : [];
      }),
    ).values(),
  ]);
  protected readonly dewFree = computed(() => {
    const hours = this.context.job()?.place.paintHours;
    return hours ? [hours] : [];
  });
  protected readonly celsius = Celsius;
  protected readonly percent = Percent;
  protected readonly wind = MetresPerSecond;
  protected readonly room = CubicMetres;
  protected readonly exhaust = CubicMetresPerHour;
  protected readonly kinds = ITEM_KIND_OPTIONS;
  protected readonly services = SERVICE_OPTIONS;
  protected readonly finishes = FINISH_OPTIONS;
  protected readonly places = PLACE_KIND_OPTIONS;

  protected set<K extends keyof Job>(key: K, value: Job[K]): void {
    this.context.edit(key, (job) => ({ ...job, [key]: value }));
  }
  protected setItem<K extends keyof Item>(key: K, value: Item[K]): void {
    this.context.edit(`item ${key}`, (job) => ({ ...job, item: { ...job.item, [key]: value } }));
  }
  protected answer(gate: GateId, reason: string): void {
    this.context.edit(`gate ${gate}`, (job) => ({ ...job, place: { ...job.place, gateReasons: { ...job.place.gateReasons, [gate]: reason } } }));
  }
  protected setPlace<K extends keyof Place>(key: K, value: Place[K]): void {
    this.context.edit(`place ${key}`, (job) => ({ ...job, place: { ...job.place, [key]: value } }));
  }
}
