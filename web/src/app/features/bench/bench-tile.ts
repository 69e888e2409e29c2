import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { Tap, Tile } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { TileStack } from './tile-stack';
import { STATE_WORDS, stopwatch, TAP_WORDS, tileLine } from './tile-words';

/** One section as one large tile: state in a word, the time, what comes next, one tap each for what has happened. */
@Component({
  selector: 'lb-bench-tile',
  imports: [TileStack],
  template: `
    <article [class]="'tile ' + look()" [attr.aria-label]="name() + ', ' + word()">
      <header>
        <h2><b>{{ tile().timer.issued.section }}: {{ word() }}</b><span>{{ under() }}</span></h2>
        <button type="button" class="more" (click)="opened.emit()" [attr.aria-expanded]="open()">{{ open() ? 'Close' : 'Times' }}</button>
      </header>
      @if (timed()) { <div class="now"><p class="time" role="timer">{{ time() }}</p><lb-tile-stack [tile]="tile()" /></div> }
      <p class="line">{{ line() }}</p>
      @if (taps().length > 0) {
        <div class="taps">
          @for (tap of taps(); track tap; let first = $first) {
            <button type="button" [class.first]="first" (click)="tapped.emit(tap)">{{ words[tap] }}</button>
          }
        </div>
      }
      <ng-content />
    </article>
  `,
  styleUrl: './bench-tile.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BenchTile {
  readonly tile = input.required<Tile>();
  readonly open = input(false);
  /** says part and zone; left out where all tiles are of one zone */
  readonly named = input(true);
  readonly tapped = output<Tap>();
  readonly opened = output<void>();

  private readonly units = inject(Units);
  protected readonly words = TAP_WORDS;
  protected readonly look = computed(() => this.tile().state.replace(' ', '-'));
  protected readonly word = computed(() => STATE_WORDS[this.tile().state]);
  protected readonly name = computed(() => `${this.tile().timer.issued.partName}, ${this.tile().timer.issued.zoneName}`);
  protected readonly under = computed(() => {
    const round = this.rounds() > 1 ? `round ${this.tile().round} of ${this.rounds()}` : '';
    return [this.named() ? this.name() : '', round].filter((text) => text !== '').join(', ');
  });
  protected readonly rounds = computed(() => Math.max(this.tile().timer.issued.rounds.length, this.tile().round));
  protected readonly timed = computed(() => this.tile().timer.phase === 'dwelling' || this.tile().timer.phase === 'blistered');
  protected readonly time = computed(() => stopwatch(this.tile().elapsed));
  protected readonly line = computed(() => tileLine(this.tile(), this.units.show(this.tile().timer.issued.laid, 'gauge')));
  protected readonly taps = computed(() => (this.tile().state === 'done' && !this.open() ? [] : this.tile().taps));
}
