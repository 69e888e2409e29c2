import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { applyMethods, releaseMethods, type JobChoice, type KitSaving, type PortfolioProgress, type MethodSet } from '@lift-bare/core';
import { Subject } from 'rxjs';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { drawnOf } from '../../ui/drawn';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';

/** The best set of methods for the whole job, where deliveries, tub and tools are shared; other sets and what they cost more. */
@Component({
  selector: 'lb-whole-job',
  imports: [NzTableModule, RouterLink],
  templateUrl: './whole-job.html',
  styleUrl: './whole-job.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WholeJob {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly planner = inject(PlannerClient);
  private readonly stopping = new Subject<void>();

  protected readonly progress = signal<PortfolioProgress | null>(null);
  protected readonly choice = signal<JobChoice | null>(null);
  protected readonly trouble = signal<string | null>(null);
  protected readonly savings = signal<readonly KitSaving[] | null>(null);
  protected readonly shown = signal(0);
  protected readonly set = computed((): MethodSet | null => this.choice()?.sets[this.shown()] ?? null);
  protected readonly plan = this.context.plan;
  /** choices that are kept while the rest is chosen */
  protected readonly pins = computed(
    () => this.context.job()?.parts.flatMap((part) => part.zones.filter(({ choice }) => choice?.by === 'hand').map(({ id }) => id)) ?? [],
  );
  protected readonly written = computed(
    () => this.context.job()?.parts.some((part) => part.zones.some(({ choice }) => choice?.by === 'whole-job')) ?? false,
  );
  protected readonly rows = computed(() =>
    (this.plan()?.zones ?? []).map((zone) => {
      const method = this.set()?.methods.find((picked) => picked.zone === zone.zone) ?? null;
      return {
        zone,
        method,
        same: method !== null && method.method === zone.chosen?.method && method.at === zone.chosen.at,
        pinned: this.pins().includes(zone.zone),
      };
    }),
  );
  protected readonly drawn = drawnOf(() => this.rows().length, 12);
  protected readonly inUse = computed(() => this.rows().every(({ method, same }) => method === null || same));

  constructor() {
    effect((onCleanup) => {
      const job = this.context.job();
      const shop = this.context.shop();
      if (!job || job.parts.length === 0) return;
      this.progress.set(null);
      this.trouble.set(null);
      const asking = this.planner.run('choose', { job, shop }, this.stopping).subscribe((report) => {
        if (report.kind === 'progress') this.progress.set(report.value);
        else if (report.kind === 'failed') this.trouble.set(report.reason);
        else {
          this.choice.set(report.value);
          this.shown.update((i) => Math.min(i, report.value.sets.length - 1));
        }
        if (report.kind !== 'progress') this.progress.set(null);
      });
      const saving = this.planner.run('kit', { job, shop }).subscribe((report) => {
        if (report.kind === 'done') this.savings.set(report.value);
      });
      onCleanup(() => {
        asking.unsubscribe();
        saving.unsubscribe();
      });
    });
  }

  protected sharesText = ({ shares }: MethodSet): string => shares.map(this.units.inline).join(', ');
  protected stop = (): void => this.stopping.next();

  protected use(set: MethodSet): void {
    this.context.edit('whole job', (job) => applyMethods(job, new Map(set.methods.map((picked) => [picked.zone, picked]))));
  }

  protected release = (): void => this.context.edit('whole job', releaseMethods);

  protected pin(zoneId: string, pinned: boolean): void {
    this.context.edit('pin', (job) => ({
      ...job,
      parts: job.parts.map((part) => ({
        ...part,
        zones: part.zones.map((zone) => {
          if (zone.id !== zoneId) return zone;
          if (!pinned) return { ...zone, choice: null };
          const chosen = this.plan()?.zones.find((plan) => plan.zone === zoneId)?.chosen;
          return chosen
            ? { ...zone, choice: { method: chosen.method, at: chosen.at, reason: zone.choice?.reason ?? '', by: 'hand' as const } }
            : zone;
        }),
      })),
    }));
  }
}
