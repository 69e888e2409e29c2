import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { plainNumber, readTin, type Operation, type Run, type RunEntry } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { DeviceApi } from '../../api/device-api';
import { PictureClient } from '../../workers/picture-client';

type Used = Extract<RunEntry, { what: 'used' }>;

const LONGEST = 60;

/** The tin that is used: batch and date once, then proposed; what went out of it by weighing it before and after. */
@Component({
  selector: 'lb-used-entry',
  imports: [NzInputModule, FormsModule],
  template: `
    <form (ngSubmit)="keep()">
      <p><b>{{ product() }}</b>@if (sofar() > 0) { <span class="soft">, {{ sofar() }} g so far</span> }</p>
      <label>Batch on the tin<input nz-input name="batch" type="text" maxlength="${LONGEST}" autocomplete="off" [(ngModel)]="batch" /></label>
      <label class="photo"><span>Read the label</span><input type="file" accept="image/*" capture="environment" (change)="scan($any($event.target))" /></label>
      <label>Usable until<input nz-input name="expires" type="text" inputmode="numeric" placeholder="2027-03-31" maxlength="10" [(ngModel)]="expires" /></label>
      <label>Can before, g<input nz-input name="before" type="text" inputmode="decimal" [(ngModel)]="before" /></label>
      <button type="button" (click)="weigh('before')">Scale</button>
      <label>and after, g<input nz-input name="after" type="text" inputmode="decimal" [(ngModel)]="after" /></label>
      <button type="button" (click)="weigh('after')">Scale</button>
      @if (scanned(); as text) { <p role="status">{{ text }}</p> }
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
  private readonly pictures = inject(PictureClient);
  protected readonly scanned = signal<string | null>(null);
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

  /** Batch and date off the bar code or square code of the tin; a reader that types goes straight into the field. */
  protected async scan(picker: HTMLInputElement): Promise<void> {
    const [picture] = [...(picker.files ?? [])];
    picker.value = '';
    if (!picture) return;
    this.scanned.set('Reading the label…');
    const text = await this.pictures.code(picture);
    const tin = text === null ? null : readTin(text, new Date().getFullYear());
    if (tin && tin.batch !== '') this.batch.set(tin.batch);
    if (tin?.expires) this.expires.set(tin.expires);
    this.scanned.set(
      text === null
        ? 'No code is read in this picture: closer, level and in good light, or type the batch.'
        : tin
          ? `Read off the label: ${tin.batch === '' ? 'no batch' : `batch ${tin.batch}`}${tin.expires === null ? '' : `, until ${tin.expires}`}.`
          : 'The code names the goods, not the batch: type what is printed beside it.',
    );
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
