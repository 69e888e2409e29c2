import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  type ElementRef,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import {
  boundText,
  chainText,
  dayAndTime,
  fromTo,
  gapText,
  shortTime,
  type Job,
  type ScheduledWindow,
  type ScheduledWork,
  type SheetBy,
  type Sooner,
} from '@lift-bare/core';
import { format, parseISO } from 'date-fns';
import { NzDatePickerModule } from 'ng-zorro-antd/date-picker';
import { debounceTime, EMPTY, switchMap } from 'rxjs';
import { failureOf } from '../../api/problem';
import { ScheduleApi } from '../../api/schedule-api';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { saveBlob } from '../../ui/save-file';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { RunLog } from '../../state/run-log';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';
import { byPart, byPerson } from './chart-rows';
import { DaySheet } from './day-sheet';
import { begun, corrected, done, takenBack } from './progress';
import { NOT_YET, ScheduleClient } from '../../workers/schedule-client';
import { TimeChart } from './time-chart';
import { weatherOf } from './weather';
import { timeAxis } from './time-axis';

/** ms after the last edit before a schedule is asked for. */
const SETTLE = 60;
/** px that are kept for the names, of the axis at the least, and of a working day when it is looked at closely. */
const NAMES = 150;
const LEAST_WIDTH = 480;
const CLOSE_DAY = 320;

/** The job on the calendar: dates, bars, windows, what decides the end and what would bring it forward, and the sheet of each day. */
@Component({
  selector: 'lb-time-page',
  imports: [TimeChart, DaySheet, ChoiceField, NzDatePickerModule, FormsModule, RouterLink],
  templateUrl: './time-page.html',
  styleUrls: ['../../ui/page.css', './time-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimePage {
  protected readonly context = inject(JobContext);
  protected readonly offers = inject(OfferBook);
  protected readonly units = inject(Units);
  private readonly client = inject(ScheduleClient);
  private readonly planner = inject(PlannerClient);
  private readonly api = inject(ScheduleApi);
  private readonly log = inject(RunLog);

  protected readonly view = signal<'part' | 'person'>('part');
  protected readonly close = signal(false);
  protected readonly selected = signal<string | null>(null);
  protected readonly day = signal<number | null>(null);
  protected readonly by = signal<SheetBy>('person');
  protected readonly making = signal<'calendar' | 'days' | null>(null);
  protected readonly sooner = signal<readonly Sooner[] | null>(null);
  protected readonly trying = signal(false);
  protected readonly failed = signal<string | null>(null);

  /** from the address: work that is asked about */
  readonly step = input<string | null>(null);
  /** px that the chart has */
  private readonly room = signal(0);
  private readonly area = viewChild.required<ElementRef<HTMLElement>>('area');

  private readonly given = computed(() => {
    const job = this.context.worked();
    return job && this.context.plan() ? { job, shop: this.context.shop(), id: this.context.jobId() } : null;
  });
  protected readonly state = toSignal(
    toObservable(this.given).pipe(
      debounceTime(SETTLE),
      switchMap((given) => (given ? this.client.of([{ id: given.id, job: given.job }], given.shop, this.context.now()) : EMPTY)),
    ),
    { initialValue: NOT_YET },
  );
  /** dates hold once these are settled */
  protected readonly stops = computed(() => this.context.plan()?.findings.filter(({ severity }) => severity === 'stop').length ?? 0);
  protected readonly schedule = computed(() => this.state().schedule);
  protected readonly own = computed(() => this.schedule()?.jobs[0] ?? null);
  protected readonly broken = computed(() => this.schedule()?.windows.filter(({ kept }) => !kept) ?? []);
  protected readonly late = computed(() => {
    const own = this.own();
    return own?.due && own.end ? Math.max(0, own.end - own.due) : 0;
  });
  protected readonly deciding = computed(() => new Set(this.own()?.chain.map(({ id }) => id) ?? []));
  protected readonly chain = computed(() => chainText(this.own()?.chain ?? []));
  protected readonly work = computed(() => this.schedule()?.works.find(({ id }) => id === this.selected()) ?? null);
  /** of the work that is looked at: the first window that it has to begin in, and the first that it opens */
  protected readonly closing = computed(() => soonest(this.schedule()?.windows.filter(({ to }) => to === this.selected()) ?? []));
  protected readonly opening = computed(() => soonest(this.schedule()?.windows.filter(({ from }) => from === this.selected()) ?? []));

  // A date of its own for every look would be a change for the pickers each time.
  protected readonly startDate = computed(() => dateOf(this.context.job()?.start ?? null));
  protected readonly dueDate = computed(() => dateOf(this.context.job()?.due ?? null));
  protected readonly workDate = computed(() => new Date(this.work()?.start ?? 0));
  protected readonly overDate = computed(() => new Date(this.work()?.end ?? 0));

  protected readonly axis = computed(() => {
    const schedule = this.schedule();
    const last = Math.max(...(schedule?.works.map(({ end }) => end) ?? []));
    if (!schedule || !Number.isFinite(last)) return null;
    const span = { from: schedule.works[0]?.start ?? schedule.from, to: last };
    const width = Math.max(LEAST_WIDTH, this.room() - NAMES);
    const fit = timeAxis(schedule.open, span, width);
    return this.close() ? timeAxis(schedule.open, span, Math.max(width, fit.days.length * CLOSE_DAY)) : fit;
  });
  protected readonly chart = computed(() => {
    const [schedule, axis, job] = [this.schedule(), this.axis(), this.context.job()];
    if (!schedule || !axis || !job) return null;
    return this.view() === 'part' ? byPart(job, schedule, axis) : byPerson(schedule, axis);
  });

  protected readonly priorities: readonly ChoiceOption<Job['priority']>[] = [
    { value: 'first', label: 'goes first' },
    { value: 'usual', label: 'as it is due' },
    { value: 'last', label: 'can wait' },
  ];
  protected readonly kinds: readonly SheetBy[] = ['person', 'part', 'plant'];
  protected readonly weather = computed(() => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    return job && plan ? weatherOf(job, plan.operations, this.context.shop().forecast) : [];
  });
  protected readonly when = dayAndTime;
  protected readonly short = shortTime;
  protected readonly span = fromTo;
  protected readonly gap = gapText;
  protected readonly bound = boundText;
  protected readonly now = (): number => this.context.now();

  constructor() {
    const watch = new ResizeObserver(([entry]) => this.room.set(entry?.contentRect.width ?? 0));
    inject(DestroyRef).onDestroy(() => watch.disconnect());
    afterNextRender(() => watch.observe(this.area().nativeElement));
    effect(() => {
      const own = this.own();
      this.context.handOver.set(own?.end ? format(own.end, 'EEE d MMM') : null);
    });
    effect(() => {
      const asked = this.step();
      if (asked) this.selected.set(asked);
    });
    // What was tried holds for the job that it was tried on.
    effect(() => {
      this.given();
      this.sooner.set(null);
    });
  }

  protected titleOf = (id: string): string => this.schedule()?.works.find((work) => work.id === id)?.title ?? '';
  protected costText = (cost: number): string => `${this.units.money(Math.abs(cost))} ${cost < 0 ? 'cheaper' : 'dearer'}`;
  protected setPriority(priority: Job['priority']): void {
    this.context.edit('priority', (job) => ({ ...job, priority }));
  }

  protected setDate(field: 'start' | 'due', day: Date | null): void {
    this.context.edit(field, (job) => ({ ...job, [field]: day === null ? null : format(day, 'yyyy-MM-dd') }));
  }

  protected pin(work: ScheduledWork, to: number): void {
    this.selected.set(work.id);
    this.context.edit(`pin ${work.id}`, (job) => pinned(job, work.id, new Date(Math.max(to, this.now())).toISOString()));
  }

  protected unpin(work: string | null): void {
    this.context.edit('pins', (job) => ({ ...job, pins: work === null ? [] : job.pins.filter((pin) => pin.work !== work) }));
  }

  protected begin(work: ScheduledWork): void {
    if (this.context.run()) this.log.say(this.context.jobId(), { what: 'begun', work: work.id, zones: work.zones });
    else this.context.edit(`progress ${work.id}`, (job) => begun(job, work, this.now()));
  }

  protected finish(work: ScheduledWork): void {
    if (this.context.run()) this.log.say(this.context.jobId(), { what: 'done', work: work.id, zones: work.zones });
    else this.context.edit(`progress ${work.id}`, (job) => done(job, work, this.now()));
  }

  protected correct(id: string, end: 'from' | 'to', at: Date): void {
    const time = Math.min(at.getTime(), this.now());
    const run = this.context.run();
    if (run?.works.has(id)) this.log.correct(run, id, end, time);
    else this.context.edit(`progress ${id} ${end}`, (job) => corrected(job, id, end, time));
  }

  protected takeBack(id: string): void {
    const run = this.context.run();
    if (run?.works.has(id)) this.log.takeWorkBack(run, id);
    else this.context.edit(`progress ${id}`, (job) => takenBack(job, id));
  }

  protected ask(): void {
    const job = this.context.job();
    if (!job) return;
    this.trying.set(true);
    this.planner.run('forward', { id: this.context.jobId(), job, shop: this.context.shop(), now: this.now() }).subscribe((report) => {
      if (report.kind === 'progress') return;
      this.trying.set(false);
      this.sooner.set(report.kind === 'done' ? report.value : []);
    });
  }

  protected take({ remedy }: Sooner): void {
    if (remedy) this.context.take(remedy, 'Brings the hand-over forward');
  }

  /** The same schedule as on the page: laid out from the same moment. */
  protected save(what: 'calendar' | 'days'): void {
    const [given, schedule] = [this.given(), this.schedule()];
    if (!given || !schedule) return;
    const jobs = [{ id: given.id, job: given.job }];
    const day = this.day();
    this.failed.set(null);
    this.making.set(what);
    const made =
      what === 'calendar'
        ? this.api.calendar(jobs, given.shop, schedule.from, null)
        : this.api.days(jobs, this.units.shownBy(given.shop), schedule.from, this.by(), day === null ? null : format(day, 'yyyy-MM-dd'));
    made.subscribe({
      next: (file) => {
        this.making.set(null);
        saveBlob(what === 'calendar' ? `${given.job.name}.ics` : `${given.job.name} days.pdf`, file);
      },
      error: (error: unknown) => {
        this.making.set(null);
        this.failed.set(
          failureOf(error).kind === 'offline' ? 'The server is not reached; the file is made there.' : 'The server did not take the job as it is.',
        );
      },
    });
  }

  protected print(): void {
    this.day.set(null);
    setTimeout(() => print());
  }
}

const pinned = (job: Job, work: string, at: string): Job => ({ ...job, pins: [...job.pins.filter((pin) => pin.work !== work), { work, at }] });

const dateOf = (day: string | null): Date | null => (day === null ? null : parseISO(day));

const soonest = (windows: readonly ScheduledWindow[]): ScheduledWindow | null => [...windows].sort((a, b) => a.closes - b.closes)[0] ?? null;
