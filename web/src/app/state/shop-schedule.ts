import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Job } from '@lift-bare/core';
import { withRun } from '@lift-bare/core/before-planning';
import { catchError, debounceTime, forkJoin, map, of, switchMap, type Observable } from 'rxjs';
import { Api, type JobSummary } from '../api/api';
import { NOT_YET, ScheduleClient, type ScheduleState } from '../workers/schedule-client';
import { benchFeature } from './bench.reducer';
import { shopFeature } from './shop.reducer';
import { toShop } from './shop-time';

/** Jobs that are laid out together; more are not open at a time in a shop of this kind. */
const MOST = 20;
/** ms after the last tap before all is laid out anew. */
const SETTLE = 100;

export interface ShopState extends ScheduleState {
  readonly jobs: readonly { readonly id: string; readonly job: Job }[];
  /** open jobs that are not laid out */
  readonly left: number;
}
export const SHOP_NOT_YET: ShopState = { ...NOT_YET, jobs: [], left: 0 };

/** All open jobs of the shop on one calendar, with the people and hours that it has. */
@Injectable({ providedIn: 'root' })
export class ShopSchedule {
  private readonly api = inject(Api);
  private readonly client = inject(ScheduleClient);
  private readonly store = inject(Store);
  private readonly runs = this.store.select(benchFeature.selectRuns).pipe(debounceTime(SETTLE));
  private readonly time = this.store.selectSignal(benchFeature.selectTime);

  readonly now = (): number => toShop(this.time(), Date.now());

  /** Made anew for each who asks, and when the shop changes; the jobs as they are stored. */
  open(): Observable<ShopState> {
    return this.store.select(shopFeature.selectDocument).pipe(
      switchMap((shop) =>
        this.stored().pipe(
          switchMap((stored) =>
            this.runs.pipe(map((runs) => ({ ...stored, jobs: stored.jobs.map(({ id, job }) => ({ id, job: withRun(job, runs[id] ?? null) })) }))),
          ),
          switchMap(({ jobs, left }) => {
            const state: Observable<ScheduleState> = jobs.length === 0 ? of({ ...NOT_YET, busy: false }) : this.client.of(jobs, shop, this.now());
            return state.pipe(map((own): ShopState => ({ ...own, jobs, left })));
          }),
          catchError(() => of<ShopState>({ ...SHOP_NOT_YET, busy: false, trouble: 'The server is not reached; the jobs stand there.' })),
        ),
      ),
    );
  }

  private stored(): Observable<Pick<ShopState, 'jobs' | 'left'>> {
    return this.api.listJobs().pipe(
      switchMap(({ jobs: all, counts }) => {
        const open = all.filter(isOpen);
        const taken = open.slice(0, MOST).map(({ id }) => this.api.getJob(id).pipe(map(({ document }) => ({ id, job: document }))));
        return (taken.length === 0 ? of([]) : forkJoin(taken)).pipe(
          map((jobs) => ({ jobs, left: open.length - taken.length + counts.open - all.length })),
        );
      }),
    );
  }
}

/** Anything to do in it, as far as it is known. */
const isOpen = ({ figures, fault }: JobSummary): boolean => fault === null && figures?.zones !== 0;
