import { inject, Injectable } from '@angular/core';
import type { Job, Schedule, Shop } from '@lift-bare/core';
import { map, type Observable, scan } from 'rxjs';
import { PlannerClient } from './planner-client';

export interface ScheduleState {
  readonly schedule: Schedule | null;
  readonly busy: boolean;
  readonly trouble: string | null;
}
export const NOT_YET: ScheduleState = { schedule: null, busy: true, trouble: null };

/** Schedules made in the worker: the first at once, better ones as they are found. */
@Injectable({ providedIn: 'root' })
export class ScheduleClient {
  private readonly planner = inject(PlannerClient);

  /** @param now ms; nothing begins before it */
  of(jobs: readonly { readonly id: string; readonly job: Job }[], shop: Shop, now: number): Observable<ScheduleState> {
    return this.planner.run('schedule', { jobs, shop, now }).pipe(
      map((report): ScheduleState =>
        report.kind === 'failed'
          ? { schedule: null, busy: false, trouble: report.reason }
          : { schedule: report.value, busy: report.kind === 'progress', trouble: null },
      ),
      scan((before, next) => ({ ...next, schedule: next.schedule ?? before.schedule }), NOT_YET),
    );
  }
}
