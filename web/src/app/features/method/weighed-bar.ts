import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { ScoreParts } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { WEIGHED } from './method-words';

/** What a method costs by the shop's weights, by its parts, as one bar; the figures stand in its name and in the side by side table. */
@Component({
  selector: 'lb-weighed-bar',
  template: `<span class="bar" role="img" [attr.aria-label]="says()" [title]="says()">@for (piece of pieces(); track piece.part) {<i [class]="piece.part" [style.width.%]="piece.share"></i>}</span><span class="num small">{{ units.money(total()) }}{{ cut() ? ' ▸' : '' }}{{ factor() === '' ? '' : ' · ' + factor() }}</span>`,
  styleUrls: ['./weighed-bar.css', './weighed-parts.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeighedBar {
  readonly parts = input.required<ScoreParts>();
  /** money at which the bar is full; what costs more is cut off and marked */
  readonly full = input.required<number>();
  /** by what rules made it shorter or longer, in words */
  readonly factor = input('');
  protected readonly units = inject(Units);

  protected readonly total = computed(() => WEIGHED.reduce((sum, { part }) => sum + this.parts()[part], 0));
  protected readonly cut = computed(() => this.total() > this.full());
  protected readonly pieces = computed(() =>
    WEIGHED.map(({ part }) => ({ part, share: (100 * this.parts()[part]) / Math.max(this.total(), this.full()) })).filter(({ share }) => share > 0),
  );
  protected readonly says = computed(
    () =>
      `weighted ${this.units.money(this.total())}: ${WEIGHED.filter(({ part }) => this.parts()[part] > 0)
        .map(({ part, name }) => `${name} ${this.units.money(this.parts()[part])}`)
        .join(', ')}`,
  );
}
