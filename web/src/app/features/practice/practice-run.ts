import { ChangeDetectionStrategy, Component, computed, effect, inject, input, numberAttribute, signal, untracked } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { drawSign, type CaseChoice, type PracticeRun } from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { catchError, combineLatest, map, of, switchMap } from 'rxjs';
import { Api } from '../../api/api';
import { shopFeature } from '../../state/shop.reducer';
import { ChoiceField } from '../../ui/choice-field';
import { ThemeService } from '../../ui/theme.service';
import { Units } from '../../ui/units.service';
import { actionWords, choicesOf, TEST_WORDS, type Choice } from './action-words';
import { FacePicture } from './face-picture';
import { PracticeBench } from './practice-bench';
import { PracticeDebrief } from './practice-debrief';
import { seenWords } from './seen-words';
import { SignShapes } from './sign-shapes';

const SPEEDS = [10, 60, 240] as const;
const SKIPS = [1, 5, 15, 60] as const;

/** The practice bench: the face, what can be done to it, and a clock that does not wait. */
@Component({
  selector: 'lb-practice-run',
  imports: [RouterLink, FacePicture, SignShapes, PracticeDebrief, ChoiceField, NzSwitchModule, FormsModule],
  providers: [PracticeBench],
  templateUrl: './practice-run.html',
  styleUrl: './practice-run.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PracticeRunPage {
  /** from the address: a case of the book, or a job and its zone; neither: drawn */
  readonly case = input<string>();
  readonly job = input<string>();
  readonly zone = input<string>();
  readonly seed = input(1, { transform: (value: unknown) => whole(value, 0, 999_999, 1) });
  readonly level = input(1, { transform: (value: unknown) => whole(value, 1, 5, 1) });

  protected readonly play = inject(PracticeBench);
  protected readonly units = inject(Units);
  protected readonly theme = inject(ThemeService);
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  private readonly shopVersion = this.store.selectSignal(shopFeature.selectVersion);
  protected readonly trouble = signal<string | null>(null);
  protected readonly speeds = SPEEDS;
  protected readonly skips = SKIPS;
  protected readonly testWords = TEST_WORDS;

  private readonly choice = toSignal(
    combineLatest([toObservable(this.case), toObservable(this.job), toObservable(this.zone)]).pipe(
      switchMap(([id, job, zone]) => {
        if (id !== undefined) return of<CaseChoice>({ kind: 'book', id });
        if (job === undefined || zone === undefined) return of<CaseChoice>({ kind: 'drawn' });
        return this.api.getJob(job).pipe(
          map(({ document }): CaseChoice => ({ kind: 'own', job: document, zone })),
          catchError(() => {
            this.trouble.set('The job is not reached.');
            return of(null);
          }),
        );
      }),
    ),
    { initialValue: null },
  );
  protected readonly can = computed(() => {
    const practice = this.play.practice();
    return practice && choicesOf(practice);
  });
  protected readonly covered = signal(false);
  protected readonly primer = signal<string | null>(null);
  protected readonly busy = computed(() => this.play.seen()?.stripper !== null);
  protected readonly words = computed(() => {
    const seen = this.play.seen();
    return seen ? seenWords(seen).join(', ') : '';
  });
  protected readonly clock = computed(() => clockText(this.play.now()));
  protected readonly log = computed(() => {
    const practice = this.play.practice();
    return practice
      ? this.play
          .events()
          .map(({ at, action }) => ({ at: clockText(at), what: actionWords(practice, action) }))
          .toReversed()
      : [];
  });
  protected readonly said = computed(() => (this.play.seen()?.said ?? []).toReversed());
  protected readonly run = computed((): PracticeRun | null => {
    const choice = this.choice();
    return choice && this.play.over() ? { choice, seed: this.seed(), level: this.level(), events: [...this.play.events()] } : null;
  });

  constructor() {
    effect(() => {
      const choice = this.choice();
      const [seed, level] = [this.seed(), this.level()];
      // An own job goes by the figures of the shop, which may not be here yet.
      if (choice && (choice.kind !== 'own' || this.shopVersion() > 0)) untracked(() => this.setUp(choice, seed, level));
    });
  }

  private setUp(choice: CaseChoice, seed: number, level: number): void {
    try {
      this.play.setUp(`${this.case() ?? this.zone() ?? 'drawn'} ${seed} ${level}`, choice, seed, level, this.shop());
    } catch (error) {
      this.trouble.set(error instanceof Error ? error.message : String(error));
    }
  }

  protected off({ free, laid }: Choice): boolean {
    return !this.play.running() || (free && this.busy()) || (laid && !this.busy());
  }

  protected prime(): void {
    const primer = this.primer();
    if (primer !== null) this.play.do({ does: 'prime', primer });
  }

  protected readonly at = clockText;
  protected readonly drawn = drawSign;
}

/** A whole number of the address within bounds, else the usual one. */
function whole(value: unknown, least: number, most: number, usual: number): number {
  const number = Math.round(numberAttribute(value, usual));
  return number >= least && number <= most ? number : usual;
}

/** Minutes of the bench clock as hours, minutes and seconds. */
function clockText(minutes: number): string {
  const seconds = Math.floor(minutes * 60);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${Math.floor(seconds / 3600)}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`;
}
