import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { CATALOGUE, catalogueMark, gapText, issuedPlan, scopeChange, type IssuedPlan, type IssuedWork } from '@lift-bare/core';
import { last } from 'rxjs';
import { NzInputModule } from 'ng-zorro-antd/input';
import { JobContext } from '../../state/job-context';
import { RunLog } from '../../state/run-log';
import { Units } from '../units.service';
import { ScheduleClient } from '../../workers/schedule-client';

/** Steps that are named before the rest is counted. */
const NAMED = 5;

/** Starts the job: the plan is kept as it is then, and what it becomes later is told against it. */
@Component({
  selector: 'lb-run-start',
  imports: [NzInputModule, FormsModule, DatePipe, RouterLink],
  template: `
    @if (context.run(); as run) {
      <section class="note ok">
        <b>{{ run.handedOver === null ? 'Started' : 'Handed over' }} {{ run.handedOver ?? run.started[0]!.at | date: 'EEE d MMM, HH:mm' }}</b>
        as “{{ run.plan.name }}”. <a class="link" routerLink="/bench" [queryParams]="{ job: context.jobId() }">Bench</a> · <a class="link" [routerLink]="['/jobs', context.jobId(), 'book']">Book</a>
        @if (now(); as plan) {
          @if (change(); as scope) {
            <p><b>Since then</b> {{ words(scope) }}</p>
            @if (scope.added.length > 0) { <p>Added: {{ names(scope.added) }}.</p> }
            @if (scope.gone.length > 0) { <p>Left out: {{ names(scope.gone) }}.</p> }
            @if (run.handedOver === null) { <p><button type="button" class="btn quiet" (click)="start(plan)">Hold the record against the plan of now</button></p> }
          } @else { <p>The plan is as it was.</p> }
        } @else { <p><button type="button" class="link" [disabled]="busy()" (click)="lay(false)">{{ busy() ? 'Laying it out…' : 'What has changed in the plan since then?' }}</button></p> }
      </section>
    } @else {
      <form class="start" (ngSubmit)="lay(true)">
        <div class="field"><label for="run-name">Start it as</label><input nz-input id="run-name" name="name" type="text" maxlength="80" [ngModel]="name()" (ngModelChange)="typed.set($event)" /></div>
        <button class="btn" [disabled]="busy() || stops() > 0 || name().trim() === '' || !ready()">{{ busy() ? 'Laying it out…' : 'Start the job' }}</button>
        <p class="soft small">{{ stops() > 0 ? (stops() === 1 ? 'One stop is' : stops() + ' stops are') + ' not settled; see below.' : 'The plan is kept as it is now: job, shop, catalogue and dates. The bench then takes it step by step.' }}</p>
      </form>
    }
    @if (trouble(); as text) { <p class="note stop" role="alert"><b>Not started</b>{{ text }}</p> }
  `,
  styles: `
    .start { display: flex; flex-wrap: wrap; gap: 8px 12px; align-items: end; margin: 0 0 14px; }
    .start p { flex-basis: 100%; }
    input { font: inherit; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 4px 8px; width: 260px; }
    .note { margin-bottom: 14px; }
    .note p { margin-top: 4px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunStart {
  protected readonly context = inject(JobContext);
  private readonly units = inject(Units);
  private readonly client = inject(ScheduleClient);
  private readonly log = inject(RunLog);
  protected readonly typed = signal<string | null>(null);
  protected readonly busy = signal(false);
  protected readonly trouble = signal<string | null>(null);
  /** the plan of now, laid out */
  protected readonly now = signal<IssuedPlan | null>(null);
  protected readonly name = computed(() => this.typed() ?? this.context.job()?.name ?? '');
  protected readonly stops = computed(() => this.context.plan()?.findings.filter(({ severity }) => severity === 'stop').length ?? 0);
  protected readonly ready = computed(() => (this.context.plan()?.operations.length ?? 0) > 0);
  protected readonly change = computed(() => {
    const [run, plan] = [this.context.run(), this.now()];
    if (!run || !plan) return null;
    const scope = scopeChange(run.plan, plan);
    return scope.added.length + scope.gone.length === 0 && Math.abs(scope.hand) < 1 && Math.abs(scope.cost) < 1 ? null : scope;
  });

  protected lay(start: boolean): void {
    const [open, plan] = [this.context.open(), this.context.plan()];
    if (!open || !plan) return;
    const [id, job] = [this.context.jobId(), open.history.present];
    this.busy.set(true);
    this.trouble.set(null);
    this.client
      .of([{ id, job }], this.context.shop(), this.context.now())
      .pipe(last())
      .subscribe(({ schedule, trouble }) => {
        this.busy.set(false);
        if (!schedule) return this.trouble.set(trouble ?? 'It could not be laid out.');
        const about = { name: this.name().trim(), version: open.version, catalogue: catalogueMark(CATALOGUE) };
        const issued = issuedPlan(about, id, plan, schedule, job.place.temperature);
        if (start) this.start(issued);
        else this.now.set(issued);
      });
  }

  protected start(plan: IssuedPlan): void {
    this.log.say(this.context.jobId(), { what: 'started', job: this.context.jobId(), plan: { ...plan, name: this.name().trim() } });
    this.now.set(null);
  }

  protected names = (works: readonly IssuedWork[]): string =>
    works.length <= NAMED ? works.map(nameOf).join(', ') : `${works.slice(0, NAMED).map(nameOf).join(', ')} and ${works.length - NAMED} more`;

  protected words(scope: NonNullable<ReturnType<typeof scopeChange>>): string {
    const signed = (value: number, text: string): string => `${value < 0 ? '−' : '+'}${text}`;
    const parts = [
      `${signed(scope.hand, this.units.hands(Math.abs(scope.hand)))} of hands`,
      signed(scope.cost, this.units.money(Math.abs(scope.cost))),
      ...(scope.later === null || Math.abs(scope.later) < 60_000
        ? []
        : [`handed over ${gapText(Math.abs(scope.later))} ${scope.later > 0 ? 'later' : 'sooner'}`]),
    ];
    return `${parts.join(', ')}.`;
  }
}

const nameOf = ({ title, where }: IssuedWork): string => (where.length === 0 ? title : `${title} (${where.join('; ')})`);
