import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { formatNumber, parseQuantity, plainNumber, unitSign, type DimensionName, type UnitSystem } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';

let nextId = 0;

/** What a figure measures, and the units in which it is shown and typed. */
export interface Measured {
  readonly dimension: DimensionName;
  readonly system: UnitSystem;
}

/**
 * A number that may be left open: empty means `placeholder` holds, a dash means there is none where that makes sense. Point or comma. What is measured is
 * typed as people write it, and emitted in the canonical unit of its dimension.
 */
@Component({
  selector: 'lb-figure',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error() !== null" [class.own]="marks() && value() !== undefined">
      <label [for]="id" [class.sr]="hideLabel()">{{ label() }}</label>
      <div class="with-unit"><input nz-input [id]="id" type="text" inputmode="decimal" autocomplete="off" [value]="text()" [placeholder]="placeholder()" (input)="typed($any($event.target).value)" /><span aria-hidden="true">{{ sign() }}</span></div>
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </div>
  `,
  styles: '.own input { background: var(--own-bg); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FigureField {
  readonly label = input.required<string>();
  readonly hideLabel = input(false);
  /** undefined: left open; null: none */
  readonly value = input.required<number | null | undefined>();
  /** of what is only counted */
  readonly unit = input('');
  /** null: a plain number */
  readonly measured = input<Measured | null>(null);
  /** whether a value shows as the shop's own */
  readonly marks = input(false);
  readonly placeholder = input('');
  readonly least = input(0);
  readonly most = input(1_000_000);
  /** why a number within the range is not taken after all; null: it is */
  readonly check = input<(value: number | null | undefined) => string | null>(() => null);
  /** whether a dash, meaning none, may be entered */
  readonly mayBeNone = input(false);
  readonly changed = output<number | null | undefined>();

  protected readonly id = `f${(nextId += 1)}`;
  private readonly typing = linkedSignal<{ readonly value: number | null | undefined; readonly measured: Measured | null }, string | null>({
    source: () => ({ value: this.value(), measured: this.measured() }),
    // What is typed stays as long as it says the value: nothing is rounded under somebody's hands.
    computation: ({ value, measured }, previous) =>
      previous?.value != null && previous.source.measured?.system === measured?.system && this.says(previous.value, value) ? previous.value : null,
  });
  protected readonly sign = computed(() => {
    const measured = this.measured();
    return measured ? unitSign(measured.dimension, measured.system) : this.unit();
  });
  protected readonly text = computed(() => this.typing() ?? this.write(this.value()));
  /** of what is typed; else of the value itself, not of its rounded look */
  protected readonly error = computed(() => {
    const typing = this.typing();
    return this.refusal(typing === null ? { ok: true, value: this.value() } : this.read(typing));
  });

  protected typed(text: string): void {
    const read = this.read(text);
    if (read.ok && read.value !== this.value() && this.refusal(read) === null) this.changed.emit(read.value);
    this.typing.set(text);
  }

  private refusal = (read: ReturnType<FigureField['read']>): string | null =>
    read.ok
      ? this.check()(read.value)
      : (read.reason ?? `a number from ${this.least()} to ${this.most()}${this.mayBeNone() ? ', or – for none' : ''}`);

  private says(text: string, value: number | null | undefined): boolean {
    const read = this.read(text);
    return read.ok && read.value === value;
  }

  private write(value: number | null | undefined): string {
    const measured = this.measured();
    if (value === undefined) return '';
    if (value === null) return '–';
    return measured ? formatNumber(value, measured.dimension, measured.system) : String(value);
  }

  private read(text: string): { ok: true; value: number | null | undefined } | { ok: false; reason?: string } {
    const trimmed = text.trim();
    if (trimmed === '') return { ok: true, value: undefined };
    if (trimmed === '-' || trimmed === '–') return this.mayBeNone() ? { ok: true, value: null } : { ok: false };
    const measured = this.measured();
    if (measured) return parseQuantity(trimmed.replace(/[.,]$/, ''), measured.dimension, measured.system);
    const number = plainNumber(trimmed.replace(/[.,]$/, ''));
    if (!number.ok) return number.asks ? number : { ok: false };
    const value = number.value ?? Number.NaN;
    return value >= this.least() && value <= this.most() ? { ok: true, value } : { ok: false };
  }
}
