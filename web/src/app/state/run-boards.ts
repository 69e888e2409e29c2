import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  CATALOGUE,
  planInSlices,
  runClocks,
  runNetwork,
  type Experience,
  type Job,
  type MixTimes,
  type Plan,
  type Run,
  type RunClock,
  type RunNetwork,
  type Shop,
} from '@lift-bare/core';
import { BenchActions } from './bench.actions';
import { benchFeature } from './bench.reducer';
import { inSlices } from './in-slices';
import { JobActions } from './job.actions';
import { jobsFeature } from './job.reducer';
import { shopFeature } from './shop.reducer';
import { withSeen } from './with-seen';

/** A job that runs, with the plan that it follows. */
export interface RunBoard {
  readonly run: Run;
  readonly job: Job;
  readonly plan: Plan;
  readonly network: RunNetwork;
  readonly clocks: readonly RunClock[];
}

interface Planned {
  readonly job: Job;
  readonly profile: Shop;
  readonly experience: Experience | undefined;
  readonly plan: Plan;
}

/** Every job that runs with its steps and clocks, on this screen alone: also without the server. */
@Injectable({ providedIn: 'root' })
export class RunBoards {
  private readonly store = inject(Store);
  private readonly runs = this.store.selectSignal(benchFeature.selectRuns);
  private readonly jobs = this.store.selectSignal(jobsFeature.selectEntities);
  private readonly profile = this.store.selectSignal(shopFeature.selectDocument);
  private readonly experience = this.store.selectSignal(benchFeature.selectExperience);
  private readonly planned = signal<Readonly<Record<string, Planned>>>({});
  private readonly open = computed(() => Object.values(this.runs()).filter(({ handedOver }) => handedOver === null));

  readonly all = computed(() =>
    this.open().flatMap((run): RunBoard[] => {
      const planned = this.planned()[run.job];
      if (!planned) return [];
      const { job, plan } = planned;
      const network = runNetwork(plan.operations, run);
      return [{ run, job, plan, network, clocks: runClocks(network, run, mixTimes(plan)) }];
    }),
  );
  /** jobs that run and are not read or planned yet */
  readonly coming = computed(() => this.open().length - this.all().length);

  constructor() {
    this.store.dispatch(BenchActions.joined());
    effect(() => {
      for (const { job } of this.open()) {
        if (untracked(() => this.jobs())[job]) continue;
        this.store.dispatch(JobActions.openRequested({ id: job }));
        this.store.dispatch(BenchActions.experienceRequested({ jobId: job }));
      }
    });
    effect((onCleanup) => {
      const known = untracked(() => this.planned());
      for (const { job: id } of this.open()) {
        const job = this.jobs()[id]?.history.present;
        const [profile, experience] = [this.profile(), this.experience()[id]];
        const last = known[id];
        if (!job || (last && last.job === job && last.profile === profile && last.experience === experience)) continue;
        const work = planInSlices(job, withSeen(profile, experience), CATALOGUE);
        onCleanup(inSlices(work, (plan) => this.planned.update((all) => ({ ...all, [id]: { job, profile, experience, plan } }))));
      }
    });
  }
}

const mixTimes = ({ zones }: Plan): ReadonlyMap<string, MixTimes> =>
  new Map(zones.flatMap(({ build }) => build?.coats.map((coat) => [coat.product, coat] as const) ?? []));
