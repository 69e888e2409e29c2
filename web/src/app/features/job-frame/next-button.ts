import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { JobContext } from '../../state/job-context';
import { OpenQuestions } from '../../state/open-questions';
import { Units } from '../../ui/units.service';

/** Always leads to the most useful open thing of the job. */
@Component({
  selector: 'lb-next-button',
  imports: [RouterLink],
  template: `@if (next(); as thing) { <a class="next" [routerLink]="['/jobs', context.jobId(), thing.stage]" [queryParams]="{ zone: thing.zone }"><b>Next</b> <span>{{ units.text(thing.says) }}</span></a> }`,
  styles: `
    .next { display: flex; gap: 9px; align-items: baseline; margin: 10px 12px 2px; padding: 8px 11px; border: 1px solid var(--act); border-radius: 4px; background: var(--act-bg); color: var(--ink); text-decoration: none; font-size: 13.5px; line-height: 1.3; }
    .next:hover { background: var(--act); color: var(--act-ink); }
    .next:hover b { color: inherit; }
    b { color: var(--act); font-weight: 700; }
    @media (max-width: 640px) { .next { margin: 0; padding: 10px 12px; } .next span { white-space: nowrap; max-width: 250px; overflow: hidden; text-overflow: ellipsis; } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NextButton {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly next = inject(OpenQuestions).next;
}
