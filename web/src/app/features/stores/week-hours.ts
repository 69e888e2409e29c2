import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { hoursText, readHours, WEEKDAYS, type Weekday, type WeekHours } from '@lift-bare/core';

const DAYS = Object.entries(WEEKDAYS) as [Weekday, string][];
let nextId = 0;

/** Hours of work of each day of the week, typed as "8-12, 13-17". */
@Component({
  selector: 'lb-week-hours',
  template: `
    <div class="form">
      @for (day of days; track day[0]) {
        @let error = errors()[day[0]];
        <div class="field" [class.bad]="error">
          <label [for]="id + day[0]">{{ day[1] }}</label>
          <input [id]="id + day[0]" type="text" autocomplete="off" placeholder="closed" [value]="texts()[day[0]]" (input)="typed(day[0], $any($event.target).value)" (blur)="left(day[0])" />
          @if (error) { <span class="error" role="alert">{{ error }}</span> }
        </div>
      }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekHoursField {
  readonly value = input.required<WeekHours>();
  readonly changed = output<WeekHours>();
  protected readonly days = DAYS;
  protected readonly id = `h${(nextId += 1)}`;
  /** what is being typed, until it is left */
  private readonly typing = linkedSignal<WeekHours, Partial<Record<Weekday, string>>>({
    source: this.value,
    computation: (_, before) => before?.value ?? {},
  });
  protected readonly texts = computed(() => Object.fromEntries(DAYS.map(([day]) => [day, this.typing()[day] ?? hoursText(this.value()[day])])));
  protected readonly errors = computed(() =>
    Object.fromEntries(
      DAYS.map(([day]) => {
        const read = readHours(this.texts()[day] ?? '');
        return [day, read.ok ? null : read.reason];
      }),
    ),
  );

  protected typed(day: Weekday, text: string): void {
    this.typing.update((known) => ({ ...known, [day]: text }));
    const read = readHours(text);
    if (read.ok) this.changed.emit({ ...this.value(), [day]: read.spans });
  }

  /** Left as it was read; what cannot be read stays to be mended. */
  protected left(day: Weekday): void {
    if (this.errors()[day] === null) this.typing.update((known) => ({ ...known, [day]: undefined }));
  }
}
