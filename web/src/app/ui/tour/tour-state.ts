import { Injectable, signal } from '@angular/core';

const KEY = 'lift-bare.tour';

/** Whether somebody is being shown round, and whether it was offered here before. */
@Injectable({ providedIn: 'root' })
export class TourState {
  /** the step that is shown; null: nobody is shown round */
  readonly step = signal<number | null>(null);
  private readonly seen = signal(localStorage.getItem(KEY) !== null);
  /** it is offered once */
  readonly offered = this.seen.asReadonly();

  start = (): void => this.step.set(0);

  /** Taken, or not wanted: it is not offered here again. */
  end(): void {
    this.step.set(null);
    this.seen.set(true);
    localStorage.setItem(KEY, 'seen');
  }
}
