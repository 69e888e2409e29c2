import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { NzInputModule } from 'ng-zorro-antd/input';

let nextId = 0;

/** Plain text. An empty required field says so and keeps the last good text in the document. */
@Component({
  selector: 'lb-text',
  imports: [NzInputModule],
  template: `
    <div class="field" [class.bad]="error()">
      <label [for]="id">{{ label() }}</label>
      @if (lines() > 1) {
        <textarea nz-input [id]="id" [rows]="lines()" [value]="text()" [maxLength]="most()" (input)="typed($any($event.target).value)"></textarea>
      } @else {
        <input nz-input [id]="id" type="text" autocomplete="off" [value]="text()" [maxLength]="most()" [placeholder]="placeholder()" (input)="typed($any($event.target).value)" />
      }
      @if (error(); as reason) { <span class="error" role="alert">{{ reason }}</span> }
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextField {
  readonly label = input.required<string>();
  readonly value = input.required<string>();
  readonly required = input(false);
  readonly lines = input(1);
  readonly most = input(200);
  readonly placeholder = input('');
  readonly changed = output<string>();

  protected readonly id = `t${(nextId += 1)}`;
  private readonly typing = linkedSignal<string, string | null>({ source: this.value, computation: () => null });
  protected readonly text = computed(() => this.typing() ?? this.value());
  protected readonly error = computed(() => (this.required() && this.text().trim() === '' ? 'needs a name' : null));

  protected typed(text: string): void {
    this.typing.set(text);
    if (!(this.required() && text.trim() === '')) this.changed.emit(text);
  }
}
