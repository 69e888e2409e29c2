import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { NzInputModule } from 'ng-zorro-antd/input';

/** What was learned and is not used, with its reason; and the way to set it aside and to use it again. */
@Component({
  selector: 'lb-set-aside',
  imports: [NzInputModule],
  template: `
    @if (reason() !== null) { set aside: {{ reason() }} <button type="button" class="link small" (click)="changed.emit(null)">use it again</button> }
    @else if (asked()) { <input nz-input #why type="text" maxlength="200" placeholder="why it is not used" [attr.aria-label]="'Why ' + what() + ' is not used'" (keydown.enter)="set(why.value)" /> <button type="button" class="btn small" (click)="set(why.value)">Set aside</button> }
    @else { <button type="button" class="link small" (click)="asked.set(true)">set aside</button> }
  `,
  styles: `
    .small { white-space: nowrap; }
    input { font: inherit; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 4px 8px; min-width: 220px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SetAside {
  /** what was learned of */
  readonly what = input.required<string>();
  /** null: it is used */
  readonly reason = input.required<string | null>();
  /** null: it is to be used again */
  readonly changed = output<string | null>();

  protected readonly asked = signal(false);

  protected set(reason: string): void {
    if (reason.trim() === '') return;
    this.asked.set(false);
    this.changed.emit(reason.trim());
  }
}
