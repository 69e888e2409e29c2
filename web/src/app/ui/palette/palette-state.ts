import { Injectable, signal } from '@angular/core';

/** Whether the palette lies over the page, and whether it has ever been asked for: it is loaded then. */
@Injectable({ providedIn: 'root' })
export class PaletteState {
  readonly open = signal(false);
  readonly asked = signal(false);

  show(): void {
    this.asked.set(true);
    this.open.set(true);
  }
}
