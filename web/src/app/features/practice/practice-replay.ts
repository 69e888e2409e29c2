import { ChangeDetectionStrategy, Component, computed, input, linkedSignal } from '@angular/core';
import { playRun, seenAt, waitUntil, type Practice, type PracticeRun } from '@lift-bare/core';
import { coatingColour } from '../../ui/section/film-colours';
import type { SectionFilm } from '../../ui/section/section-geometry';
import { SectionPicture } from '../../ui/section/section-picture';
import { FacePicture } from './face-picture';
import { seenWords } from './seen-words';

/** The run once more, minute by minute: the face as it looked, and below it what was really there. */
@Component({
  selector: 'lb-practice-replay',
  imports: [FacePicture, SectionPicture],
  template: `
    <section aria-labelledby="replay">
      <h2 id="replay">The run once more, with what was hidden</h2>
      <label>Minute <b>{{ minute().toFixed(0) }}</b> of {{ end().toFixed(0) }}
        <input type="range" min="0" [max]="end()" step="0.5" [value]="minute()" (input)="minute.set($any($event.target).valueAsNumber)" />
      </label>
      <div class="two">
        <figure><lb-face [seen]="seen()" [seed]="run().seed" [says]="words()" /><figcaption>{{ words() }}</figcaption></figure>
        <figure class="cut"><lb-section [films]="films()" [substrate]="practice().truth.facts.substrate.name" [stripper]="stripper()" [height]="190" /></figure>
        <dl>@for (row of rows(); track row[0]) { <div><dt>{{ row[0] }}</dt><dd>{{ row[1] }}</dd></div> }</dl>
      </div>
    </section>
  `,
  styles: `
    section { margin-top: 24px; }
    label { display: block; margin: 6px 0 12px; }
    input { display: block; width: 100%; accent-color: var(--act); min-height: 32px; }
    .two { display: grid; grid-template-columns: 300px 370px minmax(180px, 1fr); gap: 24px; align-items: start; }
    lb-face { display: block; height: 200px; }
    figcaption { margin-top: 6px; color: var(--soft); }
    dl div { display: flex; gap: 10px; padding: 3px 0; border-bottom: 1px solid var(--line); }
    dt { flex: 1; color: var(--soft); }
    dd { font-weight: 600; }
    @media (max-width: 1180px) { .two { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); } dl { grid-column: 1 / -1; } }
    @media (max-width: 860px) { .two { grid-template-columns: minmax(0, 1fr); } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PracticeReplay {
  readonly run = input.required<PracticeRun>();
  readonly practice = input.required<Practice>();

  protected readonly end = computed(() => Math.max(1, playRun(this.practice().truth, this.run().events).at));
  protected readonly minute = linkedSignal(() => this.end() / 4);
  private readonly bench = computed(() => {
    const { truth } = this.practice();
    const minute = this.minute();
    const before = playRun(
      truth,
      this.run().events.filter(({ at }) => at <= minute),
    );
    return waitUntil(before, truth, minute);
  });
  protected readonly seen = computed(() => seenAt(this.bench(), this.practice().truth));
  protected readonly words = computed(() => seenWords(this.seen()).join(', '));
  protected readonly stripper = computed(() => {
    const { lay } = this.bench();
    return lay ? (this.practice().truth.products.get(lay.product)?.stripper.name ?? null) : null;
  });

  /** What is left of the paint, from the substrate up. */
  protected readonly films = computed((): SectionFilm[] => {
    let gone = this.bench().depth;
    const left = this.practice().truth.films.map(({ coating, thickness, told }, i) => {
      const off = Math.min(gone, thickness);
      gone -= off;
      const name = told ? coating.name : `${coating.name}, not told`;
      return { id: String(i), name, thickness: thickness - off, colour: coatingColour(coating.id), worn: false, fresh: false, under: null };
    });
    return left.filter(({ thickness }) => thickness > 0.5).toReversed();
  });

  protected readonly rows = computed((): (readonly [string, string])[] => {
    const { lay, residue, ph, salt, aged, cartridge, hardener, key } = this.bench();
    const { temperature, humidity } = this.seen();
    return [
      ['Air', `${temperature.toFixed(1)} °C, ${Math.round(humidity)} %`],
      ['Stripper dried', lay ? `${Math.round(Math.min(1, lay.dryness) * 100)} %` : 'none on it'],
      ['Stripper left on the face', `${Math.round(residue * 100)} %`],
      ['pH', ph.toFixed(1)],
      ['Salt', `${Math.round(salt)} mg/m²`],
      ['Time of the bare face used', `${Math.round(aged * 100)} %`],
      ['Key', key === null ? 'none' : `P${key}`],
      ['Cartridge', `${Math.round(cartridge)} min left`],
      ['Hardener in the pot', `${Math.round(hardener * 100)} %`],
    ];
  });
}
