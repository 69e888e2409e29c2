import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { plainNumber } from '@lift-bare/core';

let nextId = 0;

/** A number that may be left open: empty means `placeholder` holds, a dash means there is none where that makes sense. Point or comma. */
@Component({
  selector: 'lb-figure',
  template: `
    <div class="field" [class.bad]="error() !== null" [class.own]="marks() && value() !== undefined">
      <label [for]="id" [class.sr]="hideLabel()">{{ label() }}</label>
      <div class="with-unit"><input [id]="id" type="text" inputmode="decimal" autocomplete="off" [value]="text()" [placeholder]="placeholder()" (input)="typed($any($event.target).value)" /><span aria-hidden="true">{{ unit() }}</span></div>
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
  readonly unit = input('');
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
  private readonly typing = linkedSignal<unknown, string | null>({ source: this.value, computation: () => null });
  protected readonly text = computed(() => this.typing() ?? this.write(this.value()));
  protected readonly error = computed(() => this.refusal(this.read(this.text())));

  protected typed(text: string): void {
    const read = this.read(text);
    if (read.ok && read.value !== this.value() && this.refusal(read) === null) this.changed.emit(read.value);
    this.typing.set(text);
  }

  private refusal = (read: ReturnType<FigureField['read']>): string | null =>
    read.ok
      ? this.check()(read.value)
      : (read.reason ?? `a number from ${this.least()} to ${this.most()}${this.mayBeNone() ? ', or – for none' : ''}`);

  private write = (value: number | null | undefined): string => (value === undefined ? '' : value === null ? '–' : String(value));

  private read(text: string): { ok: true; value: number | null | undefined } | { ok: false; reason?: string } {
    const trimmed = text.trim();
    if (trimmed === '') return { ok: true, value: undefined };
    if (trimmed === '-' || trimmed === '–') return this.mayBeNone() ? { ok: true, value: null } : { ok: false };
    const number = plainNumber(trimmed.replace(/[.,]$/, ''));
    if (!number.ok) return number.asks ? number : { ok: false };
    const value = number.value ?? Number.NaN;
    return value >= this.least() && value <= this.most() ? { ok: true, value } : { ok: false };
  }
}
