import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { readForecast, shortTime, type ForecastHour } from '@lift-bare/core';
import { ForecastApi } from '../../api/forecast-api';
import { failureOf } from '../../api/problem';
import { benchFeature } from '../../state/bench.reducer';
import { toShop } from '../../state/shop-time';
import { ShopEditor } from './shop-editor';

const HOUR = 3_600_000;
const MOST_BYTES = 1_000_000;

/** The air outdoors by the hour, from a file or from the weather source: coats outdoors are laid in the hours that it leaves open. */
@Component({
  selector: 'lb-shop-forecast',
  template: `
    <h2>Forecast outdoors</h2>
    @if (span(); as known) { <p>{{ known.hours }} hours, {{ known.from }} to {{ known.to }}@if (known.holes > 0) {, <b>{{ known.holes }} {{ known.holes === 1 ? 'hour is' : 'hours are' }} missing</b>}. @if (known.past) { <b class="flag care">All of it is past.</b> }</p> }
    @else { <p class="soft">None: coats outdoors go by the usual dew hours, 10:00 to 16:00, and by the air that is entered at the job.</p> }
    <p class="acts">
      <button type="button" class="btn quiet" (click)="fetch()" [disabled]="asking()">{{ asking() ? 'Asking…' : 'Fetch a week' }}</button>
      <label class="btn quiet">Read it from a file <input type="file" class="sr" accept=".csv,text/csv" (change)="read($any($event.target))" /></label>
      @if (span()) { <button type="button" class="btn plain" (click)="editor.set('forecast', [])">Take it out</button> }
    </p>
    <p class="soft small">A table whose first line names time, temperature, humidity, and wind and rain where there are; °F, km/h, mph and inches are turned where the column says so.</p>
    @if (told(); as says) { <p [class]="says.ok ? 'note ok' : 'note stop'" role="status"><b>{{ says.ok ? 'Read' : 'Not read' }}</b>{{ says.text }}</p> }
    <p class="basis">A forecast can be wrong: measure at the part before a coat is laid. The part is taken to follow the air an hour later, which is a model assumption; hours that are missing count as the usual dew hours.</p>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopForecast {
  protected readonly editor = inject(ShopEditor);
  private readonly api = inject(ForecastApi);
  private readonly time = inject(Store).selectSignal(benchFeature.selectTime);
  protected readonly told = signal<{ readonly ok: boolean; readonly text: string } | null>(null);
  protected readonly asking = signal(false);
  protected readonly span = computed(() => {
    const times = this.editor
      .shop()
      .forecast.map(({ at }) => Date.parse(at))
      .sort((a, b) => a - b);
    const [first, last] = [times[0], times.at(-1)];
    if (first === undefined || last === undefined) return null;
    const holes = (last - first) / HOUR + 1 - times.length;
    return { hours: times.length, from: shortTime(first), to: shortTime(last + HOUR), holes, past: last + HOUR < this.now() };
  });

  protected fetch(): void {
    this.asking.set(true);
    this.told.set(null);
    this.api.hours(this.now()).subscribe({
      next: (hours) => {
        this.asking.set(false);
        this.take(hours, `${hours.length} hours from the weather source.`);
      },
      error: (error: unknown) => {
        this.asking.set(false);
        const text = failureOf(error).kind === 'offline' ? 'The server is not reached.' : 'The server has no weather source, or it is out of reach.';
        this.told.set({ ok: false, text });
      },
    });
  }

  protected async read(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    input.value = '';
    if (!file) return;
    if (file.size > MOST_BYTES) {
      this.told.set({ ok: false, text: `${file.name} is larger than 1 MB.` });
      return;
    }
    const { default: Papa } = await import('papaparse');
    const { data } = Papa.parse<string[]>((await file.text()).trim(), { skipEmptyLines: true });
    const read = readForecast(data);
    if (!read.ok) this.told.set({ ok: false, text: `${file.name}: ${read.reason}` });
    else
      this.take(
        read.hours,
        `${read.hours.length} hours${read.holes > 0 ? `, ${read.holes} missing between them` : ''}${read.twice > 0 ? `, ${read.twice} came twice and were taken once` : ''}.`,
      );
  }

  private take(hours: ForecastHour[], says: string): void {
    if (this.editor.set('forecast', hours)) this.told.set({ ok: true, text: says });
  }

  private readonly now = (): number => toShop(this.time(), Date.now());
}
