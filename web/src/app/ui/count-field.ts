import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { NzInputModule } from 'ng-zorro-antd/input';

const MOST = 500;
let nextId = 0;

/** A whole number of like pieces. */
@Component({
  selector: 'lb-count',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error()">
      <label [for]="id">{{ label() }}</label>
      <input nz-input [id]="id" type="text" inputmode="numeric" [value]="text()" (input)="typed($any($event.target).value)" />
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CountField {
  readonly label = input.required<string>();
  readonly value = input.required<number>();
  readonly least = input(1);
  readonly changed = output<number>();
  protected readonly id = `n${(nextId += 1)}`;
  private readonly typing = linkedSignal<number, string | null>({ source: this.value, computation: () => null });
  protected readonly text = computed(() => this.typing() ?? String(this.value()));
  protected readonly error = computed(() => (this.valid(this.text()) ? null : `a whole number from ${this.least()} to ${MOST}`));

  protected typed(text: string): void {
    this.typing.set(text);
    if (this.valid(text)) this.changed.emit(Number(text));
  }

  private valid = (text: string): boolean => /^\d+$/.test(text.trim()) && Number(text) >= this.least() && Number(text) <= MOST;
}
