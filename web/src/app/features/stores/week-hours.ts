import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { WEEKDAYS, type Weekday, type WeekHours } from '@lift-bare/core';
import { HoursField } from '../../ui/hours-field';

/** Hours of work of each day of the week. */
@Component({
  selector: 'lb-week-hours',
  imports: [HoursField],
  template: `<div class="form">@for (day of days; track day[0]) { <lb-hours [label]="day[1]" [value]="value()[day[0]]" (changed)="set(day[0], $event)" /> }</div>`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekHoursField {
  readonly value = input.required<WeekHours>();
  readonly changed = output<WeekHours>();
  protected set = (day: Weekday, hours: WeekHours['mon']): void => this.changed.emit({ ...this.value(), [day]: hours });
  protected readonly days = Object.entries(WEEKDAYS) as [Weekday, string][];
}
