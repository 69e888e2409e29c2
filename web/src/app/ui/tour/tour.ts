import { ChangeDetectionStrategy, Component, computed, effect, inject, linkedSignal, type OnDestroy } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { jobsFeature } from '../../state/job.reducer';
import { addressOf, TOUR_STEPS } from './tour-steps';
import { TourState } from './tour-state';

/** ms between two looks for what a step points at, and how often. */
const [LOOK, LOOKS] = [120, 40];
const POINTED = 'lb-pointed';

/** Six steps from the door to the bench, once: a card that leads, and a ring round what it speaks of. */
@Component({
  selector: 'lb-tour',
  template: `
    @if (shown(); as step) {
      <section role="dialog" aria-modal="false" aria-labelledby="tour-title">
        <p class="count">Step {{ (state.step() ?? 0) + 1 }} of {{ steps.length }}</p>
        <h2 id="tour-title">{{ step.title }}</h2>
        <p>{{ step.says }}</p>
        <p class="acts">
          @if (state.step()! > 0) { <button type="button" class="btn quiet" (click)="go(-1)">Back</button> }
          @if (last()) { <button type="button" class="btn" (click)="end()">Done</button> } @else { <button type="button" class="btn" (click)="go(1)">Next step</button> <button type="button" class="btn plain" (click)="end()">Leave the tour</button> }
        </p>
      </section>
    }
  `,
  styles: `
    section { position: fixed; right: 18px; bottom: 54px; z-index: 900; width: min(360px, calc(100vw - 24px)); padding: 16px 18px; background: var(--ink); color: var(--ground); border-radius: 6px; box-shadow: var(--shadow); }
    h2 { margin: 2px 0 6px; color: inherit; }
    p { margin: 0 0 10px; }
    .count { font-size: 12.5px; opacity: 0.8; margin: 0; }
    .acts { display: flex; gap: 8px; margin: 12px 0 0; }
    .acts .quiet, .acts .plain { color: inherit; background: none; border-color: currentColor; }
    @media (max-width: 640px) { section { right: 12px; bottom: 70px; } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Tour implements OnDestroy {
  protected readonly state = inject(TourState);
  private readonly router = inject(Router);
  private readonly store = inject(Store);
  private readonly list = this.store.selectSignal(jobsFeature.selectList);
  private readonly jobs = this.store.selectSignal(jobsFeature.selectEntities);
  protected readonly steps = TOUR_STEPS;
  protected readonly shown = computed(() => TOUR_STEPS[this.state.step() ?? -1] ?? null);
  protected readonly last = computed(() => this.state.step() === TOUR_STEPS.length - 1);
  private looking: ReturnType<typeof setInterval> | undefined;
  /** the first job of the list as soon as it is there: it stays the same through all of the tour */
  private readonly job = linkedSignal<{ readonly on: boolean; readonly first: string | null }, string | null>({
    source: () => ({ on: this.state.step() !== null, first: this.list().jobs[0]?.id ?? null }),
    computation: ({ on, first }, before) => (on ? (before?.value ?? first) : null),
  });
  private readonly address = computed(() => {
    const [step, job] = [this.shown(), this.job()];
    const zone = this.jobs()[job ?? '']?.history.present.parts[0]?.zones[0]?.id ?? null;
    return step ? addressOf(step, job, zone) : null;
  });

  constructor() {
    effect(() => {
      const [step, address] = [this.shown(), this.address()];
      this.unpoint();
      if (step && address !== null) void this.router.navigateByUrl(address).then(() => this.point(step.at));
    });
  }

  ngOnDestroy(): void {
    this.unpoint();
  }

  protected go = (by: 1 | -1): void => this.state.step.update((at) => (at ?? 0) + by);
  protected end = (): void => this.state.end();

  /** What a page shows comes a moment after it. */
  private point(at: string): void {
    let looks = 0;
    clearInterval(this.looking);
    this.looking = setInterval(() => {
      const found = document.querySelector(at);
      if (found || ++looks > LOOKS) clearInterval(this.looking);
      found?.classList.add(POINTED);
      found?.scrollIntoView({ block: 'nearest' });
    }, LOOK);
  }

  private unpoint(): void {
    clearInterval(this.looking);
    document.querySelectorAll(`.${POINTED}`).forEach((one) => one.classList.remove(POINTED));
  }
}
