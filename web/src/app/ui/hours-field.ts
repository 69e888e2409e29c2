import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { hoursText, readHours, type WeekHours } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';

type Hours = WeekHours['mon'];
let nextId = 0;

/** Hours of a day as they are said: "8-12, 13-17". What is not read is told here and changes nothing. */
@Component({
  selector: 'lb-hours',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error()">
      <label [for]="id">{{ label() }}</label>
      <input nz-input [id]="id" type="text" autocomplete="off" [placeholder]="placeholder()" [value]="text()" (input)="typed($any($event.target).value)" (blur)="left()" />
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HoursField {
  readonly label = input.required<string>();
  readonly value = input.required<Hours>();
  readonly placeholder = input('closed');
  /** spells that may be given */
  readonly most = input(4);
  readonly changed = output<Hours>();

  protected readonly id = `h${(nextId += 1)}`;
  /** what is being typed, until it is left */
  private readonly typing = linkedSignal<string, string | null>({ source: () => this.label(), computation: () => null });
  protected readonly text = computed(
    () => this.typing() ?? (this.value().length === 0 && this.placeholder() !== 'closed' ? '' : hoursText(this.value())),
  );
  private readonly read = computed(() => readHours(this.text()));
  protected readonly error = computed(() => {
    const read = this.read();
    if (!read.ok) return read.reason;
    return read.spans.length > this.most() ? `at most ${this.most()} ${this.most() === 1 ? 'spell' : 'spells'}` : null;
  });

  protected typed(text: string): void {
    this.typing.set(text);
    const read = this.read();
    if (read.ok && this.error() === null) this.changed.emit(read.spans);
  }

  protected left(): void {
    if (this.error() === null) this.typing.set(null);
  }
}
