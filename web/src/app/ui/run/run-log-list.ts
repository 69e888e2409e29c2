import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { entryText, type Run } from '@lift-bare/core';
import { RunLog } from '../../state/run-log';
import { Units } from '../units.service';

/** Everything that was said of a run, newest first, to be taken back one by one. */
@Component({
  selector: 'lb-run-log',
  imports: [DatePipe],
  template: `
    <h2>{{ run().plan.name }}</h2>
    <ol>
      @for (line of lines(); track line.id) {
        <li [class.out]="line.ignored">
          <time>{{ line.at | date: 'EEE HH:mm' }}</time>
          <span>{{ units.text(line.text) }}@if (line.note) { <i>“{{ line.note }}”</i> }@if (line.ignored) { <i>does not count: {{ line.ignored }}</i> }</span>
          <span class="by">{{ line.by }}</span>
          @if (!line.ignored && line.own) { <button type="button" (click)="log.takeBack(run().job, line.id)">Take back</button> }
        </li>
      }
    </ol>
  `,
  styles: `
    h2 { margin: 14px 4px 4px; font-size: 17px; }
    li { display: grid; grid-template-columns: 82px 1fr auto auto; gap: 4px 10px; align-items: center; padding: 6px 4px; font-size: 15px; border-top: 1px solid var(--line); }
    time, .by, i { color: var(--bench-soft, var(--soft)); font-size: 14px; font-style: normal; }
    i { margin-left: 6px; }
    .out span:first-of-type { text-decoration: line-through; }
    button { font: inherit; font-size: 14px; min-height: 44px; padding: 0 12px; color: var(--ink); background: var(--sunk); border: 0; border-radius: 7px; cursor: pointer; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunLogList {
  readonly run = input.required<Run>();
  protected readonly log = inject(RunLog);
  protected readonly units = inject(Units);
  protected readonly lines = computed(() => {
    const { plan, log } = this.run();
    const titles = new Map(plan.works.flatMap(({ id, operation, title }) => [[operation, title] as const, [id, title] as const]));
    return log
      .map(({ event: { id, by, note, kind, run }, at, ignored }) => ({
        id,
        at,
        by,
        note,
        ignored,
        own: run !== null,
        text: run ? entryText(run, (of) => titles.get(of) ?? of) : kind === 'moved' ? 'Time corrected' : 'Taken back',
      }))
      .reverse();
  });
}
