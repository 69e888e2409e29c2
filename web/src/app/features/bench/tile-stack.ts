import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { CATALOGUE, type Tile } from '@lift-bare/core';
import { coatingColour } from '../../ui/section/film-colours';

const WIDTH = 74;
const HEIGHT = 62;

/** The films of the round under way, to scale, with what should be soft by now. */
@Component({
  selector: 'lb-tile-stack',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width + ' ' + height" role="img" [attr.aria-label]="says()">
      @for (film of films(); track $index) { <rect [attr.y]="film.y" [attr.width]="width" [attr.height]="film.height" [attr.fill]="film.colour" /> }
      <rect class="soft" [attr.width]="width" [attr.height]="soft()" />
      <path class="front" [attr.d]="'M0 ' + soft() + 'H' + width" />
    </svg>
  `,
  styles: `
    :host { display: block; flex: none; }
    svg { display: block; width: ${WIDTH}px; height: ${HEIGHT}px; border-bottom: 4px solid var(--substrate); }
    .soft { fill: var(--film); opacity: 0.78; }
    .front { stroke: var(--ink); stroke-width: 2.5; stroke-dasharray: 5 3; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TileStack {
  readonly tile = input.required<Tile>();
  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;

  private readonly round = computed(() => {
    const { rounds } = this.tile().timer.issued;
    return rounds[Math.min(this.tile().round, rounds.length) - 1];
  });
  private readonly scale = computed(() => HEIGHT / Math.max(1, this.round()?.films.reduce((sum, { thickness }) => sum + thickness, 0) ?? 1));
  protected readonly films = computed(() => {
    let y = 0;
    return (this.round()?.films ?? []).map(({ coating, thickness }) => {
      const height = thickness * this.scale();
      y += height;
      return { y: y - height, height, colour: coatingColour(coating) };
    });
  });
  protected readonly soft = computed(() => (this.tile().soft ?? 0) * this.scale());
  protected readonly says = computed(() => {
    const names = (this.round()?.films ?? []).map(({ coating }) => CATALOGUE.coatings[coating].name.toLowerCase());
    return `About ${Math.round(this.tile().soft ?? 0)} µm should be soft by now, of ${names.join(', ')}`;
  });
}
