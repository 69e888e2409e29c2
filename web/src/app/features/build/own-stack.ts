import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { checkStack, familyOfProduct, lowestOf, type JointState, type ProductId } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { Units } from '../../ui/units.service';

const FILM_WORDS: Readonly<Record<Exclude<JointState, 'acid-live'>, string>> = {
  'wet-in-wet': 'still wet',
  'in-window': 'dry, within its window',
  'cured-keyed': 'cured and keyed',
  'cured-glossy': 'cured, glossy',
  damp: 'damp',
};
const BARE_WORDS: Readonly<Record<Exclude<JointState, 'wet-in-wet' | 'in-window'>, string>> = {
  'cured-keyed': 'keyed, clean and dry',
  'cured-glossy': 'smooth, not keyed',
  'acid-live': 'acid film left on it',
  damp: 'damp',
};
const optionsOf = (words: Partial<Readonly<Record<JointState, string>>>): readonly ChoiceOption<JointState>[] =>
  (Object.entries(words) as [JointState, string][]).map(([value, label]) => ({ value, label }));
const FILM_STATES = optionsOf(FILM_WORDS);
const BARE_STATES = optionsOf(BARE_WORDS);
interface Film {
  readonly product: ProductId;
  readonly state: JointState;
}
const MOST = 12;

/** Any stack that somebody has in mind, judged joint by joint. */
@Component({
  selector: 'lb-own-stack',
  imports: [ChoiceField],
  template: `
    <p>Films from the surface up: what goes on, and how the film below it is by then. It starts with what is planned.</p>
    @for (film of films(); track $index; let i = $index) {
      @if (answers()[i]; as answer) {
        <div class="film" [class.bad]="answer.verdict !== 'holds'">
          <lb-choice [label]="'Film ' + (i + 1)" [value]="film.product" [options]="products()" (changed)="set(i, { product: $event })" />
          <lb-choice [label]="'Below it: ' + units.inline(answer.lower)" [value]="film.state" [options]="statesAt(i)" (changed)="set(i, { state: $event })" />
          <div class="says"><b>{{ answer.verdict === 'holds' ? 'Holds' : answer.verdict === 'never' ? 'Never' : 'Not so' }}</b> {{ answer.reason }}@if (answer.verdict === 'not-in-this-state') { Would hold: {{ words(i, answer.states) }}. }</div>
          <button type="button" class="btn plain" (click)="drop(i)" [attr.aria-label]="'Remove film ' + (i + 1)">Remove</button>
        </div>
      }
    }
    <p class="acts"><button type="button" class="btn quiet" [disabled]="films().length >= most" (click)="add()">Add a film</button> <button type="button" class="btn plain" (click)="start()">As planned</button></p>
    <p class="basis">Common practice, no source; the data sheets of both products decide.</p>
  `,
  styles: `
    .film { display: grid; grid-template-columns: 200px 190px 1fr auto; gap: 12px; align-items: start; padding: 9px 10px; border-left: 4px solid var(--ok); margin-bottom: 6px; background: var(--sheet); }
    .film.bad { border-left-color: var(--stop); }
    .says { padding-top: 18px; }
    .film.bad b { color: var(--stop); }
    .film .btn { margin-top: 15px; }
    @media (max-width: 640px) { .film, .film .says { grid-template-columns: minmax(0, 1fr); grid-column: 1; grid-row: auto; } }
    @media (min-width: 641px) and (max-width: 1100px) { .film { grid-template-columns: 1fr 1fr auto; } .says { grid-column: 1 / -1; grid-row: 2; padding-top: 0; } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnStack {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly most = MOST;

  private readonly planned = computed((): readonly Film[] =>
    (this.context.zonePlan()?.build?.coats ?? []).map(({ base }, i) => ({
      product: base,
      state: i === 0 ? 'cured-keyed' : base === 'clear-2k' ? 'in-window' : 'cured-keyed',
    })),
  );
  /** starts over with another zone */
  protected readonly films = linkedSignal<string | null, readonly Film[]>({ source: () => this.context.zoneId(), computation: () => this.planned() });
  protected readonly products = computed((): readonly ChoiceOption<ProductId>[] => {
    const { primers, finishes } = this.context.catalogue();
    const rows = [...Object.values(primers).filter(({ id, ref }) => id === ref), ...Object.values(finishes).flatMap(({ coats }) => coats)];
    return [...new Map(rows.map(({ id, name }) => [id, name]))].map(([value, label]) => ({ value, label }));
  });
  protected readonly answers = computed(() => {
    const facts = this.context.facts();
    if (!facts) return [];
    const names = new Map(this.products().map(({ value, label }) => [value, label]));
    return checkStack(
      lowestOf(facts),
      this.films().map(({ product, state }) => ({ family: familyOfProduct(product), name: names.get(product) ?? product, state })),
    );
  });

  /** A bare material is keyed, smooth, under acid or damp; a film may be wet or within its window. */
  protected statesAt = (i: number): readonly ChoiceOption<JointState>[] =>
    i === 0 && (this.context.facts()?.kept.length ?? 0) === 0 ? BARE_STATES : FILM_STATES;
  protected words = (i: number, states: readonly JointState[]): string =>
    this.statesAt(i)
      .filter(({ value }) => states.includes(value))
      .map(({ label }) => label)
      .join(', or ');
  protected set = (i: number, change: Partial<Film>): void =>
    this.films.update((films) => films.map((film, k) => (k === i ? { ...film, ...change } : film)));
  /** What comes down onto the surface takes a state that a surface can have. */
  protected drop = (i: number): void =>
    this.films.update((films) =>
      films
        .filter((_, k) => k !== i)
        .map((film, k) => (this.statesAt(k).some(({ value }) => value === film.state) ? film : { ...film, state: 'cured-keyed' as const })),
    );
  protected add = (): void => this.films.update((films) => [...films, { product: 'clear-2k', state: 'cured-keyed' }]);
  protected start = (): void => this.films.set(this.planned());
}
