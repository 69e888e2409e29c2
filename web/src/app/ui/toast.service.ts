import { Injectable, signal } from '@angular/core';

export interface Toast {
  readonly text: string;
  readonly action: { readonly label: string; readonly run: () => void } | null;
}

const STAYS = 9000;

/** One short message at a time at the foot of the page, with at most one action such as undo. */
@Injectable({ providedIn: 'root' })
export class Toasts {
  readonly shown = signal<Toast | null>(null);
  private timer: ReturnType<typeof setTimeout> | undefined;

  say(text: string, action: Toast['action'] = null): void {
    clearTimeout(this.timer);
    this.shown.set({ text, action });
    this.timer = setTimeout(() => this.shown.set(null), STAYS);
  }

  clear(): void {
    clearTimeout(this.timer);
    this.shown.set(null);
  }
}
