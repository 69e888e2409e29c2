import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NzDatePickerModule } from 'ng-zorro-antd/date-picker';

let nextId = 0;

/** A day and a time of day, in the one order in which the program writes both: year, month, day, 24 hours. */
@Component({
  selector: 'lb-moment',
  imports: [NzDatePickerModule, FormsModule],
  template: `
    <div class="field" [class.bad]="error() !== ''">
      <label [for]="id" [class.sr]="hideLabel()">{{ label() }}</label>
      <nz-date-picker [nzId]="id" [nzShowTime]="{ nzFormat: 'HH:mm' }" nzFormat="yyyy-MM-dd HH:mm" [nzPlaceHolder]="placeholder()" [nzAllowClear]="optional()" [ngModel]="date()" (ngModelChange)="picked($event)" (focusout)="left($event)" />
      @if (error() !== '') { <span class="error" role="alert">{{ error() }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MomentField {
  readonly label = input.required<string>();
  readonly hideLabel = input(false);
  /** ISO; null: none */
  readonly value = input.required<string | null>();
  readonly optional = input(false);
  readonly placeholder = input('none yet');
  readonly error = input('');
  /** ISO; null where it was cleared */
  readonly changed = output<string | null>();

  protected readonly id = `m${(nextId += 1)}`;
  protected readonly date = computed(() => {
    const iso = this.value();
    return iso === null ? null : new Date(iso);
  });

  /** The picker takes what was typed on Enter alone; here it is taken when the field is left as well. */
  protected left({ target }: FocusEvent): void {
    if (!(target instanceof HTMLInputElement)) return;
    const typed = new Date(target.value.trim().replace(' ', 'T'));
    if (!Number.isNaN(typed.getTime()) && typed.getTime() !== this.minute()) this.changed.emit(typed.toISOString());
  }

  /** the moment that the field shows, which has no seconds */
  private minute(): number | null {
    const date = this.date();
    return date && new Date(date).setSeconds(0, 0);
  }

  protected picked(date: Date | null): void {
    if (date !== null || this.optional()) this.changed.emit(date?.toISOString() ?? null);
  }
}
