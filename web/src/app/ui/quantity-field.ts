import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output } from '@angular/core';
import { formatNumber, parseQuantity, readWith, unitSign, type DimensionName, type UnitSystem } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { Units } from './units.service';

type Schema = Parameters<typeof readWith>[0];

/** Share by which two values may differ and be the same. */
const SAME = 1e-9;
let nextId = 0;

/**
 * A quantity in the words people type ("3/8 in", "4 thou", "68 F"). Emits the canonical value as soon as the text reads
 * as one within the schema; otherwise says what is wrong and keeps both the text and the last good value.
 */
@Component({
  selector: 'lb-quantity',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error()">
      <label [for]="id" [class.sr]="hideLabel()">{{ label() }}</label>
      <div class="with-unit">
        <input nz-input [id]="id" type="text" inputmode="text" autocomplete="off" [value]="text()" [placeholder]="placeholder()" [attr.aria-invalid]="error() !== null" [attr.aria-describedby]="error() ? id + 'e' : null"
          (input)="typed($any($event.target).value)" (blur)="left()" (keydown.enter)="left()" />
        <span aria-hidden="true">{{ sign() }}</span>
      </div>
      @if (error(); as reason) { <span class="error" [id]="id + 'e'" role="alert">{{ reason }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class QuantityField {
  readonly label = input.required<string>();
  readonly hideLabel = input(false);
  readonly value = input.required<number | null>();
  readonly dimension = input.required<DimensionName>();
  readonly schema = input.required<Schema>();
  /** may be left empty; `placeholder` then says what holds */
  readonly optional = input(false);
  readonly placeholder = input('');
  readonly changed = output<number>();
  readonly cleared = output<void>();

  protected readonly id = `q${(nextId += 1)}`;
  private readonly system = inject(Units).system;
  private readonly shown = computed(() => {
    const value = this.value();
    return value === null ? '' : formatNumber(value, this.dimension(), this.system());
  });
  /** What stands in the field while it is being typed; null when it shows the value. */
  private readonly typing = linkedSignal<{ readonly value: number | null; readonly system: UnitSystem }, string | null>({
    source: () => ({ value: this.value(), system: this.system() }),
    // A value that comes from elsewhere, as by undo, takes the place of what was typed.
    computation: ({ value, system }, previous) =>
      previous?.value != null && previous.source.system === system && this.says(previous.value, value) ? previous.value : null,
  });
  protected readonly text = computed(() => this.typing() ?? this.shown());
  protected readonly sign = computed(() => unitSign(this.dimension(), this.system()));
  protected readonly error = computed(() => {
    const text = this.typing();
    if (text === null || (this.optional() && text.trim() === '')) return null;
    const read = this.read(text);
    return read.ok ? null : read.reason;
  });

  protected typed(text: string): void {
    this.typing.set(text);
    if (this.optional() && text.trim() === '') {
      if (this.value() !== null) this.cleared.emit();
      return;
    }
    const read = this.read(text);
    if (read.ok && read.value !== this.value()) this.changed.emit(read.value);
  }

  /** Leaving a good field shows its value in the field's own unit; a bad text stays until it is corrected. */
  protected left(): void {
    if (this.error() === null) this.typing.set(null);
  }

  private says(text: string, value: number | null): boolean {
    if (text.trim() === '') return value === null;
    const read = this.read(text);
    return read.ok && value !== null && Math.abs(read.value - value) <= SAME * Math.max(1, Math.abs(value));
  }

  private read(text: string): { ok: true; value: number } | { ok: false; reason: string } {
    if (text.trim() === '') return { ok: false, reason: 'needs a value; the last one is still used' };
    const parsed = parseQuantity(text, this.dimension(), this.system());
    if (!parsed.ok) return parsed;
    const checked = readWith(this.schema(), parsed.value);
    return checked.ok ? parsed : { ok: false, reason: checked.issues.map(({ reason }) => reason).join('; ') };
  }
}
