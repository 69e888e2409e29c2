import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { plainNumber, type Operation, type Run, type RunEntry } from '@lift-bare/core';
import { DeviceApi } from '../../api/device-api';

type Used = Extract<RunEntry, { what: 'used' }>;

const LONGEST = 60;

/** The tin that is used: batch and date once, then proposed; what went out of it by weighing it before and after. */
@Component({
  selector: 'lb-used-entry',
  imports: [FormsModule],
  template: `
    <form (ngSubmit)="keep()">
      <p><b>{{ product() }}</b>@if (sofar() > 0) { <span class="soft">, {{ sofar() }} g so far</span> }</p>
      <label>Batch on the tin<input name="batch" type="text" maxlength="${LONGEST}" autocomplete="off" [(ngModel)]="batch" /></label>
      <label>Usable until<input name="expires" type="text" inputmode="numeric" placeholder="2027-03-31" maxlength="10" [(ngModel)]="expires" /></label>
      <label>Can before, g<input name="before" type="text" inputmode="decimal" [(ngModel)]="before" /></label>
      <button type="button" (click)="weigh('before')">Scale</button>
      <label>and after, g<input name="after" type="text" inputmode="decimal" [(ngModel)]="after" /></label>
      <button type="button" (click)="weigh('after')">Scale</button>
      @if (trouble(); as text) { <p class="bad" role="alert">{{ text }}</p> }
      <button class="keep" [disabled]="trouble() !== null">Keep</button>
    </form>
  `,
  styleUrl: './entry.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UsedEntry {
  readonly operation = input.required<Operation>();
  readonly run = input.required<Run>();
  readonly said = output<Used>();

  private readonly devices = inject(DeviceApi);
  protected readonly product = computed(() => this.operation().product?.name ?? this.operation().coat?.name ?? '');
  private readonly known = computed(() => this.run().used.filter(({ product }) => product === this.product()));
  protected readonly sofar = computed(() =>
    this.known().reduce((sum, { before, after }) => sum + (before === null || after === null ? 0 : before - after), 0),
  );
  protected readonly batch = linkedSignal(() => this.known().at(-1)?.batch ?? '');
  protected readonly expires = linkedSignal(() => this.known().at(-1)?.expires ?? '');
  /** the can weighs what it weighed after the last time */
  protected readonly before = linkedSignal(() => textOf(this.known().at(-1)?.after ?? null));
  protected readonly after = signal('');
  private readonly deaf = signal(false);
  protected readonly trouble = computed(() => {
    if (this.expires().trim() !== '' && Number.isNaN(Date.parse(`${this.expires().trim()}T00:00Z`))) return 'Usable until: a date like 2027-03-31.';
    const [before, after] = [weightIn(this.before()), weightIn(this.after())];
    if (Number.isNaN(before ?? 0) || Number.isNaN(after ?? 0)) return 'A weight is a number of grams.';
    if (before !== null && after !== null && after > before) return 'The can is heavier after than before.';
    return this.deaf() ? 'The scale does not answer: type what it shows.' : null;
  });

  protected weigh(which: 'before' | 'after'): void {
    const litres = this.operation().product?.litres ?? 0.5;
    const about = Math.round(which === 'before' ? 600 + 1300 * litres : Math.max(150, (weightIn(this.before()) ?? 900) - 1200 * litres));
    this.devices.read('scale', about).subscribe({ next: ({ value }) => this[which].set(String(value)), error: () => this.deaf.set(true) });
  }

  protected keep(): void {
    this.deaf.set(false);
    if (this.trouble() !== null) return;
    this.said.emit({
      what: 'used',
      operation: this.operation().id,
      product: this.product(),
      batch: this.batch().trim(),
      expires: this.expires().trim() || null,
      before: weightIn(this.before()),
      after: weightIn(this.after()),
    });
  }
}

/** g; null: nothing typed, NaN: no number */
function weightIn(text: string): number | null {
  const read = plainNumber(text);
  return read.ok ? read.value : Number.NaN;
}
const textOf = (value: number | null): string => (value === null ? '' : String(value));
