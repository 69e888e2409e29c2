import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import {
  filmRangeOf,
  holdState,
  stepMix,
  WORN,
  type Catalogue,
  type FilmRange,
  type Operation,
  type Plan,
  type Run,
  type RunEntry,
  type RunStep,
} from '@lift-bare/core';
import { gramsText } from '../grams-text';
import { Units } from '../units.service';
import { CountEntry } from './count-entry';
import { FilmEntry } from './film-entry';
import { HoldEntry } from './hold-entry';
import { NoteEntry } from './note-entry';
import { UsedEntry } from './used-entry';

/** What somebody says of a step, with the text that belongs to it. */
export interface Said {
  readonly entry: RunEntry;
  readonly note: string;
}

type Extra = 'used' | 'film' | 'note' | 'count' | null;

/** One step that can be done now: what to wear, what to mind, the hold point, and one large tap for what happens next. */
@Component({
  selector: 'lb-step-card',
  imports: [HoldEntry, UsedEntry, FilmEntry, NoteEntry, CountEntry],
  templateUrl: './step-card.html',
  styleUrl: './step-card.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StepCard {
  readonly step = input.required<RunStep>();
  readonly run = input.required<Run>();
  readonly plan = input.required<Plan>();
  /** with the shop's own rows */
  readonly catalogue = input.required<Catalogue>();
  readonly celsius = input.required<number>();
  /** g, step of the scale */
  readonly resolution = input.required<number>();
  /** how many steps there are, and min of hands of this one */
  readonly count = input.required<number>();
  readonly hand = input.required<number>();
  readonly jobName = input<string | null>(null);
  readonly said = output<Said>();

  protected readonly units = inject(Units);
  /** what the scale shows, for the first pass of a product and each that is mixed anew */
  protected readonly mix = computed(() =>
    stepMix(this.operation(), this.step(), this.plan(), { celsius: this.celsius(), resolution: this.resolution() }),
  );
  protected readonly extra = signal<Extra>(null);
  protected readonly more = signal(false);
  protected readonly operation = computed(() => this.step().operation);
  protected readonly wear = computed(() => this.operation().protection.filter(({ guard }) => WORN.includes(guard)));
  protected readonly around = computed(() => this.operation().protection.filter(({ guard }) => !WORN.includes(guard)));
  protected readonly held = computed(() => holdState(this.run(), this.operation().id));
  /** done only once its own hold point is met, or let go in writing */
  protected readonly barred = computed(() => ['open', 'outside'].includes(this.step().hold ?? ''));
  protected readonly isOn = computed(() => this.step().state === 'under way');
  /** the film that lies there dry before this step: it is measured now */
  protected readonly film = computed(() => filmBelow(this.operation(), this.plan().operations, this.catalogue()));
  protected readonly product = computed(() => this.operation().product?.name ?? this.operation().coat?.name ?? null);

  protected readonly grams = gramsText;

  protected say(entry: RunEntry, note = ''): void {
    this.said.emit({ entry, note });
  }

  protected tap(what: 'begun' | 'done'): void {
    this.say({ what, work: this.step().id, zones: [...this.step().zones] });
  }

  protected toggle(extra: Extra): void {
    this.extra.update((open) => (open === extra ? null : extra));
  }
}

/** The last coat that was laid on these faces before a step, where it ends a film. */
function filmBelow(
  { number, faces }: Operation,
  operations: readonly Operation[],
  catalogue: Catalogue,
): { readonly laid: Operation; readonly range: FilmRange } | null {
  const zones = new Set(faces.map(({ zone }) => zone));
  const before = operations.findLast((own) => own.coat !== null && own.number < number && own.faces.some(({ zone }) => zones.has(zone)));
  const range = before && filmRangeOf(before, operations, catalogue);
  return before && range ? { laid: before, range } : null;
}
