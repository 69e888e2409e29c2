import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { readYear } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';

/** A year, about a year or a decade; empty when nobody knows. */
@Component({
  selector: 'lb-year',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error()">
      <label for="year">{{ label() }}</label>
      <input nz-input id="year" type="text" maxlength="20" [value]="text()" placeholder="unknown" (input)="typed($any($event.target).value)" />
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class YearField {
  readonly label = input.required<string>();
  readonly value = input.required<number | null>();
  readonly changed = output<number | null>();
  private readonly typing = linkedSignal<number | null, string | null>({ source: this.value, computation: () => null });
  protected readonly text = computed(() => this.typing() ?? String(this.value() ?? ''));
  protected readonly error = computed(() => {
    const read = readYear(this.text());
    return read.ok ? null : read.reason;
  });

  protected typed(text: string): void {
    this.typing.set(text);
    const read = readYear(text);
    if (read.ok) this.changed.emit(read.year);
  }
}
