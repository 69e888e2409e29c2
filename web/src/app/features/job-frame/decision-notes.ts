import { afterNextRender, ChangeDetectionStrategy, Component, computed, ElementRef, inject, Injector, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { notesInOrder, type DecisionNote, type Job, type StageName } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { STAGES } from '../../ui/words';
import { StageNow } from './stage-now';

/** Stages whose page is the same whichever zone is looked at. */
const WHOLE: ReadonlySet<StageName | null> = new Set<StageName | null>(['safety', 'time', 'run-sheet']);

/** Notes at the decision that is looked at, by whoever made it; they lead on to the next in the order of the work. */
@Component({
  selector: 'lb-decision-notes',
  imports: [RouterLink, TextField],
  templateUrl: './decision-notes.html',
  styleUrl: './decision-notes.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DecisionNotes {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly stage = inject(StageNow).stage;
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly injector = inject(Injector);
  protected readonly most = 600;

  /** what a note here is about: the zone, save at the stages that show the whole job */
  private readonly zone = computed(() => (WHOLE.has(this.stage()) ? null : this.context.zoneId()));
  private readonly place = computed(() => `${this.stage()} ${this.zone()}`);
  readonly all = computed(() => {
    const job = this.context.job();
    return job ? notesInOrder(job) : [];
  });
  protected readonly here = computed(() => this.all().filter(({ stage, zone }) => stage === this.stage() && zone === this.zone()));
  /** the note that is written or changed; null: none. Another place ends it */
  protected readonly writing = linkedSignal<string, string | null>({ source: this.place, computation: () => null });
  /** those here and the one that is begun, which is in the job from its first letter on */
  protected readonly shown = computed(() => {
    const [here, id, stage] = [this.here(), this.writing(), this.stage()];
    return id === null || stage === null || here.some((note) => note.id === id) ? here : [...here, { id, stage, zone: this.zone(), text: '' }];
  });
  /** which of all is the first here; notes of one place follow each other */
  protected readonly number = computed(() => this.all().findIndex((note) => note === this.here()[0]) + 1);
  protected readonly before = computed(() => this.all()[this.number() - 2] ?? null);
  protected readonly next = computed(() => this.all()[this.number() - 1 + this.here().length] ?? null);

  /** Opens an empty note at this place. */
  write(): void {
    if (this.stage()) this.change(newId());
  }

  /** Opens a note where it can be typed at once. */
  protected change(id: string): void {
    this.writing.set(id);
    afterNextRender(() => this.element.querySelector('textarea')?.focus(), { injector: this.injector });
  }

  /** What is typed, to the last blank: a field that got its text back shorter would lose what is typed meanwhile. An empty note is none. */
  protected typed(note: DecisionNote, text: string): void {
    this.context.edit(`note ${note.id}`, (job) => ({ ...job, decisionNotes: withText(job.decisionNotes, { ...note, text }) }));
  }

  protected takeOut({ id }: DecisionNote): void {
    this.context.edit(`take out note ${id}`, (job) => ({ ...job, decisionNotes: job.decisionNotes.filter((note) => note.id !== id) }));
  }

  /** "Method, Side panels: Edges and lips" */
  protected placeOf({ stage, zone }: DecisionNote): string {
    const part = this.context.job()?.parts.find(({ zones }) => zones.some(({ id }) => id === zone));
    const name = part?.zones.find(({ id }) => id === zone)?.name;
    return part && name !== undefined ? `${STAGES[stage]}, ${part.name}: ${name}` : STAGES[stage];
  }
}

function withText(notes: readonly DecisionNote[], note: DecisionNote): Job['decisionNotes'] {
  if (note.text.trim() === '') return notes.filter(({ id }) => id !== note.id);
  return notes.some(({ id }) => id === note.id) ? notes.map((one) => (one.id === note.id ? note : one)) : [...notes, note];
}
