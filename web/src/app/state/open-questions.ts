import { computed, effect, inject, Injectable, linkedSignal, signal } from '@angular/core';
import { askedAt, nextThing, openQuestions, spread, type Question, type Tried } from '@lift-bare/core';
import { switchMap, timer } from 'rxjs';
import { PlannerClient } from '../workers/planner-client';
import { JobContext } from './job-context';

/** ms without another edit after which the answers are tried anew: nobody waits for them at each letter. */
const SETTLE = 250;

/** What the plan of the open job would like to know, in one order for all who show it. */
@Injectable()
export class OpenQuestions {
  private readonly context = inject(JobContext);
  private readonly planner = inject(PlannerClient);
  /** of the last plan that was tried; the order stays while the next one is */
  private readonly tried = signal<ReadonlyMap<string, Tried>>(new Map());
  private readonly answering = signal(false);
  /** places that answers are not meant for */
  private readonly leftOut = linkedSignal<string, ReadonlySet<string>>({ source: () => this.context.jobId(), computation: () => new Set() });
  readonly left = this.leftOut.asReadonly();
  /** answers are being tried on the plan as it is */
  readonly trying = this.answering.asReadonly();

  /** what decides most comes first, as far as it was tried */
  readonly questions = computed((): readonly Question[] => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    const weights = new Map([...this.tried()].map(([code, one]) => [code, spread(one)]));
    return job && plan ? openQuestions(job, plan).sort((a, b) => (weights.get(b.code) ?? 0) - (weights.get(a.code) ?? 0)) : [];
  });
  readonly next = computed(() => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    return job && plan ? nextThing(job, plan, this.questions()) : null;
  });

  readonly effectsOf = (code: string): Tried['effects'] => this.tried().get(code)?.effects ?? [];

  toggle(code: string, place: string): void {
    const key = askedAt(code, place);
    this.leftOut.update((left) => new Set(left.has(key) ? [...left].filter((one) => one !== key) : [...left, key]));
  }

  /** What was left out of a question is asked afresh. */
  forget(code: string): void {
    this.leftOut.update((left) => new Set([...left].filter((key) => !key.startsWith(askedAt(code, '')))));
  }

  /** Keeps all answers tried on the plan as it is while whoever asks for it is there. */
  keepTrying(): void {
    const some = computed(() => this.questions().some(({ answers }) => answers.length > 0));
    effect((onCleanup) => {
      const [job, plan, left] = [this.context.job(), this.context.plan(), this.left()];
      if (!job || !plan || !some()) return;
      this.answering.set(true);
      const shop = this.context.shop();
      const asking = timer(SETTLE)
        .pipe(switchMap(() => this.planner.run('answers', { job, shop, left })))
        .subscribe((report) => {
          if (report.kind === 'progress') return;
          if (report.kind === 'done') this.tried.set(new Map(report.value.map((one) => [one.code, one])));
          this.answering.set(false);
        });
      onCleanup(() => asking.unsubscribe());
    });
  }
}
