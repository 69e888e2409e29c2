import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Start } from '@lift-bare/core';
import { coatingColour } from './film-colours';

/** The layers of a stack as bars over the substrate, to know a part by; no more than a hint, its words stand beside it. */
@Component({
  selector: 'lb-mini-section',
  template: `@for (bar of bars(); track $index) { <i [style.background]="bar.colour" [style.flexGrow]="bar.share"></i> }<i class="base"></i>`,
  styles: `
    :host { display: flex; flex-direction: column; width: 40px; height: 52px; }
    i { flex: 1 0 2px; }
    .base { flex: 0 0 12px; background: var(--substrate); }
  `,
  host: { 'aria-hidden': 'true' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MiniSection {
  readonly layers = input.required<Start['layers']>();
  protected readonly bars = computed(() =>
    [...this.layers()].reverse().map(({ coating, film }) => ({ colour: coatingColour(coating), share: film })),
  );
}
