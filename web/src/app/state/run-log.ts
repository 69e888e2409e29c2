import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BenchEvent, Run, RunEntry } from '@lift-bare/core';
import { BenchActions } from './bench.actions';
import { benchFeature } from './bench.reducer';
import { newEvent } from './new-event';
import { toShop } from './shop-time';
import { Who } from './who';

/** Says things of jobs that run: each an event that is kept here until the server has it. */
@Injectable({ providedIn: 'root' })
export class RunLog {
  private readonly store = inject(Store);
  private readonly who = inject(Who);
  private readonly time = this.store.selectSignal(benchFeature.selectTime);

  /** @returns id of the event */
  say(job: string, run: RunEntry, note = ''): string {
    return this.put({ ...newEvent(job, 'run', this.now(), this.who.name()), run, note }, Date.now());
  }

  takeBack(job: string, target: string): void {
    this.put({ ...newEvent(job, 'taken-back', this.now(), this.who.name()), target }, Date.now());
  }

  /** Another beginning or end of work. @param at ms */
  correct(run: Run, work: string, end: 'from' | 'to', at: number): void {
    const said = saidOf(run, work, end === 'from' ? 'begun' : 'done');
    if (said) this.put({ ...newEvent(run.job, 'moved', at, this.who.name()), target: said.id }, null);
  }

  /** Work that was not done, or not begun, after all: the last that was said of it. */
  takeWorkBack(run: Run, work: string): void {
    const said = saidOf(run, work, 'done') ?? saidOf(run, work, 'begun');
    if (said) this.takeBack(run.job, said.id);
  }

  private now = (): number => toShop(this.time(), Date.now());

  private put(event: BenchEvent, device: number | null): string {
    this.store.dispatch(BenchActions.tapped({ queued: [{ event, device }] }));
    return event.id;
  }
}

const saidOf = ({ log }: Run, work: string, what: 'begun' | 'done'): BenchEvent | undefined =>
  log.findLast(({ event: { run }, ignored }) => ignored === null && run?.what === what && run.work === work)?.event;
