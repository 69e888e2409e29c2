import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Operation, Run } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { Units } from '../../ui/units.service';

/** Readings of one line that are told one by one. */
const MANY = 4;

/** What was read or seen at each hold point, by whom and when. */
@Component({
  selector: 'lb-book-holds',
  imports: [NzTableModule, DatePipe],
  template: `
    <h2>Hold points</h2>
    <nz-table #table [nzData]="lines()" [nzFrontPagination]="false" [nzShowPagination]="false" nzNoResult="None was checked yet.">
      <thead><tr><th>Step</th><th>Go on when</th><th>Read</th><th></th><th>When, by</th></tr></thead>
      <tbody>
        @for (line of table.data; track line.event) {
          <tr><td>{{ units.text(line.title) }}</td><td>{{ units.text(line.accept) }}</td><td>{{ line.read }}</td><td><span class="flag" [class]="line.met ? 'ok' : 'stop'">{{ line.met ? 'met' : line.letGo ? 'let go' : 'not met' }}</span></td><td>{{ line.at | date: 'EEE d MMM HH:mm' }}, {{ line.by }}</td></tr>
        }
      </tbody>
    </nz-table>
  `,
  styles: `
    :host { display: block; margin-top: 20px; }
    h2 { margin-bottom: 6px; }
    th, td { text-align: left; padding: 5px 14px 5px 0; border-bottom: 1px solid var(--line); vertical-align: top; }
    th { font-size: 12px; color: var(--soft); font-weight: 560; }
    td:last-child { white-space: nowrap; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BookHolds {
  readonly run = input.required<Run>();
  readonly operations = input.required<readonly Operation[]>();
  protected readonly units = inject(Units);
  protected readonly lines = computed(() => {
    const known = new Map(this.operations().map((own) => [own.id, own]));
    const { holds, letGo } = this.run();
    const read = [...holds.values()].flat().map((own) => {
      const operation = known.get(own.operation);
      const isFilm = own.values.length > MANY;
      const unit = isFilm ? 'µm' : (operation?.hold?.unit ?? '');
      return {
        event: own.event,
        at: own.at,
        by: own.by,
        met: own.met,
        letGo: false,
        title: operation?.title ?? own.operation,
        accept: isFilm ? 'dry film by spots' : (operation?.hold?.accept ?? ''),
        read: isFilm
          ? own.note
          : own.values.length === 0
            ? own.met
              ? 'yes'
              : 'not yet'
            : `${own.values.join(', ')} ${unit}${own.gauge ? ', by gauge' : ''}`,
      };
    });
    const released = [...letGo.values()].map(({ event, at, by, operation, note }) => {
      const own = known.get(operation);
      return { event, at, by, met: false, letGo: true, title: own?.title ?? operation, accept: own?.hold?.accept ?? '', read: `“${note}”` };
    });
    return [...read, ...released].sort((a, b) => a.at - b.at);
  });
}
