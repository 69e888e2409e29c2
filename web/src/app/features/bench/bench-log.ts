import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Units } from '../../ui/units.service';
import type { Reading, SectionTimer, StoredEvent } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';

const WORDS: Readonly<Record<string, string>> = {
  issued: 'put on the bench',
  'laid-on': 'laid on',
  're-applied': 're-applied',
  moved: 'time corrected',
  'taken-back': 'taken back',
  'set-aside': 'set aside',
};

/** Everything tapped at the bench, newest first, with who and at which temperature. */
@Component({
  selector: 'lb-bench-log',
  imports: [NzTableModule, DatePipe],
  template: `
    <nz-table nzTemplateMode>
      <caption class="sr">Log of the bench, newest first</caption>
      <thead><tr><th>Time</th><th>Section</th><th>What</th><th>Who</th><th class="num">Metal</th></tr></thead>
      <tbody>
        @for (line of lines(); track line.id) {
          <tr [class.out]="line.ignored !== null">
            <td>{{ line.at | date: 'd MMM HH:mm:ss' }}</td>
            <td>{{ line.place }}</td>
            <td>{{ line.what }}@if (line.ignored) {<em>, does not count: {{ line.ignored }}</em>}@if (line.note) {<em>: {{ line.note }}</em>}</td>
            <td>{{ line.by }}</td>
            <td class="num">{{ line.temperature === null ? '' : units.show(line.temperature, 'temperature') }}</td>
          </tr>
        }
      </tbody>
    </nz-table>
  `,
  styles: 'em { font-style: normal; color: var(--bench-soft); } td { font-size: 14px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BenchLog {
  readonly timers = input.required<readonly SectionTimer[]>();
  /** says part and zone; left out where all of it is of one zone */
  readonly named = input(true);
  protected readonly units = inject(Units);
  protected readonly lines = computed(() =>
    this.timers()
      .flatMap(({ log, issued }) =>
        log.map(({ event, at, ignored }) => ({
          id: event.id,
          at,
          ignored,
          place: this.named() ? `${issued.section}, ${issued.partName}, ${issued.zoneName}` : issued.section,
          what: WORDS[event.kind] ?? event.kind,
          by: event.by,
          note: event.note,
          temperature: metalOf((event as Partial<StoredEvent>).reading ?? null),
        })),
      )
      .sort((a, b) => b.at - a.at),
  );
}

const metalOf = (reading: Reading | null): number | null => reading && (reading.surface ?? reading.temperature);
