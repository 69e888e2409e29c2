import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { AIR_VERDICTS, GUARD_NAMES, safetySheet, WASTE_HAZARDS, withWorn, type AirLine } from '@lift-bare/core';
import { format } from 'date-fns';
import { debounceTime, EMPTY, switchMap } from 'rxjs';
import { NzTableModule } from 'ng-zorro-antd/table';
import { SafetyApi } from '../../api/safety-api';
import { failureOf } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { saveBlob } from '../../ui/save-file';
import { Units } from '../../ui/units.service';
import { WaysOut } from '../../ui/ways-out';
import { NOT_YET, ScheduleClient } from '../../workers/schedule-client';

/** ms after the last edit before a schedule is asked for. */
const SETTLE = 60;
/** What is asked or told about air and place without stopping the work. */
const TOLD = ['air-unknown', 'air-mask', 'place-public'];

/** The safety sheet of the job: what comes up, what to wear and have, air, people, first aid and waste; made to be printed and signed. */
@Component({
  selector: 'lb-safety-page',
  imports: [NzTableModule, RouterLink, WaysOut],
  templateUrl: './safety-page.html',
  styleUrls: ['../../ui/sheet.css', './safety-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SafetyPage {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly api = inject(SafetyApi);
  private readonly schedules = inject(ScheduleClient);
  protected readonly guards = GUARD_NAMES;
  protected readonly verdicts = AIR_VERDICTS;
  protected readonly making = signal<'sheet' | 'waste' | null>(null);
  protected readonly failed = signal<string | null>(null);

  private readonly worn = toSignal(this.api.worn(), { initialValue: [] });
  /** with the hours of the bench in its register of cartridges */
  private readonly shop = computed(() => withWorn(this.context.shop(), this.worn()));
  /** from which days are reckoned, on the page and on the PDF */
  private readonly from = this.context.now();
  private readonly given = computed(() => {
    const job = this.context.job();
    return job && this.context.plan() ? { job, shop: this.context.shop(), id: this.context.jobId() } : null;
  });
  private readonly dates = toSignal(
    toObservable(this.given).pipe(
      debounceTime(SETTLE),
      switchMap((given) => (given ? this.schedules.of([{ id: given.id, job: given.job }], given.shop, this.from) : EMPTY)),
    ),
    { initialValue: NOT_YET },
  );
  /** hazards go by stage until the days are found */
  protected readonly sheet = computed(() => {
    const [job, plan, { schedule, busy }] = [this.context.job(), this.context.plan(), this.dates()];
    return job && plan ? safetySheet(job, this.shop(), plan, this.today(), busy ? null : (schedule?.works ?? null)) : null;
  });
  /** stops, and what is to be known about the air, each once */
  protected readonly unsettled = computed(() => [
    ...new Map(
      this.context
        .plan()
        ?.findings.filter(({ severity, code }) => severity === 'stop' || TOLD.includes(code))
        .map((finding) => [finding.title, finding]),
    ).values(),
  ]);
  protected readonly byGuard = computed(() => {
    const lines = this.sheet()?.lines ?? [];
    return [...new Set(lines.map(({ guard }) => guard))].map((guard) => ({ guard, lines: lines.filter((line) => line.guard === guard) }));
  });
  protected readonly tasks = computed(() => this.sheet()?.people[0]?.tasks.map(({ task, steps }) => ({ task, steps })) ?? []);

  protected hazards = (all: readonly (keyof typeof WASTE_HAZARDS)[]): string => all.map((one) => WASTE_HAZARDS[one]).join('; ');
  protected figure = (value: number): string => String(Number(value.toPrecision(2)));
  protected flow = (value: number): string => this.units.show(Number(value.toPrecision(2)), 'exhaust');
  protected tone = ({ verdict }: AirLine): string => (verdict === 'fire' || verdict === 'breathing' ? 'stop' : verdict === 'unknown' ? 'ask' : 'ok');

  private readonly today = (): string => format(this.context.now(), 'yyyy-MM-dd');

  protected print(what: 'sheet' | 'waste'): void {
    const job = this.context.job();
    if (!job) return;
    this.failed.set(null);
    this.making.set(what);
    this.api.pdf(what, job, this.units.shownBy(this.shop()), this.today(), this.from).subscribe({
      next: (pdf) => {
        this.making.set(null);
        saveBlob(`${job.name} ${what === 'sheet' ? 'safety sheet' : 'waste note'}.pdf`, pdf);
      },
      error: (error: unknown) => {
        this.making.set(null);
        this.failed.set(
          failureOf(error).kind === 'offline' ? 'The server is not reached; the sheet is made there.' : 'The server did not take the job as it is.',
        );
      },
    });
  }
}
