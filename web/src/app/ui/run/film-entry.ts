import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { plainNumber, READINGS, spotRule, SPOTS, type FilmRange, type Operation } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { DeviceApi } from '../../api/device-api';
import type { Said } from './step-card';

/** Dry film by spots: five of three readings, read from the gauge or typed, judged by their averages. */
@Component({
  selector: 'lb-film-entry',
  imports: [NzInputModule],
  template: `
      <form (submit)="add($event, typed.value); typed.value = ''">
        <p><b>{{ operation().coat?.name }}, dry: {{ range()[0] }} to {{ range()[1] }} µm</b> <span class="soft">${SPOTS} spots, ${READINGS} readings each. Spot averages from 80 % of the thin to 120 % of the thick end, SSPC-PA 2 from memory.</span></p>
        <div class="spots" aria-hidden="true">
          @for (spot of spots(); track $index) { <span [class.out]="spot.out" [style.height.%]="spot.height"><b>{{ spot.text }}</b></span> }
        </div>
        <label>Reading {{ readings().length + 1 }}, µm<input nz-input #typed type="text" inputmode="decimal" autocomplete="off" /></label>
        <button>Add</button>
        <button type="button" class="keep" [disabled]="busy()" (click)="read()">{{ busy() ? 'Reading…' : 'Read gauge' }}</button>
        <p role="status" [class.bad]="verdict() && !verdict()!.met && full()">{{ wrong() ?? verdict()?.says ?? '' }}</p>
        <button type="button" [disabled]="readings().length === 0" (click)="readings.set(readings().slice(0, -1))">Take the last out</button>
        <button type="button" class="keep" [disabled]="!full()" (click)="keep()">Keep</button>
      </form>
  `,
  styleUrl: './entry.css',
  styles: `
    .spots { flex-basis: 100%; display: flex; gap: 8px; height: 84px; align-items: end; border-bottom: 2px solid var(--line-strong); }
    .spots span { flex: 1; min-height: 20px; background: var(--act); color: var(--act-ink); border-radius: 4px 4px 0 0; text-align: center; font-size: 14px; }
    .spots .out { background: var(--stop); color: var(--stop-bg); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmEntry {
  readonly operation = input.required<Operation>();
  readonly range = input.required<FilmRange>();
  readonly said = output<Said>();

  private readonly devices = inject(DeviceApi);
  protected readonly readings = signal<readonly number[]>([]);
  protected readonly busy = signal(false);
  protected readonly wrong = signal<string | null>(null);
  private readonly gauged = signal(false);
  protected readonly verdict = computed(() => spotRule(this.readings(), this.range()));
  protected readonly full = computed(() => this.readings().length >= SPOTS * READINGS);
  protected readonly spots = computed(() => {
    const [verdict, range] = [this.verdict(), this.range()];
    if (!verdict) return [];
    return verdict.spots.map((spot, i) => ({
      text: `${Math.round(spot)}`,
      height: Math.min(100, (100 * spot) / (1.3 * range[1])),
      out: verdict.thin.includes(i) || verdict.thick.includes(i),
    }));
  });

  protected add(event: Event, text: string): void {
    event.preventDefault();
    const read = plainNumber(text);
    const value = read.ok ? (read.value ?? -1) : -1;
    const fits = value >= 0 && value <= 5000;
    this.wrong.set(fits ? null : 'A reading is a number of µm, 0 to 5000.');
    if (fits) this.readings.update((all) => [...all, value]);
  }

  protected read(): void {
    const coat = this.operation().coat;
    this.busy.set(true);
    this.devices.read('film', coat ? coat.film * coat.pass : null).subscribe({
      next: ({ value }) => {
        this.busy.set(false);
        this.gauged.set(true);
        this.wrong.set(null);
        this.readings.update((all) => [...all, value]);
      },
      error: () => {
        this.busy.set(false);
        this.wrong.set('The gauge does not answer: hold it still and read again, or type what it shows.');
      },
    });
  }

  protected keep(): void {
    const verdict = this.verdict();
    if (verdict)
      this.said.emit({
        entry: { what: 'held', operation: this.operation().id, values: [...this.readings()], met: verdict.met, gauge: this.gauged() },
        note: verdict.says,
      });
  }
}
