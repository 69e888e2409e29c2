import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { levelAfter, PRACTICE_CASES } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, map, of, startWith, Subject, switchMap } from 'rxjs';
import { NzInputModule } from 'ng-zorro-antd/input';
import { Api } from '../../api/api';
import { PracticeApi, type PracticeLine } from '../../api/practice-api';
import { JobActions } from '../../state/job.actions';
import { jobsFeature } from '../../state/job.reducer';
import { Who } from '../../state/who';
import { ChoiceField } from '../../ui/choice-field';
import { WhoField } from '../../ui/who-field';
import { ScoreChart } from './score-chart';

const MOST_SEED = 999_999;

/** What can be practised, by whom, and how it went so far. */
@Component({
  selector: 'lb-practice-page',
  imports: [NzInputModule, RouterLink, DatePipe, NzTableModule, ChoiceField, WhoField, ScoreChart],
  templateUrl: './practice-page.html',
  styleUrl: './practice-page.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PracticePage {
  private readonly api = inject(PracticeApi);
  private readonly jobApi = inject(Api);
  private readonly store = inject(Store);
  protected readonly who = inject(Who);
  private readonly again = new Subject<void>();
  protected readonly state = toSignal(
    this.again.pipe(
      startWith(undefined),
      switchMap(() =>
        this.api.runs().pipe(
          map((runs) => ({ runs, trouble: false })),
          catchError(() => of({ runs: [] as PracticeLine[], trouble: true })),
        ),
      ),
    ),
    { initialValue: { runs: [] as PracticeLine[], trouble: false } },
  );
  /** null: a new one each time */
  protected readonly classSeed = signal<number | null>(null);
  protected readonly classText = signal('');
  protected readonly classWrong = computed(() => (/^\s*\d{0,6}\s*$/.test(this.classText()) ? null : `a whole number up to ${MOST_SEED}`));
  private readonly fresh = drawSeed();
  protected readonly seed = computed(() => this.classSeed() ?? this.fresh);

  /** of who stands here, oldest first */
  protected readonly mine = computed(() =>
    this.state()
      .runs.filter(({ person }) => person === this.who.name())
      .toReversed(),
  );
  protected readonly level = computed(() => levelAfter(this.mine().map(({ score }) => score)));
  protected readonly cases = computed(() =>
    PRACTICE_CASES.map(({ id, title, told }) => {
      const runs = this.mine().filter((run) => run.case === id);
      return { id, title, told, runs: runs.length, best: runs.length === 0 ? null : Math.max(...runs.map(({ score }) => score)) };
    }),
  );
  /** everybody who played the case of the class */
  protected readonly classRuns = computed(() => this.state().runs.filter(({ seed }) => seed === this.classSeed()));

  private readonly jobs = this.store.selectSignal(jobsFeature.selectList);
  protected readonly jobChoices = computed(() =>
    this.jobs()
      .jobs.filter(({ fault }) => !fault)
      .map(({ id, name }) => ({ value: id, label: name })),
  );
  protected readonly job = signal<string | null>(null);
  protected readonly zone = signal<string | null>(null);
  private readonly picked = new Subject<string>();
  protected readonly zones = toSignal(
    this.picked.pipe(
      switchMap((id) => this.jobApi.getJob(id).pipe(catchError(() => of(null)))),
      map((stored) =>
        (stored?.document.parts ?? []).flatMap(({ name, zones }) =>
          zones
            .filter(({ stack, target }) => stack.length > 0 && target.kind !== 'keep')
            .map((zone) => ({ value: zone.id, label: `${name}, ${zone.name}` })),
        ),
      ),
    ),
    { initialValue: [] },
  );

  constructor() {
    this.store.dispatch(JobActions.listRequested({ query: { search: '', shelf: 'open', page: 1 } }));
  }

  protected pick(job: string): void {
    this.job.set(job);
    this.zone.set(null);
    this.picked.next(job);
  }

  /** Empty: no class. What is no number from 0 on is not taken, and stays to be mended. */
  protected setClass(text: string): void {
    this.classText.set(text);
    const number = Number(text);
    if (text.trim() === '') this.classSeed.set(null);
    else if (this.classWrong() === null) this.classSeed.set(number);
  }

  protected forget(): void {
    this.api.forget(this.who.name()).subscribe(() => this.again.next());
  }
}

const drawSeed = (): number => Math.floor(Math.random() * MOST_SEED);
