import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { maskDrawing, type MaskedPart } from '@lift-bare/core';

/** What is covered on a part, zone by zone: firm lines for the strip, dashed ones for the paint; the numbers are those of the list. */
@Component({
  selector: 'lb-mask-picture',
  template: `
    <svg [attr.viewBox]="'0 0 ' + drawing().width + ' ' + drawing().height" role="img" [attr.aria-label]="'Covers on ' + part().part + ': ' + drawing().covers.length + ', numbered as in the list'">
      @for (zone of drawing().zones; track $index) {
        <rect class="zone" [attr.x]="zone.x" [attr.y]="drawing().top" [attr.width]="zone.width" [attr.height]="drawing().height - drawing().top" />
        <text class="name" [attr.x]="zone.x" [attr.y]="drawing().top - 4">{{ zone.name }}</text>
      }
      @for (cover of drawing().covers; track cover.number) {
        @for (box of cover.boxes; track $index) { <rect [attr.class]="'cover ' + cover.how + ' ' + cover.work" [attr.x]="box.x" [attr.y]="box.y" [attr.width]="box.width" [attr.height]="box.height" [attr.rx]="cover.how === 'plug' ? box.width / 2 : 0" /> }
        <circle [attr.cx]="cover.at[0]" [attr.cy]="cover.at[1]" r="5.5" />
        <text class="number" [attr.x]="cover.at[0]" [attr.y]="cover.at[1] + 2.6">{{ cover.number }}</text>
      }
    </svg>
  `,
  styles: `
    svg { display: block; width: 100%; max-width: 620px; }
    .zone { fill: var(--sunk); stroke: var(--line-strong); stroke-width: 0.6; }
    .cover { fill: var(--film); stroke: var(--ink); stroke-width: 1.6; }
    .line { fill: none; } .paint { stroke-dasharray: 4 3; stroke: var(--act); }
    .name { font-size: 9px; fill: var(--soft); }
    circle { fill: var(--ink); } .number { font-size: 7.5px; fill: var(--ground); text-anchor: middle; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MaskPicture {
  readonly part = input.required<MaskedPart>();
  protected readonly drawing = computed(() => maskDrawing(this.part()));
}
