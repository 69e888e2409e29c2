import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output } from '@angular/core';
import { BoxSize, formatNumber, parseQuantity, readWith, unitSign } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { Units } from './units.service';

const SIDES = ['length', 'width', 'height'] as const;
type Texts = readonly [string, string, string];
let nextId = 0;

/** Length, width and height in the words people type; three fields or none. */
@Component({
  selector: 'lb-box',
  imports: [NzInputModule],
  template: `
    <fieldset class="field" [class.bad]="error()">
      <legend>{{ label() }}</legend>
      <div class="sides">
        @for (side of sides; track side; let i = $index) {
          <div class="with-unit"><input nz-input [id]="id + i" type="text" autocomplete="off" [attr.aria-label]="side" [placeholder]="side" [value]="texts()[i]" (input)="typed(i, $any($event.target).value)" /><span aria-hidden="true">{{ sign() }}</span></div>
        }
      </div>
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </fieldset>
  `,
  styles: `
    fieldset { border: 0; padding: 0; margin: 0; min-width: 0; }
    legend { padding: 0; margin: 0 0 4px; font-size: 12.5px; color: var(--soft); border: 0; }
    .sides { display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: 6px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BoxField {
  readonly label = input.required<string>();
  readonly value = input.required<BoxSize | null>();
  readonly changed = output<BoxSize | null>();

  protected readonly id = `b${(nextId += 1)}`;
  protected readonly sides = SIDES;
  private readonly system = inject(Units).system;
  protected readonly sign = computed(() => unitSign('length', this.system()));
  protected readonly texts = linkedSignal<{ box: BoxSize | null; system: 'metric' | 'us' }, Texts>({
    source: () => ({ box: this.value(), system: this.system() }),
    computation: ({ box, system }, previous) => {
      if (previous && box !== null && same(this.read(previous.value), box)) return previous.value;
      if (previous && box === null && previous.value.some((text) => text !== '') && previous.source.system === system) return previous.value;
      return box ? (SIDES.map((side) => formatNumber(box[side], 'length', system)) as unknown as Texts) : ['', '', ''];
    },
  });
  protected readonly error = computed(() => {
    const read = this.read(this.texts());
    return read !== null && 'reason' in read ? read.reason : null;
  });

  protected typed(i: number, text: string): void {
    const texts = this.texts().map((known, k) => (k === i ? text : known)) as unknown as Texts;
    this.texts.set(texts);
    const read = this.read(texts);
    if (read === null ? this.value() !== null : !('reason' in read) && !same(read, this.value())) this.changed.emit(read as BoxSize | null);
  }

  /** The box, null while all three are empty, or what is wrong. */
  private read(texts: Texts): BoxSize | null | { reason: string } {
    if (texts.every((text) => text.trim() === '')) return null;
    if (texts.some((text) => text.trim() === '')) return { reason: 'needs all three' };
    const numbers: number[] = [];
    for (const text of texts) {
      const parsed = parseQuantity(text, 'length', this.system());
      if (!parsed.ok) return { reason: parsed.reason };
      numbers.push(parsed.value);
    }
    const read = readWith(BoxSize, Object.fromEntries(SIDES.map((side, i) => [side, numbers[i]])));
    return read.ok ? read.value : { reason: read.issues.map(({ path, reason }) => `${path.join('')} ${reason}`).join('; ') };
  }
}

const same = (a: BoxSize | null | { reason: string }, b: BoxSize | null): boolean =>
  a !== null && b !== null && !('reason' in a) && SIDES.every((side) => Math.abs(a[side] - b[side]) < 1e-9);
