import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { holdLines, type Operation, type Run } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';

/** What was read or seen at each hold point, by whom and when. */
@Component({
  selector: 'lb-book-holds',
  imports: [NzTableModule, DatePipe, TermHelp],
  template: `
    <h2><lb-term name="hold point" as="Hold points" /></h2>
    <nz-table #table [nzData]="lines()" [nzFrontPagination]="false" [nzShowPagination]="false" nzNoResult="None was checked yet.">
      <thead><tr><th>Step</th><th>Go on when</th><th>Read</th><th></th><th>When, by</th></tr></thead>
      <tbody>
        @for (line of table.data; track line.event) {
          <tr><td>{{ units.text(line.title) }}</td><td>{{ units.text(line.accept) }}</td><td>{{ line.read }}</td><td><span class="flag" [class]="line.state === 'met' ? 'ok' : 'stop'">{{ line.state }}</span></td><td>{{ line.at | date: 'EEE d MMM HH:mm' }}, {{ line.by }}</td></tr>
        }
      </tbody>
    </nz-table>
  `,
  styles: `
    :host { display: block; margin-top: 20px; }
    h2 { margin-bottom: 6px; }
    td:last-child { white-space: nowrap; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BookHolds {
  readonly run = input.required<Run>();
  readonly operations = input.required<readonly Operation[]>();
  protected readonly units = inject(Units);
  protected readonly lines = computed(() => holdLines(this.run(), this.operations()));
}
