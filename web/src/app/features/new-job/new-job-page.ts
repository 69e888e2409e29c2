import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { CATALOGUE, Celsius, finishesFor, Percent, SquareMetres, startsOf, type FinishId } from '@lift-bare/core';
import { newJob } from '@lift-bare/core/before-planning';
import { NzInputNumberModule } from 'ng-zorro-antd/input-number';
import { FormsModule } from '@angular/forms';
import { NzTableModule } from 'ng-zorro-antd/table';
import { NzInputModule } from 'ng-zorro-antd/input';
import { JobActions } from '../../state/job.actions';
import { jobsFeature } from '../../state/job.reducer';
import { shopFeature } from '../../state/shop.reducer';
import { newId } from '../../state/new-id';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { YearField } from '../../ui/year-field';
import { MiniSection } from '../../ui/section/mini-section';
import { FinishFinder } from '../../ui/finish/finish-finder';
import { ItemPicture } from './item-picture';
import { EMPTY_DRAFT, itemsToPick, jobOfDraft, PLACES, rowsOf, type DraftRow, type JobDraft, type PlaceChoice } from './job-draft';
import { keepDraft, keptDraft } from './kept-draft';

const NOT_CHOSEN = 'not-chosen';

/** From what comes in by the door to a job with parts, zones and stacks; what is left open is asked afterwards. */
@Component({
  selector: 'lb-new-job-page',
  imports: [
    NzInputModule,
    NzTableModule,
    ChoiceField,
    FinishFinder,
    FormsModule,
    ItemPicture,
    MiniSection,
    NzInputNumberModule,
    QuantityField,
    RouterLink,
    TextField,
    YearField,
  ],
  templateUrl: './new-job-page.html',
  styleUrl: './new-job-page.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewJobPage {
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  protected readonly units = inject(Units);
  private readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  private readonly own = computed(() => this.shop().templates);
  /** what is drawn of those that the shop has kept: their layers */
  protected readonly kept = computed(() => new Map(startsOf(this.own()).flatMap(({ id, own, layers }) => (own ? [[id, layers]] : []))));
  private readonly list = this.store.selectSignal(jobsFeature.selectList);
  protected readonly draft = signal<JobDraft>(keptDraft());
  protected readonly search = signal('');
  protected readonly finding = signal(false);
  protected readonly places = PLACES;
  protected readonly celsius = Celsius;
  protected readonly percent = Percent;
  protected readonly squareMetres = SquareMetres;
  protected readonly notChosen = NOT_CHOSEN;

  protected readonly tiles = computed(() => {
    const words = this.search().trim().toLowerCase();
    return itemsToPick(this.own()).filter(({ id, name, words: more }) => id === 'other' || `${name} ${more}`.toLowerCase().includes(words));
  });
  protected readonly rows = computed(() => rowsOf(this.draft(), this.own()));
  protected readonly pieces = computed(() => this.rows().reduce((sum, { pieces }) => sum + pieces, 0));
  protected readonly finishes = computed((): ChoiceOption<FinishId | typeof NOT_CHOSEN>[] => {
    const { item, finish } = jobOfDraft(this.draft(), this.own(), '', () => '');
    const usual = finishesFor(item);
    // What the help has found stands there, also where it is unusual for such an item.
    const named = (finish === null || usual.includes(finish) ? usual : [...usual, finish]).map((id) => ({
      value: id,
      label: CATALOGUE.finishes[id].name,
    }));
    return [{ value: NOT_CHOSEN, label: 'Not chosen yet' }, ...named];
  });

  constructor() {
    effect(() => keepDraft(this.draft()));
  }

  protected change(change: Partial<JobDraft>): void {
    this.draft.update((draft) => ({ ...draft, ...change }));
  }

  protected pick(id: string): void {
    const { items } = this.draft();
    this.change({ items: items.includes(id) ? items.filter((one) => one !== id) : [...items, id] });
  }

  protected goTo(id: PlaceChoice): void {
    const { temperature, humidity } = PLACES.find((place) => place.id === id) ?? PLACES[0];
    this.change({ place: id, temperature, humidity });
  }

  protected alter({ id }: DraftRow, change: { readonly pieces?: number; readonly area?: number }): void {
    const { changed } = this.draft();
    this.change({ changed: { ...changed, [id]: { ...changed[id], ...change } } });
  }

  protected use(finish: FinishId): void {
    this.change({ finish });
    this.finding.set(false);
  }

  protected make(): void {
    this.open(jobOfDraft(this.draft(), this.own(), this.nextName(), newId));
    keepDraft(EMPTY_DRAFT);
  }

  protected makeEmpty = (): void => this.open(newJob(this.nextName()));

  private nextName = (): string => `Job ${this.list().counts.open + 1}`;

  private open(document: ReturnType<typeof newJob>): void {
    const id = newId();
    this.store.dispatch(JobActions.created({ id, document }));
    void this.router.navigate(['/jobs', id, 'intake']);
  }
}
