import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { readDaysOff } from './read-days-off';
import { DaysOffField } from './days-off-field';
import { ShopEditor } from './shop-editor';
import { ShopForecast } from './shop-forecast';
import { WeekHoursField } from './week-hours';

/** When the shop works: hours of the week, and the days on which it is closed. */
@Component({
  selector: 'lb-shop-calendar',
  imports: [WeekHoursField, DaysOffField, ShopForecast],
  template: `
    <h2>Hours of work</h2>
    <p class="soft">Spells of a day, such as 8-12, 13-17. A day without any is closed. Whoever works at other hours has them under People.</p>
    <lb-week-hours [value]="editor.shop().hours" (changed)="editor.set('hours', $event)" />
    <h2>Closed</h2>
    <lb-days-off label="Closed days" [value]="editor.shop().closed" (changed)="editor.set('closed', $event)" />
    <p class="acts">
      <label class="btn quiet">Read them from a file <input type="file" class="sr" accept=".ics,.csv,text/calendar,text/csv" (change)="read($any($event.target))" /></label>
      <span class="soft small">iCalendar, or a table of from, to, why</span>
    </p>
    @if (told(); as says) { <p [class]="says.ok ? 'note ok' : 'note stop'" role="status"><b>{{ says.ok ? 'Read' : 'Not read' }}</b>{{ says.text }}</p> }
    <lb-shop-forecast />
    <p class="basis">Unattended work goes on through nights and closed days. Closed days hold for everybody, whatever their own hours.</p>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopCalendar {
  protected readonly editor = inject(ShopEditor);
  protected readonly told = signal<{ readonly ok: boolean; readonly text: string } | null>(null);

  protected async read(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (!file) return;
    const read = await readDaysOff(file);
    input.value = '';
    if (!read.ok) {
      this.told.set({ ok: false, text: read.reason });
      return;
    }
    const known = this.editor.shop().closed;
    const fresh = read.days.filter(({ from, to }) => !known.some((day) => day.from === from && day.to === to));
    if (this.editor.set('closed', [...known, ...fresh]))
      this.told.set({ ok: true, text: `${fresh.length} spans added, ${read.days.length - fresh.length} were there.` });
  }
}
