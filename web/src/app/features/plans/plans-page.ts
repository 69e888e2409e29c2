import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { RouterLink } from '@angular/router';
import { dayText, keepPlan, takePlan, withOption, type Job, type KeptPlan, type PlanBeside } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { Subject } from 'rxjs';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { OfferBook } from '../../state/offer-book';
import { ShopNow } from '../../state/shop-now';
import { isoOf } from '../../state/shop-time';
import { TextField } from '../../ui/text-field';
import { Toasts } from '../../ui/toast.service';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';
import { planRows } from './plan-rows';

/** Kept plans of one job, as its schema has it. */
const MOST_KEPT = 4;
/** Zones that are named in one cell. */
const MOST_NAMED = 4;

/** The plan that holds beside those that were kept and those that the quote offers, by their figures; one of them can be taken over. */
@Component({
  selector: 'lb-plans-page',
  imports: [NzTableModule, RouterLink, TextField],
  templateUrl: './plans-page.html',
  styleUrls: ['../../ui/page.css', './plans-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlansPage {
  private readonly context = inject(JobContext);
  private readonly planner = inject(PlannerClient);
  private readonly offers = inject(OfferBook);
  private readonly now = inject(ShopNow);
  private readonly toasts = inject(Toasts);
  protected readonly units = inject(Units);
  private readonly stopping = new Subject<void>();

  protected readonly most = MOST_KEPT;
  protected readonly mostNamed = MOST_NAMED;
  protected readonly name = signal('');
  protected readonly plans = signal<readonly PlanBeside[]>([]);
  /** share that is worked out; null: all of it */
  protected readonly progress = signal<number | null>(null);
  protected readonly percent = computed(() => Math.round(100 * (this.progress() ?? 1)));
  protected readonly trouble = signal<string | null>(null);
  protected readonly rows = computed(() => planRows(this.plans(), this.units));
  private readonly kept = computed((): readonly KeptPlan[] => this.context.job()?.plans ?? []);
  protected readonly full = computed(() => this.kept().length >= MOST_KEPT);

  constructor() {
    effect(() => void this.offers.load(this.context.jobId()));
    effect((onCleanup) => {
      const job = this.context.job();
      const { options } = this.offers.terms();
      if (!job || job.parts.length === 0) return this.plans.set([]);
      const input = { job, options, shop: this.context.shop(), now: untracked(this.now.slow) };
      this.trouble.set(null);
      this.progress.set(0);
      const asking = this.planner.run('sideBySide', input, this.stopping).subscribe((report) => {
        this.progress.set(report.kind === 'progress' ? report.value : null);
        if (report.kind === 'failed') this.trouble.set(report.reason);
        if (report.kind === 'done') this.plans.set(report.value);
      });
      onCleanup(() => asking.unsubscribe());
    });
  }

  protected stop = (): void => this.stopping.next();
  protected day = ({ id }: PlanBeside): string => dayText(Date.parse(this.kept().find((plan) => plan.id === id)?.at ?? ''));

  protected keep(): void {
    const name = this.name().trim() || `Plan ${'ABCDEFGH'[this.kept().length] ?? ''}`.trim();
    this.context.edit('keep plan', (job) => ({ ...job, plans: [...job.plans, keepPlan(job, this.named(name))] }));
    this.name.set('');
    this.toasts.say(`${name} is kept. Change the plan, and compare.`, { label: 'Undo', run: this.context.undo });
  }

  protected take({ id, kind, name }: PlanBeside): void {
    const before = this.named(`Before ${name}`.slice(0, 80));
    const change = this.offers.terms().options.find((option) => option.id === id)?.change;
    this.context.edit('take over', (job) => {
      if (kind === 'kept') return takePlan(job, id ?? '', before);
      const plan = this.context.plan();
      return change && plan ? ({ ...withOption(job, change, plan), plans: [...job.plans, keepPlan(job, before)] } satisfies Job) : job;
    });
    this.toasts.say(`${name} holds now. What held before is kept as “${before.name}”.`, { label: 'Undo', run: this.context.undo });
  }

  protected drop({ id, name }: PlanBeside): void {
    this.context.edit('drop plan', (job) => ({ ...job, plans: job.plans.filter((plan) => plan.id !== id) }));
    this.toasts.say(`${name} removed.`, { label: 'Undo', run: this.context.undo });
  }

  private named = (name: string): Pick<KeptPlan, 'id' | 'name' | 'at'> => ({ id: newId(), name, at: isoOf(this.now.now()) });
}
