import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { placeText, readJob, valueText, withValueAt } from '@lift-bare/core';
import { NzRadioModule } from 'ng-zorro-antd/radio';
import type { OpenJob } from '../../state/job.reducer';
import { JobContext } from '../../state/job-context';

type Side = 'mine' | 'theirs';

/** Somebody else has changed the same places in between: both values side by side, one of each is chosen. All else is merged already. */
@Component({
  selector: 'lb-conflict',
  imports: [DatePipe, FormsModule, NzRadioModule],
  template: `
    @if (job().theirs; as theirs) {
      <div class="note stop" role="alert">
        <b>{{ rows().length === 1 ? 'One place was' : rows().length + ' places were' }} changed somewhere else too, saved there at {{ theirs.updatedAt | date: 'HH:mm:ss' }}.</b>
        <p>Choose one of each; all other changes of both are here already. Undo brings back what was here.</p>
        @for (row of rows(); track row.key) {
          <div class="clash">
            <b>{{ row.place }}</b>
            <nz-radio-group [attr.aria-label]="row.place" [ngModel]="row.side" (ngModelChange)="choose(row.key, $event)">
              <label nz-radio nzValue="mine">here: {{ row.mine }}</label>
              <label nz-radio nzValue="theirs">there: {{ row.theirs }}</label>
            </nz-radio-group>
          </div>
        }
        <p class="acts"><button type="button" class="btn" (click)="settle()">Save it so</button> <button type="button" class="btn quiet" (click)="context.takeTheirs()">Take all of the other</button></p>
      </div>
    }
  `,
  styles:
    '.note { margin: 12px 22px 0; } .acts { margin-top: 8px; } .clash { display: grid; gap: 2px; margin-top: 10px; } label { display: inline-flex; gap: 8px; align-items: center; min-height: 32px; margin-right: 22px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConflictNote {
  readonly job = input.required<OpenJob>();
  protected readonly context = inject(JobContext);
  private readonly clashes = computed(() => this.job().clashes);
  private readonly chosen = linkedSignal<unknown, ReadonlyMap<string, Side>>({ source: this.clashes, computation: () => new Map() });
  protected readonly rows = computed(() =>
    this.clashes().map(({ path, mine, theirs }) => {
      const key = path.join('/');
      return {
        key,
        place: placeText(path, this.job().history.present),
        mine: valueText(mine),
        theirs: valueText(theirs),
        side: this.chosen().get(key) ?? 'mine',
      };
    }),
  );

  protected choose = (key: string, side: Side): void => this.chosen.update((chosen) => new Map(chosen).set(key, side));

  protected settle(): void {
    const taken = this.clashes().filter(({ path }) => this.chosen().get(path.join('/')) === 'theirs');
    const settled = taken.reduce<unknown>((document, { path, theirs }) => withValueAt(document, path, theirs), this.job().history.present);
    const read = readJob(settled);
    this.context.refused.set(read.ok ? null : (read.issues[0] ?? null));
    if (read.ok) this.context.settle(read.value);
  }
}
