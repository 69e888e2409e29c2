import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { budgetOf, type Schedule } from '@lift-bare/core';
import { shopFeature } from '../../state/shop.reducer';
import { CountField } from '../../ui/count-field';

/** Hands that are still to be done against people and weeks. */
@Component({
  selector: 'lb-week-budget',
  imports: [CountField],
  template: `
    <div class="budget">
      <lb-count label="Weeks" [value]="weeks()" (changed)="weeks.set($event)" />
      <p>
        <b>{{ hours().toFixed(0) }} h of hands</b> are still to be done.
        @if (budget().needed; as needed) { In {{ weeks() }} {{ weeks() === 1 ? 'week' : 'weeks' }} of {{ figure(budget().week) }} h that is <b>{{ figure(needed) }} {{ needed <= 1 ? 'person' : 'people' }}</b>. }
        @if (budget().weeks; as least) { <span class="soft">{{ budget().people === 1 ? 'The one who works here needs' : 'The ' + budget().people + ' who work here need' }} {{ figure(least) }} weeks for the hands alone; waits, nights and windows come on top, as below.</span> }
        @else { <b>Nobody works in a week.</b> }
      </p>
    </div>
  `,
  styleUrl: './week-budget.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekBudget {
  readonly schedule = input.required<Schedule>();
  private readonly shop = inject(Store).selectSignal(shopFeature.selectDocument);
  protected readonly weeks = signal(4);
  protected readonly hours = computed(() => this.schedule().works.reduce((sum, { state, hand }) => sum + (state === 'planned' ? hand : 0), 0) / 60);
  protected readonly budget = computed(() => budgetOf(this.hours(), this.weeks(), this.shop()));
  protected figure = (value: number): string => String(Number(value.toFixed(value < 10 ? 1 : 0)));
}
