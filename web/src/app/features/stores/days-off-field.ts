import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { DaysOff } from '@lift-bare/core';
import { format, parseISO } from 'date-fns';
import { NzDatePickerModule } from 'ng-zorro-antd/date-picker';
import { TextField } from '../../ui/text-field';
import { readDaysOff } from './read-days-off';

const ISO = 'yyyy-MM-dd';

const addedText = (added: number, known: number): string =>
  `${added} ${added === 1 ? 'entry' : 'entries'} added${known > 0 ? `, ${known} ${known === 1 ? 'was' : 'were'} there already` : ''}.`;

/** Spans of days on which somebody, or everybody, does not work. */
@Component({
  selector: 'lb-days-off',
  imports: [NzDatePickerModule, FormsModule, TextField],
  template: `
    @for (row of rows(); track row.i) {
      <div class="row">
        <div class="field"><label class="sr" [for]="label() + row.i">{{ label() }} {{ row.i + 1 }}</label><nz-range-picker [nzId]="label() + row.i" nzFormat="yyyy-MM-dd" [nzAllowClear]="false" [ngModel]="row.range" (ngModelChange)="set(row.i, $event)" /></div>
        <lb-text [label]="'Why, ' + (row.i + 1)" [value]="row.note" [most]="80" placeholder="why" (changed)="note(row.i, $event)" />
        <button type="button" class="btn plain small" (click)="remove(row.i)" [attr.aria-label]="'Remove ' + label() + ' ' + (row.i + 1)">Remove</button>
      </div>
    }
    <p class="acts">
      <button type="button" class="btn quiet" (click)="add()">Add days off</button>
      <label class="btn quiet">Read them from a file <input type="file" class="sr" accept=".ics,.csv,text/calendar,text/csv" (change)="read($any($event.target))" /></label>
      <span class="soft small">iCalendar, or a table of from, to, why</span>
    </p>
    @if (told(); as says) { <p [class]="says.ok ? 'note ok' : 'note stop'" role="status"><b>{{ says.ok ? 'Read' : 'Not read' }}</b>{{ says.text }}</p> }
  `,
  styleUrl: './shop-part.css',
  styles: '.row { display: flex; flex-wrap: wrap; gap: 8px 14px; align-items: end; margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DaysOffField {
  readonly label = input.required<string>();
  readonly value = input.required<readonly DaysOff[]>();
  readonly changed = output<DaysOff[]>();
  /** dates of their own for the pickers, made anew only when the days change */
  protected readonly rows = computed(() => this.value().map(({ from, to, note }, i) => ({ i, note, range: [parseISO(from), parseISO(to)] })));

  protected readonly told = signal<{ readonly ok: boolean; readonly text: string } | null>(null);

  /** Days that are there already are not added again. */
  protected async read(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (!file) return;
    const read = await readDaysOff(file);
    input.value = '';
    if (!read.ok) {
      this.told.set({ ok: false, text: read.reason });
      return;
    }
    const known = this.value();
    const fresh = read.days.filter(({ from, to }) => !known.some((day) => day.from === from && day.to === to));
    this.changed.emit([...known, ...fresh]);
    this.told.set({ ok: true, text: addedText(fresh.length, read.days.length - fresh.length) });
  }

  protected add(): void {
    const today = format(Date.now(), ISO);
    this.changed.emit([...this.value(), { from: today, to: today, note: '' }]);
  }

  protected set(i: number, range: readonly (Date | null)[]): void {
    const [from, to] = range;
    if (from && to) this.replace(i, { from: format(from, ISO), to: format(to, ISO) });
  }

  protected note = (i: number, note: string): void => this.replace(i, { note });
  protected remove = (i: number): void => this.changed.emit(this.value().filter((_, at) => at !== i));
  private replace = (i: number, change: Partial<DaysOff>): void =>
    this.changed.emit(this.value().map((one, at) => (at === i ? { ...one, ...change } : one)));
}
