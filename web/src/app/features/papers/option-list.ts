import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE, FinishId, type MethodOption, type OfferOption, type OptionChange } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { OfferBook } from '../../state/offer-book';
import { ChoiceField } from '../../ui/choice-field';
import { TextField } from '../../ui/text-field';

/** Most options of a quote. */
const MOST = 5;

const KINDS = [
  { value: 'finish' as const, label: 'Another topcoat' },
  { value: 'method' as const, label: 'Another method' },
  { value: 'without' as const, label: 'Without some parts' },
];

/** What a customer may choose instead of the job as it is planned. */
@Component({
  selector: 'lb-option-list',
  imports: [ChoiceField, RouterLink, TextField],
  template: `
    <h2>Options</h2>
    <p class="soft small"><a class="link" routerLink="../plans">Plans side by side</a> shows what each option changes, and takes one over.</p>
    @for (option of options(); track option.id) {
      <div class="option">
        <lb-text label="Called" [value]="option.name" [required]="true" [most]="80" (changed)="change(option.id, { name: $event })" />
        @switch (option.change.kind) {
          @case ('finish') { <lb-choice label="Topcoat of all parts" [value]="option.change.finish" [options]="finishes" (changed)="change(option.id, { change: { kind: 'finish', finish: $event } })" /> }
          @case ('method') { <lb-choice label="Method wherever it may be used" [value]="option.change.method" [options]="methods()" (changed)="change(option.id, { change: { kind: 'method', method: $event } })" /> }
          @case ('without') { <lb-choice label="Left out" [value]="option.change.parts" [options]="parts()" [many]="true" (changedMany)="leaveOut(option.id, $event)" /> }
        }
        <button type="button" class="btn plain small" (click)="drop(option.id)" [attr.aria-label]="'Take out option ' + option.name">Take out</button>
      </div>
    }
    @if (options().length < most) {
      <p class="acts">@for (kind of kinds; track kind.value) { <button type="button" class="btn quiet small" [disabled]="!canAdd(kind.value)" (click)="add(kind.value)">{{ kind.label }}</button> }</p>
    }
    @if (refused()) { <p class="note ask">An option leaves out one part at the least, and not all of them.</p> }
  `,
  styles: `
    h2 { margin: 18px 0 6px; }
    .option { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto; gap: 10px; align-items: end; margin-bottom: 8px; }
    .acts { display: flex; flex-wrap: wrap; gap: 6px; white-space: normal; }
    @media (max-width: 640px) { .option { grid-template-columns: 1fr; } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OptionList {
  private readonly context = inject(JobContext);
  private readonly offers = inject(OfferBook);
  protected readonly kinds = KINDS;
  protected readonly most = MOST;
  protected readonly refused = signal(false);
  protected readonly options = computed(() => this.offers.terms().options);
  protected readonly finishes = FinishId.options.map((value) => ({ value, label: CATALOGUE.finishes[value].name }));
  protected readonly parts = computed(() => this.context.job()?.parts.map(({ id, name }) => ({ value: id, label: name })) ?? []);
  /** those that no rule speaks against on one zone at the least, and that are not chosen everywhere */
  protected readonly methods = computed(() => {
    const may = (this.context.plan()?.zones ?? []).flatMap(({ options, chosen }) => options.filter((option) => isOther(option, chosen)));
    return [...new Map(may.map(({ method, name }) => [method, { value: method, label: name }])).values()];
  });

  protected canAdd(kind: OptionChange['kind']): boolean {
    return kind === 'method' ? this.methods().length > 0 : kind === 'without' ? this.parts().length > 1 : true;
  }

  protected add(kind: OptionChange['kind']): void {
    const made = this.changeOf(kind);
    if (made) this.set([...this.options(), { id: newId(), ...made }]);
  }

  protected change = (id: string, change: Partial<OfferOption>): void =>
    this.set(this.options().map((option) => (option.id === id ? { ...option, ...change } : option)));
  protected drop = (id: string): void => this.set(this.options().filter((option) => option.id !== id));

  protected leaveOut(id: string, parts: string[]): void {
    this.refused.set(parts.length === 0 || parts.length === this.parts().length);
    if (!this.refused()) this.change(id, { change: { kind: 'without', parts } });
  }

  private set = (options: OfferOption[]): void => this.offers.setTerms({ options });

  private changeOf(kind: OptionChange['kind']): Omit<OfferOption, 'id'> | null {
    const [method] = this.methods();
    const part = this.parts().at(-1);
    const finish = this.finishes.find(({ value }) => value !== this.context.job()?.finish);
    if (kind === 'finish') return finish ? { name: finish.label, change: { kind, finish: finish.value } } : null;
    if (kind === 'method') return method ? { name: method.label, change: { kind, method: method.value } } : null;
    return part ? { name: `Without ${part.label}`, change: { kind, parts: [part.value] } } : null;
  }
}

const isOther = ({ method, verdict, family }: MethodOption, chosen: MethodOption | null): boolean =>
  verdict !== 'ruled-out' && family !== 'keep' && chosen?.family !== 'keep' && method !== chosen?.method;
