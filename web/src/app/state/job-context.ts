import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  CATALOGUE,
  changesText,
  equipped,
  gatherFacts,
  methodOf,
  planInSlices,
  readEdited,
  remedied,
  withOwnRows,
  withRun,
  type DocumentIssue,
  type Job,
  type Method,
  type Part,
  type Plan,
  type Remedy,
  type Zone,
  type ZoneFacts,
  type ZonePlan,
} from '@lift-bare/core';
import { updatePart, updateZone } from './document-edits';
import { BenchActions } from './bench.actions';
import { benchFeature } from './bench.reducer';
import { JobActions } from './job.actions';
import { jobsFeature, type OpenJob } from './job.reducer';
import { inSlices } from './in-slices';
import { ShopActions } from './shop.actions';
import { shopFeature } from './shop.reducer';
import { toShop } from './shop-time';
import { withSeen } from './with-seen';

/** Everything the stages of one open job share: document, plan, the zone looked at, and the way to change the document. */
@Injectable()
export class JobContext {
  private readonly store = inject(Store);
  readonly jobId = signal('');
  /** from the address; may name a zone that is gone */
  readonly zoneId = signal<string | null>(null);
  /** the last edit that the schema refused */
  readonly refused = signal<DocumentIssue | null>(null);

  private readonly entities = this.store.selectSignal(jobsFeature.selectEntities);
  private readonly profile = this.store.selectSignal(shopFeature.selectDocument);
  private readonly experience = this.store.selectSignal(benchFeature.selectExperience);
  /** the profile with the dwells that were watched: what this job is planned with */
  readonly shop = computed(() => withSeen(this.profile(), this.experience()[this.jobId()]));
  /** the catalogue with the shop's own rows */
  readonly catalogue = computed(() => withOwnRows(CATALOGUE, this.shop().ownRows));
  /** what the probe has read, oldest first */
  readonly readings = this.store.selectSignal(benchFeature.selectReadings);
  private readonly time = this.store.selectSignal(benchFeature.selectTime);
  /** ms, by the clock of the shop */
  now = (): number => toShop(this.time(), Date.now());
  /** when the job is handed over, as the schedule of this visit has it; null: not laid out yet */
  readonly handOver = signal<string | null>(null);
  readonly open = computed<OpenJob | null>(() => this.entities()[this.jobId()] ?? null);
  readonly job = computed(() => this.open()?.history.present ?? null);
  private readonly runs = this.store.selectSignal(benchFeature.selectRuns);
  /** the job under way; null: not started */
  readonly run = computed(() => this.runs()[this.jobId()] ?? null);
  /** the document with what has happened of it: what dates are made from */
  readonly worked = computed(() => {
    const job = this.job();
    return job && withRun(job, this.run());
  });
  /** follows document and shop; a large job is planned in slices, and until then the last plan stands */
  readonly plan = signal<Plan | null>(null);

  readonly part = computed<Part | null>(() => this.job()?.parts.find((part) => part.zones.some(({ id }) => id === this.zoneId())) ?? null);
  readonly zone = computed<Zone | null>(() => this.part()?.zones.find(({ id }) => id === this.zoneId()) ?? null);
  readonly zonePlan = computed<ZonePlan | null>(() => this.plan()?.zones.find(({ zone }) => zone === this.zoneId()) ?? null);

  /** the row of the method that is planned, the shop's own rows too */
  readonly method = computed<Method | null>(() => methodOf(this.zonePlan()?.chosen ?? null, this.catalogue()));

  /** of the zone alone, but with the whole job behind it: patches of other zones count too */
  readonly facts = computed<ZoneFacts | null>(() => {
    const [job, part, zone] = [this.job(), this.part(), this.zone()];
    if (!job || !part || !zone) return null;
    const [facts] = gatherFacts({ ...job, parts: [{ ...part, zones: [zone] }] }, this.shop(), this.catalogue());
    return facts ? { ...facts, job } : null;
  });

  constructor() {
    effect((onCleanup) => {
      const job = this.job();
      // Planned once it is known what was seen before: not twice, and not on less than is known.
      if (job && this.experience()[this.jobId()] === undefined) return;
      if (job) onCleanup(inSlices(planInSlices(job, this.shop(), CATALOGUE), (plan) => this.plan.set(plan)));
      else this.plan.set(null);
    });
  }

  /** Replace the document. `field` names what is typed in, so that typing on is one step of undo. */
  edit(field: string, change: (job: Job) => Job): void {
    const job = this.job();
    if (!job) return;
    const next = change(job);
    const read = readEdited(job, next);
    this.refused.set(read.ok ? null : (read.issues[0] ?? null));
    if (read.ok)
      this.store.dispatch(JobActions.edited({ id: this.jobId(), document: next, field: `${this.zoneId() ?? ''} ${field}`, at: Date.now() }));
  }

  editPart(field: string, change: (part: Part) => Part): void {
    const part = this.part();
    if (part) this.edit(field, (job) => updatePart(job, part.id, change));
  }

  editZone(field: string, change: (zone: Zone) => Zone): void {
    const zone = this.zone();
    if (zone) this.edit(field, (job) => updateZone(job, zone.id, change));
  }

  /** One touch: the change that takes a stop away, in the job or in the shop. */
  take(remedy: Remedy, reason: string): void {
    const shop = this.profile();
    const changed = equipped(shop, remedy);
    if (changed !== shop) this.store.dispatch(ShopActions.edited({ document: changed }));
    else this.edit('way out', (job) => remedied(job, remedy, reason));
  }

  /** what undo takes back, in words; null: nothing */
  readonly lastChange = computed(() => {
    const history = this.open()?.history;
    const before = history?.past.at(-1);
    return history && before ? changesText(before, history.present) || 'order' : null;
  });
  readonly nextChange = computed(() => {
    const history = this.open()?.history;
    const after = history?.future[0];
    return history && after ? changesText(history.present, after) || 'order' : null;
  });
  undo = (): void => this.store.dispatch(JobActions.undone({ id: this.jobId() }));
  redo = (): void => this.store.dispatch(JobActions.redone({ id: this.jobId() }));
  settle = (document: Job): void => this.store.dispatch(JobActions.settled({ id: this.jobId(), document }));
  bringBack = (): void => this.store.dispatch(JobActions.broughtBack({ id: this.jobId() }));
  takeTheirs = (): void => this.store.dispatch(JobActions.tookTheirs({ id: this.jobId() }));

  /** Reads the job unless it is already open here with its history. */
  load(id: string): void {
    this.jobId.set(id);
    this.handOver.set(null);
    this.store.dispatch(BenchActions.joined());
    this.store.dispatch(BenchActions.recordRequested({ jobId: id }));
    this.store.dispatch(BenchActions.experienceRequested({ jobId: id }));
    if (!this.entities()[id]) this.store.dispatch(JobActions.openRequested({ id }));
  }

  readonly missing = computed(() => this.missingIds().includes(this.jobId()));
  private readonly missingIds = this.store.selectSignal(jobsFeature.selectMissing);
}
