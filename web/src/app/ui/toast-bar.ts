import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Toasts } from './toast.service';

@Component({
  selector: 'lb-toast-bar',
  template: `
    <div aria-live="polite" class="no-print">
      @if (toasts.shown(); as toast) {
        <div class="toast">
          <span>{{ toast.text }}</span>
          @if (toast.action; as action) { <button type="button" class="link" (click)="action.run(); toasts.clear()">{{ action.label }}</button> }
          <button type="button" class="link" (click)="toasts.clear()" aria-label="dismiss">✕</button>
        </div>
      }
    </div>
  `,
  styles: `
    .toast { position: fixed; left: 50%; bottom: 52px; transform: translateX(-50%); display: flex; gap: 16px; padding: 11px 16px; background: var(--ink); color: var(--ground); border-radius: 4px; box-shadow: var(--shadow); z-index: 900; }
    .toast .link { color: inherit; font-weight: 620; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToastBar {
  protected readonly toasts = inject(Toasts);
}
