import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { NzInputModule } from 'ng-zorro-antd/input';

import { Units } from '../../ui/units.service';

/** Choosing against the rules takes a written reason, which stays with the zone. */
@Component({
  selector: 'lb-override',
  imports: [NzInputModule],
  template: `
    <div class="note stop">
      <div class="field">
        <label for="override-reason">Why {{ units.inline(name()) }} all the same? The reason stays on the run sheet.</label>
        <textarea nz-input id="override-reason" rows="2" maxlength="2000" [value]="reason()" (input)="reason.set($any($event.target).value)"></textarea>
      </div>
      <p><button type="button" class="btn" [disabled]="reason().trim().length < 5" (click)="confirmed.emit(reason().trim())">Use it against the rules</button> <button type="button" class="btn plain" (click)="cancelled.emit()">Leave it</button></p>
    </div>
  `,
  styles: '.note { margin-top: 8px; color: var(--ink); } p { margin-top: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OverrideForm {
  readonly name = input.required<string>();
  readonly confirmed = output<string>();
  readonly cancelled = output<void>();
  protected readonly reason = signal('');
  protected readonly units = inject(Units);
}
