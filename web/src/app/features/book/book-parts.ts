import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { Job, Run, RunEntry, RunStep } from '@lift-bare/core';
import { NzQRCodeModule } from 'ng-zorro-antd/qr-code';
import { NzTableModule } from 'ng-zorro-antd/table';
import { NzInputModule } from 'ng-zorro-antd/input';
import { RunLog } from '../../state/run-log';

type PartState = Extract<RunEntry, { what: 'part' }>['state'];

/** The parts of the job with where they are: taken off, here, fitted again; a count on the ticket; and a label for each to print. */
@Component({
  selector: 'lb-book-parts',
  imports: [NzInputModule, NzTableModule, NzQRCodeModule],
  template: `
    <h2>Parts <button type="button" class="link small no-print" (click)="labels.set(!labels())">{{ labels() ? 'list' : 'labels to print' }}</button></h2>
    @if (labels()) {
      <div class="labels">
        @for (part of parts(); track part.id) {
          <div class="label"><nz-qrcode nzType="svg" [nzValue]="address()" [nzSize]="92" nzColor="#1c2226" nzBgColor="#ffffff" [nzBordered]="false" aria-hidden="true" /><p><b>{{ part.name }}</b><br />{{ job().name }}<br />{{ part.zones }}<br />{{ part.note || 'side, position, fasteners: ______' }}</p></div>
        }
      </div>
    } @else {
      <nz-table #table [nzData]="parts()" [nzFrontPagination]="false" [nzShowPagination]="false" nzNoResult="The job has no parts.">
        <thead><tr><th>Part</th><th>Zones</th><th>Coats</th><th>Where it is</th><th>Ticket: side, position, fasteners</th></tr></thead>
        <tbody>
          @for (part of table.data; track part.id) {
            <tr>
              <td>{{ part.name }}</td><td>{{ part.zones }}</td><td>{{ part.coats }}</td>
              <td class="states" role="group" [attr.aria-label]="'Where is ' + part.name">
                @for (one of states; track one.state) { <button type="button" class="btn small" [class.quiet]="part.state !== one.state" [attr.aria-pressed]="part.state === one.state" (click)="say(part.id, one.state, part.note)">{{ one.word }}</button> }
              </td>
              <td><input nz-input type="text" maxlength="600" [attr.aria-label]="'Ticket of ' + part.name" [value]="part.note" (change)="say(part.id, part.state ?? 'off', $any($event.target).value)" /></td>
            </tr>
          }
        </tbody>
      </nz-table>
    }
  `,
  styles: `
    :host { display: block; margin-top: 20px; }
    h2 { margin-bottom: 6px; }
    .states { white-space: nowrap; }
    .states .btn { padding: 2px 9px; margin-right: 4px; }
    input { font: inherit; width: 100%; min-width: 160px; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 3px 7px; }
    .labels { display: flex; flex-wrap: wrap; gap: 10px; }
    .label { display: flex; gap: 10px; align-items: center; width: 300px; padding: 8px; background: #fff; color: #1c2226; border: 1px dashed #8b857a; break-inside: avoid; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BookParts {
  readonly run = input.required<Run>();
  readonly job = input.required<Job>();
  readonly steps = input.required<readonly RunStep[]>();
  private readonly log = inject(RunLog);
  protected readonly labels = signal(false);
  protected readonly states: readonly { readonly state: PartState; readonly word: string }[] = [
    { state: 'off', word: 'taken off' },
    { state: 'here', word: 'here' },
    { state: 'fitted', word: 'fitted again' },
  ];
  protected readonly parts = computed(() =>
    this.job().parts.map(({ id, name, zones }) => {
      const known = this.run().parts.get(id);
      const coats = this.steps().filter(({ operation, zones: on }) => operation.coat !== null && zones.some((zone) => on.includes(zone.id)));
      const laid = coats.filter(({ record }) => record?.state === 'done').length;
      return {
        id,
        name,
        zones: zones.map((zone) => zone.name).join(', '),
        coats: coats.length === 0 ? 'none' : `${laid} of ${coats.length}`,
        state: known?.state ?? null,
        note: known?.note ?? '',
      };
    }),
  );
  protected readonly address = computed(() => `${location.origin}/bench?job=${this.run().job}`);

  protected say(part: string, state: PartState, note: string): void {
    this.log.say(this.run().job, { what: 'part', part, state }, note);
  }
}
