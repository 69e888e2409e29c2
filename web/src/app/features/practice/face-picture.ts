import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawSign, type Seen, type SignShape } from '@lift-bare/core';
import { coatingColour } from '../../ui/section/film-colours';
import { SignShapes } from './sign-shapes';

const METAL = '#9aa3a8';
/** Steps of a share that are told apart: the picture is drawn anew only where one is passed. */
const STEPS = 40;

const stepped = (share: number): number => Math.round(share * STEPS) / STEPS;

/** The face as it looks at the moment. */
@Component({
  selector: 'lb-face',
  imports: [SignShapes],
  template: `
    <svg viewBox="0 17 100 66" role="img" [attr.aria-label]="says()" [style.--face]="colour()" preserveAspectRatio="xMidYMid slice">
      <rect width="100" height="100" fill="var(--face)" />
      @if (bare()) { @for (y of brushed; track y) { <line x1="0" x2="100" [attr.y1]="y" [attr.y2]="y" stroke="rgb(255 255 255 / .16)" stroke-width=".7" /> } }
      <svg:g lbShapes [shapes]="under()" />
      @if (wet()) { <rect width="100" height="100" fill="rgb(120 170 190 / .22)" /><path d="M8 78 L40 24 M52 80 L84 30" stroke="rgb(255 255 255 / .3)" stroke-width="5" stroke-linecap="round" /> }
      @if (film()) { <rect width="100" height="100" fill="rgb(168 207 205 / .42)" /> }
      <svg:g lbShapes [shapes]="over()" />
      @if (cover()) { <path d="M0 32 L100 26 M0 61 L100 67 M20 17 L14 83 M76 17 L82 83" stroke="rgb(255 255 255 / .5)" stroke-width="1.1" fill="none" /> }
    </svg>
  `,
  styles: 'svg { display: block; width: 100%; height: 100%; border-radius: 6px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FacePicture {
  readonly seen = input.required<Seen>();
  readonly seed = input(1);
  readonly says = input.required<string>();
  protected readonly brushed = Array.from({ length: 16 }, (_, k) => 3 + k * 6.3);

  protected readonly bare = computed(() => this.seen().top === null);
  protected readonly colour = computed(() => {
    const { top } = this.seen();
    return top === null ? METAL : coatingColour(top.id);
  });
  protected readonly wet = computed(() => this.seen().wet && this.seen().stripper === null);
  protected readonly film = computed(() => this.seen().stripper !== null);
  protected readonly cover = computed(() => this.seen().stripper?.covered ?? false);

  private readonly rust = computed(() => stepped(this.seen().rust));
  private readonly find = computed(() => this.seen().find);
  protected readonly under = computed((): SignShape[] => {
    const find = this.find();
    return [...drawSign('tinge', this.rust(), this.seed()), ...(find === null ? [] : drawSign(find, 0.35, this.seed()))];
  });

  private readonly blistered = computed(() => stepped(this.seen().stripper?.blistered ?? 0));
  private readonly wrinkled = computed(() => stepped(this.seen().stripper?.wrinkled ?? 0));
  private readonly crust = computed(() => stepped(this.seen().stripper?.crust ?? 0));
  protected readonly over = computed((): SignShape[] => [
    ...drawSign('blisters', this.blistered(), this.seed()),
    ...drawSign('wrinkles', this.wrinkled(), this.seed()),
    ...drawSign('crust', this.crust(), this.seed()),
  ]);
}
