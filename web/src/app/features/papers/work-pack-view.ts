import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import type { MixCard, WorkPack } from '@lift-bare/core';
import { shortTime } from '@lift-bare/core/before-planning';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, map, of } from 'rxjs';
import { OfferApi } from '../../api/offer-api';
import { failureOf } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { MaskPicture } from './mask-picture';
import { PaperDownload } from './paper-download';

/** What is handed to those who do the job, as the printed pack has it: mixes, masking, hold points, labels; days and kit stand on their own pages. */
@Component({
  selector: 'lb-work-pack-view',
  imports: [RouterLink, NzTableModule, MaskPicture, PaperDownload],
  templateUrl: './work-pack-view.html',
  styles: `
    h2 { margin: 22px 0 6px; } h2:first-child { margin-top: 0; } lb-paper-download { display: block; margin-top: 8px; }
    @media (max-width: 640px) { thead { display: none; } tr, td { display: block; } td { border: 0; padding: 1px 0; } tr { border-bottom: 1px solid var(--line); padding: 6px 0; } .num { text-align: left; } }
    .cards { display: grid; grid-template-columns: repeat(auto-fill, minmax(290px, 1fr)); gap: 12px; }
    .card { padding: 10px 13px; background: var(--sheet); border-top: 3px solid var(--act); }
    .card h3 { color: var(--ink); font-size: 14px; } .card dl div { display: flex; gap: 10px; padding: 2px 0; } .card dt { flex: 1; } .card dd { font-weight: 620; min-width: 64px; text-align: right; } .card dd:last-child { min-width: 84px; }
    .pictures { display: grid; grid-template-columns: repeat(auto-fill, minmax(330px, 1fr)); gap: 14px 24px; margin-bottom: 12px; } figcaption { font-weight: 620; margin-bottom: 3px; }
    .labels { display: flex; flex-wrap: wrap; gap: 8px; } .labels li { padding: 6px 11px; border: 1px dashed var(--line-strong); border-radius: 3px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkPackView {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly job = this.context.jobId();
  protected readonly answer = toSignal(
    inject(OfferApi)
      .workPack(this.job)
      .pipe(
        map((pack): { pack: WorkPack | null; trouble: string } => ({ pack, trouble: '' })),
        catchError((error: unknown) => {
          const failure = failureOf(error);
          return of({ pack: null, trouble: failure.kind === 'refused' ? failure.reason : 'The server is not reached.' });
        }),
      ),
    { initialValue: null },
  );
  protected readonly holds = computed(() => [...(this.answer()?.pack?.holds ?? [])]);
  /** one line for each thing that is covered */
  protected readonly covers = computed(() =>
    (this.answer()?.pack?.masked ?? []).flatMap(({ part, zones }) =>
      zones.flatMap(({ zone, items }) => items.map((item) => ({ ...item, where: `${part}, ${zone}` }))),
    ),
  );

  protected when = ({ start }: MixCard): string => shortTime(start);
}
