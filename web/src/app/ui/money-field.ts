import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { plainNumber } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';

const MOST = 100_000;
let nextId = 0;

/** A plain number from 0 up: money, days, a year. Point or comma. */
@Component({
  selector: 'lb-money',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error()">
      <label [for]="id">{{ label() }}</label>
      <div class="with-unit"><input nz-input [id]="id" type="text" inputmode="decimal" [value]="text()" (input)="typed($any($event.target).value)" /><span aria-hidden="true">{{ unit() }}</span></div>
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MoneyField {
  readonly label = input.required<string>();
  readonly value = input.required<number>();
  readonly unit = input('');
  readonly most = input(MOST);
  readonly changed = output<number>();
  protected readonly id = `m${(nextId += 1)}`;
  private readonly typing = linkedSignal<number, string | null>({ source: this.value, computation: () => null });
  protected readonly text = computed(() => this.typing() ?? String(this.value()));
  protected readonly error = computed(() => {
    const read = this.read(this.text());
    return read.ok ? null : read.reason;
  });

  protected typed(text: string): void {
    const read = this.read(text);
    if (read.ok && read.value !== this.value()) this.changed.emit(read.value);
    this.typing.set(text);
  }

  private read(text: string): { readonly ok: true; readonly value: number } | { readonly ok: false; readonly reason: string } {
    const read = plainNumber(text.replace(/[.,]$/, ''));
    if (!read.ok && read.asks) return read;
    if (!read.ok || read.value === null || read.value < 0 || read.value > this.most())
      return { ok: false, reason: `a number from 0 to ${this.most()}` };
    return { ok: true, value: read.value };
  }
}
