import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { lossCause, type Debrief, type LossCause, type Practice, type PracticeEvent, type PracticeRun } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { PracticeApi } from '../../api/practice-api';
import { newId } from '../../state/new-id';
import { JobActions } from '../../state/job.actions';
import { jobsFeature } from '../../state/job.reducer';
import { shopFeature } from '../../state/shop.reducer';
import { Who } from '../../state/who';
import { Units } from '../../ui/units.service';
import { WhoField } from '../../ui/who-field';
import { PlannerClient } from '../../workers/planner-client';
import { actionWords } from './action-words';
import { PracticeReplay } from './practice-replay';
import { hiddenWords } from './hidden-words';

/** Money below which a loss is not told. */
const SMALL = 0.05;
const timeText = (minutes: number): string => (Math.abs(minutes) < 0.5 ? '' : `${minutes < 0 ? '−' : ''}${Math.abs(minutes).toFixed(0)} min`);

/** How a run came out: what was hidden, what was lost and why, the best way, and the run once more with the hidden state shown. */
@Component({
  selector: 'lb-practice-debrief',
  imports: [RouterLink, NzTableModule, PracticeReplay, WhoField],
  templateUrl: './practice-debrief.html',
  styleUrl: './practice-debrief.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PracticeDebrief {
  readonly run = input.required<PracticeRun>();
  readonly practice = input.required<Practice>();

  private readonly planner = inject(PlannerClient);
  private readonly api = inject(PracticeApi);
  private readonly store = inject(Store);
  private readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  protected readonly who = inject(Who);
  protected readonly units = inject(Units);
  private readonly id = newId();
  protected readonly debrief = signal<Debrief | null>(null);
  protected readonly trouble = signal<string | null>(null);
  protected readonly kept = signal<'keeping' | 'kept' | 'not'>('not');
  protected readonly hidden = computed(() => hiddenWords(this.practice().truth));
  protected readonly losses = computed(() =>
    (this.debrief()?.score.losses ?? [])
      .filter(({ money }) => Math.abs(money) >= SMALL)
      .map(({ cause, minutes, money }) => ({ cause, money, time: timeText(minutes), ...lossCause(cause) })),
  );
  protected readonly comeBacks = computed(() => (this.debrief()?.score.comeBacks ?? []).map((cause) => lossCause(cause)));
  protected readonly best = computed(() => this.steps(this.debrief()?.best ?? []));
  protected readonly book = computed(() => this.steps(this.debrief()?.book.events ?? []));
  private readonly jobs = this.store.selectSignal(jobsFeature.selectList);

  constructor() {
    this.store.dispatch(JobActions.listRequested({ query: { search: '', shelf: 'open', page: 1 } }));
    effect((cleanUp) => {
      const working = this.planner.run('debrief', { run: this.run(), shop: this.shop() }).subscribe((report) => {
        if (report.kind === 'done') this.debrief.set(report.value);
        if (report.kind === 'failed') this.trouble.set(report.reason);
      });
      cleanUp(() => working.unsubscribe());
    });
  }

  /** Under the name of who stands here. */
  protected keep(): void {
    this.kept.set('keeping');
    this.api.keep(this.id, this.who.name(), this.run()).subscribe({
      next: () => this.kept.set('kept'),
      error: () => {
        this.kept.set('not');
        this.trouble.set('The server is not reached: the score is not kept yet. Try again.');
      },
    });
  }

  /** The page of the program that tells more, in the newest job; null while there is none. */
  protected pageOf(cause: LossCause): readonly string[] | null {
    const [job] = this.jobs().jobs;
    return job ? ['/jobs', job.id, lossCause(cause).page] : null;
  }

  private steps(events: readonly PracticeEvent[]) {
    return events.map(({ at, action }) => ({ at: `${Math.round(at)} min`, what: actionWords(this.practice(), action) }));
  }
}
