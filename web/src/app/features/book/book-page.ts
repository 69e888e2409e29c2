import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import {
  bookLines,
  CATALOGUE,
  catalogueMark,
  deviationsOf,
  openAtHandOver,
  runNetwork,
  runSteps,
  SECOND_TORQUE,
  secondTorque,
  type BookLine,
  type Run,
} from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { PhotoQueue } from '../../state/photo-queue';
import { RunLog } from '../../state/run-log';
import { Units } from '../../ui/units.service';
import { RunLogList } from '../../ui/run/run-log-list';
import { BookHolds } from './book-holds';
import { BookParts } from './book-parts';
import { Defects } from './defects';

/** min that count as on time. */
const CLOSE = 5;
/** Units that the time line is wide, and that a bar is at the least. */
const AXIS = 200;
const LEAST_BAR = 1.5;
const MOMENTS = ['before', 'during', 'after'];

/** The job as it was: planned against done, holds, deviations, tins, notes, photos and defects; and its handing over. */
@Component({
  selector: 'lb-book-page',
  imports: [DatePipe, FormsModule, RouterLink, NzTableModule, RunLogList, BookHolds, BookParts, Defects],
  templateUrl: './book-page.html',
  styleUrls: ['../../ui/page.css', './book-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BookPage {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly log = inject(RunLog);
  private readonly taken = inject(PhotoQueue);
  protected readonly all = signal(false);
  protected readonly run = this.context.run;
  private readonly operations = computed(() => this.context.plan()?.operations ?? []);
  private readonly network = computed(() => {
    const run = this.run();
    return run && this.operations().length > 0 ? runNetwork(this.operations(), run) : null;
  });
  private readonly titles = computed(() => {
    const plan = this.run()?.plan.works ?? [];
    return new Map([
      [SECOND_TORQUE, 'Wheel bolts, second check'],
      ...this.operations().map(({ id, title }) => [id, title] as const),
      ...plan.flatMap(({ id, operation, title }) => [[operation, title] as const, [id, title] as const]),
    ]);
  });
  protected titleOf = (id: string): string => this.titles().get(id) ?? id;
  protected readonly lines = computed(() => {
    const lines = bookLinesOf(this.run(), this.titles());
    return this.all() ? lines : lines.filter(({ done }) => done !== null);
  });
  /** of the steps that have hands on record: planned, and done, min */
  protected readonly hands = computed(() => {
    const told = this.lines().filter(({ planned, done }) => planned !== null && done !== null && done.hand !== null);
    const sum = (value: (line: BookLine) => number): number => told.reduce((total, line) => total + value(line), 0);
    return { steps: told.length, planned: sum(({ planned }) => planned?.hand ?? 0), done: sum(({ done }) => done?.hand ?? 0) };
  });
  protected readonly deviations = computed(() => {
    const [run, network] = [this.run(), this.network()];
    return run && network ? deviationsOf(network, run) : [];
  });
  protected readonly steps = computed(() => {
    const [run, network] = [this.run(), this.network()];
    return run && network ? runSteps(network, run, this.context.now()) : [];
  });
  protected readonly open = computed(() => {
    const [run, job] = [this.run(), this.context.job()];
    return run && job && this.network() ? openAtHandOver(job, run, this.steps()) : [];
  });
  /** of each product: batches, and kg that went out of the cans */
  protected readonly used = computed(() => {
    const byProduct = new Map<string, { batches: Set<string>; grams: number }>();
    for (const { product, batch, before, after } of this.run()?.used ?? []) {
      const own = byProduct.get(product) ?? { batches: new Set<string>(), grams: 0 };
      if (batch !== '') own.batches.add(batch);
      own.grams += before === null || after === null ? 0 : Math.max(0, before - after);
      byProduct.set(product, own);
    }
    return [...byProduct].map(([product, { batches, grams }]) => ({ product, batches: [...batches].join(', '), grams }));
  });
  protected readonly counted = computed(() => [...(this.run()?.counted.values() ?? [])]);
  /** of each zone before, while and after, side by side */
  protected readonly photos = computed(() => {
    const photos = this.run()?.photos ?? [];
    const names = new Map(this.context.job()?.parts.flatMap((part) => part.zones.map(({ id, name }) => [id, `${part.name}: ${name}`] as const)));
    return [...new Set(photos.map(({ zone }) => zone))].map((zone) => ({
      zone,
      name: names.get(zone ?? '') ?? 'Whole job',
      photos: photos.filter((one) => one.zone === zone).sort((a, b) => MOMENTS.indexOf(a.moment) - MOMENTS.indexOf(b.moment) || a.at - b.at),
    }));
  });
  protected readonly sameCatalogue = computed(() => this.run()?.plan.catalogue === catalogueMark(CATALOGUE));
  protected readonly now = (): number => this.context.now();

  /** ms, of all that was planned and done */
  private readonly span = computed(() => {
    const times = bookLinesOf(this.run(), this.titles()).flatMap(({ planned, done }) =>
      [planned?.start, planned?.end, done?.from, done?.to].filter((time) => time != null),
    );
    return { from: Math.min(...times), to: Math.max(...times) };
  });
  protected readonly axis = AXIS;

  /** Where a span lies on the axis; null: it has none. */
  protected bar(from: number | undefined, to: number | undefined): { readonly x: number; readonly width: number } | null {
    if (from === undefined || to === undefined) return null;
    const span = this.span();
    const scale = AXIS / Math.max(1, span.to - span.from);
    return { x: (from - span.from) * scale, width: Math.max(LEAST_BAR, (to - from) * scale) };
  }

  protected address = (file: string): string => this.taken.addressOf(this.context.jobId(), file);
  protected readonly logAddress = computed(() => `/api/v1/log.csv?job=${this.context.jobId()}`);

  protected readonly torque = computed(() => {
    const [run, job] = [this.run(), this.context.job()];
    return run && job ? secondTorque(job, run) : null;
  });

  protected checkTorque(): void {
    this.log.say(this.context.jobId(), { what: 'held', operation: SECOND_TORQUE, values: [], met: true, gauge: false });
  }

  protected handOver(): void {
    this.log.say(this.context.jobId(), { what: 'handed-over' });
  }

  protected off({ planned, done }: BookLine): string {
    if (!planned || done?.hand == null) return '';
    const minutes = done.hand - planned.hand;
    return Math.abs(minutes) < Math.max(CLOSE, 0.1 * planned.hand)
      ? 'as planned'
      : `${minutes > 0 ? '+' : '−'}${this.units.hands(Math.abs(minutes))}`;
  }

  protected amount = (value: number): string => String(Number(value.toFixed(value < 10 ? 1 : 0)));
  protected print = (): void => window.print();
}

const bookLinesOf = (run: Run | null, titles: ReadonlyMap<string, string>): BookLine[] => (run ? bookLines(run, titles) : []);
