import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { OpenJob } from '../../state/job.reducer';
import { JobContext } from '../../state/job-context';

/** Somebody saved another version in between: tell, and let the user choose. Either way undo brings the other back. */
@Component({
  selector: 'lb-conflict',
  imports: [DatePipe],
  template: `
    @if (job().theirs; as theirs) {
      <div class="note stop" role="alert">
        <b>This job was saved somewhere else at {{ theirs.updatedAt | date: 'HH:mm:ss' }}, while it was being edited here.</b>
        <p>There it has {{ theirs.document.parts.length }} parts, here {{ job().history.present.parts.length }}. Nothing is lost: whichever you take, undo brings yours back here.</p>
        <p class="acts"><button type="button" class="btn" (click)="context.keepMine()">Keep mine, save over it</button> <button type="button" class="btn quiet" (click)="context.takeTheirs()">Take the other</button></p>
      </div>
    }
  `,
  styles: '.note { margin: 12px 22px 0; } .acts { margin-top: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConflictNote {
  readonly job = input.required<OpenJob>();
  protected readonly context = inject(JobContext);
}
