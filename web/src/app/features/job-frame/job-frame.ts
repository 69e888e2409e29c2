import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { COMMAND_KEYS, stageForKey } from './keys';
import { KeyHelp } from './key-help';
import { ConflictNote } from './conflict-note';
import { DecisionNotes } from './decision-notes';
import { StageNow } from './stage-now';
import { NextButton } from './next-button';
import { PartList } from './part-list';
import { PlanSaid } from './plan-said';
import { SaveMark } from './save-mark';
import { WindowNote } from './window-note';
import { benchFeature } from '../../state/bench.reducer';
import { OfferBook } from '../../state/offer-book';
import { JobContext } from '../../state/job-context';
import { IntoView } from '../../ui/into-view';
import { ToastBar } from '../../ui/toast-bar';
import { Toasts } from '../../ui/toast.service';
import { ThemeService } from '../../ui/theme.service';
import { OpenQuestions } from '../../state/open-questions';
import { PaletteState } from '../../ui/palette/palette-state';
import { Narrow } from '../../ui/narrow.service';
import { Units } from '../../ui/units.service';
import { STAGES } from '../../ui/words';
import { WhoField } from '../../ui/who-field';

/** The frame of an open job: order of work across the top, parts at the left, state and units at the foot. */
@Component({
  selector: 'lb-job-frame',
  imports: [
    WhoField,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    PartList,
    IntoView,
    SaveMark,
    KeyHelp,
    ConflictNote,
    ToastBar,
    WindowNote,
    DecisionNotes,
    PlanSaid,
    NextButton,
  ],
  templateUrl: './job-frame.html',
  styleUrl: './job-frame.css',
  providers: [JobContext, OfferBook, OpenQuestions, StageNow],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'pressed($event)' },
})
export class JobFrame {
  readonly jobId = input.required<string>();
  readonly zone = input<string>();

  protected readonly context = inject(JobContext);
  protected readonly narrow = inject(Narrow).is;
  private readonly palette = inject(PaletteState);
  protected readonly units = inject(Units);
  protected readonly stage = inject(StageNow).stage;
  protected readonly theme = inject(ThemeService);
  protected readonly offers = inject(OfferBook);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  protected readonly words = STAGES;
  protected readonly stages = computed(() => this.context.plan()?.stages ?? []);
  protected readonly helpOpen = signal(false);
  private readonly onBench = inject(Store).selectSignal(benchFeature.selectTimers);
  protected readonly timers = computed(() => this.onBench().filter(({ issued, done }) => issued.job === this.jobId() && !done).length);

  protected readonly recorded = computed(() => {
    const run = this.context.run();
    if (run === null) return 'not started';
    return run.handedOver === null ? `${run.works.size} ${run.works.size === 1 ? 'step' : 'steps'}` : 'handed over';
  });

  protected readonly paperState = computed(() => {
    const [last] = this.offers.papers();
    return last ? `${last.kind} ${last.state}` : 'nothing sent';
  });

  constructor() {
    effect(() => this.context.load(this.jobId()));
    effect(() => void this.offers.load(this.jobId()));
    effect(() => this.context.zoneId.set(this.zone() ?? null));
  }

  protected pressed(event: KeyboardEvent): void {
    const command = COMMAND_KEYS.find(({ matches }) => matches(event));
    if (command) {
      event.preventDefault();
      this.run(command.name);
    }
    const stage = stageForKey(event);
    if (stage) void this.router.navigate(['/jobs', this.jobId(), stage], { queryParamsHandling: 'preserve' });
  }

  private run(name: (typeof COMMAND_KEYS)[number]['name']): void {
    if (name === 'undo') this.undo();
    if (name === 'redo') this.redo();
    if (name === 'bench') void this.router.navigate(['/bench'], { queryParams: { job: this.jobId() } });
    if (name === 'find') this.palette.show();
    if (name === 'help') this.helpOpen.update((open) => !open);
    if (name === 'next' || name === 'previous') this.step(name === 'next' ? 1 : -1);
  }

  /** Says what was taken back, also where it is out of sight. */
  protected undo(): void {
    const what = this.context.lastChange();
    this.context.undo();
    if (what !== null) this.toasts.say(`Undone: ${what}`, { label: 'Redo', run: () => this.redo() });
  }

  protected redo(): void {
    const what = this.context.nextChange();
    this.context.redo();
    if (what !== null) this.toasts.say(`Done again: ${what}`, { label: 'Undo', run: () => this.undo() });
  }

  private step(by: 1 | -1): void {
    const zones = this.context.job()?.parts.flatMap((part) => part.zones.map(({ id }) => id)) ?? [];
    const at = zones.indexOf(this.context.zoneId() ?? '');
    const next = zones[(at + by + zones.length) % Math.max(zones.length, 1)];
    if (next) void this.router.navigate([], { queryParams: { zone: next } });
  }
}
