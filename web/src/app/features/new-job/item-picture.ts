import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { ITEM_DRAWINGS } from './item-drawings';

/** What comes in by the door, as a line drawing. */
@Component({
  selector: 'lb-item-picture',
  template: `<svg viewBox="0 0 72 40" aria-hidden="true"><path class="rest" [attr.d]="drawing()?.rest" /><path class="face" [attr.d]="drawing()?.face" /></svg>`,
  styles: `
    svg { display: block; width: 72px; height: 40px; fill: none; stroke-linejoin: round; stroke-linecap: round; }
    .face { stroke: var(--act); stroke-width: 2.4; }
    .rest { stroke: var(--line-strong); stroke-width: 1.3; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ItemPicture {
  readonly of = input.required<string>();
  protected readonly drawing = computed(() => ITEM_DRAWINGS[this.of()]);
}
