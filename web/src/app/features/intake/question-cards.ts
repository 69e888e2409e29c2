import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { answered, formatMinutes, openQuestions, spread, type Answer, type FinishId, type Question, type Tried } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FinishFinder } from '../../ui/finish/finish-finder';
import { moreOrLess } from '../../ui/more-or-less';
import { Toasts } from '../../ui/toast.service';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';

/** What the plan would like to know, what decides most first, with answers to touch; each answer says what it would change. */
@Component({
  selector: 'lb-question-cards',
  imports: [FinishFinder, RouterLink],
  templateUrl: './question-cards.html',
  styleUrl: './question-cards.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class QuestionCards {
  /** only what is asked of this zone and its part; null: all of the job */
  readonly of = input<{ readonly zone: string; readonly part: string } | null>(null);
  private readonly context = inject(JobContext);
  private readonly planner = inject(PlannerClient);
  private readonly toasts = inject(Toasts);
  protected readonly units = inject(Units);
  /** of the last plan that was tried; the order stays while the next one is */
  private readonly tried = signal<ReadonlyMap<string, Tried>>(new Map());
  protected readonly trying = signal(false);
  /** the help with the topcoat is open */
  protected readonly helping = signal(false);

  private readonly all = computed((): readonly Question[] => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    return job && plan ? openQuestions(job, plan) : [];
  });
  protected readonly questions = computed((): readonly Question[] => {
    const own = this.of();
    const tried = this.tried();
    const weight = ({ code }: Question): number => {
      const known = tried.get(code);
      return known ? spread(known) : 0;
    };
    return this.all()
      .filter(({ places }) => own === null || places.some(({ id }) => id === own.zone || id === own.part))
      .sort((a, b) => weight(b) - weight(a));
  });
  /** places that an answer is not meant for, by question and place */
  protected readonly left = linkedSignal<string, ReadonlySet<string>>({ source: () => this.context.jobId(), computation: () => new Set() });

  constructor() {
    effect((onCleanup) => {
      const [job, plan] = [this.context.job(), this.context.plan()];
      if (!job || !plan || this.all().every(({ answers }) => answers.length === 0)) return;
      this.trying.set(true);
      const asking = this.planner.run('answers', { job, shop: this.context.shop() }).subscribe((report) => {
        if (report.kind === 'progress') return;
        if (report.kind === 'done') this.tried.set(new Map(report.value.map((one) => [one.code, one])));
        this.trying.set(false);
      });
      onCleanup(() => asking.unsubscribe());
    });
  }

  /** where a place is shown: a part by its first zone */
  protected zoneOf(place: string): string {
    return this.context.job()?.parts.find(({ id }) => id === place)?.zones[0]?.id ?? place;
  }

  protected key = ({ code }: Question, place: string): string => `${code} ${place}`;
  protected isLeft = (question: Question, place: string): boolean => this.left().has(this.key(question, place));

  protected toggle(question: Question, place: string): void {
    const key = this.key(question, place);
    this.left.update((left) => new Set(left.has(key) ? [...left].filter((one) => one !== key) : [...left, key]));
  }

  protected give(question: Question, answer: Answer): void {
    const places = question.places.map(({ id }) => id).filter((id) => !this.isLeft(question, id));
    if (question.places.length > 0 && places.length === 0) return;
    // What was left out is asked afresh.
    this.left.update((left) => new Set([...left].filter((key) => !key.startsWith(`${question.code} `))));
    this.context.edit(`answer ${question.code}`, (job) => answered(job, answer, places));
    this.toasts.say(`${question.asks} ${answer.label}.`, { label: 'Undo', run: this.context.undo });
  }

  protected finish(finish: FinishId): void {
    this.helping.set(false);
    this.context.edit('finish', (job) => ({ ...job, finish }));
  }

  /** What an answer would change in the plan; '' while it is not tried. */
  protected effect({ code }: Question, index: number): string {
    const effect = this.tried().get(code)?.effects[index];
    if (!effect) return '';
    const { hand, wait, cost, stops, methods } = effect;
    const said = [
      stops === 0 ? '' : `${Math.abs(stops)} ${Math.abs(stops) === 1 ? 'stop' : 'stops'} ${stops > 0 ? 'more' : 'less'}`,
      methods === 0 ? '' : `${methods} ${methods === 1 ? 'zone takes' : 'zones take'} another method`,
      moreOrLess(cost, this.units.money, ['dearer', 'cheaper']),
      moreOrLess(hand, formatMinutes, ['more by hand', 'less by hand']),
      moreOrLess(wait, formatMinutes, ['more waiting', 'less waiting']),
    ].filter((text) => text !== '');
    return said.length === 0 ? 'nothing else changes' : said.slice(0, 4).join(', ');
  }
}
