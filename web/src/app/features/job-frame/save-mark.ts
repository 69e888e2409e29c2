import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { OpenJob } from '../../state/job.reducer';
import { JobContext } from '../../state/job-context';

/** Where the typing is: on the server, on its way, or only in this browser. */
@Component({
  selector: 'lb-save-mark',
  imports: [DatePipe],
  template: `
    <span aria-live="polite">
      @switch (job().save) {
        @case ('saved') { Saved {{ job().savedAt | date: 'HH:mm:ss' }} }
        @case ('unsaved') { Typing… }
        @case ('saving') { Saving… }
        @case ('offline') { <b class="flag care">{{ job().refusal ?? 'Server not reached:' }} kept in this browser, trying again</b> }
        @case ('conflict') { <b class="flag stop">Changed elsewhere: choose above</b> }
        @case ('gone') { <b class="flag stop">Deleted elsewhere; it is kept here.</b> <button type="button" class="link" (click)="context.bringBack()">Bring it back</button> }
        @case ('refused') { <b class="flag stop">Not saved: {{ job().refusal }}</b> }
      }
    </span>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SaveMark {
  readonly job = input.required<OpenJob>();
  protected readonly context = inject(JobContext);
}
