import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { AbradePlan } from '@lift-bare/core';
import { Units } from '../../../ui/units.service';
import { drawLadder } from './ladder-geometry';

const WIDTH = 680;
const HEIGHT = 170;

/** Scratches of each grit in the metal, to scale, and the wet film that has to bury the last. */
@Component({
  selector: 'lb-ladder-picture',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width + ' ' + height" role="img" [attr.aria-label]="says()">
      @if (drawing().film; as film) {
        <rect class="film" [attr.x]="film.x" [attr.y]="film.top" [attr.width]="film.width" [attr.height]="drawing().face - film.top + 40" />
      }
      @for (grit of drawing().grits; track grit.x) {
        <path class="metal" [attr.d]="grit.path + 'L' + (grit.x + grit.width) + ' ' + height + 'L' + grit.x + ' ' + height + 'Z'" />
        <path class="edge" [attr.d]="grit.path" />
        <text [attr.x]="grit.x + grit.width / 2" [attr.y]="height - 22">{{ grit.grit }}</text>
        <text class="deep" [attr.x]="grit.x + grit.width / 2" [attr.y]="height - 7">{{ units.show(grit.depth, 'film') }} deep</text>
      }
      @if (drawing().film; as film) {
        <path class="half" [attr.d]="'M' + film.x + ' ' + film.half + 'h' + film.width" />
        <text class="note" [attr.x]="film.x + film.width / 2" [attr.y]="film.top + 13">{{ units.show(plan().burial?.film ?? 0, 'film') }} wet</text>
      }
    </svg>
  `,
  styles: `
    svg { display: block; width: 100%; max-height: 190px; }
    .metal { fill: var(--substrate); }
    .edge { fill: none; stroke: var(--ink); stroke-width: 1; }
    .film { fill: var(--film); }
    .half { stroke: var(--ink); stroke-width: 1; stroke-dasharray: 4 3; fill: none; }
    text { font-size: 14px; font-weight: 640; fill: #fff; text-anchor: middle; paint-order: stroke; stroke: rgb(0 0 0 / 0.55); stroke-width: 2.5px; }
    .deep { font-size: 12px; font-weight: 540; }
    .note { fill: var(--ink); stroke: none; font-size: 12px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LadderPicture {
  readonly plan = input.required<AbradePlan>();
  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;
  protected readonly units = inject(Units);
  protected readonly drawing = computed(() => drawLadder(this.plan(), WIDTH, HEIGHT));
  protected readonly says = computed(() => {
    const { steps, burial } = this.plan();
    const depths = steps.map(({ grit, scratch }) => `${grit} ${this.units.show(scratch, 'film')}`).join(', ');
    return `Scratches: ${depths}.${burial ? ` The wet film over the last is ${this.units.show(burial.film, 'film')}, the dashed line is half of it.` : ''}`;
  });
}
