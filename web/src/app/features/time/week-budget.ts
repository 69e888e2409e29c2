import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { budgetOf, type Schedule } from '@lift-bare/core';
import { NzInputNumberModule } from 'ng-zorro-antd/input-number';
import { shopFeature } from '../../state/shop.reducer';

/** Hands that are still to be done against people and weeks. */
@Component({
  selector: 'lb-week-budget',
  imports: [NzInputNumberModule, FormsModule],
  template: `
    <p class="budget">
      <b>{{ hours().toFixed(0) }} h of hands</b> are still to be done. In
      <nz-input-number nzId="weeks" class="weeks" aria-label="weeks" [nzMin]="0.2" [nzMax]="104" [nzStep]="1" [ngModel]="weeks()" (ngModelChange)="weeks.set($event ?? 0)" />
      {{ weeks() === 1 ? 'week' : 'weeks' }} of {{ figure(budget().week) }} h
      @if (budget().needed; as needed) { that is <b>{{ figure(needed) }} {{ needed <= 1 ? 'person' : 'people' }}</b>. }
      @if (budget().weeks; as least) { <span class="soft">{{ budget().people === 1 ? 'The one' : 'The ' + budget().people }} who work here need {{ figure(least) }} weeks for the hands alone; waits, nights and windows come on top, as below.</span> }
      @else { <b>Nobody works in a week.</b> }
    </p>
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
