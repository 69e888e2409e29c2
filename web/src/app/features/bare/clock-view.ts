import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { bareClock, HOLDING } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { fromLocalField, sayTime, toLocalField } from '../../ui/local-time';
import { Units } from '../../ui/units.service';

/** ms between two looks at the time. */
const TICK = 5000;
const WORD = { running: 'running', near: 'prime now', over: 'overrun', lost: 'overrun, rust' } as const;

/** The clock of each part from "bare and dry" to the primer, and ways to hold a part that must wait. */
@Component({
  selector: 'lb-clock-view',
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
          <label class="since small soft">bare and dry since <input type="datetime-local" [value]="field(row.part.bareAt)" (change)="retime(row.part.id, $any($event.target).value)" /></label>
        } @else { <p class="soft">Keeps {{ units.minutes(row.within) }} from then: {{ units.text(row.why) }}</p> }
      </section>
    } @empty { <p class="lead">Nothing of this job rusts: no clock.</p> }
    <h2 class="gap">When it must wait</h2>
    <table class="plain">
      <thead><tr><th>Hold it under</th><th>Keeps</th><th>Comes off again</th><th>Never</th></tr></thead>
      <tbody>@for (way of holding; track way.name) { <tr><td><b>{{ way.name }}</b></td><td>{{ way.keeps }}</td><td>{{ way.off }}</td><td>{{ way.never }}</td></tr> }</tbody>
    </table>
    <p class="basis">Bands by humidity: model assumption from practice, with the temperature and humidity of the workplace as entered. Holding: common practice, no source.</p>
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
    .gap { margin: 20px 0 6px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClockView {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly holding = HOLDING;
  protected readonly words = WORD;
  private readonly now = signal(Date.now());

  /** parts on which something rusts or grows its oxide back */
  protected readonly rows = computed(() => {
    const plan = this.context.plan();
    return (this.context.job()?.parts ?? []).flatMap((part) => {
      const zones = plan?.zones.filter((zone) => zone.part === part.id) ?? [];
      const timed = zones.filter(({ bare }) => bare.primeWithin !== null).sort((a, b) => (a.bare.primeWithin ?? 0) - (b.bare.primeWithin ?? 0));
      const [first] = timed;
      if (!first) return [];
      return [
        {
          part,
          within: first.bare.primeWithin ?? 0,
          why: first.bare.primeReason,
          clock: part.bareAt ? bareClock(zones, part.bareAt, this.now()) : null,
        },
      ];
    });
  });

  constructor() {
    const ticking = setInterval(() => this.now.set(Date.now()), TICK);
    inject(DestroyRef).onDestroy(() => clearInterval(ticking));
  }

  protected time = (due: number): string => sayTime(new Date(due).toISOString());
  protected field = (iso: string | null): string => (iso === null ? '' : toLocalField(iso));
  protected start(partId: string): void {
    this.now.set(Date.now());
    this.set(partId, new Date().toISOString());
  }
  protected retime(partId: string, text: string): void {
    const moment = fromLocalField(text);
    if (moment !== null) this.set(partId, moment);
  }
  protected set = (partId: string, bareAt: string | null): void =>
    this.context.edit(`bare ${partId}`, (job) => ({ ...job, parts: job.parts.map((part) => (part.id === partId ? { ...part, bareAt } : part)) }));
}
