import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { Item, readWith } from '@lift-bare/core';

/** A year, or empty when nobody knows. */
@Component({
  selector: 'lb-year',
  template: `
    <div class="field" [class.bad]="error()">
      <label for="year">{{ label() }}</label>
      <input id="year" type="text" inputmode="numeric" maxlength="4" [value]="text()" placeholder="unknown" (input)="typed($any($event.target).value)" />
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
    const read = this.read(this.text());
    return read.ok ? null : (read.issues[0]?.reason ?? 'not a year');
  });

  protected typed(text: string): void {
    this.typing.set(text);
    const read = this.read(text);
    if (read.ok) this.changed.emit(read.value);
  }

  private read(text: string) {
    const year = text.trim() === '' ? null : /^\d+$/.test(text.trim()) ? Number(text) : Number.NaN;
    return readWith(Item.shape.year, year);
  }
}
