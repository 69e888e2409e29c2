import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { ActivatedRoute, RouterLink } from '@angular/router';
import { needText, STAGE_NAMES, unsettledOf } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { drawnOf } from '../../ui/drawn';
import { OperationLine } from '../../ui/operation-line';
import { saveFile } from '../../ui/save-file';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';
import { WaysOut } from '../../ui/ways-out';
import { RunStart } from '../../ui/run/run-start';
import { firstSteps, groupSteps } from './group-steps';

/** Every step of the job in working order, with times, waits, protection and cautions; made to be printed. */
@Component({
  selector: 'lb-run-sheet-page',
  imports: [NzTableModule, RouterLink, OperationLine, WaysOut, RunStart, TermHelp],
  templateUrl: './run-sheet-page.html',
  styleUrls: ['../../ui/sheet.css', './run-sheet-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunSheetPage {
  protected readonly context = inject(JobContext);
  protected readonly offers = inject(OfferBook);
  protected readonly units = inject(Units);
  protected readonly stages = STAGE_NAMES;
  private readonly steps = computed(() => this.context.plan()?.operations ?? []);
  /** a step that was asked for has to be there */
  protected readonly drawn = drawnOf(() => this.steps().length, inject(ActivatedRoute).snapshot.fragment === null ? 15 : Infinity);
  protected readonly groups = computed(() => firstSteps(groupSteps(this.steps()), this.drawn()));
  protected readonly kit = computed(() => this.context.plan()?.kit ?? []);
  protected readonly products = computed(() => this.kit().filter(({ group }) => group !== 'protection'));
  private readonly protection = computed(() => this.kit().filter(({ group }) => group === 'protection'));
  /** what has to be settled before the start, each once with its places */
  protected readonly unsettled = computed(() => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    return job && plan ? unsettledOf(job, plan.findings) : [];
  });

  protected need = (need: number, unit: string): string => needText(need, unit, this.units.system());
  protected readonly wearList = computed(() =>
    this.protection()
      .map(({ name }) => name)
      .join(', '),
  );

  protected print = (): void => window.print();

  protected download(): void {
    const job = this.context.job();
    const plan = this.context.plan();
    if (job && plan)
      saveFile(
        `${job.name} run sheet.json`,
        JSON.stringify({ job: job.name, operations: plan.operations, kit: plan.kit, totals: plan.totals }, null, 2),
      );
  }

  protected downloadJob(): void {
    const job = this.context.job();
    if (job) saveFile(`${job.name}.lift-bare.json`, JSON.stringify(job, null, 2));
  }
}
