import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { answered, askedAt, formatMinutes, meantPlaces, type Answer, type FinishId, type Question } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { OpenQuestions } from '../../state/open-questions';
import { FinishFinder } from '../../ui/finish/finish-finder';
import { moreOrLess } from '../../ui/more-or-less';
import { Toasts } from '../../ui/toast.service';
import { Units } from '../../ui/units.service';

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
  private readonly toasts = inject(Toasts);
  protected readonly asking = inject(OpenQuestions);
  protected readonly units = inject(Units);
  /** the help with the topcoat is open */
  protected readonly helping = signal(false);
  protected readonly questions = computed(() => {
    const own = this.of();
    return this.asking.questions().filter(({ places }) => own === null || places.some(({ id }) => id === own.zone || id === own.part));
  });

  constructor() {
    this.asking.keepTrying();
  }

  /** the zone where a place is shown, a part by its first; null: it has none yet */
  protected zoneOf(place: string): string | null {
    const parts = this.context.job()?.parts ?? [];
    return parts.flatMap(({ id, zones }) => zones.filter((zone) => zone.id === place || id === place))[0]?.id ?? null;
  }

  protected isLeft = ({ code }: Question, place: string): boolean => this.asking.left().has(askedAt(code, place));

  /** every place of it is struck out */
  protected nowhere = (question: Question): boolean => question.places.length > 0 && meantPlaces(question, this.asking.left()).length === 0;

  protected give(question: Question, answer: Answer): void {
    const places = meantPlaces(question, this.asking.left());
    this.asking.forget(question.code);
    this.context.edit(`answer ${question.code}`, (job) => answered(job, answer, places));
    this.toasts.say(`${question.asks} ${answer.label}.`, { label: 'Undo', run: this.context.undo });
  }

  protected take(finish: FinishId): void {
    this.helping.set(false);
    this.context.edit('finish', (job) => ({ ...job, finish }));
  }

  /** What an answer would change in the plan; '' while it is not tried. */
  protected effect({ code }: Question, index: number): string {
    const effect = this.asking.effectsOf(code)[index];
    if (!effect) return '';
    const { hand, wait, cost, stops, methods } = effect;
    const said = [
      stops === 0 ? '' : `${Math.abs(stops)} ${Math.abs(stops) === 1 ? 'stop' : 'stops'} ${stops > 0 ? 'more' : 'fewer'}`,
      methods === 0 ? '' : `${methods} ${methods === 1 ? 'zone takes' : 'zones take'} another method`,
      moreOrLess(cost, this.units.money, ['dearer', 'cheaper']),
      moreOrLess(hand, formatMinutes, ['more by hand', 'less by hand']),
      moreOrLess(wait, formatMinutes, ['more waiting', 'less waiting']),
    ].filter((text) => text !== '');
    return said.length === 0 ? 'nothing else changes' : said.slice(0, 4).join(', ');
  }
}
