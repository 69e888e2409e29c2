import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { bareClock, HOLDING } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { sayTime } from '../../ui/local-time';
import { MomentField } from '../../ui/moment-field';
import { Units } from '../../ui/units.service';

/** ms between two looks at the time. */
const TICK = 5000;
/** ms since the last reading within which the probe counts as heard. */
const READ_LATELY = 3_600_000;
const WORD = { running: 'running', near: 'prime now', over: 'overrun', lost: 'overrun, rust' } as const;

/** The clock of each part from "bare and dry" to the primer, and ways to hold a part that must wait. */
@Component({
  selector: 'lb-clock-view',
  imports: [NzTableModule, MomentField],
  template: `
    @for (row of rows(); track row.part.id) {
      <section [class]="row.clock?.state ?? 'still'">
        <div class="head"><h2>{{ row.part.name }}</h2>
          @if (row.part.bareAt) { <button type="button" class="btn plain" (click)="set(row.part.id, null)">Not bare yet</button> }
          @else { <button type="button" class="btn" (click)="start(row.part.id)" [attr.aria-label]="row.part.name + ' is bare and dry now'">Bare and dry now</button> }
        </div>
        @if (row.clock; as clock) {
          <p class="left"><b>{{ clock.left >= 0 ? units.minutes(clock.left) : units.minutes(-clock.left) + ' over' }}</b> <span class="flag" [class]="clock.state === 'running' ? 'ok' : clock.state === 'near' ? 'care' : 'stop'">{{ words[clock.state] }}</span> Primer on by <b>{{ time(clock.due) }}</b>.</p>
          <p>{{ clock.todo }}</p>
          <p class="small soft"><span class="bar" aria-hidden="true"><i [style.width.%]="clock.used > 1 ? 100 : clock.used * 100"></i></span> {{ percent(clock.used) }} of its time has gone{{ clock.seen >= 0.01 ? ', ' + percent(clock.seen) + ' of that by the probe' : '' }}.</p>
          <lb-moment class="since" label="bare and dry since" [value]="row.part.bareAt" (changed)="retime(row.part.id, $event)" />
        } @else { <p class="soft">Keeps {{ units.minutes(row.within) }} from then: {{ units.text(row.why) }}</p> }
      </section>
    } @empty { <p class="lead">Nothing of this job rusts: no clock.</p> }
    @if (barred().length > 0) { <div class="note stop"><b>Nothing may be laid on here as it is</b>{{ barred().join('. ') }}. Hold what is bare, or open the gate first.</div> }
    @if (air(); as now) { <p class="air">{{ now.probe ? 'The probe reads' : 'As entered for the workplace:' }} {{ units.show(now.temperature, 'temperature') }}, {{ now.humidity }} %.{{ now.probe ? ' The clocks go by it; where it has not read, by the climate entered.' : '' }}</p> }
    <h2 class="gap">When it must wait</h2>
    <nz-table nzTemplateMode>
      <thead><tr><th>Hold it under</th><th>Keeps</th><th>Comes off again</th><th>Never</th></tr></thead>
      <tbody>@for (way of holding; track way.name) { <tr><td><b>{{ way.name }}</b></td><td>{{ way.keeps }}</td><td>{{ way.off }}</td><td>{{ way.never }}</td></tr> }</tbody>
    </nz-table>
    <p class="basis">Bands by humidity: model assumption from practice, each hour in one air taking its share of them. Holding: common practice, no source.</p>
  `,
  styles: `
    section { padding: 11px 14px; margin-bottom: 8px; background: var(--sheet); border-left: 5px solid var(--line-strong); }
    section.running { border-left-color: var(--ok); }
    section.near { border-left-color: var(--care); }
    section.over, section.lost { border-left-color: var(--stop); }
    .head { display: flex; justify-content: space-between; align-items: center; gap: 12px; }
    .left b:first-child { font-size: 25px; font-stretch: 88%; margin-right: 6px; }
    .since { display: flex; gap: 8px; align-items: center; margin-top: 6px; }
    input { font: inherit; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 2px 6px; }
    .bar { display: inline-block; width: 120px; height: 6px; background: var(--line); border-radius: 3px; overflow: hidden; vertical-align: middle; margin-right: 6px; }
    .bar i { display: block; height: 100%; background: var(--act); }
    .air { margin-top: 14px; }
    .gap { margin: 20px 0 6px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClockView {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly holding = HOLDING;
  protected readonly words = WORD;
  private readonly now = signal(this.context.now());

  /** parts on which something rusts or grows its oxide back */
  protected readonly rows = computed(() => {
    const plan = this.context.plan();
    const job = this.context.job();
    if (!job) return [];
    const air = { place: job.place, readings: this.context.readings() };
    return job.parts.flatMap((part) => {
      const zones = plan?.zones.filter((zone) => zone.part === part.id) ?? [];
      const timed = zones.filter(({ bare }) => bare.primeWithin !== null).sort((a, b) => (a.bare.primeWithin ?? 0) - (b.bare.primeWithin ?? 0));
      const [first] = timed;
      if (!first) return [];
      return [
        {
          part,
          within: first.bare.primeWithin ?? 0,
          why: first.bare.primeReason,
          clock: part.bareAt ? bareClock(zones, part.bareAt, this.now(), air) : null,
        },
      ];
    });
  });

  /** what of air and metal bars the primer, and nobody answers for */
  protected readonly barred = computed(() => [
    ...new Set(this.context.plan()?.findings.flatMap(({ code, severity, title }) => (code.endsWith('-gate') && severity === 'stop' ? [title] : []))),
  ]);

  constructor() {
    const ticking = setInterval(() => this.now.set(this.context.now()), TICK);
    inject(DestroyRef).onDestroy(() => clearInterval(ticking));
  }

  /** the air that the clocks run in now */
  protected readonly air = computed(() => {
    const last = this.context.readings().at(-1);
    const place = this.context.job()?.place;
    if (last && this.now() - Date.parse(last.at) < READ_LATELY) return { ...last, probe: true };
    return place ? { ...place, probe: false } : null;
  });
  protected percent = (share: number): string => `${Math.round(100 * share)} %`;
  protected time = (due: number): string => sayTime(new Date(due).toISOString());
  protected start(partId: string): void {
    this.now.set(this.context.now());
    this.set(partId, new Date(this.now()).toISOString());
  }
  protected retime(partId: string, moment: string | null): void {
    if (moment !== null) this.set(partId, moment);
  }
  protected set = (partId: string, bareAt: string | null): void =>
    this.context.edit(`bare ${partId}`, (job) => ({ ...job, parts: job.parts.map((part) => (part.id === partId ? { ...part, bareAt } : part)) }));
}
